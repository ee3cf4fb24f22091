/** Tones of earth and field, each with its own hatch, so that series differ without colour too. */
const TONES = [
  '#cc8a36',
  '#8db093',
  '#e7ce99',
  '#758375',
  '#d9b27a',
  '#b7cec1',
  '#a6642c',
  '#c4cec1',
];

/** A fill for the n-th series of a chart. */
export function bandPattern(n: number, ink: string, ground: string): CanvasPattern | string {
  const tile = document.createElement('canvas');
  [tile.width, tile.height] = [10, 10];
  const pen = tile.getContext('2d');
  if (!pen) return TONES[n % TONES.length];
  pen.fillStyle = TONES[n % TONES.length] ?? ground;
  pen.fillRect(0, 0, 10, 10);
  pen.strokeStyle = ink;
  pen.globalAlpha = 0.55;
  pen.lineWidth = 1;
  const lines: [number, number, number, number][][] = [
    [],
    [[0, 10, 10, 0]],
    [[0, 5, 10, 5]],
    [[5, 0, 5, 10]],
    [
      [0, 0, 10, 10],
      [0, 10, 10, 0],
    ],
    [[0, 0, 10, 10]],
    [
      [0, 2, 10, 2],
      [0, 7, 10, 7],
    ],
    [
      [2, 0, 2, 10],
      [7, 0, 7, 10],
    ],
  ];
  for (const [x1, y1, x2, y2] of lines[n % lines.length]) {
    pen.beginPath();
    pen.moveTo(x1, y1);
    pen.lineTo(x2, y2);
    pen.stroke();
  }
  return pen.createPattern(tile, 'repeat') ?? TONES[n % TONES.length];
}
