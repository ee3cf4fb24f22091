import type { Say } from '../say/say.js';

/** What a kind of step is on the screen: a new one says all of it here. */
interface StepKindSays {
  /** What the large key leads to: on, a weight, the end; 'panel' where a panel has keys of its own. */
  key: 'on' | 'weigh' | 'end' | 'panel';
  /** Whether the hive is drawn beside it: not where its lines or its own drawing need the room. */
  pictured: boolean;
  /** Whether comb leaves at it. */
  takesComb: boolean;
}
export const STEP_KINDS = {
  prepare: { key: 'on', pictured: true, takesComb: false },
  smoke: { key: 'on', pictured: true, takesComb: false },
  wait: { key: 'on', pictured: true, takesComb: false },
  check: { key: 'on', pictured: false, takesComb: false },
  open: { key: 'on', pictured: true, takesComb: false },
  unit: { key: 'weigh', pictured: true, takesComb: true },
  box: { key: 'panel', pictured: true, takesComb: true },
  frames: { key: 'panel', pictured: false, takesComb: true },
  close: { key: 'on', pictured: true, takesComb: false },
  after: { key: 'end', pictured: true, takesComb: false },
} as const satisfies Record<string, StepKindSays>;
export type StepKind = keyof typeof STEP_KINDS;

/** One condition that is confirmed by a touch before the step may be left. */
export interface StepCheck {
  id: string;
  text: Say;
  /** What to do where it is not so. */
  ifNot: Say;
}

/** One step on the screen: what, why, what the large key says. */
export interface TakeStep {
  id: string;
  kind: StepKind;
  title: Say;
  text: Say;
  /** Place of the one comb, frame or group this step takes, as a hive-wide number. */
  slot?: number;
  /** Places a step takes together: a box weighed whole, frames that run side by side. */
  slots?: readonly number[];
  /** Steps that are put off, this one among them, where a box drips before it is cut free. */
  putOff?: readonly string[];
  waitMinutes?: number;
  /** Minutes from this step on within which the hive should be shut again. */
  shutWithinMinutes?: number;
  caution?: Say;
  checks?: readonly StepCheck[];
  /** A measure asked for at this step. */
  asks?: 'tilt' | 'tray' | 'strip';
  done: Say;
}
