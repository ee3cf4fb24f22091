import {
  classOf,
  project,
  type CellClass,
  type FaceLattice,
  type Matrix,
  type Point,
} from '@furrow/core';

/** A class without a colour of its own is shown as another. */
const COLOURED_AS: Partial<Record<CellClass, string>> = { drone: 'brood', damaged: 'empty' };
const INK = '#18211b';
const FIELD = '#28573a';
/** How large a mark is, px: a found cell, an example, the cell the keys stand at. */
const [FOUND_PX, EXAMPLE_PX, CURSOR_PX] = [2.7, 4, 9];

/** A picture of a comb on the canvas: where the comb lies in it, and what is marked on its cells. */
export interface PhotoOnCanvas {
  bitmap: ImageBitmap;
  /** The comb's corners in the picture; null before they are known. */
  corners: readonly Point[] | null;
  /** From the comb's millimetres to the picture; null where the corners cross. */
  map: Matrix | null;
  lattice: FaceLattice;
  /** Pixels of the canvas per pixel of the picture. */
  k: number;
  /** What was found of every cell; null before it was read. */
  cells: Uint8Array | null;
  examples: readonly { cell: number; content: CellClass }[];
  /** The cell the keys stand at; below 0: none. */
  cursor: number;
}

/** Draws a picture with what is known of it. Takes a canvas that is as large as it is to be. */
export function drawPhoto(canvas: HTMLCanvasElement, photo: PhotoOnCanvas): void {
  const pen = canvas.getContext('2d');
  if (!pen) return;
  pen.drawImage(photo.bitmap, 0, 0, canvas.width, canvas.height);
  outline(pen, photo, '#fff', 4);
  outline(pen, photo, FIELD, 2);
  const { cells, cursor } = photo;
  if (cells) cells.forEach((cell, i) => found(pen, photo, i, classOf(cell)));
  else
    for (const { cell, content } of photo.examples)
      dot(pen, photo, cell, colour(content), EXAMPLE_PX);
  if (cursor >= 0 && !cells) dot(pen, photo, cursor, 'transparent', CURSOR_PX);
}

const colour = (content: CellClass): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(`--${COLOURED_AS[content] ?? content}`)
    .trim();

/** Where a cell lies on the canvas; null where the corners cross. */
function placeOf({ map, lattice, k }: PhotoOnCanvas, cell: number): Point | null {
  if (!map) return null;
  const { x, y } = project(map, lattice.xMm[cell], lattice.yMm[cell]);
  return { x: x * k, y: y * k };
}

function outline(
  pen: CanvasRenderingContext2D,
  { corners, k }: PhotoOnCanvas,
  stroke: string,
  width: number,
): void {
  if (!corners) return;
  pen.strokeStyle = stroke;
  pen.lineWidth = width;
  pen.beginPath();
  for (const corner of corners) pen.lineTo(corner.x * k, corner.y * k);
  pen.closePath();
  pen.stroke();
}

function dot(
  pen: CanvasRenderingContext2D,
  photo: PhotoOnCanvas,
  cell: number,
  fill: string,
  radius: number,
): void {
  const place = placeOf(photo, cell);
  if (!place) return;
  pen.fillStyle = fill;
  pen.strokeStyle = INK;
  pen.lineWidth = 1;
  pen.beginPath();
  pen.arc(place.x, place.y, radius, 0, Math.PI * 2);
  pen.fill();
  pen.stroke();
}

/** What was found, told by shape as well as colour: dash, ring, cross, dot, a speck for empty. */
function found(
  pen: CanvasRenderingContext2D,
  photo: PhotoOnCanvas,
  cell: number,
  content: CellClass,
): void {
  const place = placeOf(photo, cell);
  if (!place) return;
  for (const [stroke, width] of [
    [INK, 3],
    [colour(content), 1.6],
  ] as const) {
    pen.strokeStyle = stroke;
    pen.lineWidth = width;
    pen.beginPath();
    shape(pen, place, content);
    pen.stroke();
  }
}
function shape(pen: CanvasRenderingContext2D, { x, y }: Point, content: CellClass): void {
  const line = (dx: number, dy: number): void => {
    pen.moveTo(x - dx, y - dy);
    pen.lineTo(x + dx, y + dy);
  };
  const ring = (radius: number): void => pen.arc(x, y, radius, 0, Math.PI * 2);
  const r = FOUND_PX;
  const cross = (): void => {
    line(r, r);
    line(r, -r);
  };
  const shapes: Partial<Record<CellClass, () => void>> = {
    capped: () => line(r, 0),
    pollen: cross,
    damaged: cross,
    empty: () => ring(0.6),
    open: () => ring(r),
  };
  (shapes[content] ?? (() => ring(r / 2)))();
}
