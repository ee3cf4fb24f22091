import type { Stage } from '@furrow/core';
import type { Plugin, Rolldown } from 'vite';
import { WORDS_OF_STAGE } from './src/words/wordsOfStage.js';

type OutputBundle = Rolldown.OutputBundle;
type OutputChunk = Rolldown.OutputChunk;

/** The screen of a path, and the stage whose words it says; without one, all there are. */
interface Screen {
  file: string;
  stage?: Stage;
}

/** Screens by the first part of their path (see `router.ts`). */
export const SCREENS: Readonly<Record<string, Screen>> = {
  hives: { file: 'look/NewHive.vue', stage: 'look' },
  look: { file: 'look/LookView.vue', stage: 'look' },
  choose: { file: 'choose/ChooseView.vue', stage: 'choose' },
  'comb-or-liquid': { file: 'choose/CombOrLiquidView.vue', stage: 'choose' },
  bring: { file: 'ready/ListView.vue', stage: 'ready' },
  round: { file: 'ready/RoundView.vue', stage: 'ready' },
  ready: { file: 'ready/ReadyView.vue', stage: 'ready' },
  take: { file: 'take/TakeView.vue', stage: 'take' },
  owed: { file: 'take/OwedView.vue', stage: 'take' },
  drain: { file: 'drain/DrainView.vue', stage: 'drain' },
  settle: { file: 'drain/SettleView.vue', stage: 'drain' },
  cut: { file: 'cut/CutView.vue', stage: 'cut' },
  jar: { file: 'jar/JarView.vue', stage: 'jar' },
  book: { file: 'book/BookView.vue', stage: 'book' },
  rules: { file: 'rules/RulesView.vue' },
};
const LANGUAGES = ['en', 'pt-BR'] as const;

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
      const wordsOf = (language: string, { stage }: Screen): string[] =>
        WORDS_OF_STAGE[stage ?? 'book'].flatMap((part) => filesOf(`${language}/parts/${part}.ts`));
      const screens = Object.entries(SCREENS).map(([name, screen]) => [
        name,
        {
          files: filesOf(screen.file),
          words: Object.fromEntries(LANGUAGES.map((tag) => [tag, wordsOf(tag, screen)])),
        },
      ]);
      const told = JSON.stringify(Object.fromEntries(screens));
      page.source = html.replace(
        '</title>',
        `</title>
    <script type="application/json" id="screens">${told}</script>
    <script type="module" src="/${this.getFileName(ahead)}"></script>`,
      );
    },
  };
}
