import type { Plugin, Rolldown } from 'vite';

type OutputBundle = Rolldown.OutputBundle;
type OutputChunk = Rolldown.OutputChunk;

/** The first part of a path of the interface, and the screen that stands there (see `router.ts`). */
export const SCREEN_OF: Readonly<Record<string, string>> = {
  hives: 'look/NewHive.vue',
  look: 'look/LookView.vue',
  choose: 'choose/ChooseView.vue',
  'comb-or-liquid': 'choose/CombOrLiquidView.vue',
  bring: 'ready/ListView.vue',
  round: 'ready/RoundView.vue',
  ready: 'ready/ReadyView.vue',
  take: 'take/TakeView.vue',
  owed: 'take/OwedView.vue',
  drain: 'drain/DrainView.vue',
  settle: 'drain/SettleView.vue',
  cut: 'cut/CutView.vue',
  jar: 'jar/JarView.vue',
  book: 'book/BookView.vue',
  rules: 'rules/RulesView.vue',
};
/** What is said beyond the first screen, by language. */
const WORDS_OF: Readonly<Record<string, string>> = {
  en: 'en/rest.ts',
  'pt-BR': 'pt-BR/rest.ts',
};

const chunksOf = (bundle: OutputBundle): OutputChunk[] =>
  Object.values(bundle).filter((part) => part.type === 'chunk');

/** A chunk and all that it needs before it can run, that the page does not bring by itself. */
function neededBy(bundle: OutputBundle, file: string, known: Set<string>): string[] {
  if (known.has(file)) return [];
  known.add(file);
  const part = bundle[file];
  if (part?.type !== 'chunk') return [];
  return [file, ...part.imports.flatMap((next) => neededBy(bundle, next, known))];
}

const AHEAD = 'src/ahead.ts';

/**
 * Tells the page which files each screen begins with, and has `ahead.ts` fetch them while the page's
 * own script is being read.
 */
export function screensFirst(): Plugin {
  let ahead = '';
  return {
    name: 'furrow-screens-first',
    apply: 'build',
    enforce: 'post',
    buildStart() {
      ahead = this.emitFile({ type: 'chunk', id: AHEAD, name: 'ahead' });
    },
    generateBundle(_options, bundle) {
      const page = bundle['index.html'];
      if (page?.type !== 'asset') return this.error('There is no page');
      const html = String(page.source);
      const chunks = chunksOf(bundle);
      const withPage = new Set<string>();
      for (const { fileName } of chunks) {
        if (html.includes(fileName)) neededBy(bundle, fileName, withPage);
      }
      const filesOf = (source: string): string[] => {
        const chunk = chunks.find((one) => one.facadeModuleId?.endsWith(`/${source}`));
        if (!chunk) return this.error(`No file begins with ${source}`);
        return neededBy(bundle, chunk.fileName, new Set(withPage));
      };
      const all = (table: Readonly<Record<string, string>>): Record<string, string[]> =>
        Object.fromEntries(Object.entries(table).map(([name, file]) => [name, filesOf(file)]));
      const told = JSON.stringify({ screens: all(SCREEN_OF), words: all(WORDS_OF) });
      page.source = html.replace(
        '</title>',
        `</title>
    <script type="application/json" id="screens">${told}</script>
    <script type="module" src="/${this.getFileName(ahead)}"></script>`,
      );
    },
  };
}
