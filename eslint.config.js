import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

/**
 * Arrows point one way: web -> core, server -> core; core imports nothing of ours, drawings know no
 * store.
 */
const forbid = (...patterns) => ({
  'no-restricted-imports': [
    'error',
    {
      patterns: patterns.map(([group, message, importNames]) => ({
        group,
        message,
        ...(importNames ? { importNames } : {}),
      })),
    },
  ],
});
const SERVER = [['**/server/src/**', '@furrow/server*'], 'The server is not imported from here.'];
/** What is written may have to wait on the device: it goes through `useSend`, or the outbox. */
const SEND = [
  ['**/api/client*'],
  'A screen writes through useSend or the outbox: what is written may have to wait.',
  ['send'],
];
/** What undoes, and what brings readings in, is answered by the house or not at all. */
const SENDS = [
  'packages/web/src/shell/SoilStrip.vue',
  'packages/web/src/shell/KeysDialog.vue',
  'packages/web/src/drain/ReadingsDialog.vue',
];
const WEB = [['@furrow/web*', '**/web/src/**'], 'The web is not imported from here.'];

const STAGES = ['look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar', 'book', 'today'];
const core = [
  SERVER,
  WEB,
  [
    ['node:*', 'fs', 'path', 'vue', 'express', 'knex'],
    'The core has no interface and no input or output.',
  ],
];

/** Lines are short enough for two columns; what is said, drawn or an address cannot be broken. */
const LINES = {
  code: 110,
  ignoreStrings: true,
  ignoreTemplateLiterals: true,
  ignoreRegExpLiterals: true,
  ignoreUrls: true,
};

/** What a kind of hive decides stands in its description: nowhere else is it asked for by its name. */
const KIND_BY_NAME = {
  selector:
    'BinaryExpression[operator=/^[!=]==$/]' +
    '[right.value=/^(top-bar|warre|pile-box|framed|cut-comb|drain-frame|stingless)$/]' +
    ':matches([left.property.name=/^(kind|hiveKind)$/], [left.name=/^(kind|hiveKind)$/])',
  message: 'Say it in the description of the kind (core/src/hive/kind.ts) and ask for that.',
};

/** Two words in a row are a sentence: what is said stands in packages/words. */
const SENTENCE = [
  // A column of a query under another name, a selector and the format of a date are none.
  'Literal[value=/[a-z]{2,} [a-z(]/i]:not([value=/ as |^input, |\\.\\w+ button|label, span|LLL|^ccc|^color-|Atkinson|^ an hour|in-hand/])',
  'TemplateElement[value.raw=/[a-z]{2,} [a-z(]/i]:not([value.raw=/ as |^color-/])',
  // A word beside a figure or a name is one, too: a share under 1 %, a hive that drains.
  'Literal[value=/^(?!select )[a-z]{3,} \\d/i]',
  'TemplateElement[value.raw=/(^|[^a-z])[a-z]{3,} $|^ [a-z]{3,}/i]:not([value.raw=/^ min|^ as /])',
].map((selector) => ({
  selector,
  message: 'Say it by a key (says.ts of the stage) and write its sentence in packages/words.',
}));
/**
 * Files of core and server that write words in a row which nobody reads on a screen, on paper or in
 * an answer; everything else is said by key.
 */
/** Words come beside the module that says them: a table of words is `toldWhenRead`. */
const TOLD_TOO_EARLY = {
  selector: 'CallExpression[callee.name=/^(tell|said|measured|moment)$/]:not(:function *)',
  message: 'Its words may not be there yet: say it in a function, or by toldWhenRead.',
};
const NOT_SAID = [
  // The command line and the machine's own log speak English.
  'server/src/{main,tools,config}.ts',
  'server/src/calc/main.ts',
  'server/src/copies/**',
  'server/src/store/{database,lock,tables,writeSynced}.ts',
  'server/src/house/{devices,privateFiles,sharing}.ts',
  // The interface describes itself in English, as its fields are named.
  'server/src/openapi.ts',
  'server/src/archive/exportArchive.ts',
  'core/src/interface/reads.ts',
  'core/src/calculators.ts',
  'core/src/records/vocabulary/fields.ts',
  'core/src/records/answers/archive.ts',
  // Languages of machines: SQL, markup, the models that solvers read, certificates.
  'server/src/archive/{tables,writeArchive}.ts',
  'server/src/book/lots.ts',
  'server/src/store/{asked,identity}.ts',
  'server/src/app.ts',
  'server/src/files/lotPage.ts',
  'server/src/heavy/pool.ts',
  'server/src/house/{certificate,pairPage}.ts',
  'core/src/choose/{highs,lp}.ts',
  'core/src/cut/{batchPlan,template}.ts',
  'core/src/jar/fillLots.ts',
  // Names by which things are known, not shown: ids, kinds, units, towns.
  'server/src/instruments/**',
  'server/src/jar/labels.ts',
  'core/src/jar/label.ts',
  'core/src/ready/{bringWords,hourScore,towns}.ts',
  'core/src/units/volume.ts',
  // Faults of the program itself.
  'core/src/units/{dates,known}.ts',
  'core/src/book/feedCheck.ts',
  // The practice household is data.
  'server/src/demo/**',
  // How something was written before it was said by key.
  'core/src/records/vocabulary/lotSays.ts',
  'server/src/take/lots.ts',
];

