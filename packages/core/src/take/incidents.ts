import type { HouseRules } from '../records/houseRules.js';
import type { IncidentKind } from '../records/vocabulary/outcomes.js';

/**
 * What follows for the plan: go on, wait, take no more and close, leave everything, or put this
 * comb back.
 */
export type IncidentEffect = 'go-on' | 'pause' | 'stop' | 'leave' | 'put-back';

export interface IncidentAnswer {
  title: string;
  /** What to do now, in order. */
  doNow: readonly string[];
  effect: IncidentEffect;
  /** What the next step will be, in a sentence. */
  then: string;
  ask?: string;
}

export const INCIDENT_WORDS: Record<IncidentKind, string> = {
  'bar-broke': 'Bar broke',
  'comb-fell': 'Comb fell',
  brood: 'Brood found',
  queen: 'Queen on the comb',
  sting: 'Sting',
  attack: 'Mass attack',
  robbing: 'Robbing',
  heat: 'Too hot',
  'scale-flat': 'Scale is flat',
  phone: 'Phone rang',
  leak: 'It leaks',
  overflow: 'Vessel full',
  other: 'Something else',
};

/** Minutes of a pause after stings, until the smell of alarm is gone. A starting value. */
export const PAUSE_MINUTES = 10;

/** What so many stings of one visit mean by the house's limits. */
function stingAdvice(
  stings: number,
  rules: Pick<HouseRules, 'stingsPause' | 'stingsStop'>,
): 'stop' | 'pause' | 'go-on' {
  if (stings >= rules.stingsStop) return 'stop';
  return stings >= rules.stingsPause ? 'pause' : 'go-on';
}

/**
 * What to do now when something goes otherwise, and what follows. Takes the kind and what it
 * depends on: the stings of this visit with the house's limits, and whether a drain frame runs,
 * which is never told to stop. It never gives medical advice beyond sending people to help.
 */
