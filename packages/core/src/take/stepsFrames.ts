import { together, type Say } from '../say/say.js';
import { takeSay } from './says.js';
import { placeLabel } from '../hive/kinds.js';
import type { Floor } from '../records/vocabulary/colony.js';
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
      ? takeSay('take.stepsFrames.cut-it-out-clean')
      : takeSay('take.stepsFrames.cut-it-out-below-top');
  return [
    prepareStep(input, takeSay('take.stepsFrames.tub-with-lid-hive-tool')),
    ...calmingSteps(input, takeSay('take.stepsFrames.under-lid')),
    {
      id: 'open',
      kind: 'open',
      title: takeSay('take.stepsFrames.lid-off-one-frame-room'),
      text: takeSay('take.stepsFrames.loosen-propolis-at-both-ears'),
      caution: takeSay('take.stepsFrames.unwired-comb-falls-out-frame'),
      done: takeSay('take.stepsFrames.open'),
    },
    ...[...input.places]
      .sort((a, b) => b - a)
      .map((slot, i): TakeStep => ({
        id: `comb-${slot}`,
        kind: 'unit',
        slot,
        title: takeSay('take.stepsFrames.take-frame', { slot: placeLabel(slot) }),
        text: together(
          takeSay('take.stepsFrames.lift-upright-frame-goes-back'),
          LOOK_FIRST,
          beesOffText(input, true),
          plastic ? takeSay('take.stepsFrames.scrape-comb-off-sheet-over') : cutOut,
          takeSay('take.stepsFrames.frame-goes-back-at-once'),
        ),
        caution: i === 0 ? PUT_BACK : undefined,
        done: takeSay('take.stepsFrames.in-tub'),
      })),
    {
      id: 'places',
      kind: 'check',
      title: takeSay('take.stepsFrames.every-place-has-its-frame'),
      text: takeSay('take.stepsFrames.stray-comb-built-in-gap'),
      checks: [
        {
          id: 'all-frames',
          text: takeSay('take.stepsFrames.as-many-frames-in-as'),
          ifNot: takeSay('take.stepsFrames.put-frame-or-dummy-board'),
        },
      ],
      done: takeSay('take.stepsFrames.no-gap'),
    },
    shutStep(input, takeSay('take.stepsFrames.lid-on')),
    walkAwayStep(input),
  ];
}

/** A cut-comb super: seen from below, emptied of bees, carried so that combs hang still. */
export function cutCombSteps(input: TakeInput): TakeStep[] {
  const places = [...input.places].sort((a, b) => b - a);
  const board = input.rules.beesOff === 'repellent' && input.alive;
  return [
    prepareStep(input, takeSay('take.stepsFrames.empty-super-tub-or-covered')),
    ...calmingSteps(input, takeSay('take.stepsFrames.under-super')),
    {
      id: 'below',
      kind: 'check',
      title: takeSay('take.stepsFrames.tip-super-look-from-below'),
      text: together(
        liftText(input, boxesOf(input)[0]),
        takeSay('take.stepsFrames.one-edge-up-along-combs'),
      ),
      checks: [
        {
          id: 'capped',
          text: takeSay('take.stepsFrames.capped-to-edge-no-brood'),
          ifNot: takeSay('take.stepsFrames.light-and-unfinished-frames-move'),
        },
      ],
      done: takeSay('take.stepsFrames.seen-from-below'),
    },
    ...(board
      ? [
          {
            id: 'board',
            kind: 'wait',
            title: takeSay('take.stepsFrames.repellent-board-aslant'),
            text: takeSay('take.stepsFrames.across-corner-so-that-bees'),
            waitMinutes: 5,
            caution: takeSay('take.stepsFrames.only-what-permitted-where-you'),
            done: takeSay('take.stepsFrames.they-are-down'),
          } as TakeStep,
          {
            id: 'blow',
            kind: 'open',
            title: takeSay('take.stepsFrames.blow-it-empty'),
            text: takeSay('take.stepsFrames.on-its-end-on-stand'),
            caution: takeSay('take.stepsFrames.against-their-bars-never-from'),
            done: takeSay('take.stepsFrames.empty-bees'),
          } as TakeStep,
        ]
      : []),
    ...places.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: takeSay('take.stepsFrames.take-frame', { slot: placeLabel(slot) }),
      text: together(
        takeSay('take.stepsFrames.upright-slowly-into-covered-box'),
        board ? null : beesOffText(input, true),
        LOOK_FIRST,
        takeSay('take.stepsFrames.into-covered-box'),
      ),
      caution: i === 0 ? PUT_BACK : undefined,
      done: takeSay('take.stepsFrames.in-box'),
    })),
    {
      id: 'still',
      kind: 'close',
      title: takeSay('take.stepsFrames.carry-it-so-that-combs'),
      text: takeSay('take.stepsFrames.combs-in-direction-travel-level'),
      caution: takeSay('take.stepsFrames.comb-that-slaps-against-its'),
      done: takeSay('take.stepsFrames.combs-hang-still'),
    },
    shutStep(input, takeSay('take.stepsFrames.empty-frame-or-sheet-in')),
    walkAwayStep(input),
  ];
}

