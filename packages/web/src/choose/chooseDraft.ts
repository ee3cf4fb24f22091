import {
  choiceHive,
  judgeHiveAt,
  siteDate,
  stateAt,
  type ChoiceHive,
  type EstimateCorrection,
  type Goal,
  type Hive,
  type HouseRules,
  type KeepApart,
  type Pin,
} from '@furrow/core';

/** What a person laid out in Choose and has not written down yet; it survives a reload. */
export interface ChooseDraft {
  /**
   * Hives that are chosen from at once, this one among them; empty where each is chosen by itself.
   */
  together: string[];
  goal: Goal;
  amount: { jarKindId: string; count: number | null; byLocal: string } | null;
  pins: Record<string, Pin>;
  /** Why a comb is taken although its verdict says otherwise. */
  reasons: Record<string, string>;
  handsHours: number | null;
  countVessels: boolean;
  countStock: boolean;
  countFreezer: boolean;
  flowKg: Record<string, number | null>;
  byBox: Record<string, boolean>;
  /** What lots are kept apart by; null while nobody said otherwise than the household's rule. */
  keep: KeepApart | null;
}
export const newChooseDraft = (): ChooseDraft => ({
  together: [],
  goal: 'most-worth',
  amount: null,
  pins: {},
  reasons: {},
  handsHours: null,
  countVessels: true,
  countStock: true,
  countFreezer: true,
  flowKg: {},
  byBox: {},
  keep: null,
});

/**
 * Whether another hive is chosen from together with the one in view, whichever of them the choice
 * began at.
 */
export const chosenTogether = (
  draft: Pick<ChooseDraft, 'together'>,
  hereId: string,
  otherId: string,
): boolean => draft.together.includes(hereId) && draft.together.includes(otherId);

/**
 * Hives chosen from at once after one joined them or left; one alone is not together with anybody.
 */
export function joinHives(
  together: readonly string[],
  hereId: string,
  id: string,
  joins: boolean,
): string[] {
  const begun = together.includes(hereId) ? together : [hereId];
  const now = joins ? [...new Set([...begun, id])] : begun.filter((h) => h !== id);
  return now.length > 1 ? now : [];
}

/**
 * A hive as the chooser sees it at an instant: combs that are chosen in a harvest already are as
 * good as gone; estimates are corrected by the household's scale once that counts.
 */
export function hiveToChoose(
  hive: Hive,
  rules: HouseRules,
  instant: string,
  busyCombs: readonly string[],
  draft: Pick<ChooseDraft, 'flowKg' | 'byBox'>,
  correction: EstimateCorrection | null = null,
): ChoiceHive {
  const flowKg = Math.max(0, draft.flowKg[hive.id] ?? 0);
  // Verdict and chooser weigh the same winter: the flow counted on is in both.
  const judged = judgeHiveAt(hive, rules, instant, null, flowKg).filter(
    (j) => !busyCombs.includes(j.combId),
  );
  return choiceHive({
    hive,
    judged,
    colony: stateAt(hive, instant, rules),
    rules,
    date: siteDate(hive, instant),
    flowKg,
    byBox: draft.byBox[hive.id] ?? false,
    correction: correction?.applies ? correction.factor : null,
  });
}

/**
 * Puts the person's own pins over a set: what they touched shows at once, before the chooser has
 * answered.
 */
export function withPins<W extends string>(
  ways: Readonly<Record<string, W>>,
  pins: Readonly<Record<string, Pin>>,
  usual: (unitId: string) => W | null,
): Record<string, W> {
  const out: Record<string, W> = { ...ways };
  for (const [id, pin] of Object.entries(pins)) {
    const named = pin === 'leave' ? null : (pin as unknown as W);
    const way = pin === 'take' ? (out[id] ?? usual(id)) : named;
    if (way) out[id] = way;
    else delete out[id];
  }
  return out;
}
