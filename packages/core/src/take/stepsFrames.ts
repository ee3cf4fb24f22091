import { placeLabel } from '../hive/kinds.js';
import type { Floor } from '../records/colony.js';
import {
  beesOffText,
  boxesOf,
  calmingSteps,
  liftText,
  LOOK_FIRST,
  prepareStep,
  PUT_BACK,
  shutStep,
  type TakeInput,
  walkAwayStep,
} from './step.js';
import type { StepCheck, TakeStep } from './takeStep.js';

/** A framed super for crushing: frame by frame, cut or scraped, and back at once. */
export function framedSteps(input: TakeInput): TakeStep[] {
  const plastic = input.sheet === 'plastic';
  const cutOut =
    input.rules.starterLeft === 'nothing'
      ? 'Cut it out clean.'
      : 'Cut it out below the top bar, a starter strip left.';
  return [
    prepareStep(input, 'Tub with lid, hive tool, scraper, brush, wet cloth.'),
    ...calmingSteps(input, 'under the lid'),
    {
      id: 'open',
      kind: 'open',
      title: 'Lid off, one frame of room',
      text: 'Loosen the propolis at both ears. The outer frame first: it makes room.',
      caution: 'Unwired comb falls out of a frame held flat.',
      done: 'Open',
    },
    ...[...input.places]
      .sort((a, b) => b - a)
      .map((slot, i): TakeStep => ({
        id: `comb-${slot}`,
        kind: 'unit',
        slot,
        title: `Take frame ${placeLabel(slot)}`,
        text: `Lift upright. ${LOOK_FIRST} ${beesOffText(input, true)} ${plastic ? 'Scrape the comb off the sheet over the tub.' : cutOut} The frame goes back at once.`,
        caution: i === 0 ? PUT_BACK : undefined,
        done: 'In the tub',
      })),
    {
      id: 'places',
      kind: 'check',
      title: 'Every place has its frame',
      text: 'Stray comb is built in a gap within days.',
      checks: [
        {
          id: 'all-frames',
          text: 'As many frames in as places',
          ifNot: 'Put a frame or a dummy board into every gap.',
        },
      ],
      done: 'No gap',
    },
    shutStep(input, 'Lid on.'),
    walkAwayStep(input),
  ];
}

/** A cut-comb super: seen from below, emptied of bees, carried so that combs hang still. */
export function cutCombSteps(input: TakeInput): TakeStep[] {
  const places = [...input.places].sort((a, b) => b - a);
  const board = input.rules.beesOff === 'repellent' && input.alive;
  return [
    prepareStep(
      input,
      'Empty super, tub or covered board, hive tool, brush, cloth to keep robbers off.',
    ),
    ...calmingSteps(input, 'under the super'),
    {
      id: 'below',
      kind: 'check',
      title: 'Tip the super, look from below',
      text: `${liftText(input, boxesOf(input)[0])} One edge up, along the combs.`,
      checks: [
        {
          id: 'capped',
          text: 'Capped to the edge, no brood',
          ifNot:
            'Light and unfinished frames move to the middle or stay; turn the super end for end.',
        },
      ],
      done: 'Seen from below',
    },
    ...(board
      ? [
          {
            id: 'board',
            kind: 'wait',
            title: 'Repellent board, aslant',
            text: 'Across the corner, so that bees find the way down; a few drops on its cloth.',
            waitMinutes: 5,
            caution:
              'Only what is permitted where you are, and no longer than this: comb takes on its smell.',
            done: 'They are down',
          } as TakeStep,
          {
            id: 'blow',
            kind: 'open',
            title: 'Blow it empty',
            text: 'On its end on a stand, top bars toward the blower, so that combs are pushed against their bars and not out of them.',
            caution: 'Against their bars, never from below: unwired comb leaves its frame.',
            done: 'Empty of bees',
          } as TakeStep,
        ]
      : []),
    ...places.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: `Take frame ${placeLabel(slot)}`,
      text: `Upright, slowly. ${board ? '' : beesOffText(input, true)} ${LOOK_FIRST} Into the covered box, hanging as it hung.`,
      caution: i === 0 ? PUT_BACK : undefined,
      done: 'In the box',
    })),
    {
      id: 'still',
      kind: 'close',
      title: 'Carry it so that combs hang still',
      text: 'Combs in the direction of travel, level, no bump. Covered against robbers and dust.',
      caution: 'A comb that slaps against its frame cracks and runs.',
      done: 'Combs hang still',
    },
    shutStep(input, 'An empty frame or sheet in every place, lid on.'),
    walkAwayStep(input),
  ];
}

