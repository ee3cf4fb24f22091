/** Runs steps that can be shown and stopped, to their end and at once; gives what they give. */
export function toEnd<Answer>(steps: Generator<unknown, Answer>): Answer {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
