import { takeSay } from './says.js';
import { entryOf } from '../units/known.js';
import type { Incident, StepMark, Take } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { incidentAnswer, PAUSE_MINUTES } from './incidents.js';
import type { TakeStep } from './takeStep.js';

export interface TakeProgress {
  /** Steps as they stand now: what incidents added is in, what they took out is out. */
  steps: TakeStep[];
  /** The step to do now; the last one when everything is done. */
  index: number;
  /** When the wait of the current step is over; null where it does not wait. */
  waitUntil: string | null;
  /** When the hive should be shut again, for kinds where minutes count. */
  shutBy: string | null;
  stings: number;
}

/** Whether the hive was opened without the smoke that was due, by what was answered there. */
export const wasOpenedUnsmoked = (marks: readonly Pick<StepMark, 'stepId' | 'answer'>[]): boolean =>
  marks.some((m) => m.stepId === 'smoke' && m.answer.unsmoked === true);

/** Bees that were not smoked sting sooner: the pause comes after half as many stings. */
export function stingRules<R extends Pick<HouseRules, 'stingsPause' | 'stingsStop'>>(
  rules: R,
  marks: readonly Pick<StepMark, 'stepId' | 'answer'>[],
): R {
  if (!wasOpenedUnsmoked(marks)) return rules;
  return { ...rules, stingsPause: Math.max(1, Math.ceil(rules.stingsPause / 2)) };
}

/**
 * Where the work stands: the steps made from kind and rules, what was marked as done, what was
 * taken, and what went otherwise. Pure and worked out anew each time, so that a reload, another
 * device or a restart changes nothing. An attack puts 'come back' in front of everything left; a
 * stop takes the combs not yet lifted out; a pause adds a wait. A unit counts as done once it is
 * written down, a wait once it is marked.
 */
export function takeProgress(
  planned: readonly TakeStep[],
  done: {
    marks: readonly StepMark[];
    takes: readonly Pick<Take, 'slot' | 'outcome'>[];
    incidents: readonly Incident[];
  },
  rules: Pick<HouseRules, 'stingsPause' | 'stingsStop'>,
): TakeProgress {
  const marked = new Map(done.marks.map((m) => [m.stepId, m]));
  const written = new Set(done.takes.map((t) => t.slot));
  let steps = [...planned];
  let stings = 0;
  for (const incident of [...done.incidents].sort((a, b) =>
    a.occurredAt.localeCompare(b.occurredAt),
  )) {
    if (incident.kind === 'sting') stings += incident.count ?? 1;
    const { effect } = incidentAnswer(incident.kind, {
      stings,
      rules: stingRules(rules, done.marks),
      frameRuns: false,
    });
    const here = Math.max(
      0,
      steps.findIndex((s) => s.id === incident.stepId),
    );
    if (effect === 'leave') steps.splice(here, 0, comeBack(incident.id));
    else if (effect === 'pause' && incident.kind === 'sting')
      steps.splice(here, 0, pause(incident.id));
    // A running frame cannot be taken out of the plan: it is closed as every other.
    else if (effect === 'stop')
      steps = steps.filter((s, i) => i < here || !(s.kind === 'unit' && !written.has(s.slot!)));
  }
  const isDone = (step: TakeStep): boolean =>
    marked.has(step.id) ||
    (step.kind === 'unit' && written.has(step.slot!)) ||
    (step.kind === 'box' &&
      step.id.startsWith('empty-') &&
      step.slots!.every((slot) => written.has(slot)));
  const at = steps.findIndex((s) => !isDone(s));
  const index = at < 0 ? steps.length - 1 : at;
  const step = steps[index];
  const since = index > 0 ? marked.get(steps[index - 1].id)?.occurredAt : undefined;
  const plus = (iso: string, minutes: number): string =>
    new Date(Date.parse(iso) + minutes * 60_000).toISOString();
  const incidentAt = done.incidents.find((i) => step && step.id.endsWith(i.id))?.occurredAt;
  const from = incidentAt ?? since;
  const opened = steps.find((s) => s.shutWithinMinutes && marked.has(s.id));
  const shut = steps.some((s) => s.id === 'shut' && marked.has(s.id));
  return {
    steps,
    index,
    stings,
    waitUntil: step?.waitMinutes && from ? plus(from, step.waitMinutes) : null,
    shutBy:
      opened && !shut
        ? plus(entryOf(marked, opened.id).occurredAt, opened.shutWithinMinutes!)
        : null,
  };
}

const comeBack = (id: string): TakeStep => ({
  id: `left-${id}`,
  kind: 'prepare',
  title: takeSay('take.progress.job-was-left'),
  text: takeSay('take.progress.come-back-after-dark-or'),
  caution: takeSay('take.progress.stung-many-times-or-any'),
  done: takeSay('take.progress.back-all-covered'),
});
const pause = (id: string): TakeStep => ({
  id: `pause-${id}`,
  kind: 'wait',
  title: takeSay('take.progress.step-back-and-wait'),
  text: takeSay('take.progress.cover-hive-ten-metres-away'),
  waitMinutes: PAUSE_MINUTES,
  done: takeSay('take.progress.go-on'),
});

/**
 * A step left open for longer than this counts as this many minutes: somebody went away. A starting
 * value.
 */
const LONGEST_STEP_MINUTES = 60;

/**
 * Minutes of the hands at the hive, from the instants that were written down: each step from the
 * one before it, waits left out, long pauses cut at an hour. Takes what was marked, taken and told,
 * and the steps they belong to.
 */
export function handsOnMinutes(
  done: {
    marks: readonly Pick<StepMark, 'stepId' | 'occurredAt'>[];
    takes: readonly Pick<Take, 'occurredAt'>[];
    incidents: readonly Pick<Incident, 'kind' | 'occurredAt'>[];
  },
  steps: readonly Pick<TakeStep, 'id' | 'kind'>[],
): number {
  const waits = new Set(steps.filter((s) => s.kind === 'wait').map((s) => s.id));
  const moments = [
    ...done.marks.map((m) => ({ at: Date.parse(m.occurredAt), counts: !waits.has(m.stepId) })),
    ...done.takes.map((t) => ({ at: Date.parse(t.occurredAt), counts: true })),
    // The time until somebody picked up the telephone counts; the call itself does not.
    ...done.incidents.map((i) => ({ at: Date.parse(i.occurredAt), counts: true })),
  ].sort((a, b) => a.at - b.at);
  const sum = moments
    .slice(1)
    .reduce(
      (total, moment, i) =>
        total +
        (moment.counts ? Math.min(LONGEST_STEP_MINUTES, (moment.at - moments[i].at) / 60_000) : 0),
      0,
    );
  return Math.round(sum);
}