/** What catches a leak, by the floor the hive stands on. */
const TRAY_CHECKS: Record<Floor | 'unknown', readonly StepCheck[]> = {
  solid: [
    {
      id: 'tray',
      text: 'Spill tray in, over the solid floor',
      ifNot: 'Push it in: what leaks would stand on the floor under the bees.',
    },
  ],
  mesh: [
    {
      id: 'tray',
      text: 'A dish or tray under the mesh',
      ifNot:
        'What leaks falls through the mesh onto the ground and calls robbers: set one under it.',
    },
  ],
  'mesh-tray': [
    {
      id: 'tray',
      text: 'Flat tray pushed in under the mesh',
      ifNot: 'Push it in. It has no rim and holds little: look at it after every part.',
    },
  ],
  'tray-rim': [
    {
      id: 'tray',
      text: 'Tray with its rim pushed in',
      ifNot: 'Push it in: its rim keeps what leaks off the bees and the ground.',
    },
  ],
  unknown: [
    {
      id: 'tray',
      text: 'Spill tray in its upper position',
      ifNot: 'Push it in and up: what leaks must run outside, not onto the bees.',
    },
    { id: 'floor', text: 'Floor closed', ifNot: 'Close the slide of the floor.' },
  ],
};

/**
 * A tilt in degrees, and as millimetres over the hive's length, as a level and a wedge are used.
 */
function tiltText(degrees: number, supportsMm: number): string {
  const mm = Math.round(supportsMm * Math.tan((degrees * Math.PI) / 180));
  return `${degrees}°, ${mm} mm over ${supportsMm} mm`;
}

/** What has to be so before any drain frame is opened; each with what to do where it is not. */
function drainFrameChecks(input: TakeInput): StepCheck[] {
  const covered = input.rules.vesselCover === 'always' || input.dearth;
  return [
    ...TRAY_CHECKS[input.floor ?? 'unknown'],
    {
      id: 'caps',
      text: 'Caps out of the outlets',
      ifNot: 'Pull them, keep them at hand: they are needed at the end.',
    },
    {
      id: 'hoses',
      text: 'A hose in every outlet, down into its vessel, no loop',
      ifNot: 'A loop holds a lock of air: straighten it.',
    },
    {
      id: 'air',
      text: covered ? 'Vessels covered, with a gap for air' : 'Vessels open or with a gap for air',
      ifNot: 'A tight cover locks the flow: leave a gap a bee does not pass.',
    },
  ];
}

const tiltIsKnown = (input: TakeInput): boolean =>
  input.tiltIsToday && (input.tiltDegrees ?? 0) >= input.rules.drainTiltDegrees;

/**
 * A super of split-cell frames: everything made sure of first, then opened part by part, reset and
 * plugged.
 */
export function drainFrameSteps(input: TakeInput): TakeStep[] {
  const frames = [...input.places].sort((a, b) => a - b);
  const off = input.way === 'drain-off';
  const untested = input.excluder ? [] : input.unseen;
  const part = { 1: 'whole', 2: 'by halves', 4: 'by quarters' }[input.rules.frameParts];
  const test: TakeStep[] = untested.length
    ? [
        {
          id: 'test',
          kind: 'check',
          title: `Look at ${untested.length === 1 ? `frame ${placeLabel(untested[0])}` : `frames ${untested.map(placeLabel).join(', ')}`} first`,
          text: 'Faces nobody has seen, and no excluder: opening crushes larvae into the honey. Lift each and look at both sides, or leave it shut.',
          checks: [
            {
              id: 'no-brood',
              text: 'No brood on any of them',
              ifNot: 'Leave that frame shut today.',
            },
          ],
          done: 'Looked at both sides',
        },
      ]
    : [];
  const tilt: TakeStep = {
    id: 'tilt',
    kind: 'check',
    title: 'Measure the tilt',
    text: `Toward the outlets, at least ${tiltText(input.rules.drainTiltDegrees, input.supportsMm)}.${input.tiltDegrees === null ? '' : ` ${input.tiltDegrees}° ${input.tiltIsToday ? 'measured today' : 'at the last look'}.`}`,
    // What was measured in Look today is not asked again.
    ...(tiltIsKnown(input) ? {} : { asks: 'tilt' as const }),
    caution: 'A hive that leans the other way fills itself with honey.',
    done: 'It leans enough',
  };
  const ready: TakeStep = {
    id: 'checks',
    kind: 'check',
    title: 'Before anything is opened',
    text: 'Touch each when it is so.',
    checks: drainFrameChecks(input),
    caution: 'Once opened, a frame runs until it is empty. It cannot be stopped.',
    done: 'All of it is so',
  };
  const run: TakeStep = {
    id: 'frames',
    kind: 'frames',
    slots: frames,
    title: `Open ${frames.length === 1 ? 'the frame' : `${frames.length} frames`}, ${part}`,
    text: `At most ${input.rules.framesAtOnce} running at once. A clock for every frame.`,
    done: 'All frames closed',
  };
  const tray: TakeStep = {
    id: 'tray-look',
    kind: 'close',
    title: 'Look at the tray',
    text: `How much ran beside? ${input.rules.trayAfter === 'in' ? 'Empty it, wipe it, it stays in.' : 'Empty it and take it out.'} Floor as it was.`,
    asks: 'tray',
    done: 'Tray is seen to',
  };
  if (off) {
    return [
      prepareStep(
        input,
        'Stand over a tray indoors, vessels, lever, hoses, caps, cloth to cover the super.',
      ),
      ...calmingSteps(input, 'the top'),
      ...test,
      {
        id: 'off',
        kind: 'open',
        title: input.alive ? 'Super off, bees off' : 'Super off',
        text: `${liftText(input, boxesOf(input)[0])} ${beesOffText(input, true)} Carried level and covered, indoors over the tray.`,
        done: 'It stands over the tray',
      },
      shutStep(input, 'Lid on the hive.'),
      {
        ...tilt,
        text: `On its stand, toward the outlets, at least ${tiltText(input.rules.drainTiltDegrees, input.supportsMm)}.`,
        asks: 'tilt',
      },
      // Indoors it stands over its own tray, whatever floor the hive has.
      {
        ...ready,
        checks: drainFrameChecks({ ...input, floor: null }).filter((c) => c.id !== 'floor'),
      },
      run,
      { ...tray, id: 'tray-look' },
      {
        id: 'back-on',
        kind: 'close',
        title: 'Super back on',
        text: 'In the evening, when it is quiet: the wet frames call robbers.',
        done: 'Super is on',
      },
      walkAwayStep(input),
    ];
  }
  return [
    prepareStep(
      input,
      'Lever, hoses, caps, vessels for the high estimate with their covers, wet cloth, level.',
    ),
    ...(input.rules.smoke === 'smoke' || input.temper === 'defensive'
      ? calmingSteps(input, 'the entrance')
      : []),
    ...test,
    tilt,
    ready,
    run,
    tray,
    shutStep(input, 'End pane cover on, hoses away.'),
    walkAwayStep(input),
  ];
}

