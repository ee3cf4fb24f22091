import type { CutBoard, CutPiece, Out } from '../records/views.js';
import type { SpoiltCause } from '../records/vocabulary/cut.js';

/** What came of some combs under the knife. */
export interface CutRecord {
  key: string;
  combs: number;
  /**
   * Pieces the boxes would get from these combs without a flaw, those planned round the flaws, and
   * those made.
   */
  possible: number;
  planned: number;
  cut: number;
  cracked: number;
  packed: number;
  out: Record<'sold' | 'given' | 'eaten', number>;
  spoilt: { cause: SpoiltCause; sheetSeasons: number | null }[];
}

/**
 * Possible against made, by whatever `keyOf` says: frame, super, hive, season. A piece counts as
 * planned once it was planned and is not taken out of the plan, as made once it was cut whole.
 * Spoilt combs count with their cause.
 */
export function cutHistory(
  boards: readonly CutBoard[],
  pieces: readonly CutPiece[],
  outs: readonly Out[],
  keyOf: (board: CutBoard) => string,
): CutRecord[] {
  const found = new Map<string, CutRecord>();
  for (const board of boards) {
    const key = keyOf(board);
    const record = found.get(key) ?? {
      key,
      combs: 0,
      possible: 0,
      planned: 0,
      cut: 0,
      cracked: 0,
      packed: 0,
      out: { sold: 0, given: 0, eaten: 0 },
      spoilt: [],
    };
    found.set(key, record);
    const own = pieces.filter((p) => p.boardId === board.id);
    record.combs += 1;
    record.possible += board.possiblePieces ?? 0;
    record.planned += own.length;
    record.cut += own.filter((p) => p.state === 'cut').length;
    record.cracked += own.filter((p) => p.state === 'cracked').length;
    record.packed += own.filter((p) => p.lotId !== null).length;
    if (board.spoilt) record.spoilt.push({ cause: board.spoilt, sheetSeasons: board.sheetSeasons });
  }
  // What left the shelf is known by lot: it is shared out over the boards whose pieces the lot
  // holds.
  for (const fate of ['sold', 'given', 'eaten'] as const)
    for (const out of outs.filter((o) => o.fate === fate)) {
      const inLot = pieces.filter((p) => p.lotId === out.lotId);
      for (const piece of inLot) {
        const board = boards.find((b) => b.id === piece.boardId);
        const record = board && found.get(keyOf(board));
        if (record) record.out[fate] += out.count / inLot.length;
      }
    }
  for (const record of found.values())
    for (const fate of ['sold', 'given', 'eaten'] as const)
      record.out[fate] = Math.round(record.out[fate]);
  return [...found.values()];
}

/**
 * The household's own comb supers as finished, half done or spoilt, by what they gave of what was
 * possible: 60 % and more is finished, a spoilt super gave under a tenth. Starting values of the
 * code.
 */
export function superOutcomes(records: readonly CutRecord[]): {
  finished: number;
  half: number;
  spoilt: number;
} {
  const done = records.filter(
    (r) => r.possible > 0 && (r.cut + r.cracked > 0 || r.spoilt.length > 0),
  );
  const share = (r: CutRecord): number => r.cut / r.possible;
  return {
    finished: done.filter((r) => share(r) >= 0.6).length,
    half: done.filter((r) => share(r) < 0.6 && share(r) >= 0.1).length,
    spoilt: done.filter((r) => share(r) < 0.1).length,
  };
}
