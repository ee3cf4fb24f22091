import {
  combSay,
  faceLattice,
  readPhoto,
  type CombOutline,
  type Dab,
  type PhotoReading,
  type Picture,
  type Quad,
  mapQuad,
} from '@furrow/core';
import { expose } from 'comlink';

/**
 * Longest side a picture is read at: cells of some ten pixels tell as much as cells of forty, and
 * sooner.
 */
const READ_PX = 2000;

let picture: Picture | null = null;
let shrunk = 1;

/** Reading a comb from a picture, off the page's own thread; ended by ending the worker. */
const api = {
  /** Takes in a picture file, upright; throws where it is none. Gives its size in px as it is. */
  async open(file: Blob): Promise<{ width: number; height: number; bitmap: ImageBitmap }> {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const { width, height } = bitmap;
    shrunk = Math.min(1, READ_PX / Math.max(width, height));
    const canvas = new OffscreenCanvas(Math.round(width * shrunk), Math.round(height * shrunk));
    const pen = canvas.getContext('2d', { willReadFrequently: true })!;
    pen.imageSmoothingQuality = 'high';
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    const image = pen.getImageData(0, 0, canvas.width, canvas.height);
    picture = { width: image.width, height: image.height, data: image.data };
    return { width, height, bitmap: await createImageBitmap(canvas) };
  },
  /** Reads its cells. Corners are px of the picture as it is. */
  read(
    outline: CombOutline,
    pitchMm: number,
    corners: Quad,
    dabs: Dab[],
    onProgress: (share: number) => void,
  ): PhotoReading {
    if (!picture) return { read: false, why: 'dabs', sentence: combSay('comb.photo.none') };
    const scaled = mapQuad(corners, (p) => ({ x: p.x * shrunk, y: p.y * shrunk }));
    return readPhoto({
      picture,
      lattice: faceLattice(outline, pitchMm),
      corners: scaled,
      dabs,
      onProgress,
    });
  },
};
export type PhotoApi = typeof api;
expose(api);
