import {
  withBoardChanged,
  withBoardLaid,
  withPieceChanged,
  withPlanKept,
  type GradedBy,
} from '../cut/index.js';
import type { BatchDetail } from '../records/views.js';
import type { WaitingEntry } from './entries.js';
import type { Known } from './hives.js';

const gradedBy = ({ jars, rules }: Known): GradedBy => ({ jars, rules: rules.rules });

/** A harvest with an entry of the cutting board on it; the same harvest with any other. */
export function withCutEntry(detail: BatchDetail, entry: WaitingEntry, known: Known): BatchDetail {
  const placeId = entry.placeId ?? '';
  switch (entry.path) {
    case '/cutBoards':
      return entry.payload.batchId === detail.batch.id
        ? withBoardLaid(detail, entry.payload)
        : detail;
    case '/cutBoards/:id/plan':
      return withPlanKept(detail, placeId, entry.payload);
    case '/cutBoards/:id':
      return withBoardChanged(detail, placeId, entry.payload, entry.occurredAt, gradedBy(known));
    case '/cutPieces/:id':
      return withPieceChanged(detail, placeId, entry.payload, gradedBy(known));
    default:
      return detail;
  }
}
