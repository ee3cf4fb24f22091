import { isStingless } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Floor } from '../records/colony.js';
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
export function prepareStep(input: TakeInput, gear: string): TakeStep {
  const site = input.siteNotes.flatMap(
    (note) =>
      ({
        neighbours: 'Neighbours told.',
        children: 'Children indoors.',
        dog: 'Dog and animals away: a tethered one cannot flee.',
        roof: 'Secured on the roof, nothing carried while climbing.',
        ladder: 'Somebody holds the ladder.',
      })[note] ?? [],
  );
  const alone = 'Stings can kill. Never alone the first times; know the emergency number.';
  if (!input.alive)
    return {
      id: 'ready',
      kind: 'prepare',
      title: 'Before you open',
      text: [`The colony is gone: no smoke. ${gear}`, ...site].join(' '),
      caution:
        'Why it died comes first: ask a vet or inspector before this honey is eaten or fed. Robbers may be inside: veil on.',
      done: 'All here',
    };
  if (isStingless(input.kind))
    return {
      id: 'ready',
      kind: 'prepare',
      title: 'Before you open',
      text: [gear, ...site].join(' '),
      caution:
        'Native bees are protected by law in many places: ask before you take or move anything.',
      done: 'All here',
    };
  return {
    id: 'ready',
    kind: 'prepare',
    title: 'Before you open',
    text: ['Veil on, second person there, adrenaline and telephone in reach.', gear, ...site].join(
      ' ',
    ),
    caution: alone,
    done: 'All here',
  };
}

/**
 * Smoke, its wait, and for a colony that is not calm a second smoke; fresh air where the house does
 * without.
 */
export function calmingSteps(input: TakeInput, where: string): TakeStep[] {
  const minutes = input.rules.smokeWaitMinutes;
  if (!input.alive) return [];
  const wait = (id: string, text: string): TakeStep => ({
    id,
    kind: 'wait',
    title: 'Wait',
    text,
    waitMinutes: minutes,
    done: 'Go on',
  });
  if (!smokes(input)) {
    return [
      {
        id: 'air',
        kind: 'smoke',
        title: 'Fresh air, no smoke',
        text: `${input.rules.smoke === 'by-temper' ? 'They were calm at the last look. ' : ''}Open a hand's width, let light and air in, stand aside of the entrance.`,
        done: 'Opened a little',
      },
      wait('air-wait', 'They move down from the light. Slow hands; no breath on the combs.'),
    ];
  }
  const smoke: TakeStep = {
    id: 'smoke',
    kind: 'smoke',
    title: `Smoke ${where}`,
    text: 'Three slow, cool puffs. Too much smoke taints open honey.',
    caution: 'A smoker starts fires: bare ground, water beside it, never left lit.',
    done: 'Smoked',
  };
  if (input.unsmoked)
    return [
      smoke,
      wait(
        'air-wait',
        [
          'Nobody warned them: they have eaten nothing and fly sooner.',
          'Let the light drive them down; the pause comes after half as many stings.',
        ].join(' '),
      ),
    ];
  const steps: TakeStep[] = [
    smoke,
    wait('wait', 'They fill up with honey and calm down. It takes its time.'),
  ];
  if (input.temper === 'nervous' || input.temper === 'defensive') {
    steps.push(
      {
        id: 'smoke-2',
        kind: 'smoke',
        title: 'Smoke again',
        text: `They were ${input.temper} at the last look: once more, then wait again.`,
        done: 'Smoked again',
      },
      wait(
        'wait-2',
        input.temper === 'defensive'
          ? 'Still running up or striking the veil? Shut it and come another day.'
          : 'Quieter now? Then on.',
      ),
    );
  }
  return steps;
}

/** Getting bees off what is taken, by the household's own way; shaking only for framed combs. */
export function beesOffText(input: TakeInput, framed: boolean): string {
  if (!input.alive) return '';
  if (input.rules.beesOff === 'shake')
    return framed
      ? 'Shake the bees off above the hive, short and once; brush the rest.'
      : 'Brush: this comb has no frame and would break when shaken.';
  return {
    brush: 'Brush the bees off, upward, softly.',
    herd: 'Herd the bees off with a wet hand.',
    repellent: 'The repellent has driven most down; brush the rest.',
    'leave-out': 'Cover it, leave a gap: the bees go home. Never in a dearth.',
  }[input.rules.beesOff];
}

export const LOOK_FIRST = 'Look for brood and the queen on both sides.';
export const PUT_BACK = 'Brood or the queen seen: put it back.';

export const starterText = (input: TakeInput): string =>
  ({
    ridge: 'leave a ridge on the bar',
    strip: 'leave a strip of comb as guide',
    nothing: 'scrape it clean',
  })[input.rules.starterLeft];

export function shutStep(input: TakeInput, text: string): TakeStep {
  return {
    id: 'shut',
    kind: 'close',
    title: 'Close it',
    text: `${text} Wipe every drop; water over spilled honey.`,
    caution: input.dearth
      ? 'Dearth: reduce the entrance now. Never close it.'
      : 'In a dearth reduce the entrance; never close it.',
    done: 'Hive is closed',
  };
}

/** Whether a lit smoker is there to be put out. */
const hasSmoker = (input: TakeInput): boolean => smokes(input) && !input.unsmoked;
const walkTitle = (input: TakeInput): string =>
  hasSmoker(input) ? 'Walk away, smoker out' : 'Walk away';
const smotherText = (input: TakeInput): string =>
  hasSmoker(input) ? 'Smother the smoker and see that it is cold. ' : '';
const laterText = (input: TakeInput): string =>
  input.alive
    ? 'Look back at 24 hours: robbing, drips, a fallen comb.'
    : 'Keep the hive closed against robbers and moth until its cause of death is known.';

export function walkAwayStep(input: TakeInput): TakeStep {
  return {
    id: 'look-back',
    kind: 'after',
    title: walkTitle(input),
    text: smotherText(input) + laterText(input),
    done: 'Done here',
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
      text: `${smotherText(input)}Carry what was taken off, covered, to the bench; it is cut free there, not beside the open hive.`,
      done: 'It stands at the bench',
    },
    ...atTheBench,
    {
      id: 'look-back',
      kind: 'after',
      title: 'Done at the bench',
      text: laterText(input),
      done: 'Done here',
    },
  ];
}

/** How heavy a box is, and with how many it is lifted. */
export function liftText(input: TakeInput, box: number): string {
  const known = input.boxKg[box] ?? null;
  if (known === null) return 'Weight not known: try the edge first, two people.';
  const kg = Math.ceil(known);
  return `About ${kg} kg${kg > input.rules.liftKg ? `: two people, over your ${input.rules.liftKg} kg` : ''}.`;
}
/** The boxes that combs are taken from, by number, the upper first. */
export const boxesOf = (input: TakeInput): number[] =>
  [...new Set(input.places.filter((p) => p >= 100).map((p) => Math.floor(p / 100)))].sort(
    (a, b) => b - a,
  );
