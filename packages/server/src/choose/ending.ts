import { houseSay } from '@furrow/words';
import {
  FATES_UNDER_HOLD,
  FATE_WORDS,
  HOLD_WORDS,
  owedWeighings,
  type Batch,
  type Rest,
  flowSay,
} from '@furrow/core';
import { holdSaid } from '../book/holds.js';
import { conflict, refused } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';

/** Lots that a harvest does not end with: what is left in them has to go somewhere. */
const OPEN_KINDS = ['honey', 'comb', 'crushed'] as const;

/**
 * A harvest ends only when every gram is somewhere: what was never weighed and never filled is
 * asked about.
 */
export async function endHarvest(unit: UnitOfWork, batch: Batch, rest: Rest | null): Promise<void> {
  const detail = await batchDetail(unit.db, batch.id);
  const owed = owedWeighings(detail);
  if (owed.combs.length + owed.vessels.length > 0)
    throw conflict('owed', houseSay('refusal.something-this-harvest-not-weighed'), 'payload.stage');
  const left = OPEN_KINDS.flatMap((kind) =>
    detail.lots.filter((lot) => lot.kind === kind && lot.nowG > 0).map((lot) => ({ ...lot, kind })),
  );
  if (!left.length) return;
  if (rest === null)
    throw refused(
      houseSay('refusal.say-what-becomes-it', {
        left: {
          and: left.map(({ kind, nowG }) =>
            houseSay(`refusal.open.${kind}`, { mass: { massG: nowG, as: 'read' } }),
          ),
        },
      }),
      'payload.rest',
    );
  for (const lot of left) {
    const held = (detail.holds[lot.id] ?? []).find(
      (hold) => !FATES_UNDER_HOLD[hold.cause].includes(rest),
    );
    if (held)
      throw refused(
        houseSay('refusal.held-back-2', {
          held: holdSaid(held),
          ask: HOLD_WORDS[held.cause].ask,
        }),
        'payload.rest',
      );
    await unit.flow({
      from: lot.id,
      to: rest === 'spoilt' ? 'loss' : 'outside',
      g: lot.nowG,
      reason: flowSay('flow.not-filled', { fate: FATE_WORDS[rest] }),
    });
  }
}