/** What is no word of a sentence in a template: signs, units, names of sides and of files. */
const BARE = [
  ...'( ) , . & + - − = * / # % ! ? : [ ] { } < > · • ‐ – — | × ° ✓ ✕ → ← ↑ ↓ … “ ” ’ ; 0 1 2 3 A B'.split(
    ' ',
  ),
  ...'kg g mm cm min h d °C °F Furrow CSV PDF SVG'.split(' '),
];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.furrow/**',
      'test-results/**',
      'data/**',
      'e2e/generated/**',
    ],
  },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/essential'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'prefer-const': ['error', { destructuring: 'all' }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      'no-console': 'off',
      'no-nested-ternary': 'error',
      'max-len': ['error', LINES],
      complexity: ['error', 20],
    },
  },
  {
    // What only the types tell: a promise nobody waits for, a switch that forgets a case.
    files: ['packages/*/src/**/*.ts'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-base-to-string': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-for-in-array': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/only-throw-error': 'error',
      '@typescript-eslint/prefer-promise-reject-errors': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    files: ['packages/*/src/**/*.test.ts'],
    rules: { '@typescript-eslint/no-base-to-string': 'off' },
  },
  {
    // What the database or a stream answers is given a shape before anything is done with it.
    files: ['packages/*/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**', '**/migrations/**', 'packages/web/src/main.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'error',
      '@typescript-eslint/no-unsafe-member-access': 'error',
      '@typescript-eslint/no-unsafe-return': 'error',
    },
  },
  {
    files: ['packages/*/src/**/*.{ts,vue}'],
    // Drawings stand in a registry of their own, and the practice households are data.
    ignores: ['**/*.test.ts', 'packages/web/src/drawing/sections/**', '**/look/KindPicture.vue'],
    rules: {
      'no-restricted-syntax': ['error', KIND_BY_NAME],
      'vue/no-restricted-syntax': ['error', KIND_BY_NAME],
    },
  },
  {
    files: ['packages/{core,server,web}/src/**/*.{ts,vue}'],
    ignores: [
      '**/*.test.ts',
      '**/testing/**',
      '**/migrations/**',
      '**/workers/**',
      'packages/web/src/drawing/sections/**',
      '**/look/KindPicture.vue',
      ...NOT_SAID.map((file) => `packages/${file}`),
    ],
    rules: { 'no-restricted-syntax': ['error', KIND_BY_NAME, ...SENTENCE] },
  },
  {
    // What the router says stands in the first screen's words.
    files: ['packages/web/src/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/testing/**',
      '**/workers/**',
      'packages/web/src/drawing/sections/**',
      'packages/web/src/router.ts',
    ],
    rules: { 'no-restricted-syntax': ['error', KIND_BY_NAME, ...SENTENCE, TOLD_TOO_EARLY] },
  },
  {
    // A template says nothing by itself: `tell` does, by a key.
    files: ['packages/web/src/**/*.vue'],
    rules: { 'vue/no-bare-strings-in-template': ['error', { allowlist: BARE }] },
  },
  {
    files: ['**/*.vue'],
    rules: {
      'max-len': 'off',
      'vue/max-len': ['error', { ...LINES, template: 110, ignoreHTMLAttributeValues: true }],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...forbid(...core),
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Seeds come in as arguments.' },
        { object: 'Date', property: 'now', message: 'Time comes in as an argument.' },
      ],
    },
  },
  // Within the core, a stage sees another stage only by its face.
  ...STAGES.map((stage) => ({
    files: [`packages/core/src/${stage}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: forbid(...core, [
      STAGES.filter((other) => other !== stage).flatMap((other) => [
        `../${other}/*`,
        `!../${other}/index.js`,
      ]),
      'Another stage is used through its index, not its insides.',
    ]),
  })),
  // The subjects know nothing of the stages.
  {
    files: ['units', 'honey', 'comb', 'hive', 'rules'].map(
      (subject) => `packages/core/src/${subject}/**/*.ts`,
    ),
    ignores: ['**/*.test.ts'],
    rules: forbid(...core, [
      STAGES.map((stage) => `../${stage}/**`),
      'A subject knows nothing of the stages.',
    ]),
  },
  {
    files: ['packages/server/src/**/*.ts'],
    rules: forbid(WEB, [['vue'], 'The server draws nothing.']),
  },
  {
    files: ['packages/web/src/**/*.{ts,vue}'],
    rules: forbid(SERVER, [['node:*'], 'This runs in a browser.'], SEND),
  },
  {
    files: ['packages/web/src/api/**/*.ts', ...SENDS],
    rules: forbid(SERVER, [['node:*'], 'This runs in a browser.']),
  },
  {
    files: ['packages/web/src/drawing/**/*.{ts,vue}'],
    rules: forbid(SERVER, [
      ['../api/*', '../shell/*', '@tanstack/*', 'pinia'],
      'A drawing knows no store.',
    ]),
  },
);
