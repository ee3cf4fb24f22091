import { hasClosedBrood, type HiveKindName } from '../hive/kinds.js';
import type { HouseRules } from './houseRules.js';

export type Strength = 'weak' | 'middle' | 'strong';
type NeedRules = Pick<HouseRules, 'winterNeedKg' | 'winterNeedByKindKg' | 'strengthPercent'>;

/** What a colony of this kind and strength keeps for winter, kg, by the household's own number; null where it never said. */
export function winterNeedOf(
  rules: NeedRules,
  kind: HiveKindName,
  strength: Strength | null = null,
): number | null {
  const said = kind === 'top-bar' ? rules.winterNeedKg : (rules.winterNeedByKindKg[kind] ?? null);
  return said === null ? null : (said * rules.strengthPercent[strength ?? 'middle']) / 100;
}

/** Whether the winter need is to be asked for this kind: not where closed brood boxes hold the stores. */
export function winterIsRead(kind: HiveKindName): boolean {
  return !hasClosedBrood(kind);
}

export interface WinterCase {
  /** What has to stay, kg: the need less the flow that is counted on, never below 0. Null where the need is unknown. */
  needKg: number | null;
  /** The same in a hard winter. */
  hardKg: number | null;
  /** The need month by month, in the order of the winter; one block without a month where use by month was not said. */
  months: { month: number | null; kg: number }[];
  flowKg: number;
}

/**
 * The winter ahead of one colony. Takes the house rules, the kind of hive, the colony's strength if known, the
 * kilograms of known flow still counted on, and the date (YYYY-MM-DD): months of this winter that are over no
 * longer count, the running one counts by its days left. Months follow the household's own use; only their
 * proportions matter, the sum is the need it said. Outside the winter the whole need lies ahead.
 */
export function winterCase(input: {
  rules: NeedRules & Pick<HouseRules, 'winterUseByMonthKg' | 'hardWinterPercent'>;
  kind: HiveKindName;
  strength: Strength | null;
  flowKg: number;
  date: string;
}): WinterCase {
  const { rules, flowKg } = input;
  const saidKg = winterIsRead(input.kind) ? winterNeedOf(rules, input.kind, input.strength) : null;
  if (saidKg === null) return { needKg: null, hardKg: null, months: [], flowKg };
  const used = winterMonths(rules.winterUseByMonthKg);
  const sum = used.reduce((total, m) => total + m.kg, 0);
  const months =
    sum > 0
      ? used.map((m) => ({ month: m.month as number | null, kg: (m.kg / sum) * saidKg }))
      : [{ month: null, kg: saidKg }];
  const running = months.findIndex((m) => m.month === Number(input.date.slice(5, 7)));
  const ahead =
    running < 0
      ? months
      : months
          .slice(running)
          .map((m, i) => (i ? m : { ...m, kg: m.kg * shareOfMonthLeft(input.date) }));
  const wholeKg = ahead.reduce((total, m) => total + m.kg, 0);
  return {
    needKg: Math.max(0, wholeKg - flowKg),
    hardKg: Math.max(0, wholeKg * (1 + rules.hardWinterPercent / 100) - flowKg),
    months: ahead,
    flowKg,
  };
}

/** The months of use in the order of the winter: it begins after the longest run of months without any. */
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
    .map((i) => ({ month: i + 1, kg: kg[i] }))
    .filter((m) => m.kg > 0);
}

function shareOfMonthLeft(date: string): number {
  const [year, month, day] = date.split('-').map(Number);
  const days = new Date(Date.UTC(year, month, 0)).getUTCDate();
  return (days - day + 1) / days;
}
