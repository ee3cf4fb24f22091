import {
  FLOORS,
  FLOOR_WORDS,
  daysBetween,
  hiveKind,
  weeklyGain,
  type ColonyFact,
  type ColonyState,
  type Hive,
  type Units,
  type WeeklyGain,
  isStingless,
  endOf,
} from '@furrow/core';
import { massText, volumeText } from '@furrow/words';
import { dateText } from '../shell/times.js';

/** One answer to a fact, a touch each. */
interface Choice {
  label: string;
  fact: ColonyFact;
}
/**
 * One fact of the colony as it stands, and what may be said of it; without choices its form asks
 * more.
 */
export interface ColonyLine {
  kind: ColonyFact['kind'];
  name: string;
  value: string;
  choices: Choice[];
}

/** How long ago a day was, in words; its date once it is more than some weeks away. */
function agoText(on: string, date: string): string {
  const days = daysBetween(on, date);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 40 ? `${days} days ago` : dateText(on);
}
/** Health as it stands, not only the last look: sick stays sick until somebody's word. */
function healthText(s: ColonyState, ago: (on: string) => string): string {
  const { state, on } = s.health;
  if (state === 'unknown') return 'never checked';
  if (state === 'sick') return `sick, ${ago(on!)}`;
  if (state === 'unsure') return `not sure, ${ago(on!)}`;
  return s.broodCheck || s.health.by === 'inspector'
    ? `looked healthy, ${ago(on!)}`
    : `not known, last healthy ${dateText(on!)}`;
}

/** The hive on a scale, and what it gained a week since the weight before. */
function weightText(s: ColonyState, ago: (on: string) => string, units: Units): string {
  const last = s.weights.at(-1);
  if (!last) return 'never weighed';
  const gain = weeklyGain(s.weights);
  const weight = `${massText(last.kg, units, 1)} ${ago(last.on)}`;
  return gain ? `${weight}, ${gainText(gain, units)}` : weight;
}
/** "+1.2 kg a week". */
export const gainText = ({ kgAWeek }: WeeklyGain, units: Units): string =>
  `${kgAWeek < 0 ? '−' : '+'}${massText(Math.abs(kgAWeek), units, 1)} a week`;

/** What was said of the colony, in one line: the facts that are known, and how many are not. */
export function colonySummary(lines: readonly ColonyLine[]): string {
  const known = lines.filter((l) => !UNSAID.has(l.value));
  const unknown = lines.length - known.length;
  const said = known
    .slice(0, 4)
    .map((l) => `${l.name.toLowerCase()} ${l.value}`)
    .join('; ');
  const more = known.length > 4 ? `; ${known.length - 4} more` : '';
  const rest = unknown ? `${unknown} not said` : 'nothing left to say';
  return said ? `${said}${more}; ${rest}` : 'nothing said yet';
}
const UNSAID = new Set([
  'not known',
  'never checked',
  'not asked',
  'nothing noted',
  'never weighed',
  'moved since?',
]);

/**
 * What judgements need to know of a colony, a line a fact, those its kind of hive knows. Takes the
 * hive, its state, the day at its site, and the day a flow or a reduced entrance is said to end,
 * where one was typed.
 */
