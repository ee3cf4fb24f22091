import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { CALCULATORS } from '@furrow/core';

const SOURCE = fileURLToPath(new URL('../../../core/src/', import.meta.url));
const REGISTRY = readFileSync(`${SOURCE}calculators.ts`, 'utf8');

/** The function that a calculator runs, by its name in the registry. */
function functionOf(name: string): string {
  const entry = REGISTRY.slice(REGISTRY.indexOf(`name: '${name}'`));
  return /\n {4}run: (\w+),/.exec(entry)?.[1] ?? '';
}
const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
);
/** The file that a function stands in. */
const fileOf = (name: string): string =>
  files.find((file) =>
    readFileSync(SOURCE + file, 'utf8').includes(`\nexport function ${name}(`),
  ) ?? '';

interface Example {
  code: string;
  expected: unknown;
}
/** The example in a function's docstring: statements, the last one with what it gives behind it. */
function exampleOf(text: string, name: string): Example {
  const doc = text.slice(0, text.indexOf(`\nexport function ${name}(`));
  const block = doc.slice(doc.lastIndexOf('* @example') + '* @example'.length, -' */'.length);
  const lines = block.split('\n').map((line) => line.replace(/^ \* ?/, ''));
  const [code, said] = lines.join('\n').split(' // ');
  const at = code.trimEnd().lastIndexOf(`\n${name}(`) + 1;
  return { code: `${code.slice(0, at)}return ${code.slice(at)}`, expected: JSON.parse(said) };
}

describe('the example of every calculator gives what it says', () => {
  it.each([...CALCULATORS.keys()])('%s', async (calculator) => {
    const name = functionOf(calculator);
    const file = fileOf(name);
    const module: Record<string, unknown> = await import(/* @vite-ignore */ SOURCE + file);
    const { code, expected } = exampleOf(readFileSync(SOURCE + file, 'utf8'), name);
    const given: unknown = new Function(...Object.keys(module), code)(...Object.values(module));
    if (typeof expected !== 'number') return expect(given).toBe(expected);
    const digits = String(expected).split('.')[1]?.length ?? 0;
    expect(Number(given).toFixed(digits)).toBe(expected.toFixed(digits));
  });
});
