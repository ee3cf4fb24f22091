import type { Geometry, HiveKindName } from '../records/vocabulary/hive.js';
import { fieldSay } from '../say/field.js';
import type { Say } from '../say/say.js';
import type { HiveKind, Measure } from './kind.js';
import { hiveKind } from './kinds.js';

/** What is wrong with a measure: its field, and what is to be said there. */
interface GeometryIssue {
  path: string;
  says: Say;
}

/**
 * What is wrong with the measures of a hive of this kind: each with its field and what is to be
 * said; empty where nothing is. What measures have to do with each other is asked once each is
 * right by itself.
 */
export function geometryIssues(kind: HiveKindName, geometry: Geometry): GeometryIssue[] {
  const { measures, choices, relations = [] } = hiveKind(kind);
  const known = new Set([...measures, ...choices].map(({ key }) => key));
  const alone = [
    ...measures.flatMap((measure) => issueAt(measure.key, measureIssue(measure, geometry))),
    ...choices.flatMap((choice) => issueAt(choice.key, choiceIssue(choice, geometry))),
    ...Object.keys(geometry)
      .filter((key) => !known.has(key))
      .flatMap((key) => issueAt(key, fieldSay('field.unknown-measure', { field: key }))),
  ];
  if (alone.length) return alone;
  return relations
    .filter(({ holds }) => !holds(geometry))
    .map(({ key, says }) => ({ path: key, says }));
}

const issueAt = (path: string, says: Say | null): GeometryIssue[] => (says ? [{ path, says }] : []);

function measureIssue(measure: Measure, geometry: Geometry): Say | null {
  const { key, label, refusedAs: what = label, unit, low, high } = measure;
  const value = geometry[key];
  if (unit === 'mm' && (typeof value !== 'number' || !Number.isFinite(value)))
    return fieldSay('field.of.number', { what });
  if (unit !== 'mm' && !Number.isSafeInteger(value))
    return fieldSay('field.of.whole-number', { what });
  const said = (limit: number): number | { lengthMm: number } =>
    unit === 'mm' ? { lengthMm: limit } : limit;
  if (Number(value) < low) return fieldSay('field.of.at-least', { what, least: said(low) });
  if (Number(value) > high) return fieldSay('field.of.at-most', { what, most: said(high) });
  return null;
}

function choiceIssue(
  { key, options, says, mayBeUnsaid }: HiveKind['choices'][number],
  geometry: Geometry,
): Say | null {
  const chosen = geometry[key];
  if (chosen === undefined && mayBeUnsaid) return null;
  return options.some(({ value }) => value === chosen) ? null : says;
}
