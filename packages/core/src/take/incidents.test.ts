import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { asWritten } from '../say/say.js';
import { at } from '../../fixtures/drains.js';
import type { Incident, StepMark } from '../records/views.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { incidentAnswer } from './incidents.js';
import { INCIDENT_KINDS, type IncidentKind } from '../records/vocabulary/outcomes.js';
import { takeProgress } from './progress.js';
import type { TakeStep } from './takeStep.js';

const step = (id: string, kind: TakeStep['kind'], change: Partial<TakeStep> = {}): TakeStep => ({
  id,
  kind,
  title: asWritten(id),
  text: asWritten(''),
  done: asWritten('Done'),
  ...change,
});
const STEPS = [
  step('ready', 'prepare'),
  step('smoke', 'smoke'),
  step('wait', 'wait', { waitMinutes: 3 }),
  step('comb-14', 'unit', { slot: 14 }),
  step('comb-12', 'unit', { slot: 12 }),
  step('shut', 'close'),
  step('look-back', 'after'),
];
const mark = (stepId: string, hours: number): StepMark => ({
  id: stepId,
  batchId: 'b',
  stepId,
  answer: {},
  occurredAt: at(hours),
});
const incident = (
  kind: IncidentKind,
  stepId: string,
  hours: number,
  count: number | null = null,
): Incident => ({
  id: `${kind}-${hours}`,
  batchId: 'b',
  kind,
  stepId,
  combId: null,
  count,
  note: '',
  occurredAt: at(hours),
});
const progress = (done: Partial<Parameters<typeof takeProgress>[1]>) =>
  takeProgress(STEPS, { marks: [], takes: [], incidents: [], ...done }, DEFAULT_RULES);
const begun = [mark('ready', 0), mark('smoke', 0.1), mark('wait', 0.2)];

describe('where the work stands', () => {
  it('begins at the first step, goes on by marks and by what was written down', () => {
    expect(progress({}).index).toBe(0);
    expect(progress({ marks: begun }).steps[progress({ marks: begun }).index].id).toBe('comb-14');
    const on = progress({ marks: begun, takes: [{ slot: 14, outcome: 'taken' }] });
    expect(on.steps[on.index].id).toBe('comb-12');
  });
  it('keeps the clock of a wait by the instant of the smoke, not by this page', () => {
    const p = progress({ marks: begun.slice(0, 2) });
    expect(p.waitUntil).toBe(new Date(Date.parse(at(0.1)) + 3 * 60_000).toISOString());
  });
  it('goes back to a step whose mark was undone', () => {
    const p = progress({ marks: [begun[0], begun[2]] });
    expect(p.steps[p.index].id).toBe('smoke');
  });
  it('leaves the job after an attack: coming back stands before everything else, the rest is kept', () => {
    const attack = incident('attack', 'comb-14', 0.5);
    const p = progress({ marks: begun, incidents: [attack] });
    expect(p.steps[p.index].title).toBe('take.progress.job-was-left');
    expect(p.steps.filter((s) => s.kind === 'unit')).toHaveLength(2);
    const back = progress({
      marks: [...begun, mark(`left-${attack.id}`, 20)],
      incidents: [attack],
    });
    expect(back.steps[back.index].id).toBe('comb-14');
  });
  it.each(['robbing', 'heat'] as const)(
    '%s takes the combs not yet lifted out and leads to closing',
    (kind) => {
      const p = progress({
        marks: begun,
        takes: [{ slot: 14, outcome: 'taken' }],
        incidents: [incident(kind, 'comb-12', 0.5)],
      });
      expect(p.steps.map((s) => s.id)).toEqual([
        'ready',
        'smoke',
        'wait',
        'comb-14',
        'shut',
        'look-back',
      ]);
      expect(p.steps[p.index].id).toBe('shut');
    },
  );
  it('counts stings over the visit: go on, pause with its clock, stop', () => {
    const first = progress({ marks: begun, incidents: [incident('sting', 'comb-14', 0.3, 1)] });
    expect([first.stings, first.steps[first.index].id]).toEqual([1, 'comb-14']);
    const third = progress({
      marks: begun,
      incidents: [incident('sting', 'comb-14', 0.3, 1), incident('sting', 'comb-14', 0.4, 2)],
    });
    expect(third.stings).toBe(3);
    expect(third.steps[third.index].title).toBe('take.progress.step-back-and-wait');
    expect(third.waitUntil).toBe(new Date(Date.parse(at(0.4)) + 10 * 60_000).toISOString());
    const sixth = progress({ marks: begun, incidents: [incident('sting', 'comb-14', 0.3, 6)] });
    expect(sixth.steps.some((s) => s.kind === 'unit')).toBe(false);
  });
  it('keeps the minutes in which a stingless box should be shut', () => {
    const steps = [
      step('open', 'open', { shutWithinMinutes: 10 }),
      step('comb-1', 'unit', { slot: 1 }),
      step('shut', 'close'),
    ];
    const open = takeProgress(
      steps,
      { marks: [mark('open', 1)], takes: [], incidents: [] },
      DEFAULT_RULES,
    );
    expect(open.shutBy).toBe(new Date(Date.parse(at(1)) + 600_000).toISOString());
    expect(
      takeProgress(
        steps,
        {
          marks: [mark('open', 1), mark('shut', 1.1)],
          takes: [{ slot: 1, outcome: 'taken' }],
          incidents: [],
        },
        DEFAULT_RULES,
      ).shutBy,
    ).toBeNull();
  });
});

describe('what to do now', () => {
  it('has an answer in order for everything', () => {
    for (const kind of INCIDENT_KINDS) {
      const answer = incidentAnswer(kind, { stings: 6, rules: DEFAULT_RULES, frameRuns: true });
      expect(answer.doNow.length).toBeGreaterThan(0);
    }
    expect(
      said(
        incidentAnswer('robbing', { stings: 0, rules: DEFAULT_RULES, frameRuns: true }).doNow,
      ).join(' '),
    ).toMatch('take.incidents.what-runs-goes-on-running');
  });
  it('puts people first in an attack: away, never into water, help, not back', () => {
    const { doNow, effect } = incidentAnswer('attack', {
      stings: 0,
      rules: DEFAULT_RULES,
      frameRuns: false,
    });
    expect(doNow[0]).toMatch('take.incidents.leave-now-leave-everything');
    expect(doNow.map((each) => each.key.replace('take.incidents.', ''))).toEqual([
      'leave-now-leave-everything',
      'cover-face-and-head-run',
      'into-house-or-car-doors',
      'take-others-along-people-and',
      'many-stings-or-any-hard',
      'do-not-go-back-to',
    ]);
    expect(effect).toBe('leave');
  });
  it('asks in order after a leak: open no more, catch, screen with air, wash, super off', () => {
    const { doNow } = incidentAnswer('leak', { stings: 0, rules: DEFAULT_RULES, frameRuns: true });
    expect(doNow.map((d) => d.key.split('.')[2].split('-')[0])).toEqual([
      'open',
      'catch',
      'screen',
      'wash',
      'if',
    ]);
    expect(doNow[2]).toMatch('take.incidents.screen-entrance-against-robbers-air');
  });
});
