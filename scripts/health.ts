/**
 * How the source reads, counted: long lines, nested conditionals, casts, non-null marks, branching,
 * circles, dead exports, the share of tests and what has none beside it. Prints a table and asserts
 * nothing.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { parse } from '@vue/compiler-sfc';
import ts from 'typescript';

const LONG = 110;
const VERY_LONG = 160;
const BRANCHING = 20;

interface Source {
  file: string;
  text: string;
  /** Its script as TypeScript: the whole of a .ts file, the script of a component. */
  script: ts.SourceFile;
  isTest: boolean;
}

interface Counts {
  lines: number;
  long: number;
  veryLong: number;
  nested: number;
  casts: number;
  nonNull: number;
  branching: number;
}

const isTest = (file: string): boolean =>
  /\.test\.ts$/.test(file) || file.startsWith('e2e/') || /\/(testing|fixtures)\//.test(file);

function sources(): Source[] {
  const files = execFileSync('git', ['ls-files', 'packages', 'e2e', 'scripts'], {
    encoding: 'utf8',
  });
  return files
    .split('\n')
    .filter((file) => /\.(ts|vue)$/.test(file) && existsSync(file))
    .map((file) => {
      const text = readFileSync(file, 'utf8');
      const code = file.endsWith('.vue') ? scriptOf(text) : text;
      const script = ts.createSourceFile(file, code, ts.ScriptTarget.ES2022, true);
      return { file, text, script, isTest: isTest(file) };
    });
}
function scriptOf(component: string): string {
  const { descriptor } = parse(component);
  return descriptor.scriptSetup?.content ?? descriptor.script?.content ?? '';
}

const isCast = (node: ts.Node): boolean =>
  ts.isAsExpression(node) && !ts.isConstTypeReference(node.type);

const withoutParentheses = (node: ts.Expression): ts.Expression =>
  ts.isParenthesizedExpression(node) ? withoutParentheses(node.expression) : node;

/** A condition within a condition's branch. */
const isNested = (node: ts.Node): boolean =>
  ts.isConditionalExpression(node) &&
  [node.whenTrue, node.whenFalse].some((branch) =>
    ts.isConditionalExpression(withoutParentheses(branch)),
  );

const BRANCHES = new Set([
  ts.SyntaxKind.IfStatement,
  ts.SyntaxKind.ConditionalExpression,
  ts.SyntaxKind.ForStatement,
  ts.SyntaxKind.ForOfStatement,
  ts.SyntaxKind.ForInStatement,
  ts.SyntaxKind.WhileStatement,
  ts.SyntaxKind.DoStatement,
  ts.SyntaxKind.CaseClause,
  ts.SyntaxKind.CatchClause,
]);
const LOGICAL = new Set([
  ts.SyntaxKind.AmpersandAmpersandToken,
  ts.SyntaxKind.BarBarToken,
  ts.SyntaxKind.QuestionQuestionToken,
]);

/** Ways through one function, McCabe's number, not counting the functions within it. */
function waysThrough(body: ts.Node): number {
  let ways = 1;
  const visit = (node: ts.Node): void => {
    if (ts.isFunctionLike(node)) return;
    if (BRANCHES.has(node.kind)) ways++;
    if (ts.isBinaryExpression(node) && LOGICAL.has(node.operatorToken.kind)) ways++;
    ts.forEachChild(node, visit);
  };
  ts.forEachChild(body, visit);
  return ways;
}

function counted(source: Source): Counts {
  const lines = source.text.split('\n');
  // Addresses cannot be broken.
  const breakable = lines.filter((line) => !line.includes('://'));
  const counts: Counts = {
    lines: lines.filter((line) => line.trim()).length,
    long: breakable.filter((line) => line.length > LONG).length,
    veryLong: breakable.filter((line) => line.length > VERY_LONG).length,
    ...{ nested: 0, casts: 0, nonNull: 0, branching: 0 },
  };
  const visit = (node: ts.Node): void => {
    if (isNested(node)) counts.nested++;
    if (isCast(node)) counts.casts++;
    if (ts.isNonNullExpression(node)) counts.nonNull++;
    if (ts.isFunctionLike(node) && waysThrough(node) > BRANCHING) counts.branching++;
    ts.forEachChild(node, visit);
  };
  visit(source.script);
  return counts;
}

