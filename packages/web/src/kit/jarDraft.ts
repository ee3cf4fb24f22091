import { toldWhenRead } from '../words/toldWhenRead.js';
import type { JarKindRecord, PieceShape } from '@furrow/core';

/** A kind of jar or box as it is being said: null where nobody said it yet. */
export interface JarDraft {
  id: string | null;
  revision: number;
  name: string;
  purpose: JarKindRecord['purpose'];
  cost: number | null;
  netG: number | null;
  tareG: number | null;
  stock: number | null;
  value: number | null;
  volumeMl: number | null;
  lid: string;
  widthMm: number | null;
  heightMm: number | null;
  depthMm: number | null;
  shape: PieceShape;
  minG: number | null;
  maxG: number | null;
}

export const JAR_PURPOSES: Readonly<Record<JarKindRecord['purpose'], string>> = toldWhenRead({
  jar: 'common.honey',
  chunk: 'jarDraft.comb-and-honey',
  piece: 'jarDraft.piece-comb',
  sample: 'jarDraft.sample-comb',
});

const NONE_YET: JarDraft = {
  id: null,
  revision: 0,
  name: '',
  purpose: 'jar',
  cost: 0,
  netG: null,
  tareG: null,
  stock: null,
  value: 0,
  volumeMl: null,
  lid: '',
  widthMm: null,
  heightMm: null,
  depthMm: null,
  shape: 'rectangle',
  minG: null,
  maxG: null,
};

/** A kind to be changed, or a new one. */
export const jarDraft = (kind?: JarKindRecord): JarDraft =>
  kind ? { ...kind, volumeMl: kind.volumeMl ?? null, lid: kind.lid ?? '' } : { ...NONE_YET };
