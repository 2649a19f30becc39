import Type, { type TSchema } from 'typebox';
import { operations } from './operations/index.ts';
import { CheckList, checkListExample } from '../nouns/evening/contract.ts';
import { InHand, InHandBody, inHandExample } from '../nouns/in-hand/contract.ts';
import { Negative } from '../nouns/negative/contract.ts';
import { Print, PrintBody, printExample } from '../nouns/print/contract.ts';
import { PlanFile } from '../nouns/print/plan-file.ts';
import { Picture, pictureExample } from '../nouns/picture/contract.ts';
import { ScanAnswer, ScanQuestion } from '../nouns/calibration/scan-contract.ts';
import { Problem } from '../kit/problem.ts';
import { KeptEntry, WrittenEntry, entryExample } from '../nouns/bath/ledger.ts';
import { ProcessEvent } from '../nouns/process/contract.ts';
import { Recipe, RecipeBody, recipeExample } from '../nouns/recipe/contract.ts';
import { Roll, RollBody, rollExample } from '../nouns/roll/contract.ts';
import { sorts } from '../nouns/logbook/sorts.ts';
import { shelves } from '../nouns/shelves.ts';
import { shelfNames } from '../nouns/shelf-names.ts';
import { withSchemasPublished } from './published-schema.ts';
import { RecipeFile } from '../nouns/recipe/file/file.ts';

const json = (schema: TSchema, example?: unknown) => ({
  'application/json': { schema, ...(example !== undefined && { example }) },
});
const problemAnswer = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
});
const wrongInput = { '400': problemAnswer('A field is wrong; each has a pointer and a sentence') };
const away = { '503': problemAnswer('The database is away') };
const idParameter = (name: string) => ({
  name,
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
});
const ifMatch = {
  name: 'If-Match',
  in: 'header',
  required: false,
  description: 'The version this write is based on; needed to change what is stored',
  schema: { type: 'string', examples: ['"1"'] },
};
const asked = (name: string, description: string, schema: object = { type: 'string' }) => ({
  ...{ name, in: 'query', required: false, description, schema },
});

const searching = [
  asked('q', 'Words that the entry holds', { type: 'string', maxLength: 200 }),
  asked('after', 'What the page before said as `next`'),
  asked('on', 'A film or a paper'),
  asked('setting', 'A set of contrasts and its setting, as filters:2.5, or an EI, as ei:400'),
  asked('size', 'A size of paper, or a format of film'),
  asked('from', 'The first day', { type: 'string', format: 'date' }),
  asked('to', 'The last day', { type: 'string', format: 'date' }),
  asked('tag', 'A tag that the entry has'),
  asked('sort', 'What it is sorted by', { type: 'string', enum: sorts.map(({ id }) => id) }),
  asked('order', 'Which way', { type: 'string', enum: ['up', 'down'] }),
];

function compute() {
  return operations.map((operation) => [
    `/api/v1/compute/${operation.id}`,
    {
      post: {
        operationId: operation.id,
        summary: operation.summary,
        requestBody: {
          required: true,
          content: json(operation.request, operation.example.request),
        },
        responses: {
          '200': {
            description: 'The answer',
            content: json(operation.response, operation.example.response),
          },
          ...wrongInput,
        },
      },
    },
  ]);
}

const idOf = (name: string) => name.replaceAll(' ', '-');