const sumOf = (all: readonly Counts[]): Counts =>
  all.reduce((sum, each) => {
    const keys = Object.keys(sum) as (keyof Counts)[];
    return Object.fromEntries(keys.map((key) => [key, sum[key] + each[key]])) as unknown as Counts;
  });

/** Files of the core and the server with a decision in them and no test of their own name beside them. */
function untested(all: readonly Source[]): string[] {
  return all
    .filter(
      ({ file, isTest: test }) => !test && /^packages\/(core|server)\/src\/.*\.ts$/.test(file),
    )
    .filter(({ script }) => decides(script))
    .filter(({ file }) => !existsSync(file.replace(/\.ts$/, '.test.ts')))
    .map(({ file }) => file);
}
function decides(script: ts.SourceFile): boolean {
  let found = false;
  const visit = (node: ts.Node): void => {
    found ||= BRANCHES.has(node.kind);
    if (!found) ts.forEachChild(node, visit);
  };
  visit(script);
  return found;
}

function circles(): string {
  const roots = ['core', 'server', 'web'].map((name) => `packages/${name}/src`);
  const args = [
    'depcruise',
    '--config',
    '.dependency-cruiser.cjs',
    '--output-type',
    'json',
    ...roots,
  ];
  const { stdout } = spawnSync('npx', args, { encoding: 'utf8', maxBuffer: 1 << 28 });
  const { summary } = JSON.parse(stdout) as { summary: { error: number; totalCruised: number } };
  return `${summary.error} in ${summary.totalCruised} files`;
}

function deadExports(): string {
  const { stdout } = spawnSync('npx', ['knip', '--reporter', 'json', '--no-exit-code'], {
    encoding: 'utf8',
    maxBuffer: 1 << 26,
  });
  const { issues } = JSON.parse(stdout) as { issues: { exports?: unknown[]; types?: unknown[] }[] };
  const count = (key: 'exports' | 'types'): number =>
    issues.reduce((sum, issue) => sum + (issue[key]?.length ?? 0), 0);
  return `${count('exports')} values, ${count('types')} types`;
}

const all = sources();
const measured = all.map((source) => ({ source, counts: counted(source) }));
const code = sumOf(measured.filter((m) => !m.source.isTest).map((m) => m.counts));
const tests = sumOf(measured.filter((m) => m.source.isTest).map((m) => m.counts));
const percent = (part: number, whole: number): string => `${((100 * part) / whole).toFixed(1)} %`;
const large = measured.filter((m) => m.source.text.split('\n').length > 450).length;
const ROWS: [what: string, figure: string | number][] = [
  ['lines of code, tests apart', code.lines],
  ['share of tests', percent(tests.lines, tests.lines + code.lines)],
  [`lines over ${LONG} columns`, `${code.long} (${percent(code.long, code.lines)})`],
  [`lines over ${VERY_LONG} columns`, `${code.veryLong} (${percent(code.veryLong, code.lines)})`],
  ['nested conditionals', code.nested],
  ['casts', code.casts],
  ['non-null marks', code.nonNull],
  [`functions with more than ${BRANCHING} ways through`, code.branching],
  ['files over 450 lines', large],
  ['circles, and arrows against the floors', circles()],
  ['exports nobody uses', deadExports()],
  ['files of core and server that decide, without a test beside', untested(all).length],
];
for (const [what, figure] of ROWS) console.log(`${what.padEnd(62)} ${figure}`);
if (process.argv.includes('--files')) {
  for (const { source, counts } of measured.filter((m) => !m.source.isTest)) {
    const { long, nested, branching } = counts;
    if (long + nested + branching)
      console.log(`${source.file}: ${long} long, ${nested} nested, ${branching} branching`);
  }
}
