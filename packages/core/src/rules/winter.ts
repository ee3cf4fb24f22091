import { DateTime } from 'luxon';
import { firstOf } from '../units/known.js';
import { hasClosedBrood, hiveKind } from '../hive/kinds.js';
import type { Hemisphere, HiveKindName } from '../records/vocabulary/hive.js';
import { addDays, daysBetween } from '../units/dates.js';
import type { HouseRules } from '../records/houseRules.js';

export type Strength = 'weak' | 'middle' | 'strong';
type NeedRules = Pick<HouseRules, 'winterNeedKg' | 'winterNeedByKindKg' | 'strengthPercent'>;

/**
 * What a colony of this kind and strength keeps for winter, kg, by the household's own number; null
 * where it never said.
 */
export function winterNeedOf(
  rules: NeedRules,
  kind: HiveKindName,
  strength: Strength | null = null,
): number | null {
  const said =
    hiveKind(kind).winterNeedIn === 'winterNeedKg'
      ? rules.winterNeedKg
      : (rules.winterNeedByKindKg[kind] ?? null);
  return said === null ? null : (said * rules.strengthPercent[strength ?? 'middle']) / 100;
}

/** The house rules that change when a household says what this kind of hive keeps for winter. */
export function winterNeedSaid(
  rules: Pick<NeedRules, 'winterNeedByKindKg'>,
  kind: HiveKindName,
  needKg: number | null,
): Partial<NeedRules> {
  if (hiveKind(kind).winterNeedIn === 'winterNeedKg') return { winterNeedKg: needKg };
  const { [kind]: _before, ...others } = rules.winterNeedByKindKg;
  return { winterNeedByKindKg: needKg === null ? others : { ...others, [kind]: needKg } };
}

/**
 * Whether the brood box is closed: then only the supers are read, and what is said is what has to
 * stay in them.
 */
export function winterIsInSupers(kind: HiveKindName): boolean {
  return hasClosedBrood(kind);
}

/**
 * Starting values offered where the winter need was not said, kg: many households begin between 8
 * and 20 kg for a whole hive and correct it by what is left in spring; in supers over a closed
 * brood box about 5 kg beside what the box holds. Nobody's measurement: the household's own number
 * replaces it.
 */
export const STARTING_NEED_KG: Record<HiveKindName, number> = {
  'top-bar': 12,
  warre: 12,
  'pile-box': 12,
  framed: 5,
  'cut-comb': 5,
  'drain-frame': 5,
  stingless: 0,
};

type WinterMonths = Pick<HouseRules, 'winterUseByMonthKg'>;
/** Winter months where the household did not say them: the three dark ones. */
const DARK_MONTHS: Record<Hemisphere, number[]> = { south: [6, 7, 8], north: [12, 1, 2] };

/** The winter's months in their order, by the household's use, else the three dark ones. */
function monthsOfWinter(hemisphere: Hemisphere, rules: WinterMonths): number[] {
  const said = winterMonths(rules.winterUseByMonthKg).map((m) => m.month);
  return said.length ? said : DARK_MONTHS[hemisphere];
}

/** Whether a date (YYYY-MM-DD) lies in winter there. */
export function inWinter(date: string, hemisphere: Hemisphere, rules: WinterMonths): boolean {
  return monthsOfWinter(hemisphere, rules).includes(Number(date.slice(5, 7)));
}

/** Days from a date to the first day of the next winter; 0 in winter. */
export function daysToWinter(date: string, hemisphere: Hemisphere, rules: WinterMonths): number {
  if (inWinter(date, hemisphere, rules)) return 0;
  const first = String(monthsOfWinter(hemisphere, rules)[0]).padStart(2, '0');
  const thisYear = `${date.slice(0, 4)}-${first}-01`;
  const next = thisYear > date ? thisYear : `${Number(date.slice(0, 4)) + 1}-${first}-01`;
  return daysBetween(date, next);
}

export interface WinterCase {
  /**
   * What has to stay, kg: the need less the flow that is counted on, never below 0. Null where the
   * need is unknown.
   */
  needKg: number | null;
  /** The same in a hard winter. */
  hardKg: number | null;
  /**
   * The need month by month, in the order of the winter; one block without a month where use by
   * month was not said.
   */
  months: { month: number | null; kg: number }[];
  flowKg: number;
}

