import { tell } from '../words/tell.js';
import { classOf, toneOf, type FaceLattice } from '@furrow/core';

/** Where the face lies on the canvas: px per mm, and the bar's middle in px. */
export interface View {
  k: number;
  x: number;
  y: number;
}

const LETTERS = ['capped', 'open', 'pollen', 'brood', 'empty', 'damaged', 'brood'] as const;

/**
 * One drawn cell per class and tone, kept as small pictures: a face of 8,000 cells is then laid
 * down in a few ms.
 */
export class CellSprites {
  private readonly sprites = new Map<number, HTMLCanvasElement>();
  private size = 0;
  constructor(private readonly colourOf: (name: string) => string) {}

  /** Cells are `cellPx` across the flats from now on. */
  resize(cellPx: number): void {
    if (Math.abs(cellPx - this.size) < 0.01) return;
    this.size = cellPx;
    this.sprites.clear();
  }

  get(code: number): HTMLCanvasElement {
    let sprite = this.sprites.get(code);
    if (!sprite) this.sprites.set(code, (sprite = this.draw(code)));
    return sprite;
  }

  private draw(code: number): HTMLCanvasElement {
    const q = this.size;
    const side = Math.ceil(q * 1.2) + 2;
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = side;
    const pen = canvas.getContext('2d')!;
    const [c, r] = [side / 2, q / Math.sqrt(3)];
    pen.beginPath();
    for (let k = 0; k < 6; k++)
      pen.lineTo(
        c + r * Math.cos((Math.PI / 3) * k + Math.PI / 6),
        c + r * Math.sin((Math.PI / 3) * k + Math.PI / 6),
      );
    pen.closePath();
    const name = LETTERS[code & 7] ?? 'empty';
    pen.fillStyle = this.colourOf(`--${name}`);
    pen.fill();
    const tone = toneOf(code);
    if (tone === 'pale' || tone === 'dark') {
      pen.fillStyle = tone === 'pale' ? 'rgba(255,255,255,.42)' : 'rgba(45,24,4,.4)';
      pen.fill();
    }
    pen.strokeStyle = name === 'empty' ? this.colourOf('--empty-mark') : 'rgba(91,74,42,.45)';
    pen.lineWidth = Math.max(0.6, q * 0.05);
    pen.stroke();
    if (q > 4) this.glyph(pen, code, c, q);
    return canvas;
  }

  private glyph(pen: CanvasRenderingContext2D, code: number, c: number, q: number): void {
    const content = classOf(code);
    pen.strokeStyle = pen.fillStyle = this.colourOf(
      `--${content === 'drone' ? tell('paintCanvas.brood') : content}-mark`,
    );
    pen.lineWidth = Math.max(1, q * 0.11);
    pen.beginPath();
    if (content === 'capped') pen.rect(c - q * 0.24, c - q * 0.05, q * 0.48, q * 0.1);
    else if (content === 'open') pen.arc(c, c, q * 0.2, 0, Math.PI * 2);
    else if (content === 'brood') pen.arc(c, c, q * 0.13, 0, Math.PI * 2);
    else if (content === 'drone') pen.arc(c, c, q * 0.26, 0, Math.PI * 2);
    else if (content === 'pollen')
      for (const sign of [1, -1]) {
        pen.moveTo(c - q * 0.22, c - q * 0.22 * sign);
        pen.lineTo(c + q * 0.22, c + q * 0.22 * sign);
      }
    else if (content === 'damaged')
      for (const [x, y] of [
        [-0.28, 0.2],
        [-0.08, -0.1],
        [0.04, 0.12],
        [0.26, -0.22],
      ])
        pen.lineTo(c + q * x, c + q * y);
    if (content === 'capped' || content === 'brood' || content === 'drone') pen.fill();
    else pen.stroke();
  }
}

/** Draws these cells of a face, or all of them where none are named. */
export function drawCells(
  pen: CanvasRenderingContext2D,
  sprites: CellSprites,
  lattice: FaceLattice,
  cells: Uint8Array,
  view: View,
  only?: readonly number[],
): void {
  sprites.resize(lattice.pitchMm * view.k);
  const put = (i: number): void => {
    const sprite = sprites.get(cells[i]);
    pen.drawImage(
      sprite,
      view.x + lattice.xMm[i] * view.k - sprite.width / 2,
      view.y + lattice.yMm[i] * view.k - sprite.width / 2,
    );
  };
  if (only) for (const i of only) put(i);
  else for (let i = 0; i < cells.length; i++) put(i);
}
