import { together, type Say } from '../say/say.js';
import { takeSay } from './says.js';
import { isStingless } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Floor } from '../records/vocabulary/colony.js';
import type { HouseRules } from '../records/houseRules.js';
import type { InVisit } from './visit.js';
import type { Way } from '../records/vocabulary/ways.js';
import type { TakeStep } from './takeStep.js';

export interface TakeInput {
  kind: HiveKindName;
  way: Way;
  /** Places chosen, hive-wide numbers (see placeNumber). */
  places: readonly number[];
  /** The last place that carries comb. */
  lastCombPlace: number;
  /** Boxes of which every comb was chosen, by box number. */
  wholeBoxes: readonly number[];
  rules: Pick<
    HouseRules,
    | 'smoke'
    | 'smokeWaitMinutes'
    | 'beesOff'
    | 'starterLeft'
    | 'potsBy'
    | 'frameParts'
    | 'framesAtOnce'
    | 'vesselCover'
    | 'frameDone'
    | 'frameReset'
    | 'trayAfter'
    | 'drainTiltDegrees'
    | 'liftKg'
    | 'people'
    | 'minutesPerComb'
  >;
  temper: 'calm' | 'nervous' | 'defensive' | null;
  /** Where this lot stands among others that are taken from the hive in one visit. */
  visit: InVisit;
  /** It was opened without the smoke that was due: nobody waits for smoke, and no smoker is out. */
  unsmoked: boolean;
  /** False for a colony that is gone: nobody is smoked. */
  alive: boolean;
  dearth: boolean;
  siteNotes: readonly string[];
  /** What the frames are built from, where the kind says. */
  sheet: 'none' | 'starter' | 'plastic' | null;
  /** Places whose faces nobody has seen, and whether an excluder keeps the queen below. */
  unseen: readonly number[];
  excluder: boolean;
  tiltDegrees: number | null;
  /** Whether that tilt was measured today: then it is not asked again. */
  tiltIsToday: boolean;
  /** Length between the supports, mm: tilt is said over it too. */
  supportsMm: number;
  /** What the hive stands on, where it was noted. */
  floor: Floor | null;
  /**
   * What a box weighs as it is lifted, kg at the high end, by its number: wood, bees and all combs
   * in it, chosen or not; null where one of them was never looked at.
   */
  boxKg: Readonly<Record<number, number | null>>;
}

/**
 * Whether smoke is used: by the school, but for bees noted as defensive the smoker is lit whatever
 * the school.
 */
function smokes(input: TakeInput): boolean {
  if (!input.alive || isStingless(input.kind)) return false;
  if (input.temper === 'defensive') return true;
  if (input.rules.smoke === 'fresh-air') return false;
  return !(input.rules.smoke === 'by-temper' && input.temper === 'calm');
}

/** Everything laid out before anything is opened; what the site asks for stands in it. */
export function prepareStep(input: TakeInput, gear: Say): TakeStep {
  const site = input.siteNotes.flatMap(
    (note) =>
      ({
        neighbours: takeSay('take.step.neighbours-told'),
        children: takeSay('take.step.children-indoors'),
        dog: takeSay('take.step.dog-and-animals-away-tethered'),
        roof: takeSay('take.step.secured-on-roof-nothing-carried'),
        ladder: takeSay('take.step.somebody-holds-ladder'),
      })[note] ?? [],
  );
  const alone = takeSay('take.step.stings-can-kill-never-alone');
  if (!input.alive)
    return {
      id: 'ready',
      kind: 'prepare',
      title: takeSay('take.step.before-you-open'),
      text: together(takeSay('take.step.colony-gone-no-smoke'), gear, ...site),
      caution: takeSay('take.step.why-it-died-comes-first'),
      done: takeSay('take.step.all-here'),
    };
  if (isStingless(input.kind))
    return {
      id: 'ready',
      kind: 'prepare',
      title: takeSay('take.step.before-you-open'),
      text: together(gear, ...site),
      caution: takeSay('take.step.native-bees-are-protected-by'),
      done: takeSay('take.step.all-here'),
    };
  return {
    id: 'ready',
    kind: 'prepare',
    title: takeSay('take.step.before-you-open'),
    text: together(takeSay('take.step.veil-on-second-person-there'), gear, ...site),
    caution: alone,
    done: takeSay('take.step.all-here'),
  };
}

/**
 * Smoke, its wait, and for a colony that is not calm a second smoke; fresh air where the house does
 * without.
 */
