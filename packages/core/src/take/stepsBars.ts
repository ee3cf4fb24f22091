import { together } from '../say/say.js';
import { takeSay } from './says.js';
import { placeLabel } from '../hive/kinds.js';
import {
  beesOffText,
  benchSteps,
  boxesOf,
  calmingSteps,
  liftText,
  LOOK_FIRST,
  prepareStep,
  PUT_BACK,
  shutStep,
  starterAtWalls,
  starterText,
  type TakeInput,
  walkAwayStep,
} from './step.js';
import type { TakeStep } from './takeStep.js';

/**
 * Combs of a horizontal top-bar hive, from the back: each cut free from the walls, tried for
 * hanging free, slid level, then lifted upright. Bars go back in order, empty ones last.
 */
export function topBarSteps(input: TakeInput): TakeStep[] {
  const bars = [...input.places].sort((a, b) => b - a);
  const setAside =
    input.lastCombPlace > bars[0]
      ? takeSay('take.stepsBars.slide-bars-behind-back-or', { bars: bars[0] })
      : '';
  return [
    prepareStep(input, takeSay('take.stepsBars.tub-lid-long-knife-brush')),
    ...calmingSteps(input, takeSay('take.stepsBars.entrance')),
    {
      id: 'board',
      kind: 'open',
      title: takeSay('take.stepsBars.take-out-follower-board'),
      text: takeSay('take.stepsBars.open-at-back-follower-board'),
      caution: takeSay('take.stepsBars.combs-across-two-bars-tear'),
      done: takeSay('take.stepsBars.board-out'),
    },
    ...bars.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: takeSay('take.stepsBars.lift-bar', { slot }),
      text: together(
        i === 0 && setAside,
        takeSay('take.stepsBars.cut-it-from-both-walls'),
        LOOK_FIRST,
        beesOffText(input, false),
        takeSay('take.stepsBars.then-cut-it-into-tub', { starter: starterText(input) }),
      ),
      caution:
        i === 0
          ? together(takeSay('take.stepsBars.comb-held-flat-breaks-off'), PUT_BACK)
          : undefined,
      done: takeSay('take.stepsBars.in-tub'),
    })),
    {
      id: 'return',
      kind: 'close',
      title: takeSay('take.stepsBars.put-bars-back'),
      text: takeSay('take.stepsBars.bars-with-comb-in-their'),
      asks: input.rules.starterLeft === 'nothing' ? undefined : 'strip',
      done: takeSay('take.stepsBars.all-bars-in'),
    },
    {
      ...shutStep(input, takeSay('take.stepsBars.follower-board-back-behind-last')),
      title: takeSay('take.stepsBars.board-in-lid-on'),
    },
    walkAwayStep(input),
  ];
}

/** Comb that is opened and left to drip may do so in its box, before it is cut free. */
const dripsFirst = ({ way }: TakeInput): boolean => way === 'drip-press' || way === 'slice';

/** Boxes of a Warré hive: whole where every comb of the box was chosen, else comb by comb. */
export function warreSteps(input: TakeInput): TakeStep[] {
  const places = [...input.places].sort((a, b) => b - a);
  const boxes = [...input.wholeBoxes].sort((a, b) => b - a);
  const single = places.filter((p) => !boxes.includes(Math.floor(p / 100)));
  const cutFree = (box: number): TakeStep[] => {
    const slots = places.filter((p) => Math.floor(p / 100) === box);
    return [
      {
        id: `cut-${box}`,
        kind: 'open',
        slots,
        ...(dripsFirst(input) ? { putOff: [`cut-${box}`] } : {}),
        title: takeSay('take.stepsBars.cut-combs-free'),
        text: together(
          takeSay('take.stepsBars.both-walls-of-each', { starter: starterAtWalls(input) }),
          beesOffText(input, false),
        ),
        caution: takeSay('take.stepsBars.bar-lifted-before-its-walls'),
        done: takeSay('take.stepsBars.all-combs-out'),
      },
      {
        id: `empty-${box}`,
        kind: 'box',
        slots,
        title: takeSay('take.stepsBars.weigh-box-empty', { box }),
        text: takeSay('take.stepsBars.box-and-bars-without-comb'),
        done: takeSay('take.stepsBars.write-it-down'),
      },
    ];
  };
  return [
    prepareStep(input, takeSay('take.stepsBars.wire-with-two-grips-empty')),
    ...calmingSteps(input, takeSay('take.stepsBars.top-bars')),
    ...boxes.flatMap((box): TakeStep[] => {
      const slots = places.filter((p) => Math.floor(p / 100) === box);
      return [
        ...(input.alive
          ? [
              {
                id: `down-${box}`,
                kind: 'wait',
                title: takeSay('take.stepsBars.drive-them-down-out-box', { box }),
                text: takeSay('take.stepsBars.quilt-off-little-smoke-from'),
                waitMinutes: input.rules.smokeWaitMinutes,
                done: takeSay('take.stepsBars.they-are-down'),
              } as TakeStep,
            ]
          : []),
        {
          id: `part-${box}`,
          kind: 'open',
          title: takeSay('take.stepsBars.part-box-from-one-below', { box }),
          text: takeSay('take.stepsBars.draw-wire-through-joint-slowly'),
          caution: takeSay('take.stepsBars.slowly-or-queen-cut-with'),
          done: takeSay('take.stepsBars.parted'),
        },
        {
          id: `turn-${box}`,
          kind: 'check',
          title: takeSay('take.stepsBars.turn-it-look-from-beneath'),
          text: together(liftText(input, box), takeSay('take.stepsBars.tip-it-on-its-side')),
          caution: takeSay('take.stepsBars.combs-swing-loose-when-tipped'),
          checks: [
            {
              id: 'no-brood',
              text: takeSay('take.stepsBars.no-brood-no-queen'),
              ifNot: takeSay('take.stepsBars.set-box-back-where-it'),
            },
          ],
          done: takeSay('take.stepsBars.nothing-but-honey'),
        },
        {
          id: `box-${box}`,
          kind: 'box',
          slots,
          title: takeSay('take.stepsBars.weigh-box-whole', { box }),
          text: takeSay('take.stepsBars.with-its-combs-now-empty'),
          done: takeSay('take.stepsBars.weighed-full'),
        },
      ];
    }),
    ...single.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: takeSay('take.stepsBars.lift-comb', { slot: placeLabel(slot) }),
      text: together(
        takeSay('take.stepsBars.cut-both-walls-from-top'),
        LOOK_FIRST,
        beesOffText(input, false),
        takeSay('take.stepsBars.then-into-tub', { starter: starterText(input) }),
      ),
      caution:
        i === 0
          ? together(takeSay('take.stepsBars.bar-snaps-off-above-comb'), PUT_BACK)
          : undefined,
      done: takeSay('take.stepsBars.in-tub'),
    })),
    shutStep(
      input,
      boxes.length
        ? takeSay('take.stepsBars.quilt-and-roof-on-box')
        : takeSay('take.stepsBars.bars-back-in-order-quilt'),
    ),
    ...(boxes.length ? benchSteps(input, boxes.flatMap(cutFree)) : [walkAwayStep(input)]),
  ];
}

