import { randomUUID } from 'node:crypto';
import type { Household } from './household.js';

export const BOX = {
  name: 'Flat box 250',
  purpose: 'piece',
  widthMm: 90,
  heightMm: 65,
  depthMm: 38,
  minG: 220,
  maxG: 300,
  netG: 250,
  tareG: 22,
  stock: 6,
  value: 34,
};
export const JAR = {
  name: 'Wide jar 700',
  purpose: 'chunk',
  widthMm: 42,
  heightMm: 100,
  netG: 700,
  tareG: 310,
  stock: 3,
  value: 62,
};
/** Boxes or jars of one kind, put in the kit. */
export async function kit(home: Household, box: object): Promise<string> {
  const id = randomUUID();
  await home.ok(home.post('/jars', { ...box, id }));
  return id;
}
/** A comb of 2.4 kg, taken to be cut, laid on the board. */
export async function laid(
  home: Household,
): Promise<{ batchId: string; boardId: string; combId: string }> {
  const hive = await home.hive();
  const combId = home.comb(hive, 8);
  const batchId = randomUUID();
  await home.ok(home.look(combId));
  await home.ok(
    home.post('/harvests', {
      visitId: randomUUID(),
      batchId,
      hiveId: hive.id,
      method: 'cut',
      combIds: [combId],
      anyway: [],
    }),
  );
  await home.ok(
    home.post('/takes', {
      id: randomUUID(),
      batchId,
      combId,
      outcome: 'taken',
      vesselId: null,
      grossG: 3640,
      tareG: 1240,
    }),
  );
  await home.ok(home.post(`/harvests/${batchId}/stage`, { stage: 'cut' }));
  const boardId = randomUUID();
  await home.ok(
    home.post('/cutBoards', {
      id: boardId,
      batchId,
      combId,
      widthMm: 400,
      heightMm: 200,
      thicknessMm: 34,
      flaws: [{ kind: 'open', xMm: 300, yMm: 150, widthMm: 100, heightMm: 50 }],
      seen: 'both',
    }),
  );
  return { batchId, boardId, combId };
}
export const piece = (
  jarKindId: string,
  xMm: number,
  yMm = 0,
  change: object = {},
): Record<string, unknown> & { id: string } => ({
  id: randomUUID(),
  jarKindId,
  xMm,
  yMm,
  widthMm: 90,
  heightMm: 65,
  lowG: 230,
  midG: 255,
  highG: 280,
  bestSide: 'A',
  ...change,
});
export const plan = (pieces: object[], change: object = {}): object => ({
  flaws: [],
  thicknessMm: 34,
  pieces,
  cuts: [{ x1Mm: 91, y1Mm: 0, x2Mm: 91, y2Mm: 200 }],
  cutsDone: 0,
  value: 68,
  provenOptimal: true,
  possiblePieces: 12,
  ...change,
});
