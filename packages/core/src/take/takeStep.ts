export type StepKind =
  'prepare' | 'smoke' | 'wait' | 'check' | 'open' | 'unit' | 'box' | 'frames' | 'close' | 'after';

/** One condition that is confirmed by a touch before the step may be left. */
export interface StepCheck {
  id: string;
  text: string;
  /** What to do where it is not so. */
  ifNot: string;
}

/** One step on the screen: what, why, what the large key says. */
export interface TakeStep {
  id: string;
  kind: StepKind;
  title: string;
  text: string;
  /** Place of the one comb, frame or group this step takes, as a hive-wide number. */
  slot?: number;
  /** Places a step takes together: a box weighed whole, frames that run side by side. */
  slots?: readonly number[];
  /** Steps that are put off, this one among them, where a box drips before it is cut free. */
  putOff?: readonly string[];
  waitMinutes?: number;
  /** Minutes from this step on within which the hive should be shut again. */
  shutWithinMinutes?: number;
  caution?: string;
  checks?: readonly StepCheck[];
  /** A measure asked for at this step. */
  asks?: 'tilt' | 'tray' | 'strip';
  done: string;
}
