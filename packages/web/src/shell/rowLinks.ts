import { STAGES, type Batch, type Stage } from '@furrow/core';

/** What is in view: a harvest, a hive, or neither. */
export interface InView {
  batch: Pick<Batch, 'id' | 'hiveId' | 'stage' | 'closedAt'> | null;
  hiveId: string | null;
}

const isOfHive = (stage: Stage): boolean => stage === 'look' || stage === 'choose';

/**
 * Where a stage of the row leads: to the harvest or the hive in view as far as it has come, else to
 * the stage alone.
 */
export function stageLink(stage: Stage, { batch, hiveId }: InView): string {
  if (isOfHive(stage)) {
    const id = batch?.hiveId ?? hiveId;
    return id ? `/${stage}/${id}` : `/${stage}`;
  }
  if (!batch) return `/${stage}`;
  const reached = batch.closedAt ? STAGES.length - 1 : STAGES.indexOf(batch.stage);
  // The book shows every harvest, however far it is.
  const there = stage === 'book' || STAGES.indexOf(stage) <= reached;
  return there ? `/${stage}/${batch.id}` : `/${stage}`;
}

/** Harvest or hive by what the address names. */
export function inView(
  stage: Stage | undefined,
  id: string | null,
  harvests: readonly Batch[],
): InView {
  if (!id || !stage) return { batch: null, hiveId: null };
  if (isOfHive(stage)) return { batch: null, hiveId: id };
  const found = harvests.find((b) => b.id === id);
  if (!found) return { batch: null, hiveId: null };
  // What stands open has been reached, though the list of harvests may be a moment behind.
  const isBehind = STAGES.indexOf(found.stage) < STAGES.indexOf(stage);
  return { batch: isBehind ? { ...found, stage } : found, hiveId: null };
}
