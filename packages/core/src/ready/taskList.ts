import type { HouseRules } from '../records/houseRules.js';
import type { PlanTask } from './planTask.js';

type Said = Omit<PlanTask, 'after' | 'people'> & Partial<Pick<PlanTask, 'after' | 'people'>>;

/** The steps of a harvest as they are listed: each comes after the one before it. */
export class TaskList {
  readonly tasks: PlanTask[] = [];
  /** What the next step comes after. */
  last: string[] = [];

  /** Adds a step after the last one. */
  step(task: Said): void {
    this.tasks.push({ after: this.last, people: ownHands(task), ...task });
    this.last = [task.id];
  }

  /** Adds a step that runs beside the others: none waits for it. */
  aside(task: Said & Pick<PlanTask, 'after'>): void {
    this.tasks.push({ people: ownHands(task), ...task });
  }

  /** The next step comes after these, whatever was added since. */
  goOnFrom(ids: readonly string[]): void {
    this.last = [...ids];
  }
}

const ownHands = (task: Said): number => (task.handsOnMinutes > 0 ? 1 : 0);

/** Work that lasts as long as hands are on it, minutes. */
export const hands = (minutes: number): Pick<PlanTask, 'minutes' | 'handsOnMinutes'> => ({
  minutes: () => minutes,
  handsOnMinutes: Math.round(minutes),
});

/** Two at a time, or as many as the household has. */
export const inPairs = (rules: Pick<HouseRules, 'people'>): number => Math.min(2, rules.people);
