/** What every kept thing carries beside what a person said of it. */
export interface Kept {
  id: string | null;
  revision: number;
  recordedAt?: string;
}

/** What a person said of a thing, without what the server says of it. */
export function saidOf<Draft extends Kept>(draft: Draft): Omit<Draft, keyof Kept> {
  const { id: _id, revision: _revision, recordedAt: _recordedAt, ...said } = draft;
  return said;
}

/** How a change of a thing is sent: made to the state the person saw. */
export const asChange = (draft: Kept): { method: 'PATCH'; baseRevision: number } => ({
  method: 'PATCH',
  baseRevision: draft.revision,
});
