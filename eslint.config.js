import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './app/svelte.config.js';

/** The layers of the application, lowest first: each may use those below it, and core; nothing above it. */
const layers = ['words', 'kit', 'nouns', 'bench', 'stages'];
const stages = ['tonight', 'film', 'print', 'chemistry', 'calibrate', 'logbook'];

/** Forbids imports from folders of `lib`, however they are written. */
const forbids = (files, folders, message, ignores = []) => ({
  files,
  ignores,
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [{ regex: `(^\\$lib|\\.\\.)/(${folders.join('|')})/`, message }] },
    ],
  },
});

/** What only the server may import. */
const ofServer = '**/*.server.ts';

const arrows = [
  ...layers.map((layer, at) =>
    forbids(
      [`app/src/lib/${layer}/**/*.{ts,svelte}`],
      [...layers.slice(at + 1), 'server', 'routes'],
      `${layer} uses only what is below it: ${['core', ...layers.slice(0, at)].join(', ')}.`,
      [ofServer],
    ),
  ),
  // On the server a noun has its store and a stage what it loads.
  ...layers.map((layer, at) =>
    forbids(
      [`app/src/lib/${layer}/${ofServer}`],
      [...layers.slice(at + 1), 'routes'],
      `${layer} uses only what is below it, and the server's own.`,
    ),
  ),
  forbids(
    ['app/src/lib/server/**/*.ts'],
    ['bench', 'stages', 'routes'],
    'The server knows nouns, and neither stages nor the bench.',
  ),
  ...stages.map((stage) => {
    const others = stages.filter((other) => other !== stage);
    return forbids(
      [`app/src/lib/stages/${stage}/**/*.{ts,svelte}`],
      ['routes', 'server', ...others, ...others.map((other) => `stages/${other}`)],
      'A stage never imports a stage.',
      [ofServer],
    );
  }),
];

export default ts.config(
  { ignores: ['**/build/', '**/.svelte-kit/', '**/test-results/', 'data/'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...svelte.configs['flat/recommended'],
  prettier,
  ...svelte.configs['flat/prettier'],
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      // Indexes that were just made cannot be missing; the compiler's own check would need a fallback that never runs.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-dynamic-delete': 'off',
      eqeqeq: 'error',
      'no-console': ['error', { allow: ['log', 'error'] }],
      // Every address of the application is at the root; there is no base path to resolve.
      'svelte/no-navigation-without-resolve': 'off',
      // Addresses are made and used at once; none of them is watched.
      'svelte/prefer-svelte-reactivity': 'off',
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig },
    },
    rules: { 'no-undef': 'off' },
  },
  {
    files: ['app/src/**/*.{ts,svelte}'],
    ignores: ['app/src/lib/kit/refresh.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "ImportDeclaration[source.value='$app/navigation'] ImportSpecifier[imported.name=/^invalidate/]",
          message:
            'It calls off the way to another page: refresh() in kit/refresh.ts waits for it.',
        },
      ],
    },
  },
  // What is longer is two things.
  { files: ['**/*.svelte'], rules: { 'max-lines': ['error', 250] } },
  { files: ['**/*.ts'], rules: { 'no-undef': 'off' } },
  {
    files: ['core/src/**/*.ts'],
    languageOptions: { globals: {} },
    rules: {
      'no-restricted-globals': ['error', 'Date', 'performance', 'setTimeout', 'setInterval'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  ...arrows,
);