export function colonyLines(
  hive: Hive,
  state: ColonyState,
  date: string,
  endsOn: string,
  units: Units,
): ColonyLine[] {
  const s = state;
  const ago = (on: string): string => agoText(on, date);
  const stingless = isStingless(hive.kind);
  /** A fact with its age; one that is too old to count says what was last known. */
  const of = <T extends { on: string }>(
    fact: T | null,
    text: (fact: T) => string,
    last: T | null = null,
  ): string => {
    if (fact) return `${text(fact)}, ${ago(fact.on)}`;
    return last ? `not known, last ${text(last)} ${dateText(last.on)}` : 'not known';
  };
  const known = s.lastKnown;
  const supers = hive.boxes.some((b) => b.compartment === 'super');
  const list: (ColonyLine | false)[] = [
    {
      kind: 'queen',
      name: 'Queen',
      value: of(s.queen, (q) => (q.seen ? 'seen' : 'not found'), known.queen),
      choices: [
        { label: 'Seen', fact: { kind: 'queen', seen: true } },
        { label: 'Looked, not found', fact: { kind: 'queen', seen: false } },
      ],
    },
    {
      kind: 'temper',
      name: 'Temper',
      value: of(s.temper, (t) => t.temper, known.temper),
      choices: (['calm', 'nervous', 'defensive'] as const).map((temper) => ({
        label: temper,
        fact: { kind: 'temper', temper },
      })),
    },
    {
      kind: 'strength',
      name: 'Strength',
      value: of(s.strength, (t) => t.strength, known.strength),
      choices: (['weak', 'middle', 'strong'] as const).map((strength) => ({
        label: strength,
        fact: { kind: 'strength', strength },
      })),
    },
    {
      kind: 'flow',
      name: 'Forage',
      value: of(
        s.flow,
        (f) =>
          f.flow === 'none'
            ? 'dearth'
            : `${f.flow} flow${f.endsOn ? ` until ${dateText(f.endsOn)}` : ''}`,
        known.flow,
      ),
      choices: (['strong', 'some', 'none'] as const).map((flow) => ({
        label: { strong: 'Strong flow', some: 'Some', none: 'Dearth' }[flow],
        fact: { kind: 'flow', flow, endsOn: flow === 'none' ? null : endsOn || null },
      })),
    },
    {
      kind: 'brood-check',
      name: 'Brood',
      value: healthText(s, ago),
      choices: [
        { label: 'Looks healthy', fact: { kind: 'brood-check', result: 'healthy' } },
        { label: 'Not sure', fact: { kind: 'brood-check', result: 'unsure' } },
        { label: 'Looks sick', fact: { kind: 'brood-check', result: 'sick' } },
      ],
    },
    {
      kind: 'inspector',
      name: 'Inspector',
      value: s.health.by === 'inspector' ? `spoke ${ago(s.health.on!)}` : 'not asked',
      choices: [
        { label: 'Found no disease', fact: { kind: 'inspector', said: 'no-disease' } },
        { label: 'Found disease', fact: { kind: 'inspector', said: 'disease' } },
      ],
    },
    {
      kind: 'treatment',
      name: 'Treated',
      value: s.treatments.length
        ? `${endOf(s.treatments).product}, wait until ${dateText(endOf(s.treatments).waitUntil)}`
        : 'nothing noted',
      choices: [],
    },
    {
      kind: 'feeding',
      name: 'Fed',
      value: s.feedings.length
        ? `${volumeText(endOf(s.feedings).litres, units)} ${endOf(s.feedings).what}, ${ago(endOf(s.feedings).on)}`
        : 'nothing noted',
      choices: [],
    },
    {
      kind: 'bloom',
      name: 'In bloom',
      value: of(s.bloom, (b) => b.plant, known.bloom),
      choices: [],
    },
    {
      kind: 'hive-weight',
      name: 'Weighs',
      value: weightText(s, ago, units),
      choices: [],
    },
    {
      kind: 'entrance',
      name: 'Entrance',
      value: of(s.entrance, (e) => e.entrance),
      choices: (['open', 'reduced', 'screened'] as const).map((entrance) => ({
        label: entrance === 'screened' ? 'Robbing screen' : entrance,
        fact: {
          kind: 'entrance',
          entrance,
          reopenOn: entrance === 'open' ? null : endsOn || null,
        },
      })),
    },
    stingless && {
      kind: 'nest',
      name: 'Nest',
      value: of(s.nest, (n) => (n.full ? 'full' : 'room left')),
      choices: [
        { label: 'Full', fact: { kind: 'nest', full: true } },
        { label: 'Room left', fact: { kind: 'nest', full: false } },
      ],
    },
    supers &&
      !stingless && {
        kind: 'excluder',
        name: 'Excluder',
        value: of(s.excluder, (e) => (e.fitted ? 'fitted' : 'out')),
        choices: [
          { label: 'Fitted', fact: { kind: 'excluder', fitted: true } },
          { label: 'Out', fact: { kind: 'excluder', fitted: false } },
        ],
      },
    supers &&
      !stingless && {
        kind: 'reserved-super',
        name: 'Kept for the bees',
        value: of(s.reserved, (r) => (r.reserved ? 'a super' : 'none')),
        choices: [
          { label: 'A super is theirs', fact: { kind: 'reserved-super', reserved: true } },
          { label: 'None', fact: { kind: 'reserved-super', reserved: false } },
        ],
      },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'tilt',
      name: 'Tilt',
      value: of(s.tilt, (t) => `${t.degrees}°`, known.tilt),
      choices: [],
    },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'floor',
      name: 'Floor',
      value: s.floor ? FLOOR_WORDS[s.floor.floor] : 'not known',
      choices: FLOORS.map((floor) => ({
        label: FLOOR_WORDS[floor],
        fact: { kind: 'floor' as const, floor },
      })),
    },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'moved',
      name: 'Stand',
      value: 'moved since?',
      choices: [{ label: 'Hive or stand was moved', fact: { kind: 'moved' } }],
    },
    !stingless && {
      kind: 'gap',
      name: 'Gap',
      value: of(s.gap, (g) => (g.gap ? 'a frame or bar is missing' : 'none')),
      choices: [
        { label: 'Something is missing', fact: { kind: 'gap', gap: true } },
        { label: 'All closed', fact: { kind: 'gap', gap: false } },
      ],
    },
  ];
  return list.filter((l): l is ColonyLine => l !== false);
}