/** What catches a leak, by the floor the hive stands on. */
const TRAY_CHECKS: Record<Floor | 'unknown', readonly StepCheck[]> = {
  solid: [
    {
      id: 'tray',
      text: takeSay('take.stepsFrames.spill-tray-in-over-solid'),
      ifNot: takeSay('take.stepsFrames.push-it-in-what-leaks'),
    },
  ],
  mesh: [
    {
      id: 'tray',
      text: takeSay('take.stepsFrames.dish-or-tray-under-mesh'),
      ifNot: takeSay('take.stepsFrames.what-leaks-falls-through-mesh'),
    },
  ],
  'mesh-tray': [
    {
      id: 'tray',
      text: takeSay('take.stepsFrames.flat-tray-pushed-in-under'),
      ifNot: takeSay('take.stepsFrames.push-it-in-it-has'),
    },
  ],
  'tray-rim': [
    {
      id: 'tray',
      text: takeSay('take.stepsFrames.tray-with-its-rim-pushed'),
      ifNot: takeSay('take.stepsFrames.push-it-in-its-rim'),
    },
  ],
  unknown: [
    {
      id: 'tray',
      text: takeSay('take.stepsFrames.spill-tray-in-its-upper'),
      ifNot: takeSay('take.stepsFrames.push-it-in-and-up'),
    },
    {
      id: 'floor',
      text: takeSay('take.stepsFrames.floor-closed'),
      ifNot: takeSay('take.stepsFrames.close-slide-floor'),
    },
  ],
};

/**
 * A tilt in degrees, and as millimetres over the hive's length, as a level and a wedge are used.
 */
function tiltText(degrees: number, supportsMm: number): Say {
  const mm = Math.round(supportsMm * Math.tan((degrees * Math.PI) / 180));
  return takeSay('take.stepsFrames.over', {
    degrees,
    mm: { lengthMm: mm },
    supportsMm: { lengthMm: supportsMm },
  });
}