export function calmingSteps(input: TakeInput, where: Say): TakeStep[] {
  const minutes = input.rules.smokeWaitMinutes;
  if (!input.alive) return [];
  const wait = (id: string, text: Say): TakeStep => ({
    id,
    kind: 'wait',
    title: takeSay('take.step.wait'),
    text,
    waitMinutes: minutes,
    done: takeSay('take.step.go-on'),
  });
  if (!smokes(input)) {
    return [
      {
        id: 'air',
        kind: 'smoke',
        title: takeSay('take.step.fresh-air-no-smoke'),
        text: together(
          input.rules.smoke === 'by-temper' && takeSay('take.step.they-were-calm-at-last'),
          takeSay('take.step.open-hands-width-let-light'),
        ),
        done: takeSay('take.step.opened-little'),
      },
      wait('air-wait', takeSay('take.step.they-move-down-from-light')),
    ];
  }
  const smoke: TakeStep = {
    id: 'smoke',
    kind: 'smoke',
    title: takeSay('take.step.smoke', { where }),
    text: takeSay('take.step.three-slow-cool-puffs-too'),
    caution: takeSay('take.step.smoker-starts-fires-bare-ground'),
    done: takeSay('take.step.smoked'),
  };
  if (input.unsmoked)
    return [
      smoke,
      wait(
        'air-wait',
        together(
          takeSay('take.step.nobody-warned-them-they-have'),
          takeSay('take.step.let-light-drive-them-down'),
        ),
      ),
    ];
  const steps: TakeStep[] = [smoke, wait('wait', takeSay('take.step.they-fill-up-with-honey'))];
  if (input.temper === 'nervous' || input.temper === 'defensive') {
    steps.push(
      {
        id: 'smoke-2',
        kind: 'smoke',
        title: takeSay('take.step.smoke-again'),
        text: takeSay(`take.step.they-were.${input.temper}`),
        done: takeSay('take.step.smoked-again'),
      },
      wait(
        'wait-2',
        input.temper === 'defensive'
          ? takeSay('take.step.still-running-up-or-striking')
          : takeSay('take.step.quieter-now-then-on'),
      ),
    );
  }
  return steps;
}

/** Getting bees off what is taken, by the household's own way; shaking only for framed combs. */
export function beesOffText(input: TakeInput, framed: boolean): Say | null {
  if (!input.alive) return null;
  if (input.rules.beesOff === 'shake')
    return framed
      ? takeSay('take.step.shake-bees-off-above-hive')
      : takeSay('take.step.brush-this-comb-has-no');
  return {
    brush: takeSay('take.step.brush-bees-off-upward-softly'),
    herd: takeSay('take.step.herd-bees-off-with-wet'),
    repellent: takeSay('take.step.repellent-has-driven-most-down'),
    'leave-out': takeSay('take.step.cover-it-leave-gap-bees'),
  }[input.rules.beesOff];
}

export const LOOK_FIRST = takeSay('take.step.look-for-brood-and-queen');
export const PUT_BACK = takeSay('take.step.brood-or-queen-seen-put');

export const starterText = (input: TakeInput): Say =>
  ({
    ridge: takeSay('take.step.leave-ridge-on-bar'),
    strip: takeSay('take.step.leave-strip-comb-as-guide'),
    nothing: takeSay('take.step.scrape-it-clean'),
  })[input.rules.starterLeft];

export function shutStep(input: TakeInput, text: Say): TakeStep {
  return {
    id: 'shut',
    kind: 'close',
    title: takeSay('take.step.close-it'),
    text: together(text, takeSay('take.step.wipe-every-drop-water-over')),
    caution: input.dearth
      ? takeSay('take.step.dearth-reduce-entrance-now-never')
      : takeSay('take.step.in-dearth-reduce-entrance-never'),
    done: takeSay('take.step.hive-closed'),
  };
}

/** The same where comb is cut from its walls before the bar is lifted: a ridge shows where it was. */
export const starterAtWalls = (input: TakeInput): Say =>
  input.rules.starterLeft === 'ridge'
    ? takeSay('take.step.ridge-as-comb-line')
    : starterText(input);

/** Whether a lit smoker is there to be put out. */
const hasSmoker = (input: TakeInput): boolean => smokes(input) && !input.unsmoked;
const walkTitle = (input: TakeInput): Say =>
  hasSmoker(input) ? takeSay('take.step.walk-away-smoker-out') : takeSay('take.step.walk-away');
const smotherText = (input: TakeInput): Say | null =>
  hasSmoker(input) ? takeSay('take.step.smother-smoker-and-see-that') : null;
const laterText = (input: TakeInput): Say =>
  input.alive
    ? takeSay('take.step.look-back-at-24-hours')
    : takeSay('take.step.keep-hive-closed-against-robbers');

export function walkAwayStep(input: TakeInput): TakeStep {
  return {
    id: 'look-back',
    kind: 'after',
    title: walkTitle(input),
    text: together(smotherText(input), laterText(input)),
    done: takeSay('take.step.done-here'),
  };
}

/**
 * The hive is shut and left while the box is still whole: what comes next is done at the bench,
 * then it ends.
 */
export function benchSteps(input: TakeInput, atTheBench: readonly TakeStep[]): TakeStep[] {
  return [
    {
      id: 'walk',
      kind: 'close',
      title: walkTitle(input),
      text: together(smotherText(input), takeSay('take.step.carry-what-was-taken-off')),
      done: takeSay('take.step.it-stands-at-bench'),
    },
    ...atTheBench,
    {
      id: 'look-back',
      kind: 'after',
      title: takeSay('take.step.done-at-bench'),
      text: laterText(input),
      done: takeSay('take.step.done-here'),
    },
  ];
}

/** How heavy a box is, and with how many it is lifted. */
export function liftText(input: TakeInput, box: number): Say {
  const known = input.boxKg[box] ?? null;
  if (known === null) return takeSay('take.step.weight-not-known-try-edge');
  const kg = Math.ceil(known);
  return takeSay('take.step.about', {
    kg: { massG: kg * 1000, as: 'whole' },
    kg2:
      kg > input.rules.liftKg
        ? takeSay('take.step.two-people-over-your', {
            liftKg: { massG: input.rules.liftKg * 1000, as: 'whole' },
          })
        : '',
  });
}
/** The boxes that combs are taken from, by number, the upper first. */
export const boxesOf = (input: TakeInput): number[] =>
  [...new Set(input.places.filter((p) => p >= 100).map((p) => Math.floor(p / 100)))].sort(
    (a, b) => b - a,
  );
