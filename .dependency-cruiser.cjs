/** Which folder may see which. Within a package arrows point down the floors, and no file is reached from itself. */
const floors = [
  ['units', 'say'],
  ['records'],
  ['honey', 'comb', 'hive', 'rules'],
  ['look', 'drain', 'jar', 'book'],
  ['cut', 'take', 'choose'],
  ['ready', 'today'],
  ['interface'],
  ['waiting'],
];
const core = (folders) => `^packages/core/src/(${folders.join('|')})/`;

/** A floor sees itself and what lies below it. */
const upward = floors.slice(0, -1).map((floor, i) => ({
  name: `core-${floor.join('-')}-looks-up`,
  comment: 'A lower floor of the core knows nothing of a higher one.',
  severity: 'error',
  from: { path: core(floor), pathNot: '\\.test\\.ts$' },
  to: { path: core(floors.slice(i + 1).flat()) },
}));

module.exports = {
  forbidden: [
    {
      name: 'no-circle',
      comment: 'No file is reached from itself, by types neither.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    ...upward,
    {
      name: 'store-knows-no-stage',
      comment: 'The database, its rows, its writes: what they are of is said by the stages.',
      severity: 'error',
      from: { path: '^packages/server/src/store/' },
      to: {
        path: '^packages/server/src/',
        pathNot: '^packages/server/src/(store/|(problem|clock|log|breathe)[.]ts$)',
      },
    },
    {
      name: 'packages-one-way',
      comment:
        'The core knows neither server nor screen; server and screen do not know each other.',
      severity: 'error',
      from: { path: '^packages/(core|words|server|web)/' },
      to: { path: '^packages/(server|web)/', pathNot: '^packages/$1/' },
    },
    {
      name: 'core-says-no-words',
      comment: 'The core says what is to be said; the words for it stand on top of it.',
      severity: 'error',
      from: { path: '^packages/core/' },
      to: { path: '^packages/words/' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.ts$|/dist/|/fixtures/)' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js'] },
  },
};