export function incidentAnswer(
  kind: IncidentKind,
  given: {
    stings: number;
    rules: Pick<HouseRules, 'stingsPause' | 'stingsStop'>;
    frameRuns: boolean;
  },
): IncidentAnswer {
  const running = given.frameRuns
    ? ['What runs goes on running: leave it in its covered vessel.']
    : [];
  switch (kind) {
    case 'bar-broke':
      return {
        title: 'The bar broke',
        effect: 'go-on',
        doNow: [
          'Hold the comb from below with the flat of both hands.',
          'Look for the queen on it before anything else.',
          'Brush the bees off over the hive, lay the comb into the tub.',
          'A spare bar into the gap, at its place in the order.',
        ],
        then: 'Weigh it as broken.',
      };
    case 'comb-fell':
      return {
        title: 'A comb fell',
        effect: 'go-on',
        doNow: [
          'Stand still; bees on the ground walk under your feet.',
          'Look for the queen among them. Found: let her walk in at the entrance.',
          'Scoop bees back, lift the comb with a board.',
          'Every piece and drop off the ground, earth or water over the rest.',
        ],
        then: 'Clean pieces are weighed; what touched the ground is melted or left out.',
      };
    case 'brood':
      return {
        title: 'Brood on it',
        effect: 'put-back',
        doNow: [
          'Put it back where it was, the same way round.',
          'If it cannot hang any more: cut the honey part off above the brood, tie the brood part to its bar.',
        ],
        then: 'This one stays. The next step follows.',
      };
    case 'queen':
      return {
        title: 'The queen is on it',
        effect: 'put-back',
        doNow: [
          'No quick movement; keep the comb over the hive.',
          'Let her walk down between the combs, or put this comb back with her.',
          'Do not brush.',
        ],
        then: 'This one stays. Close up gently before the next.',
      };
    case 'sting': {
      const advice = stingAdvice(given.stings, given.rules);
      const care = [
        'Scrape the sting off, smoke the spot: its smell calls more.',
        'Swelling of face or throat, hives all over, dizziness, hard breathing: adrenaline if it was prescribed, emergency number, now.',
      ];
      return {
        title: `${given.stings} ${given.stings === 1 ? 'sting' : 'stings'} today`,
        ask: 'How many now?',
        effect: advice,
        doNow: [
          ...care,
          ...{
            stop: ['Take no more. Cover the combs, close the hive.', ...running],
            pause: [`Cover the hive, step back ten metres, wait ${PAUSE_MINUTES} minutes.`],
            'go-on': [],
          }[advice],
        ],
        then: {
          stop: `Your rule stops at ${given.rules.stingsStop}: only closing is left.`,
          pause: `Your rule pauses at ${given.rules.stingsPause}.`,
          'go-on': 'Go on, slowly.',
        }[advice],
      };
    }
    case 'attack':
      return {
        title: 'Mass attack: people first',
        effect: 'leave',
        doNow: [
          'Leave. Now. Leave everything.',
          'Cover face and head, run in a straight line, 100 m and more, through bushes if there are any.',
          'Into a house or a car, doors shut. Never into water.',
          'Take others along; people and animals away. Free a tethered animal only if you can do it covered.',
          'Many stings, or any hard breathing: call the emergency number. Scrape stings off.',
          'Do not go back to finish.',
        ],
        then: 'The job is left as it is. Come back after dark or another day, covered, not alone.',
      };
    case 'robbing':
      return {
        title: 'Robbing has begun',
        effect: 'stop',
        doNow: [
          'Cover every comb and vessel.',
          "Close the hive: lid on, entrance to one bee's width. Never shut.",
          'Water mist over the entrance; wipe or flood every drop of honey.',
          'Fit a robbing screen that lets air through; note when it comes off.',
          ...running,
        ],
        then: 'No more combs today: only closing is left.',
      };
    case 'heat':
      return {
        title: 'Too hot',
        effect: 'stop',
        doNow: [
          'Into the shade, veil off well away from the hive, drink.',
          'Confusion, no sweat, vomiting: cool with water, emergency number.',
          'Comb softens above 35 °C: what is out goes into the cool first.',
          ...running,
        ],
        then: 'Only closing is left; the rest in the cool of another day.',
      };
    case 'scale-flat':
      return {
        title: 'The scale is flat',
        effect: 'go-on',
        doNow: [
          'Keep the combs of each place apart in their own vessels.',
          'Round vessel: measure the depth of what is in it, Furrow makes kilograms of it.',
          'Or weigh at home, before anything is crushed.',
        ],
        then: 'Give the depth instead of a weight, or weigh at home: the step stays open.',
      };
    case 'phone':
      return {
        title: 'Called away',
        effect: 'pause',
        doNow: [
          'Lid or cloth over the open hive, cover on the tub.',
          ...(given.frameRuns
            ? ['Look at the levels first: the swap alarm rings only while this page is open.']
            : []),
        ],
        then: 'This step waits for you; the minutes are not counted.',
      };
    case 'leak':
      return {
        title: 'It leaks',
        effect: 'go-on',
        doNow: [
          'Open no more parts.',
          'Catch it: a tray or cloth under the drip.',
          'Screen the entrance against robbers, air must get through.',
          'Wash the ground with much water.',
          'If it runs into the hive: take the super off and let it drain over a tray.',
        ],
        then: 'What is open runs on into its vessel. Nothing more is opened until the leak is seen to.',
      };
    case 'overflow':
      return {
        title: 'A vessel is full',
        effect: 'go-on',
        doNow: [
          'Hold the hose up into an empty vessel; do not pinch it shut.',
          'Cover the full one, take it away from the bees.',
          'Wipe and wash what ran over.',
        ],
        then: 'Write down the swap with its weight.',
      };
    case 'other':
      return {
        title: 'Something else',
        effect: 'go-on',
        doNow: ['Cover the hive and what is open, then think.'],
        then: 'Say in a few words what it was.',
        ask: 'What was it?',
      };
  }
}
