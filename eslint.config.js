import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './app/svelte.config.js';

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
  { files: ['**/*.ts'], rules: { 'no-undef': 'off' } },
  {
    files: ['core/src/**/*.ts'],
    languageOptions: { globals: {} },
    rules: {
      'no-restricted-globals': ['error', 'Date', 'performance', 'setTimeout', 'setInterval'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
);
