import type { Say } from '../say/say.js';
import { takeSay } from './says.js';
import type { HouseRules } from '../records/houseRules.js';
import type { IncidentKind } from '../records/vocabulary/outcomes.js';

/**
 * What follows for the plan: go on, wait, take no more and close, leave everything, or put this
 * comb back.
 */
export type IncidentEffect = 'go-on' | 'pause' | 'stop' | 'leave' | 'put-back';

export interface IncidentAnswer {
  title: Say;
  /** What to do now, in order. */
  doNow: readonly Say[];
  effect: IncidentEffect;
  /** What the next step will be, in a sentence. */
  then: Say;
  ask?: Say;
}

export const INCIDENT_WORDS: Record<IncidentKind, Say> = {
  'bar-broke': takeSay('take.incidents.bar-broke'),
  'comb-fell': takeSay('take.incidents.comb-fell'),
  brood: takeSay('take.incidents.brood-found'),
  queen: takeSay('take.incidents.queen-on-comb'),
  sting: takeSay('take.incidents.sting'),
  attack: takeSay('take.incidents.mass-attack'),
  robbing: takeSay('take.incidents.robbing'),
  heat: takeSay('take.incidents.too-hot'),
  'scale-flat': takeSay('take.incidents.scale-flat'),
  phone: takeSay('take.incidents.phone-rang'),
  leak: takeSay('take.incidents.it-leaks'),
  overflow: takeSay('take.incidents.vessel-full'),
  other: takeSay('take.incidents.something-else'),
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
  const running = given.frameRuns ? [takeSay('take.incidents.what-runs-goes-on-running')] : [];
  switch (kind) {
    case 'bar-broke':
      return {
        title: takeSay('take.incidents.bar-broke-2'),
        effect: 'go-on',
        doNow: [
          takeSay('take.incidents.hold-comb-from-below-with'),
          takeSay('take.incidents.look-for-queen-on-it'),
          takeSay('take.incidents.brush-bees-off-over-hive'),
          takeSay('take.incidents.spare-bar-into-gap-at'),
        ],
        then: takeSay('take.incidents.weigh-it-as-broken'),
      };
    case 'comb-fell':
      return {
        title: takeSay('take.incidents.comb-fell-2'),
        effect: 'go-on',
        doNow: [
          takeSay('take.incidents.stand-still-bees-on-ground'),
          takeSay('take.incidents.look-for-queen-among-them'),
          takeSay('take.incidents.scoop-bees-back-lift-comb'),
          takeSay('take.incidents.every-piece-and-drop-off'),
        ],
        then: takeSay('take.incidents.clean-pieces-are-weighed-what'),
      };
    case 'brood':
      return {
        title: takeSay('take.incidents.brood-on-it'),
        effect: 'put-back',
        doNow: [
          takeSay('take.incidents.put-it-back-where-it'),
          takeSay('take.incidents.if-it-cannot-hang-any'),
        ],
        then: takeSay('take.incidents.this-one-stays-next-step'),
      };
    case 'queen':
      return {
        title: takeSay('take.incidents.queen-on-it'),
        effect: 'put-back',
        doNow: [
          takeSay('take.incidents.no-quick-movement-keep-comb'),
          takeSay('take.incidents.let-her-walk-down-between'),
          takeSay('take.incidents.do-not-brush'),
        ],
        then: takeSay('take.incidents.this-one-stays-close-up'),
      };
    case 'sting': {
      const advice = stingAdvice(given.stings, given.rules);
      const care = [
        takeSay('take.incidents.scrape-sting-off-smoke-spot'),
        takeSay('take.incidents.swelling-face-or-throat-hives'),
      ];
      return {
        title: takeSay('take.incidents.stings-today', { stings: given.stings }),
        ask: takeSay('take.incidents.how-many-now'),
        effect: advice,
        doNow: [
          ...care,
          ...{
            stop: [takeSay('take.incidents.take-no-more-cover-combs'), ...running],
            pause: [takeSay('take.incidents.cover-hive-step-back-ten', { minutes: PAUSE_MINUTES })],
            'go-on': [],
          }[advice],
        ],
        then: {
          stop: takeSay('take.incidents.your-rule-stops-at-only', {
            stingsStop: given.rules.stingsStop,
          }),
          pause: takeSay('take.incidents.your-rule-pauses-at', {
            stingsPause: given.rules.stingsPause,
          }),
          'go-on': takeSay('take.incidents.go-on-slowly'),
        }[advice],
      };
    }
    case 'attack':
      return {
        title: takeSay('take.incidents.mass-attack-people-first'),
        effect: 'leave',
        doNow: [
          takeSay('take.incidents.leave-now-leave-everything'),
          takeSay('take.incidents.cover-face-and-head-run', { far: { distanceM: 100 } }),
          takeSay('take.incidents.into-house-or-car-doors'),
          takeSay('take.incidents.take-others-along-people-and'),
          takeSay('take.incidents.many-stings-or-any-hard'),
          takeSay('take.incidents.do-not-go-back-to'),
        ],
        then: takeSay('take.incidents.job-left-as-it-come'),
      };
    case 'robbing':
      return {
        title: takeSay('take.incidents.robbing-has-begun'),
        effect: 'stop',
        doNow: [
          takeSay('take.incidents.cover-every-comb-and-vessel'),
          takeSay('take.incidents.close-hive-lid-on-entrance'),
          takeSay('take.incidents.water-mist-over-entrance-wipe'),
          takeSay('take.incidents.fit-robbing-screen-that-lets'),
          ...running,
        ],
        then: takeSay('take.incidents.no-more-combs-today-only'),
      };
    case 'heat':
      return {
        title: takeSay('take.incidents.too-hot'),
        effect: 'stop',
        doNow: [
          takeSay('take.incidents.into-shade-veil-off-well'),
          takeSay('take.incidents.confusion-no-sweat-vomiting-cool'),
          takeSay('take.incidents.comb-softens-above-35-c', { softens: { temperatureC: 35 } }),
          ...running,
        ],
        then: takeSay('take.incidents.only-closing-left-rest-in'),
      };
    case 'scale-flat':
      return {
        title: takeSay('take.incidents.scale-flat-2'),
        effect: 'go-on',
        doNow: [
          takeSay('take.incidents.keep-combs-each-place-apart'),
          takeSay('take.incidents.round-vessel-measure-depth-what'),
          takeSay('take.incidents.or-weigh-at-home-before'),
        ],
        then: takeSay('take.incidents.give-depth-instead-weight-or'),
      };
    case 'phone':
      return {
        title: takeSay('take.incidents.called-away'),
        effect: 'pause',
        doNow: [
          takeSay('take.incidents.lid-or-cloth-over-open'),
          ...(given.frameRuns ? [takeSay('take.incidents.look-at-levels-first-swap')] : []),
        ],
        then: takeSay('take.incidents.this-step-waits-for-you'),
      };
    case 'leak':
      return {
        title: takeSay('take.incidents.it-leaks'),
        effect: 'go-on',
        doNow: [
          takeSay('take.incidents.open-no-more-parts'),
          takeSay('take.incidents.catch-it-tray-or-cloth'),
          takeSay('take.incidents.screen-entrance-against-robbers-air'),
          takeSay('take.incidents.wash-ground-with-much-water'),
          takeSay('take.incidents.if-it-runs-into-hive'),
        ],
        then: takeSay('take.incidents.what-open-runs-on-into'),
      };
    case 'overflow':
      return {
        title: takeSay('take.incidents.vessel-full-2'),
        effect: 'go-on',
        doNow: [
          takeSay('take.incidents.hold-hose-up-into-empty'),
          takeSay('take.incidents.cover-full-one-take-it'),
          takeSay('take.incidents.wipe-and-wash-what-ran'),
        ],
        then: takeSay('take.incidents.write-down-swap-with-its'),
      };
    case 'other':
      return {
        title: takeSay('take.incidents.something-else'),
        effect: 'go-on',
        doNow: [takeSay('take.incidents.cover-hive-and-what-open')],
        then: takeSay('take.incidents.say-in-few-words-what'),
        ask: takeSay('take.incidents.what-was-it'),
      };
  }
}
