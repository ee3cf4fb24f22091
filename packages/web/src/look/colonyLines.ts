import { massText, volumeText } from '../words/figures.js';
import { ENTRANCES, FEEDS, FLOWS, STRENGTHS, TEMPERS } from '../parts/colonyWords.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
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
  if (days === 0) return tell('colonyLines.today');
  if (days === 1) return tell('colonyLines.yesterday');
  return days < 40 ? tell('colonyLines.days-ago', { days }) : dateText(on);
}
/** Health as it stands, not only the last look: sick stays sick until somebody's word. */
function healthText(s: ColonyState, ago: (on: string) => string): string {
  const { state, on } = s.health;
  if (state === 'unknown') return tell('colonyLines.never-checked');
  if (state === 'sick') return tell('colonyLines.sick', { on: ago(on!) });
  if (state === 'unsure') return tell('colonyLines.not-sure', { on: ago(on!) });
  return s.broodCheck || s.health.by === 'inspector'
    ? tell('colonyLines.looked-healthy', { on: ago(on!) })
    : tell('colonyLines.not-known-last-healthy', { on: dateText(on!) });
}

/** The hive on a scale, and what it gained a week since the weight before. */
function weightText(s: ColonyState, ago: (on: string) => string, units: Units): string {
  const last = s.weights.at(-1);
  if (!last) return tell('colonyLines.never-weighed');
  const gain = weeklyGain(s.weights);
  const weight = `${massText(last.kg, units, 1)} ${ago(last.on)}`;
  return gain ? `${weight}, ${gainText(gain, units)}` : weight;
}
/** "+1.2 kg a week". */
export const gainText = ({ kgAWeek }: WeeklyGain, units: Units): string =>
  tell('colonyLines.week', {
    kgAWeek: kgAWeek < 0 ? '−' : '+',
    kgAWeek2: massText(Math.abs(kgAWeek), units, 1),
  });

