import { readFileSync } from 'node:fs';
import { BadInput, CALCULATORS, calculatorSchemas } from '@furrow/core';
import { learn } from '@furrow/words';
import { calculators } from '@furrow/words/en/calculators';
import { refusedCalculation } from './refusedCalculation.js';
import { spokenCalculation } from './spokenCalculation.js';

// A command line answers in English.
learn('en', calculators);

/**
 * The command-line door of the calculators: JSON in on standard input, JSON out, or one line of
 * error and exit 2.
 */
function main(args: string[]): unknown {
  if (args[0] === '--list')
    return [...CALCULATORS.values()].map((c) => `${c.name.padEnd(18)} ${c.summary}`).join('\n');
  if (args[0] === '--schema') return JSON.stringify(calculatorSchemas(args[1] ?? ''), null, 2);
  if (!args[0]) throw new BadInput('Name a calculator, or --list.', 'name');
  if (!CALCULATORS.has(args[0])) return JSON.stringify(spokenCalculation(args[0], {}));
  let input: unknown;
  try {
    input = JSON.parse(readFileSync(0, 'utf8'));
  } catch {
    throw new BadInput('Standard input is not readable JSON.');
  }
  return JSON.stringify(spokenCalculation(args[0], input));
}

try {
  process.stdout.write(`${String(main(process.argv.slice(2)))}\n`);
} catch (error) {
  const bad = error instanceof BadInput ? error : new BadInput('This cannot be computed.');
  process.stderr.write(`${JSON.stringify(refusedCalculation(bad))}\n`);
  process.exitCode = 2;
}
