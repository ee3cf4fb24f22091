import type { TodayLine } from '@furrow/core';
import { said } from '../words/units.js';

/** A line of Today in the reader's words. */
export type SpokenLine = Omit<TodayLine, 'title' | 'ifLeft'> & { title: string; ifLeft: string };
export const spoken = (line: TodayLine): SpokenLine => ({
  ...line,
  title: said(line.title),
  ifLeft: said(line.ifLeft),
});

/** Lines that say the same of several hives at the same time, said once. */
export interface HungGroup {
  key: string;
  lines: SpokenLine[];
  /**
   * What stands before and after the names; the whole title, and no names, where it is one line.
   */
  before: string;
  after: string;
  names: { name: string; line: SpokenLine }[];
}

/**
 * What a line says apart from its hive's name: before it and after it; null where it does not name
 * it.
 */
function around(line: SpokenLine, name: string | null): { before: string; after: string } | null {
  const at = name ? line.title.indexOf(name) : -1;
  if (at < 0) return null;
  return { before: line.title.slice(0, at), after: line.title.slice(at + name!.length) };
}
/** Kinds with a key of their own, or of one harvest, are never said together. */
const STANDS_ALONE = new Set(['stir', 'look-back', 'site-task', 'draw-off', 'ripe']);

/**
 * Groups the lines of one day in their order: those of one kind, with the same words around the
 * name of their hive, the same time and the same 'if left'. Takes the lines and the name of a hive
 * by its id.
 */
export function groupHung(
  lines: readonly SpokenLine[],
  nameOf: (hiveId: string) => string | null,
): HungGroup[] {
  const groups = new Map<string, HungGroup>();
  for (const line of lines) {
    const name = line.hiveId ? nameOf(line.hiveId) : null;
    const words = STANDS_ALONE.has(line.kind) || line.batchId ? null : around(line, name);
    const key = words
      ? [line.kind, words.before, words.after, line.dueAt, line.ifLeft, line.urgent].join('|')
      : line.id;
    const group = groups.get(key) ?? {
      key,
      lines: [],
      before: words?.before ?? line.title,
      after: words?.after ?? '',
      names: [],
    };
    groups.set(key, group);
    group.lines.push(line);
    if (words) group.names.push({ name: name!, line });
  }
  return [...groups.values()];
}

/**
 * Groups of several days with 'if left' said at the first of a kind only. Gives the keys of those
 * that say it.
 */
export function saysIfLeft(
  days: readonly { hung: readonly HungGroup[]; key: unknown }[],
): Set<string> {
  const said = new Set<string>();
  const says = new Set<string>();
  for (const day of days)
    for (const group of day.hung) {
      const { kind, ifLeft } = group.lines[0];
      const what = `${kind} ${ifLeft}`;
      if (!said.has(what)) says.add(`${String(day.key)} ${group.key}`);
      said.add(what);
    }
  return says;
}