/** What has to be so before any drain frame is opened; each with what to do where it is not. */
function drainFrameChecks(input: TakeInput): StepCheck[] {
  const covered = input.rules.vesselCover === 'always' || input.dearth;
  return [
    ...TRAY_CHECKS[input.floor ?? 'unknown'],
    {
      id: 'caps',
      text: takeSay('take.stepsFrames.caps-out-outlets'),
      ifNot: takeSay('take.stepsFrames.pull-them-keep-them-at'),
    },
    {
      id: 'hoses',
      text: takeSay('take.stepsFrames.hose-in-every-outlet-down'),
      ifNot: takeSay('take.stepsFrames.loop-holds-lock-air-straighten'),
    },
    {
      id: 'air',
      text: covered
        ? takeSay('take.stepsFrames.vessels-covered-with-gap-for')
        : takeSay('take.stepsFrames.vessels-open-or-with-gap'),
      ifNot: takeSay('take.stepsFrames.tight-cover-locks-flow-leave'),
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
  const part = {
    1: 'whole',
    2: takeSay('take.stepsFrames.by-halves'),
    4: takeSay('take.stepsFrames.by-quarters'),
  }[input.rules.frameParts];
  const test: TakeStep[] = untested.length
    ? [
        {
          id: 'test',
          kind: 'check',
          title: takeSay('take.stepsFrames.look-at-first', {
            count: untested.length,
            untested: untested.map(placeLabel).join(', '),
          }),
          text: takeSay('take.stepsFrames.faces-nobody-has-seen-and'),
          checks: [
            {
              id: 'no-brood',
              text: takeSay('take.stepsFrames.no-brood-on-any-them'),
              ifNot: takeSay('take.stepsFrames.leave-that-frame-shut-today'),
            },
          ],
          done: takeSay('take.stepsFrames.looked-at-both-sides'),
        },
      ]
    : [];
  const tilt: TakeStep = {
    id: 'tilt',
    kind: 'check',
    title: takeSay('take.stepsFrames.measure-tilt'),
    text: together(
      takeSay('take.stepsFrames.toward-outlets-at-least', {
        tilt: tiltText(input.rules.drainTiltDegrees, input.supportsMm),
      }),
      input.tiltDegrees !== null &&
        takeSay('take.stepsFrames.text', {
          tiltDegrees: input.tiltDegrees,
          tiltIsToday: input.tiltIsToday
            ? takeSay('take.stepsFrames.measured-today')
            : takeSay('take.stepsFrames.at-last-look'),
        }),
    ),
    // What was measured in Look today is not asked again.
    ...(tiltIsKnown(input) ? {} : { asks: 'tilt' as const }),
    caution: takeSay('take.stepsFrames.hive-that-leans-other-way'),
    done: takeSay('take.stepsFrames.it-leans-enough'),
  };
  const ready: TakeStep = {
    id: 'checks',
    kind: 'check',
    title: takeSay('take.stepsFrames.before-anything-opened'),
    text: takeSay('take.stepsFrames.touch-each-when-it-so'),
    checks: drainFrameChecks(input),
    caution: takeSay('take.stepsFrames.once-opened-frame-runs-until'),
    done: takeSay('take.stepsFrames.all-it-so'),
  };
  const run: TakeStep = {
    id: 'frames',
    kind: 'frames',
    slots: frames,
    title: takeSay('take.stepsFrames.open-2', { frames: frames.length, part }),
    text: takeSay('take.stepsFrames.at-most-running-at-once', {
      framesAtOnce: input.rules.framesAtOnce,
    }),
    done: takeSay('take.stepsFrames.all-frames-closed'),
  };
  const tray: TakeStep = {
    id: 'tray-look',
    kind: 'close',
    title: takeSay('take.stepsFrames.look-at-tray'),
    text: takeSay('take.stepsFrames.how-much-ran-beside', {
      tray:
        input.rules.trayAfter === 'in'
          ? takeSay('take.stepsFrames.empty-it-wipe-it-it')
          : takeSay('take.stepsFrames.empty-it-and-take-it'),
    }),
    asks: 'tray',
    done: takeSay('take.stepsFrames.tray-seen-to'),
  };
  if (off) {
    return [
      prepareStep(input, takeSay('take.stepsFrames.stand-over-tray-indoors-vessels')),
      ...calmingSteps(input, takeSay('take.stepsFrames.top')),
      ...test,
      {
        id: 'off',
        kind: 'open',
        title: input.alive
          ? takeSay('take.stepsFrames.super-off-bees-off')
          : takeSay('take.stepsFrames.super-off'),
        text: together(
          liftText(input, boxesOf(input)[0]),
          beesOffText(input, true),
          takeSay('take.stepsFrames.carried-level-and-covered-indoors'),
        ),
        done: takeSay('take.stepsFrames.it-stands-over-tray'),
      },
      shutStep(input, takeSay('take.stepsFrames.lid-on-hive')),
      {
        ...tilt,
        text: takeSay('take.stepsFrames.on-its-stand-toward', {
          tilt: tiltText(input.rules.drainTiltDegrees, input.supportsMm),
        }),
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
        title: takeSay('take.stepsFrames.super-back-on'),
        text: takeSay('take.stepsFrames.in-evening-when-it-quiet'),
        done: takeSay('take.stepsFrames.super-on'),
      },
      walkAwayStep(input),
    ];
  }
  return [
    prepareStep(input, takeSay('take.stepsFrames.lever-hoses-caps-vessels-for')),
    ...(input.rules.smoke === 'smoke' || input.temper === 'defensive'
      ? calmingSteps(input, takeSay('take.stepsFrames.entrance'))
      : []),
    ...test,
    tilt,
    ready,
    run,
    tray,
    shutStep(input, takeSay('take.stepsFrames.end-pane-cover-on-hoses')),
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
      ? takeSay('take.stepsFrames.pierce-sealed-pots-tip-super')
      : takeSay('take.stepsFrames.pierce-lid-each-sealed-pot');
  const by = cut ? takeSay('take.stepsFrames.cut-sealed-pots-free-at') : drawn;
  return [
    prepareStep(
      input,
      cut
        ? takeSay('take.stepsFrames.lidded-bowl-fine-knife-cold')
        : takeSay('take.stepsFrames.suction-bottle-or-sieve-and'),
    ),
    {
      id: 'open',
      kind: 'open',
      title: takeSay('take.stepsFrames.lid-off-super-only'),
      text: takeSay('take.stepsFrames.cut-propolis-round-it-brood'),
      shutWithinMinutes: POTS_OPEN_MINUTES,
      caution: takeSay('take.stepsFrames.native-bees-are-protected-in'),
      done: takeSay('take.stepsFrames.super-open'),
    },
    ...[...input.places]
      .sort((a, b) => a - b)
      .map((slot, i): TakeStep => ({
        id: `comb-${slot}`,
        kind: 'unit',
        slot,
        title: takeSay('take.stepsFrames.pots-group', { slot: placeLabel(slot) }),
        text: together(by, takeSay('take.stepsFrames.honey-pots-only-what-pollen')),
        caution: i === 0 ? takeSay('take.stepsFrames.torn-pollen-pot-brings-small') : undefined,
        done: cut ? takeSay('take.stepsFrames.in-bowl') : takeSay('take.stepsFrames.in-bottle'),
      })),
    {
      id: 'torn',
      kind: 'check',
      title: takeSay('take.stepsFrames.torn-pots-out-spills-wiped'),
      text: takeSay('take.stepsFrames.every-drop-honey-and-every'),
      checks: [
        {
          id: 'torn-out',
          text: takeSay('take.stepsFrames.torn-pots-are-out'),
          ifNot: takeSay('take.stepsFrames.lift-them-out-with-knife'),
        },
        {
          id: 'dry',
          text: takeSay('take.stepsFrames.no-wet-spot-left'),
          ifNot: takeSay('take.stepsFrames.wipe-with-damp-cloth-then'),
        },
      ],
      done: takeSay('take.stepsFrames.clean-and-dry'),
    },
    {
      ...shutStep(input, takeSay('take.stepsFrames.lid-on-joints-taped')),
      caution: takeSay('take.stepsFrames.small-flies-come-within-minutes'),
    },
    {
      ...walkAwayStep(input),
      text: takeSay('take.stepsFrames.honey-into-cold-now-under'),
    },
  ];
}