/** The methods of a kind of resource at its address; what nothing rests on can be taken off. */
function resource(
  address: string,
  name: string,
  body: TSchema,
  kept: TSchema,
  example: object,
  more: object = {},
  removable = false,
) {
  const id = '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01';
  const keptExample = { id, version: 1, ...more, ...example };
  return [
    `/api/v1/${address}/{id}`,
    {
      get: {
        operationId: `get-${idOf(name)}`,
        summary: `One ${name}, its version as ETag`,
        parameters: [idParameter('id')],
        responses: {
          '200': { description: `The ${name}`, content: json(kept, keptExample) },
          '404': problemAnswer(`No such ${name}`),
          ...wrongInput,
          ...away,
        },
      },
      put: {
        operationId: `put-${idOf(name)}`,
        summary: `Writes a ${name} under an id made by the client; the same again changes nothing`,
        parameters: [idParameter('id'), ifMatch],
        requestBody: { required: true, content: json(body, example) },
        responses: {
          '200': { description: 'Changed, or the same as stored', content: json(kept) },
          '201': { description: 'Made', content: json(kept) },
          '409': problemAnswer('Another version is stored; both are in the answer'),
          '428': problemAnswer('If-Match is missing'),
          ...wrongInput,
          ...away,
        },
      },
      ...(removable && {
        delete: {
          operationId: `delete-${idOf(name)}`,
          summary: `Takes a ${name} off; it can be put back under the same id`,
          parameters: [idParameter('id'), ifMatch],
          responses: {
            '200': { description: 'What was there', content: json(kept) },
            '404': problemAnswer(`No such ${name}`),
            '409': problemAnswer('Another version is stored'),
            '428': problemAnswer('If-Match is missing'),
            ...wrongInput,
            ...away,
          },
        },
      }),
    },
  ];
}

function list(path: string, summary: string, content: object, parameters: object[] = []) {
  return [
    path,
    {
      get: {
        operationId: path.replace('/api/v1/', 'list-'),
        summary,
        parameters,
        responses: { '200': { description: 'Newest first', content }, ...wrongInput, ...away },
      },
    },
  ];
}

const file = (type: string, description: string) => ({
  '200': { description, content: { [type]: { schema: { type: 'string' } } } },
  ...away,
});

const lineProblem = Type.Object(
  { line: Type.Integer(), reason: Type.String() },
  { title: 'What is wrong with a line' },
);
const exchanged = Type.Object(
  {
    fresh: Type.Array(RecipeBody),
    same: Type.Integer(),
    differing: Type.Array(Type.Object({ line: Type.Integer(), recipe: RecipeBody })),
    problems: Type.Array(lineProblem),
  },
  { title: 'What a file of recipes would do, or did' },
);
const flag = (name: string, description: string) => ({
  ...{ name, in: 'query', required: false, description },
  schema: { type: 'string' },
  allowEmptyValue: true,
});

