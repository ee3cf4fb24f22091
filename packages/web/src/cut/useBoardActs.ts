import { tell } from '../words/tell.js';
import {
  FLAW_WORDS,
  SPOILT_WORDS,
  bestSideUp,
  firstOf,
  sure,
  type Blemish,
  type CutBoard,
  type CutPiece,
  type FlawKind,
  type PayloadTo,
  type Range,
  type Rect,
  type SpoiltCause,
  between,
} from '@furrow/core';
import type { Ref } from 'vue';
import type { useSend } from '../api/useSend.js';

import type { CombToCut, useBoards } from './useBoards.js';
import type { Draft, useKnife } from './useKnife.js';

type Flaws = PayloadTo<`/cutBoards/${string}`>['flaws'];
type Plan = PayloadTo<`/cutBoards/${string}/plan`>;
const PATCH = { method: 'PATCH' } as const;

/** What a piece of a box would weigh there: its box, its place on the board. */
export const expectedOf = (
  boards: ReturnType<typeof useBoards>,
  board: CutBoard,
  piece: Rect & { jarKindId: string },
): Range =>
  boards.expected(
    firstOf(boards.boxes.value, (b) => b.id === piece.jarKindId),
    board,
    piece,
  );

/**
 * What is done at one comb under the knife, from laying it on the board to the last cut. Takes the
 * comb and its board, what the boards and the knife know, its measures and how it is written down.
 */
export function useBoardActs(input: {
  comb: Ref<CombToCut>;
  board: Ref<CutBoard | null>;
  boards: ReturnType<typeof useBoards>;
  knife: ReturnType<typeof useKnife>;
  measures: Ref<{ widthMm: number; heightMm: number; thicknessMm: number }>;
  go: ReturnType<typeof useSend>['go'];
}) {
  const { comb, boards, knife, measures, go } = input;
  const board = (): CutBoard => sure(input.board.value, tell('useBoardActs.comb-on-board'));

  async function planOf(draft: Draft): Promise<Plan> {
    const { outline, sides } = await boards.seenOf(comb.value);
    const { cutsDone, possiblePieces } = board();
    return {
      flaws: knife.flaws.value,
      thicknessMm: measures.value.thicknessMm,
      cuts: draft.cuts,
      cutsDone,
      value: Math.max(0, draft.value),
      provenOptimal: draft.proven,
      possiblePieces: knife.possible.value ?? possiblePieces ?? draft.pieces.length,
      pieces: draft.pieces.map((piece) => {
        const { key: id, jarKindId, xMm, yMm, widthMm, heightMm } = piece;
        const { low, mid, high } = expectedOf(boards, board(), piece);
        return {
          ...{ id, jarKindId, xMm, yMm, widthMm, heightMm },
          lowG: Math.round(low),
          midG: Math.round(mid),
          highG: Math.round(high),
          bestSide: bestSideUp(outline, sides, piece),
        };
      }),
    };
  }
  async function lay(): Promise<void> {
    await go(
      '/cutBoards',
      await boards.laid(comb.value),
      tell('useBoardActs.on-board', { comb: comb.value.name }),
    );
  }
  async function keep(): Promise<void> {
    const draft = knife.draft.value;
    if (!draft) return;
    const said = tell('useBoardActs.pieces-planned', { pieces: draft.pieces.length });
    if (await go(`/cutBoards/${board().id}/plan`, await planOf(draft), said)) knife.put();
  }
  async function cut(): Promise<void> {
    const { id, cutsDone, cuts, revision } = board();
    const n = cutsDone + 1;
    const isLast = n === cuts.length;
    await go(
      `/cutBoards/${id}`,
      { cutsDone: n, ...(isLast ? { done: true } : {}) },
      isLast ? tell('useBoardActs.last-cut-all-pieces-are') : tell('useBoardActs.cut-made', { n }),
      { ...PATCH, baseRevision: revision },
    );
  }
  /** A piece cracked: it is crushed, and what is not cut yet is planned anew. */
  async function cracked(piece: CutPiece): Promise<void> {
    const isOver = board().doneAt || piece.state === 'cut';
    const next = isOver ? null : await knife.afterCrack(piece.id);
    const told = await go(
      `/cutPieces/${piece.id}`,
      { state: 'cracked' },
      tell('useBoardActs.cracked-to-be-crushed'),
      PATCH,
    );
    if (told && next)
      await go(
        `/cutBoards/${board().id}/plan`,
        await planOf(next),
        tell('useBoardActs.rest-planned-anew'),
      );
  }
  /** Flaws as they are now; a plan that was being looked at is looked for again. */
  async function setFlaws(flaws: Flaws, said: string): Promise<void> {
    const wasPlanning = knife.draft.value !== null;
    const done = await go(`/cutBoards/${board().id}`, { flaws }, said, PATCH);
    if (done && wasPlanning) await knife.find();
  }
  /** A flaw drawn on the comb, cut off at its edges, to the tenth of a millimetre. */
  async function addFlaw(kind: FlawKind, rect: Rect, thickMm: number | null): Promise<void> {
    if (kind === 'thickness' && thickMm === null) return;
    const { widthMm, heightMm } = measures.value;
    const tenth = (most: number, mm: number): number => Math.round(between(0, most, mm) * 10) / 10;
    const [x0, y0] = [tenth(widthMm, rect.xMm), tenth(heightMm, rect.yMm)];
    const flaw = {
      kind,
      xMm: x0,
      yMm: y0,
      widthMm: tenth(widthMm, rect.xMm + rect.widthMm) - x0,
      heightMm: tenth(heightMm, rect.yMm + rect.heightMm) - y0,
      ...(kind === 'thickness' ? { thicknessMm: thickMm } : {}),
    };
    await setFlaws(
      [...board().flaws, flaw],
      tell('useBoardActs.drawn', { kind: FLAW_WORDS[kind] }),
    );
  }
  const rub = (index: number): Promise<void> =>
    setFlaws(
      board().flaws.filter((_, i) => i !== index),
      tell('useBoardActs.rubbed-out'),
    );
  async function toggleBlemish({ id, blemishes: had }: CutPiece, blemish: Blemish): Promise<void> {
    const blemishes = had.includes(blemish) ? had.filter((b) => b !== blemish) : [...had, blemish];
    await go(`/cutPieces/${id}`, { blemishes }, tell('useBoardActs.looked-at'), PATCH);
  }
  async function spoil(cause: SpoiltCause, sheetSeasons: number | null): Promise<void> {
    await go(
      `/cutBoards/${board().id}`,
      { spoilt: cause, ...(sheetSeasons === null ? {} : { sheetSeasons }) },
      tell('useBoardActs.spoilt-for-pieces-it-can', { cause: SPOILT_WORDS[cause] }),
      PATCH,
    );
  }
  return { lay, keep, cut, cracked, addFlaw, rub, toggleBlemish, spoil };
}
