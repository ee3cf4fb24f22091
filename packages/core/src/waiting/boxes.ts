import { compartmentShape, hiveKind, placeNumber } from '../hive/kinds.js';
import { siteDate } from '../look/judgeHive.js';
import type { BarView, BoxView, Hive } from '../records/hiveViews.js';
import type { WaitingEntry } from './entries.js';

type BoxEntry = Extract<WaitingEntry, { path: '/boxes' | `/boxes/:id/${string}` }>;
const BOX_PATHS: readonly WaitingEntry['path'][] = [
  '/boxes',
  '/boxes/:id/turn',
  '/boxes/:id/off',
  '/boxes/:id/below',
];

/** A hive with a box set on or in, turned, taken off or set below, as the house writes it. */
export function withBox(hive: Hive, entry: BoxEntry): Hive {
  if (entry.path === '/boxes') return withNewBox(hive, entry);
  const box = hive.boxes.find(({ carrierId }) => carrierId === entry.placeId);
  if (!box) return hive;
  const others = hive.boxes.filter(({ carrierId }) => carrierId !== box.carrierId);
  switch (entry.path) {
    case '/boxes/:id/turn':
      return turned(hive, box, entry);
    case '/boxes/:id/off':
      return restacked(hive, others);
    case '/boxes/:id/below':
      return restacked(hive, [box, ...others]);
  }
}

/** Whether an entry is one of a box. */
export const isOfBox = (entry: WaitingEntry): entry is BoxEntry => BOX_PATHS.includes(entry.path);

/** The boxes in this order from the floor up, and with them their bars; those of no box are gone. */
function restacked(hive: Hive, order: readonly BoxView[]): Hive {
  const boxes = order.map((box, i) => ({ ...box, number: i + 1 }));
  const numberOf = new Map(boxes.map(({ carrierId, number }) => [carrierId, number]));
  const bars = hive.bars.flatMap((bar): BarView[] => {
    if (bar.boxId === null) return [bar];
    const number = numberOf.get(bar.boxId);
    return number === undefined ? [] : [{ ...bar, slot: placeNumber(number, bar.inBox) }];
  });
  return { ...hive, boxes, bars: bars.sort((a, b) => a.slot - b.slot) };
}

/** A turned box shows its places from the other end. */
function turned(
  hive: Hive,
  box: BoxView,
  { payload, occurredAt }: Extract<BoxEntry, { path: '/boxes/:id/turn' }>,
): Hive {
  const isTurned = payload.sideToEntrance ? payload.sideToEntrance === 'B' : !box.turned;
  if (isTurned === box.turned) return hive;
  const own = hive.bars.filter(({ boxId }) => boxId === box.carrierId);
  const bars = hive.bars.map((bar): BarView => {
    if (bar.boxId !== box.carrierId) return bar;
    const inBox = own.length + 1 - bar.inBox;
    return { ...bar, inBox, slot: placeNumber(box.number, inBox) };
  });
  const now = { ...box, turned: isTurned, turnedOn: siteDate(hive, occurredAt) };
  return restacked(
    { ...hive, bars },
    hive.boxes.map((each) => (each.carrierId === box.carrierId ? now : each)),
  );
}

/** An empty box with its places: they have the ids the device gave them. */
function withNewBox(
  hive: Hive,
  { payload, occurredAt }: Extract<BoxEntry, { path: '/boxes' }>,
): Hive {
  const { id, hiveId, at, carrierIds } = payload;
  const compartment = hiveKind(hive.kind).newBox;
  const isKnown = hive.boxes.some(({ carrierId }) => carrierId === id);
  if (hive.id !== hiveId || isKnown || !compartment) return hive;
  const on = siteDate(hive, occurredAt);
  const box: BoxView = {
    carrierId: id,
    number: at,
    compartment,
    turned: false,
    turnedOn: null,
    sinceOn: on,
    madeOn: on,
    revision: 1,
  };
  const { positions } = compartmentShape(hive.kind, hive.geometry, compartment);
  const places = Array.from({ length: positions }, (_, i): BarView => {
    const inBox = i + 1;
    const carrierId = carrierIds?.[i] ?? `${id}.${inBox}`;
    return { carrierId, slot: placeNumber(at, inBox), inBox, boxId: id, comb: null };
  });
  const boxes = hive.boxes.toSpliced(at - 1, 0, box);
  return restacked({ ...hive, bars: [...hive.bars, ...places] }, boxes);
}