/** Recipes as files, out and in, and the label for a lab. */
function exchange() {
  return [
    [
      '/api/v1/recipes.csv',
      {
        get: {
          operationId: 'recipes-as-csv',
          summary: 'All recipes as CSV (RFC 4180)',
          responses: file('text/csv', 'A line each'),
        },
      },
    ],
    [
      '/api/v1/recipes.json',
      {
        get: {
          operationId: 'recipes-as-json',
          summary: 'All recipes as a JSON file',
          responses: {
            '200': { description: 'The file', content: json(RecipeFile) },
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/recipes/schema.json',
      {
        get: {
          operationId: 'recipes-schema',
          summary: 'The JSON Schema of that file',
          responses: file('application/schema+json', 'The schema'),
        },
      },
    ],
    [
      '/api/v1/recipes/import',
      {
        post: {
          operationId: 'recipes-import',
          summary:
            'Brings recipes in from CSV or JSON; without keep it only says what would come in',
          parameters: [
            flag('keep', 'Store what is new'),
            flag('replace', 'Replace recipes that differ'),
          ],
          requestBody: {
            required: true,
            content: {
              'text/csv': { schema: { type: 'string' } },
              ...json(RecipeFile),
            },
          },
          responses: {
            '200': { description: 'What came in, or would', content: json(exchanged) },
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/densities/read',
      {
        post: {
          operationId: 'densities-read',
          summary: 'Reads a file of densities, CGATS.17 or CSV; nothing is kept',
          requestBody: {
            required: true,
            content: {
              'text/plain': { schema: { type: 'string' } },
              'text/csv': { schema: { type: 'string' } },
            },
          },
          responses: {
            '200': {
              description: 'Its columns of densities',
              content: json(
                Type.Object({
                  columns: Type.Array(
                    Type.Object({ name: Type.String(), values: Type.Array(Type.Number()) }),
                  ),
                }),
              ),
            },
            ...wrongInput,
          },
        },
      },
    ],
    [
      '/api/v1/calibrations/{id}/densities.csv',
      {
        get: {
          operationId: 'calibration-densities-as-csv',
          summary: 'The densities of a kept test as CSV (RFC 4180)',
          parameters: [idParameter('id')],
          responses: file('text/csv', 'A line a step, a column a development or a setting'),
        },
      },
    ],
    [
      '/api/v1/calibrations/{id}/densities.txt',
      {
        get: {
          operationId: 'calibration-densities-as-cgats',
          summary: 'One column of the densities of a kept test as CGATS.17 text',
          parameters: [
            idParameter('id'),
            asked('column', 'Which column, counted from 1', { type: 'integer', minimum: 1 }),
          ],
          responses: file('text/plain', 'Its densities by step'),
        },
      },
    ],
    [
      '/api/v1/baths/ledger.csv',
      {
        get: {
          operationId: 'ledgers-as-csv',
          summary: 'The ledgers of all baths as CSV (RFC 4180)',
          responses: file('text/csv', 'A line an entry'),
        },
      },
    ],
    [
      '/api/v1/baths/discard.ics',
      {
        get: {
          operationId: 'discard-dates',
          summary: 'When baths are to be discarded, as iCalendar (RFC 5545)',
          responses: file('text/calendar', 'An event a bath'),
        },
      },
    ],
    [
      '/api/v1/baths/labels.pdf',
      {
        get: {
          operationId: 'bath-labels',
          summary: 'Bottle labels, eight a sheet, each with a code that opens its bath',
          parameters: [
            {
              ...{ name: 'only', in: 'query', required: false },
              description: 'The id of a bath; all that stand unless said',
              schema: { type: 'string' },
            },
          ],
          responses: {
            ...file('application/pdf', 'The labels'),
            '404': problemAnswer('No such bath'),
          },
        },
      },
    ],
    ...(
      [
        ['pdf', 'application/pdf', 'to pin up'],
        ['svg', 'image/svg+xml', 'as a drawing'],
        ['png', 'image/png', 'as a picture'],
      ] as const
    ).map(([ending, type, what]) => [
      `/api/v1/prints-in-hand/{id}/plan.${ending}`,
      {
        get: {
          operationId: `print-plan-${ending}`,
          summary: `The plan of a print in hand on one page, ${what}: its picture, its areas, its sequence`,
          parameters: [idParameter('id')],
          responses: {
            ...file(type, 'The plan'),
            '404': problemAnswer('No such print in hand'),
            ...wrongInput,
          },
        },
      },
    ]),
    [
      '/api/v1/prints-in-hand/{id}/plan.json',
      {
        get: {
          operationId: 'print-plan-json',
          summary: 'The plan as a file that another print can take in, its picture with it',
          parameters: [idParameter('id')],
          responses: {
            '200': { description: 'The plan', content: json(PlanFile) },
            '404': problemAnswer('No such print in hand'),
            ...wrongInput,
          },
        },
        put: {
          operationId: 'take-plan-in',
          summary: 'Takes the areas of a plan’s file in, how they are given, and its picture',
          parameters: [idParameter('id'), ifMatch],
          requestBody: { required: true, content: json(PlanFile) },
          responses: {
            '200': { description: 'The print in hand', content: json(InHand) },
            '404': problemAnswer('No such print in hand'),
            '409': problemAnswer('It was changed since; the newer one is in `stored`'),
            '413': problemAnswer('More than 6 MB'),
            '428': problemAnswer('If-Match is missing'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/plans',
      {
        get: {
          operationId: 'other-plans',
          summary: 'The areas of other prints of a negative, to take over',
          parameters: [
            {
              name: 'negative',
              in: 'query',
              required: true,
              schema: { type: 'string', maxLength: 80 },
            },
            {
              ...{ name: 'but', in: 'query', required: false },
              description: 'The id of the print that asks',
              schema: { type: 'string' },
            },
          ],
          responses: {
            '200': { description: 'Prints with areas, those in hand first' },
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/prints-to-judge',
      {
        get: {
          operationId: 'prints-to-judge',
          summary:
            'Prints with sheets of the days before that nobody has judged dry, three at most',
          parameters: [
            {
              ...{ name: 'before', in: 'query', required: false },
              description: 'The beginning of the day, ms since 1970; now unless said',
              schema: { type: 'integer' },
            },
          ],
          responses: {
            '200': { description: 'Their names, and the marks of those sheets' },
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/prints.csv',
      {
        get: {
          operationId: 'prints-as-csv',
          summary: 'The print log as CSV (RFC 4180), a line a sheet, newest prints first',
          parameters: searching.slice(0, 1),
          responses: file('text/csv', 'The log'),
        },
      },
    ],
    [
      '/api/v1/pictures/{id}',
      {
        get: {
          operationId: 'get-picture',
          summary: 'What is kept of a picture besides its tones',
          parameters: [idParameter('id')],
          responses: {
            '200': { description: 'The picture', content: json(Picture, pictureExample) },
            '404': problemAnswer('No such picture'),
            ...wrongInput,
            ...away,
          },
        },
        put: {
          operationId: 'put-picture',
          summary:
            'Keeps a picture, small and grey: JPEG, PNG, WebP or TIFF, up to 60 megapixels and 150 MB; it is never replaced',
          parameters: [
            idParameter('id'),
            asked('colour', 'Keep its colours as well, small', {
              type: 'string',
              enum: ['keep'],
            }),
            asked('original', 'Keep the file as well, with all that it says of where and when', {
              type: 'string',
              enum: ['keep'],
            }),
          ],
          requestBody: {
            required: true,
            content: { 'image/*': {} },
          },
          responses: {
            '200': { description: 'The same as stored', content: json(Picture, pictureExample) },
            '201': { description: 'Kept', content: json(Picture, pictureExample) },
            '409': problemAnswer('Another file is kept under this id'),
            '413': problemAnswer('More than 150 MB'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/pictures/{id}/preview',
      {
        get: {
          operationId: 'get-picture-preview',
          summary: 'The picture itself, grey, at most 2048 pixels long',
          parameters: [idParameter('id')],
          responses: {
            ...file('image/webp', 'The picture'),
            '404': problemAnswer('No such picture'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/pictures/{id}/colour',
      {
        get: {
          operationId: 'get-picture-colour',
          summary: 'The picture in its colours, at most 720 pixels long',
          parameters: [idParameter('id')],
          responses: {
            ...file('image/webp', 'The picture'),
            '404': problemAnswer('No such picture, or its colours were not kept'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/pictures/{id}/original',
      {
        get: {
          operationId: 'get-picture-original',
          summary: 'The file as it was sent, where it was asked to be kept',
          parameters: [idParameter('id')],
          responses: {
            ...file('image/*', 'The file'),
            '404': problemAnswer('No such picture, or its file was not kept'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/pictures/{id}/tablet',
      {
        post: {
          operationId: 'read-tablet-of-picture',
          summary:
            'Reads the densities of a tablet beside a reference from a picture; nothing is kept',
          parameters: [idParameter('id')],
          requestBody: { required: true, content: json(ScanQuestion) },
          responses: {
            '200': {
              description: 'The densities, and every step that led there',
              content: json(ScanAnswer),
            },
            '404': problemAnswer('No such picture'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/pictures/{id}/small',
      {
        get: {
          operationId: 'get-small-picture',
          summary: 'The picture, or the part between four corners, at most 240 pixels long',
          parameters: [
            idParameter('id'),
            asked(
              'corners',
              'x,y of four corners from the top left one clockwise, in shares of width and height',
              { type: 'string', examples: ['0.1,0.1,0.4,0.1,0.4,0.3,0.1,0.3'] },
            ),
            asked('mirrored', 'The other way round', { type: 'string', enum: ['yes'] }),
            asked('grid', 'At most 1080 pixels long, for a grid of small ones', {
              type: 'string',
              enum: ['yes'],
            }),
          ],
          responses: {
            ...file('image/webp', 'The small picture'),
            '404': problemAnswer('No such picture'),
            ...wrongInput,
            ...away,
          },
        },
      },
    ],
    [
      '/api/v1/colour-prints/{id}/book.pdf',
      {
        get: {
          operationId: 'colour-print-book',
          summary: 'The page of the lab book for a colour print',
          parameters: [idParameter('id')],
          responses: {
            ...file('application/pdf', 'The page'),
            '404': problemAnswer('No such colour print'),
            ...wrongInput,
          },
        },
      },
    ],
    [
      '/api/v1/two-negatives/{id}/outline.pdf',
      {
        get: {
          operationId: 'two-negatives-outline',
          summary: 'The outline of the first negative as it lies on the sheet, at full size',
          parameters: [idParameter('id')],
          responses: {
            ...file('application/pdf', 'The outline'),
            '404': problemAnswer('No such print, or no picture of it lies on the sheet'),
            ...wrongInput,
          },
        },
      },
    ],
    [
      '/api/v1/check-list.pdf',
      {
        post: {
          operationId: 'check-list',
          summary: 'An evening on one page, with a box to tick at each step; nothing is kept',
          requestBody: { required: true, content: json(CheckList, checkListExample) },
          responses: { ...file('application/pdf', 'The page'), ...wrongInput },
        },
      },
    ],
    [
      '/api/v1/rolls/{id}/label.pdf',
      {
        get: {
          operationId: 'roll-label',
          summary: 'The label that goes to a lab with a roll',
          parameters: [idParameter('id')],
          responses: {
            ...file('application/pdf', 'The label'),
            '404': problemAnswer('No such roll'),
            ...wrongInput,
          },
        },
      },
    ],
  ];
}

const runs = json(
  Type.Object(
    {
      runs: Type.Array(
        Type.Object(
          { roll: Roll, events: Type.Array(ProcessEvent) },
          { title: 'A roll and what happened to it' },
        ),
      ),
    },
    { title: 'The runs' },
  ),
);

const page = json(
  Type.Object({ entries: Type.Array(Type.Unknown()), next: Type.Unknown() }, { title: 'A page' }),
);

/** The OpenAPI 3.1 description of the open interface, made from the schemas that Ajv checks. */
const eventList = Type.Object({ events: Type.Array(ProcessEvent) }, { title: 'Events' });
const entryAnswer = Type.Object({ entry: KeptEntry });
const trayAnswer = Type.Object({ event: ProcessEvent }, { title: 'A sheet’s event' });

export function openApi() {
  return withSchemasPublished({
    openapi: '3.1.0',
    info: {
      title: 'Katachron',
      version: '1',
      description:
        'Darkroom arithmetic and the record. Field names carry their unit; instants are ms since 1970 UTC.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    paths: Object.fromEntries([
      ...compute(),
      list(
        '/api/v1/recipes',
        'All recipes',
        json(Type.Object({ recipes: Type.Array(Recipe) }, { title: 'Recipes' })),
      ),
      resource('recipes', 'recipe', RecipeBody, Recipe, recipeExample, {}, true),
      ...exchange(),
      ...shelfNames.flatMap((name) => {
        const { one, body, kept, example } = shelves[name];
        const all = Type.Object({ [name]: Type.Array(kept) }, { title: `All ${name}` });
        return [
          list(`/api/v1/${name}`, `All ${name}`, json(all)),
          resource(name, one, body, kept, example, {}, true),
        ];
      }),
      list('/api/v1/rolls', 'Rolls, found by words', page, searching),
      resource('rolls', 'roll', RollBody, Roll, rollExample, {
        state: 'planned',
        startedAtMs: null,
        finishedAtMs: null,
      }),
      list('/api/v1/runs', 'The runs under way, with their events', runs, [
        {
          name: 'also',
          in: 'query',
          required: false,
          description: 'A roll that is wanted whether it is under way or not',
          schema: { type: 'string', format: 'uuid' },
        },
      ]),
      list('/api/v1/prints', 'Prints, found by words', page, searching),
      resource('prints', 'print', PrintBody, Print, printExample),
      list(
        '/api/v1/negatives-to-print',
        'A few negatives for words; without words those that were rated to be printed',
        json(Type.Object({ negatives: Type.Array(Negative) }, { title: 'Negatives' })),
        searching.slice(0, 1),
      ),
      list(
        '/api/v1/prints-in-hand',
        'Prints that are being worked out, the last touched first',
        json(Type.Object({ prints: Type.Array(InHand) }, { title: 'Prints in hand' })),
      ),
      resource('prints-in-hand', 'print in hand', InHandBody, InHand, inHandExample, {}, true),
      list('/api/v1/logbook', 'Rolls and prints, found by words', page, searching),
      [
        '/api/v1/rolls/{id}/events',
        {
          get: {
            operationId: 'list-events',
            summary: 'What happened in a roll’s run, oldest first',
            parameters: [idParameter('id')],
            responses: {
              '200': {
                description: 'The events',
                content: json(eventList),
              },
              '404': problemAnswer('No such roll'),
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/v1/rolls/{id}/events/{event}',
        {
          put: {
            operationId: 'put-event',
            summary: 'Adds an event to a run; the same again, or late, never conflicts',
            parameters: [idParameter('id'), idParameter('event')],
            requestBody: {
              required: true,
              content: json(ProcessEvent, {
                id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01',
                atMs: 1_768_500_000_000,
                kind: 'poured-in',
                stepId: 'developer',
              }),
            },
            responses: {
              '200': { description: 'Known already', content: json(Roll) },
              '201': { description: 'Added', content: json(Roll) },
              '404': problemAnswer('No such roll'),
              '409': problemAnswer('Another event has this id'),
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/v1/sheets/{id}/events',
        {
          get: {
            operationId: 'list-tray-events',
            summary: 'What happened to a sheet of a print in the trays, oldest first',
            parameters: [idParameter('id')],
            responses: {
              '200': {
                description: 'The events',
                content: json(eventList),
              },
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/v1/sheets/{id}/events/{event}',
        {
          put: {
            operationId: 'put-tray-event',
            summary: 'Adds what happened to a sheet; the same again, or late, never conflicts',
            parameters: [idParameter('id'), idParameter('event')],
            requestBody: {
              required: true,
              content: json(ProcessEvent, {
                id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c02',
                atMs: 1_768_500_000_000,
                kind: 'poured-in',
                stepId: 'print-developer',
              }),
            },
            responses: {
              '200': { description: 'Known already', content: json(trayAnswer) },
              '201': { description: 'Added', content: json(trayAnswer) },
              '409': problemAnswer('Another event has this id'),
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/v1/baths/{id}/entries',
        {
          get: {
            operationId: 'list-bath-entries',
            summary: 'The ledger of a bath, oldest entry first',
            parameters: [idParameter('id')],
            responses: {
              '200': {
                description: 'The entries',
                content: json(Type.Object({ entries: Type.Array(KeptEntry) })),
              },
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/v1/baths/{id}/entries/{entry}',
        {
          put: {
            operationId: 'put-bath-entry',
            summary:
              'Writes an entry into a bath’s ledger; the same again, or late, never conflicts',
            parameters: [idParameter('id'), idParameter('entry')],
            requestBody: { required: true, content: json(WrittenEntry, entryExample) },
            responses: {
              '200': { description: 'Known already', content: json(entryAnswer) },
              '201': { description: 'Added', content: json(entryAnswer) },
              '404': problemAnswer('No such bath'),
              '409': problemAnswer('Another entry has this id'),
              ...wrongInput,
              ...away,
            },
          },
        },
      ],
      [
        '/api/health',
        {
          get: {
            operationId: 'health',
            summary: 'Alive, database included',
            responses: { '200': { description: 'Alive' }, ...away },
          },
        },
      ],
    ]),
    components: { schemas: { Problem } },
  });
}
