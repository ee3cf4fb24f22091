/**
 * Holds folders to `noUncheckedIndexedAccess`: what is taken from a list by its place may not be
 * there. A folder that is not named below is held to it, so every new one is. Ends with 1 where one
 * of them takes more for granted.
 */
import ts from 'typescript';

/** Folders from before, that still take a place in a list for granted: the way is to shorten this. */
const OWING: Readonly<Record<string, readonly string[]>> = {
  core: [
    'book',
    'choose',
    'comb',
    'cut',
    'drain',
    'honey',
    'jar',
    'look',
    'ready',
    'take',
    'units',
  ],
  server: [
    ...[
      'copies',
      'cut',
      'demo',
      'drain',
      'files',
      'harvest',
      'house',
      'instruments',
      'jar',
      'look',
    ],
    ...['photos', 'ready', 'rules', 'store', 'take', 'testing', 'today'],
  ],
};

const packageOf = (file: string): string => /packages\/(\w+)\/src\//.exec(file)?.[1] ?? '';
const folderOf = (file: string): string => /packages\/\w+\/src\/(\w+)\//.exec(file)?.[1] ?? '';

/** What the compiler says of a package, were it strict with places in lists. */
function faultsOf(name: string): string[] {
  const options = { noEmit: true, noUncheckedIndexedAccess: true };
  const host = { ...ts.sys, onUnRecoverableConfigFileDiagnostic: () => process.exit(2) };
  const config = `packages/${name}/tsconfig.json`;
  const parsed = ts.getParsedCommandLineOfConfigFile(config, options, host);
  if (!parsed) throw new Error(`${config} cannot be read`);
  const program = ts.createProgram(parsed.fileNames, parsed.options);
  return ts.getPreEmitDiagnostics(program).flatMap(({ file, start, messageText }) => {
    if (!file || packageOf(file.fileName) !== name || file.fileName.endsWith('.test.ts')) return [];
    const folder = folderOf(file.fileName);
    // The files beside the folders are from before, too.
    if (!folder || OWING[name]?.includes(folder)) return [];
    const { line } = file.getLineAndCharacterOfPosition(start ?? 0);
    const says = ts.flattenDiagnosticMessageText(messageText, ' ');
    return [`${file.fileName}:${line + 1} ${says}`];
  });
}

const faults = ['core', 'words', 'server'].flatMap(faultsOf);
for (const fault of faults) console.error(fault);
console.log(
  faults.length ? `${faults.length} places are taken for granted` : 'No place is taken for granted',
);
process.exit(faults.length ? 1 : 0);