/** Minutes a stingless box stays open at most: small flies find spilled honey. A starting value. */
const POTS_OPEN_MINUTES = 10;

/** Honey pots of a stingless box: sealed ones only, the brood never opened, shut within minutes. */
export function potSteps(input: TakeInput): TakeStep[] {
  const cut = input.way === 'cut-pots';
  const drawn =
    input.rules.potsBy === 'tip'
      ? 'Pierce the sealed pots, tip the super over its sieve and bowl; let it run, do not press.'
      : 'Pierce the lid of each sealed pot with the tube and draw it empty; the walls stay for them to fill again.';
  const by = cut
    ? 'Cut the sealed pots free at their foot and lift each out whole; none may break in the box.'
    : drawn;
  return [
    prepareStep(
      input,
      cut
        ? 'Lidded bowl, fine knife, cold box, wet cloth, tape. No smoke.'
        : 'Suction bottle or sieve and bowl, cold box, wet cloth, fine knife, tape. No smoke.',
    ),
    {
      id: 'open',
      kind: 'open',
      title: 'Lid off the super only',
      text: 'Cut the propolis round it. The brood below stays shut, always.',
      shutWithinMinutes: POTS_OPEN_MINUTES,
      caution: 'Native bees are protected in many places: ask before you take.',
      done: 'Super is open',
    },
    ...[...input.places]
      .sort((a, b) => a - b)
      .map((slot, i): TakeStep => ({
        id: `comb-${slot}`,
        kind: 'unit',
        slot,
        title: `Pots, group ${placeLabel(slot)}`,
        text: `${by} Honey pots only: what is pollen stays shut. Winter stores stay.`,
        caution:
          i === 0 ? 'A torn pollen pot brings small flies: out with it, at once.' : undefined,
        done: cut ? 'In the bowl' : 'In the bottle',
      })),
    {
      id: 'torn',
      kind: 'check',
      title: 'Torn pots out, spills wiped',
      text: 'Every drop of honey and every crumb of pollen.',
      checks: [
        { id: 'torn-out', text: 'Torn pots are out', ifNot: 'Lift them out with the knife.' },
        { id: 'dry', text: 'No wet spot left', ifNot: 'Wipe with a damp cloth, then a dry one.' },
      ],
      done: 'Clean and dry',
    },
    {
      ...shutStep(input, 'Lid on, joints taped.'),
      caution: 'Small flies come within minutes: no gap at any joint.',
    },
    {
      ...walkAwayStep(input),
      text: 'Honey into the cold now, under a vented lid. Look back at 24 hours: flies at the joints, bees at work.',
    },
  ];
}
