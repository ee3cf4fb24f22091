import type { Plugin, Rolldown } from 'vite';
import { SCREENS, type Screen } from './src/screens.js';
import { WORDS_OF_STAGE } from './src/words/wordsOfStage.js';

type OutputBundle = Rolldown.OutputBundle;
type OutputChunk = Rolldown.OutputChunk;

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
