import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import {
  boardOf,
  combBoxes,
  knifeDefects,
  pieceG,
  pieceThicknessMm,
  pieceWanted,
  seenOutline,
  unpackFace,
  unitAt,
  readShape,
  type BatchDetail,
  type Board,
  type CombBox,
  type CombOutline,
  type CutBoard,
  type CutPiece,
  type HouseRules,
  type JarKindRecord,
  type Look,
  type LookFaces,
  type CombDefect,
  type Rect,
  type SeenSide,
  type ThickBoard,
  type PayloadTo,
} from '@furrow/core';
import { computed, ref, type Ref } from 'vue';
import { newId, read } from '../api/client.js';

/** A comb of the harvest that was taken: what is known of it and its board, if it lies on one. */
export interface CombToCut {
  combId: string;
  name: string;
  slot: number;
  look: Look | null;
  board: CutBoard | null;
}

const sideOf = (look: Look, faces: LookFaces | null, side: 'A' | 'B'): SeenSide => {
  const face = faces?.[side];
  return { face: face ? unpackFace(face) : null, shares: look.sides[side] };
};

/**
 * The harvest's combs under the knife, the boxes they are cut for, and what of the stock is spoken
 * for.
 */
export function useBoards(
  detail: Ref<BatchDetail | undefined>,
  rules: Ref<HouseRules | undefined>,
  kinds: Ref<JarKindRecord[] | undefined>,
) {
  const boxes = computed(() => combBoxes(kinds.value ?? []));
  const combs = computed((): CombToCut[] => {
    const d = detail.value;
    if (!d) return [];
    return d.takes
      .filter((t) => t.netG !== null)
      .map((t) => ({
        combId: t.combId,
        slot: t.slot,
        name: said(unitAt(d.hive.kind, t.slot)),
        look: d.looks.filter((l) => l.combId === t.combId).at(-1) ?? null,
        board: d.boards.find((b) => b.combId === t.combId) ?? null,
      }));
  });
  /** Boxes without a piece planned or cut for them, but for one board's own. */
  const free = (box: CombBox, butBoard: string | null): number =>
    box.stock -
    (detail.value?.pieces ?? []).filter(
      (p) =>
        p.jarKindId === box.id &&
        p.lotId === null &&
        p.state !== 'cracked' &&
        p.boardId !== butBoard,
    ).length;
  const wanted = ref<Record<string, boolean>>({});
  const mayTurn = ref(true);
  const asked = computed(() => boxes.value.filter((b) => wanted.value[b.id] ?? true));
  const piecesFor = (boardId: string | null, thicknessMm: number) =>
    asked.value.map((b) => pieceWanted(priced(b), free(b, boardId), mayTurn.value, thicknessMm));
  /** What a piece of a board should weigh, by the thickness where it lies. */
  const expected = (box: CombBox, board: ThickBoard, at: Rect) =>
    pieceG({
      widthMm: at.widthMm,
      heightMm: at.heightMm,
      shape: box.shape,
      thicknessMm: pieceThicknessMm(board, at),
    });
  /**
   * Boxes that are cut for although the comb's thickness or weight does not suit them, by the
   * person's word.
   */
  const allTheSame = ref<Record<string, boolean>>({});
  const cutAllTheSame = (id: string, yes: boolean): void =>
    void (allTheSame.value = { ...allTheSame.value, [id]: yes });
  const defects = (board: ThickBoard): CombDefect[] =>
    knifeDefects(
      board,
      asked.value,
      new Set(Object.keys(allTheSame.value).filter((id) => allTheSame.value[id])),
    );

  /** Both sides of a comb as they were seen; its cells are fetched once. */
  async function seenOf(
    comb: CombToCut,
  ): Promise<{ outline: CombOutline; sides: { A: SeenSide; B: SeenSide } }> {
    const outline = comb.look
      ? seenOutline(detail.value!.hive, comb.look.depthMm)
      : readShape(detail.value!.hive).outline;
    const faces =
      comb.look && (comb.look.painted.A || comb.look.painted.B)
        ? await read(`/looks/${comb.look.id}/faces`)
        : null;
    const none: SeenSide = { face: null, shares: null };
    return {
      outline,
      sides: comb.look
        ? { A: sideOf(comb.look, faces, 'A'), B: sideOf(comb.look, faces, 'B') }
        : { A: none, B: none },
    };
  }
  /** Comb that is half filled stays out altogether by its school: then every open patch counts. */
  const leastCm2 = computed(() =>
    rules.value?.halfPieces === 'out' ? 0 : (rules.value?.flawLeastCm2 ?? 1),
  );
  /** Half-filled pieces are let in by their school: open cells are no flaw then. */
  const bySchool = (board: Board): Board =>
    rules.value?.halfPieces === 'in'
      ? { ...board, flaws: board.flaws.filter((f) => f.kind !== 'open') }
      : board;
  /** What the comb's own reading says of it, as the board is first laid. */
  async function laid(comb: CombToCut): Promise<PayloadTo<'/cutBoards'>> {
    const { outline, sides } = await seenOf(comb);
    const board = bySchool(boardOf({ outline, sides, leastCm2: leastCm2.value }));
    return {
      id: newId(),
      batchId: detail.value!.batch.id,
      combId: comb.combId,
      ...board,
      thicknessMm: comb.look?.thicknessMm ?? 30,
    };
  }
  const gifts = ref<Record<string, boolean>>({});
  const gift = (id: string, yes: boolean): void =>
    void (gifts.value = { ...gifts.value, [id]: yes });
  /** A box with what it is worth: its price, or what the household says a gift is worth of it. */
  const priced = (b: CombBox): CombBox =>
    gifts.value[b.id]
      ? { ...b, value: (b.value * (rules.value?.givenWorthPercent ?? 100)) / 100 }
      : b;
  const want = (id: string, yes: boolean): void =>
    void (wanted.value = { ...wanted.value, [id]: yes });
  const turn = (yes: boolean): void => void (mayTurn.value = yes);
  return {
    boxes,
    combs,
    free,
    wanted,
    want,
    gifts,
    gift,
    priced,
    mayTurn,
    turn,
    asked,
    piecesFor,
    expected,
    defects,
    allTheSame,
    cutAllTheSame,
    laid,
    seenOf,
  };
}

/** The box of a piece, by its name. */
export const boxName = (boxes: readonly CombBox[], piece: Pick<CutPiece, 'jarKindId'>): string =>
  boxes.find((b) => b.id === piece.jarKindId)?.name ?? tell('common.piece');