/**
 * The winter ahead of one colony. Takes the house rules, the kind of hive, the colony's strength if
 * known, the kilograms of known flow still counted on, and the date (YYYY-MM-DD): months of this
 * winter that are over no longer count, the running one counts by its days left. Months follow the
 * household's own use; only their proportions matter, the sum is the need it said. Outside the
 * winter the whole need lies ahead.
 */
export function winterCase(input: {
  rules: NeedRules &
    Pick<HouseRules, 'winterUseByMonthKg' | 'hardWinterPercent' | 'springReserveKg'>;
  kind: HiveKindName;
  strength: Strength | null;
  flowKg: number;
  date: string;
  /** When a flow was last noted: until one is after the winter, the spring reserve stays. */
  lastFlowOn?: string | null;
}): WinterCase {
  const { rules, flowKg } = input;
  const saidKg = winterNeedOf(rules, input.kind, input.strength);
  if (saidKg === null) return { needKg: null, hardKg: null, months: [], flowKg };
  const used = winterMonths(rules.winterUseByMonthKg);
  const sum = used.reduce((total, m) => total + m.kg, 0);
  const months: { month: number | null; kg: number }[] =
    sum > 0
      ? used.map(({ month, kg }) => ({ month, kg: (kg / sum) * saidKg }))
      : [{ month: null, kg: saidKg }];
  const reserve = { month: null, kg: Math.min(rules.springReserveKg, saidKg) };
  const ahead = bridging(months, input.date, input.lastFlowOn ?? null)
    ? [reserve]
    : monthsAhead(months, input.date);
  const sumKg = ahead.reduce((total, m) => total + m.kg, 0);
  // Toward its end a winter needs no less than what carries them to the first flow.
  const wholeKg = Math.max(sumKg, reserve.kg);
  return {
    needKg: Math.max(0, wholeKg - flowKg),
    hardKg: Math.max(0, wholeKg * (1 + rules.hardWinterPercent / 100) - flowKg),
    months: ahead,
    flowKg,
  };
}

type MonthNeed = WinterCase['months'][number];

/**
 * The months of this winter that still lie ahead, the running one by its days left; outside the
 * winter all of them.
 */
function monthsAhead(months: readonly MonthNeed[], date: string): MonthNeed[] {
  const running = months.findIndex((m) => m.month === Number(date.slice(5, 7)));
  if (running < 0) return [...months];
  return months.slice(running).map((m, i) => (i ? m : { ...m, kg: m.kg * shareOfMonthLeft(date) }));
}

/**
 * The bridge from winter to the first flow lasts at most so long: then the next winter counts in
 * full.
 */
const BRIDGE_DAYS = 90;

/** Whether the winter is just over and no flow was noted since. */
function bridging(months: readonly MonthNeed[], date: string, lastFlowOn: string | null): boolean {
  const last = months.at(-1)?.month ?? null;
  if (last === null || months.some((m) => m.month === Number(date.slice(5, 7)))) return false;
  const afterIt = (year: number): string => {
    const next = last === 12 ? `${year + 1}-01` : `${year}-${String(last + 1).padStart(2, '0')}`;
    return `${next}-01`;
  };
  const year = Number(date.slice(0, 4));
  const ended = firstOf([afterIt(year), afterIt(year - 1)], (day) => day <= date);
  if (date >= addDays(ended, BRIDGE_DAYS)) return false;
  return lastFlowOn === null || lastFlowOn < ended;
}

/**
 * The months of use in the order of the winter: it begins after the longest run of months without
 * any.
 */
function winterMonths(use: HouseRules['winterUseByMonthKg']): { month: number; kg: number }[] {
  const kg = Array.from({ length: 12 }, (_, i) => use[String(i + 1) as keyof typeof use] ?? 0);
  const runBefore = (i: number): number => {
    let n = 0;
    while (n < 12 && kg[(i + 11 - n) % 12] === 0) n++;
    return n;
  };
  const first = kg
    .map((k, i) => ({ i, run: k > 0 ? runBefore(i) : -1 }))
    .reduce((best, m) => (m.run > best.run ? m : best)).i;
  return Array.from({ length: 12 }, (_, i) => (first + i) % 12)
    .map((i) => ({ month: i + 1, kg: kg[i] ?? 0 }))
    .filter((m) => m.kg > 0);
}

function shareOfMonthLeft(date: string): number {
  const { day, daysInMonth = 30 } = DateTime.fromISO(date);
  return (daysInMonth - day + 1) / daysInMonth;
}
