import type { Say } from '@furrow/core';
import { said } from '../words/units.js';
import { plainFigure } from '../words/figures.js';
import { tell } from '../words/tell.js';

/** One of the few that a rule may be, with its word. */
export interface Choice<Value> {
  label: string;
  value: Value;
}

/** The choices of a rule whose words are known by its values. */
export const named = <Value extends string>(
  words: Readonly<Partial<Record<Value, Say>>>,
): Choice<Value>[] =>
  (Object.entries(words) as [Value, Say][]).map(([value, says]) => ({
    value,
    label: said(says),
  }));

/** Numbers with their unit: "75 %", "3°". */
export const numbers = <Value extends number>(
  unit: string,
  ...values: readonly Value[]
): Choice<Value>[] => values.map((value) => ({ value, label: `${plainFigure(value)}${unit}` }));

export const yesOrNo = (): readonly Choice<boolean>[] => [
  { label: tell('common.yes'), value: true },
  { label: tell('common.no'), value: false },
];
