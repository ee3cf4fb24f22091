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
      ? `Slide the bars behind ${bars[0]} back, or set them aside in order.`
      : '';
  return [
    prepareStep(
      input,
      'Tub, lid, long knife, brush and wet cloth beside you. Smoker on bare ground, water next to it.',
    ),
    ...calmingSteps(input, 'the entrance'),
    {
      id: 'board',
      kind: 'open',
      title: 'Take out the follower board',
      text: 'Open at the back. Follower board out; look along the bars: do combs hang vertical, is one built across two bars?',
      caution: 'Combs across two bars tear both: cut them apart first.',
      done: 'Board is out',
    },
    ...bars.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: `Lift bar ${slot}`,
      text: [
        i === 0 ? setAside : '',
        'Cut it from both walls, slide it level, see that it hangs free. Lift straight up, upright.',
        LOOK_FIRST,
        `${beesOffText(input, false)} Then cut it into the tub; ${starterText(input)}.`,
      ]
        .filter(Boolean)
        .join(' '),
      caution: i === 0 ? `A comb held flat breaks off its bar. ${PUT_BACK}` : undefined,
      done: 'In the tub',
    })),
    {
      id: 'return',
      kind: 'close',
      title: 'Put the bars back',
      text: 'Bars with comb in their old order, without a gap to the nest; the empty bars last. Bees off the edges before wood meets wood.',
      asks: input.rules.starterLeft === 'nothing' ? undefined : 'strip',
      done: 'All bars in',
    },
    {
      ...shutStep(input, 'Follower board back behind the last bar with room for it. Lid on.'),
      title: 'Board in, lid on',
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
        title: 'Cut the combs free',
        text: `Both walls of each comb before its bar is lifted, ${starterText(input).replace('bar', 'bar as comb line')}. ${beesOffText(input, false)}`,
        caution: 'A bar lifted before its walls are cut snaps off above its comb.',
        done: 'All combs out',
      },
      {
        id: `empty-${box}`,
        kind: 'box',
        slots,
        title: `Weigh box ${box} empty`,
        text: 'Box and bars without comb: what is missing was comb.',
        done: 'Write it down',
      },
    ];
  };
  return [
    prepareStep(
      input,
      'Wire with two grips, empty box or lid, cloth beside you; at the bench a long knife and a tub.',
    ),
    ...calmingSteps(input, 'the top of the bars'),
    ...boxes.flatMap((box): TakeStep[] => {
      const slots = places.filter((p) => Math.floor(p / 100) === box);
      return [
        ...(input.alive
          ? [
              {
                id: `down-${box}`,
                kind: 'wait',
                title: `Drive them down out of box ${box}`,
                text: 'Quilt off, a little smoke from above, knock softly on the wood. Slowly: the queen goes with them.',
                waitMinutes: input.rules.smokeWaitMinutes,
                done: 'They are down',
              } as TakeStep,
            ]
          : []),
        {
          id: `part-${box}`,
          kind: 'open',
          title: `Part box ${box} from the one below`,
          text: 'Draw the wire through the joint slowly, level, one side to the other.',
          caution: 'Slowly, or the queen is cut with the comb.',
          done: 'Parted',
        },
        {
          id: `turn-${box}`,
          kind: 'check',
          title: 'Turn it, look from beneath',
          text: `${liftText(input, box)} Tip it on its side along the combs, not across, and look at every comb from below before it is carried.`,
          caution: 'Combs swing loose when tipped across.',
          checks: [
            {
              id: 'no-brood',
              text: 'No brood, no queen',
              ifNot: 'Set the box back where it was: this is not the day.',
            },
          ],
          done: 'Nothing but honey',
        },
        {
          id: `box-${box}`,
          kind: 'box',
          slots,
          title: `Weigh box ${box} whole`,
          text: 'With its combs now; empty at the bench, when they are cut out.',
          done: 'Weighed full',
        },
      ];
    }),
    ...single.map((slot, i): TakeStep => ({
      id: `comb-${slot}`,
      kind: 'unit',
      slot,
      title: `Lift comb ${placeLabel(slot)}`,
      text: `Cut both walls from top to bottom first, then loosen the bar and lift straight up. ${LOOK_FIRST} ${beesOffText(input, false)} Then into the tub; ${starterText(input)}.`,
      caution:
        i === 0
          ? `The bar snaps off above a comb that still holds to a wall. ${PUT_BACK}`
          : undefined,
      done: 'In the tub',
    })),
    shutStep(
      input,
      boxes.length
        ? 'Quilt and roof on the box below. No gap at the joint.'
        : 'Bars back in order, quilt and roof on.',
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
        title: 'Cut along all four walls',
        text: 'Knife flat to the wood, top to bottom; the sides where combs end first, then the two others.',
        caution: 'Warm comb tears: in the cool of the house if it can be carried covered.',
        done: 'Four walls free',
      },
      {
        id: `crossbars-${box}`,
        kind: 'open',
        title: 'Cut both sides of the crossbars',
        text: 'Along each crossbar, from both faces of the comb; then the comb comes out downward, whole, in your hand.',
        done: 'Combs are out',
      },
      {
        id: `empty-${box}`,
        kind: 'box',
        slots,
        title: `Weigh box ${box} empty`,
        text: `With its crossbars: what is missing was comb.${input.way === 'drip-press' ? ' Drip first, then press.' : ''}`,
        done: 'Write it down',
      },
    ];
  };
  return [
    prepareStep(
      input,
      'Cutting wire with two grips, firm table beside the hive, empty box or lid, tub, long knife.',
    ),
    ...calmingSteps(input, 'the top'),
    ...boxes.flatMap((box): TakeStep[] => {
      const slots = input.places.filter((p) => Math.floor(p / 100) === box);
      return [
        ...(input.alive
          ? [
              {
                id: `down-${box}`,
                kind: 'wait',
                title: `Drive them down out of box ${box}`,
                text: 'Lid off, smoke from above and a soft knock, again and again, until the comb tops are bare.',
                waitMinutes: input.rules.smokeWaitMinutes,
                done: 'They are down',
              } as TakeStep,
            ]
          : []),
        {
          id: `part-${box}`,
          kind: 'open',
          title: `Draw the wire under box ${box}`,
          text: "Through the joint, slowly, along the combs; lift a finger's width on small wedges first.",
          caution:
            'There are no bars: the wire parts every comb, and the queen with it when it is hurried.',
          done: 'Parted',
        },
        {
          id: `turn-${box}`,
          kind: 'check',
          title: 'Turn it over, look from beneath',
          text: `${liftText(input, box)} Onto the table, bottom up, along the combs.`,
          checks: [
            {
              id: 'no-brood',
              text: 'No brood, no queen',
              ifNot: 'Back on the hive with it, the same way round.',
            },
          ],
          done: 'Nothing but honey',
        },
        {
          id: `box-${box}`,
          kind: 'box',
          slots,
          title: `Weigh box ${box} whole`,
          text: 'With its combs now; empty at the bench.',
          done: 'Weighed full',
        },
      ];
    }),
    shutStep(input, 'Lid on the box below, flush at every joint.'),
    ...benchSteps(input, boxes.flatMap(cutFree)),
  ];
}