/**
 * A crossbar pile box: taken whole from the top, cut free on four walls and along both sides of the
 * crossbars.
 */
export function pileBoxSteps(input: TakeInput): TakeStep[] {
  const boxes = boxesOf(input);
  const cutFree = (box: number): TakeStep[] => {
    const slots = input.places.filter((p) => Math.floor(p / 100) === box);
    return [
      {
        id: `walls-${box}`,
        kind: 'open',
        slots,
        ...(dripsFirst(input) ? { putOff: [`walls-${box}`, `crossbars-${box}`] } : {}),
        title: takeSay('take.stepsBars.cut-along-all-four-walls'),
        text: takeSay('take.stepsBars.knife-flat-to-wood-top'),
        caution: takeSay('take.stepsBars.warm-comb-tears-in-cool'),
        done: takeSay('take.stepsBars.four-walls-free'),
      },
      {
        id: `crossbars-${box}`,
        kind: 'open',
        title: takeSay('take.stepsBars.cut-both-sides-crossbars'),
        text: takeSay('take.stepsBars.along-each-crossbar-from-both'),
        done: takeSay('take.stepsBars.combs-are-out'),
      },
      {
        id: `empty-${box}`,
        kind: 'box',
        slots,
        title: takeSay('take.stepsBars.weigh-box-empty', { box }),
        text: together(
          takeSay('take.stepsBars.with-its-crossbars-what-missing'),
          input.way === 'drip-press' && takeSay('take.stepsBars.drip-first-then-press'),
        ),
        done: takeSay('take.stepsBars.write-it-down'),
      },
    ];
  };
  return [
    prepareStep(input, takeSay('take.stepsBars.cutting-wire-with-two-grips')),
    ...calmingSteps(input, takeSay('take.stepsBars.top')),
    ...boxes.flatMap((box): TakeStep[] => {
      const slots = input.places.filter((p) => Math.floor(p / 100) === box);
      return [
        ...(input.alive
          ? [
              {
                id: `down-${box}`,
                kind: 'wait',
                title: takeSay('take.stepsBars.drive-them-down-out-box', { box }),
                text: takeSay('take.stepsBars.lid-off-smoke-from-above'),
                waitMinutes: input.rules.smokeWaitMinutes,
                done: takeSay('take.stepsBars.they-are-down'),
              } as TakeStep,
            ]
          : []),
        {
          id: `part-${box}`,
          kind: 'open',
          title: takeSay('take.stepsBars.draw-wire-under-box', { box }),
          text: takeSay('take.stepsBars.through-joint-slowly-along-combs'),
          caution: takeSay('take.stepsBars.there-are-no-bars-wire'),
          done: takeSay('take.stepsBars.parted'),
        },
        {
          id: `turn-${box}`,
          kind: 'check',
          title: takeSay('take.stepsBars.turn-it-over-look-from'),
          text: together(
            liftText(input, box),
            takeSay('take.stepsBars.onto-table-bottom-up-along'),
          ),
          checks: [
            {
              id: 'no-brood',
              text: takeSay('take.stepsBars.no-brood-no-queen'),
              ifNot: takeSay('take.stepsBars.back-on-hive-with-it'),
            },
          ],
          done: takeSay('take.stepsBars.nothing-but-honey'),
        },
        {
          id: `box-${box}`,
          kind: 'box',
          slots,
          title: takeSay('take.stepsBars.weigh-box-whole', { box }),
          text: takeSay('take.stepsBars.with-its-combs-now-empty-2'),
          done: takeSay('take.stepsBars.weighed-full'),
        },
      ];
    }),
    shutStep(input, takeSay('take.stepsBars.lid-on-box-below-flush')),
    ...benchSteps(input, boxes.flatMap(cutFree)),
  ];
}