/** What was said of the colony, in one line: the facts that are known, and how many are not. */
export function colonySummary(lines: readonly ColonyLine[]): string {
  const nothing = unsaid();
  const known = lines.filter((l) => !nothing.includes(l.value));
  const unknown = lines.length - known.length;
  const said = known
    .slice(0, 4)
    .map((l) => `${l.name.toLowerCase()} ${l.value}`)
    .join('; ');
  const more = known.length > 4 ? tell('colonyLines.more', { known: known.length - 4 }) : '';
  const rest = unknown
    ? tell('colonyLines.not-said', { unknown })
    : tell('colonyLines.nothing-left-to-say');
  return said ? `${said}${more}; ${rest}` : tell('colonyLines.nothing-said-yet');
}
/** What stands where nothing was said. */
const unsaid = (): readonly string[] => [
  tell('colonyLines.not-known'),
  tell('colonyLines.never-checked'),
  tell('colonyLines.not-asked'),
  tell('colonyLines.nothing-noted'),
  tell('colonyLines.never-weighed'),
  tell('colonyLines.moved-since'),
];

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
    return last
      ? tell('colonyLines.not-known-last', { last: text(last), on: dateText(last.on) })
      : tell('colonyLines.not-known');
  };
  const known = s.lastKnown;
  const supers = hive.boxes.some((b) => b.compartment === 'super');
  const list: (ColonyLine | false)[] = [
    {
      kind: 'queen',
      name: tell('common.queen'),
      value: of(
        s.queen,
        (q) => (q.seen ? tell('colonyLines.is-seen') : tell('colonyLines.not-found')),
        known.queen,
      ),
      choices: [
        { label: tell('colonyLines.seen'), fact: { kind: 'queen', seen: true } },
        { label: tell('colonyLines.looked-not-found'), fact: { kind: 'queen', seen: false } },
      ],
    },
    {
      kind: 'temper',
      name: tell('common.temper'),
      value: of(s.temper, (t) => TEMPERS[t.temper], known.temper),
      choices: (['calm', 'nervous', 'defensive'] as const).map((temper) => ({
        label: TEMPERS[temper],
        fact: { kind: 'temper', temper },
      })),
    },
    {
      kind: 'strength',
      name: tell('common.strength'),
      value: of(s.strength, (t) => STRENGTHS[t.strength], known.strength),
      choices: (['weak', 'middle', 'strong'] as const).map((strength) => ({
        label: STRENGTHS[strength],
        fact: { kind: 'strength', strength },
      })),
    },
    {
      kind: 'flow',
      name: tell('common.forage'),
      value: of(
        s.flow,
        (f) =>
          f.flow === 'none'
            ? tell('colonyLines.dearth')
            : tell('colonyLines.flow', {
                flow: FLOWS[f.flow],
                endsOn: f.endsOn
                  ? ' ' + tell('colonyLines.until', { endsOn: dateText(f.endsOn) })
                  : '',
              }),
        known.flow,
      ),
      choices: (['strong', 'some', 'none'] as const).map((flow) => ({
        label: {
          strong: tell('colonyLines.strong-flow'),
          some: tell('common.some'),
          none: tell('common.dearth'),
        }[flow],
        fact: { kind: 'flow', flow, endsOn: flow === 'none' ? null : endsOn || null },
      })),
    },
    {
      kind: 'brood-check',
      name: tell('common.brood'),
      value: healthText(s, ago),
      choices: [
        { label: tell('common.looks-healthy'), fact: { kind: 'brood-check', result: 'healthy' } },
        { label: tell('common.not-sure'), fact: { kind: 'brood-check', result: 'unsure' } },
        { label: tell('common.looks-sick'), fact: { kind: 'brood-check', result: 'sick' } },
      ],
    },
    {
      kind: 'inspector',
      name: tell('colonyLines.inspector'),
      value:
        s.health.by === 'inspector'
          ? tell('colonyLines.spoke', { on: ago(s.health.on!) })
          : tell('colonyLines.not-asked'),
      choices: [
        {
          label: tell('colonyLines.found-no-disease'),
          fact: { kind: 'inspector', said: 'no-disease' },
        },
        { label: tell('colonyLines.found-disease'), fact: { kind: 'inspector', said: 'disease' } },
      ],
    },
    {
      kind: 'treatment',
      name: tell('colonyLines.treated'),
      value: s.treatments.length
        ? tell('colonyLines.wait-until', {
            product: endOf(s.treatments).product,
            waitUntil: dateText(endOf(s.treatments).waitUntil),
          })
        : tell('colonyLines.nothing-noted'),
      choices: [],
    },
    {
      kind: 'feeding',
      name: tell('colonyLines.fed'),
      value: s.feedings.length
        ? `${volumeText(endOf(s.feedings).litres, units)} ${FEEDS[endOf(s.feedings).what]}, ${ago(endOf(s.feedings).on)}`
        : tell('colonyLines.nothing-noted'),
      choices: [],
    },
    {
      kind: 'bloom',
      name: tell('common.in-bloom'),
      value: of(s.bloom, (b) => b.plant, known.bloom),
      choices: [],
    },
    {
      kind: 'hive-weight',
      name: tell('colonyLines.weighs'),
      value: weightText(s, ago, units),
      choices: [],
    },
    {
      kind: 'entrance',
      name: tell('colonyLines.entrance'),
      value: of(s.entrance, (e) => ENTRANCES[e.entrance]),
      choices: (['open', 'reduced', 'screened'] as const).map((entrance) => ({
        label: entrance === 'screened' ? tell('colonyLines.robbing-screen') : ENTRANCES[entrance],
        fact: {
          kind: 'entrance',
          entrance,
          reopenOn: entrance === 'open' ? null : endsOn || null,
        },
      })),
    },
    stingless && {
      kind: 'nest',
      name: tell('colonyLines.nest'),
      value: of(s.nest, (n) => (n.full ? tell('colonyLines.full') : tell('colonyLines.room-left'))),
      choices: [
        { label: tell('common.full'), fact: { kind: 'nest', full: true } },
        { label: tell('colonyLines.room-left-2'), fact: { kind: 'nest', full: false } },
      ],
    },
    supers &&
      !stingless && {
        kind: 'excluder',
        name: tell('colonyLines.excluder'),
        value: of(s.excluder, (e) =>
          e.fitted ? tell('colonyLines.is-fitted') : tell('colonyLines.is-out'),
        ),
        choices: [
          { label: tell('colonyLines.fitted'), fact: { kind: 'excluder', fitted: true } },
          { label: tell('colonyLines.out'), fact: { kind: 'excluder', fitted: false } },
        ],
      },
    supers &&
      !stingless && {
        kind: 'reserved-super',
        name: tell('colonyLines.kept-for-bees'),
        value: of(s.reserved, (r) =>
          r.reserved ? tell('colonyLines.a-super') : tell('colonyLines.no-super'),
        ),
        choices: [
          {
            label: tell('colonyLines.super-theirs'),
            fact: { kind: 'reserved-super', reserved: true },
          },
          { label: tell('colonyLines.none'), fact: { kind: 'reserved-super', reserved: false } },
        ],
      },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'tilt',
      name: tell('common.tilt'),
      value: of(s.tilt, (t) => `${t.degrees}°`, known.tilt),
      choices: [],
    },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'floor',
      name: tell('colonyLines.floor'),
      value: s.floor ? said(FLOOR_WORDS[s.floor.floor]) : tell('colonyLines.not-known'),
      choices: FLOORS.map((floor) => ({
        label: said(FLOOR_WORDS[floor]),
        fact: { kind: 'floor' as const, floor },
      })),
    },
    hiveKind(hive.kind).drainsInPlace && {
      kind: 'moved',
      name: tell('colonyLines.stand'),
      value: tell('colonyLines.moved-since'),
      choices: [{ label: tell('colonyLines.hive-or-stand-was-moved'), fact: { kind: 'moved' } }],
    },
    !stingless && {
      kind: 'gap',
      name: tell('colonyLines.gap'),
      value: of(s.gap, (g) =>
        g.gap ? tell('colonyLines.frame-or-bar-missing') : tell('colonyLines.no-gap'),
      ),
      choices: [
        { label: tell('colonyLines.something-missing'), fact: { kind: 'gap', gap: true } },
        { label: tell('colonyLines.all-closed'), fact: { kind: 'gap', gap: false } },
      ],
    },
  ];
  return list.filter((l): l is ColonyLine => l !== false);
}
