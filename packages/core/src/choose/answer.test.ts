import { describe, expect, it } from 'vitest';
import { comb, hive, household, solver } from '../../fixtures/chooser.js';
import { chooseAnswers, firstAnswer, type ChooseRequest } from './answer.js';
import { PLAIN_QUESTION, type ChooseQuestion } from './question.js';

const request = (question: Partial<ChooseQuestion> = {}): ChooseRequest => ({
  hives: [hive([comb('a', 2), comb('b', 1.5), comb('c', 1)], 1)],
  question: { ...PLAIN_QUESTION, ...question },
  household: household(),
});

describe('the first answer, before the solver has come', () => {
  it('is the one that the whole way begins with', async () => {
    const [begun] = chooseAnswers(request(), await solver());
    expect(firstAnswer(request())).toEqual(begun);
    expect(begun).toMatchObject({ proof: 'first', isDone: false });
  });
  it('is final where the wish cannot be worked on', () => {
    const answer = firstAnswer(request({ handsHours: -1 }));
    expect(answer).toMatchObject({ isDone: true, sets: [], issues: [{ path: 'handsHours' }] });
  });
  it('is none where no set is found so quickly: only the solver can say that it is impossible', () => {
    const amount = { jarKindId: 'jar', count: 2000, withinHours: null };
    expect(firstAnswer(request({ amount }))).toBeNull();
  });
});
