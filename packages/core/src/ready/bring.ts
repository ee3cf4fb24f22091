import { hiveKind, isStingless } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Gear } from '../records/plan.js';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { pickVessels, SPILT_L, type VesselNeed } from './gear.js';
import type { KitVessel, VesselRole } from '../records/vocabulary/vessels.js';
import { crushesComb, cutsComb, type Way } from '../records/vocabulary/ways.js';
import { BEES_OFF, SPARE, STRAINERS, TOOLS } from './bringWords.js';
import { type AddLine, type BringLine, Lines } from './bringLines.js';
import { allocateSpares, shimHeightMm } from './bringCounts.js';

export interface BringHarvest {
  id: string;
  hiveName: string;
  siteName: string;
  kind: HiveKindName;
  way: Way;
  combs: number;
  combLabels: string;
  litres: { tub: number; upper: number; out: number };
  /** Jars and boxes the plan fills, at the high estimate, by kind in the kit. */
  fills: { jarId: string; count: number }[];
  /**
   * Drain frames: length between the supports, mm, and the tilt measured, degrees; null where
   * nobody measured.
   */
  supportsMm: number;
  tiltDegrees: number | null;
  dearth: boolean;
  smoke: boolean;
  /** False where the colony is gone: no bees to get off. */
  alive: boolean;
  /**
   * Sooner served when spares are short: 2 in a strong flow with a comb super on, 1 in a flow, 0
   * else.
   */
  urgency: number;
}

const wedgeText = (wedgeMm: number): string =>
  wedgeMm < 1 ? 'No wedge: it leans enough' : `Wedge ${wedgeMm.toFixed(0)} mm`;
/**
 * What to bring and have, counted from the plan: it changes and goes with what was chosen. Takes
 * the harvests planned together, kit, jars and gear in stock, and the rules. Vessels at the high
 * estimate with headspace; jars by size with one spare in twenty. Lines of several harvests that
 * mean the same thing are one.
 */
export function bringList(input: BringInput): BringLine[] {
  const list = new Lines();
  forHoneybees(list, input);
  list.hive(
    'water',
    'Bucket of water and wet cloth',
    'every drop of honey wiped up',
    'Spilled honey starts robbing: do not open without.',
  );
  for (const harvest of input.harvests) forHive(list, harvest, input.rules);
  spares(input, list.hive);
  forVessels(list, input);
  forBreaking(list, input);
  forJars(list, input);
  forEveryBench(list);
  return list.all();
}

interface BringInput {
  harvests: readonly BringHarvest[];
  kit: readonly KitVessel[];
  jars: readonly JarKindRecord[];
  gear: readonly Gear[];
  rules: HouseRules;
}

/** What protects the people, smokes the bees and gets them off the comb. */
function forHoneybees(list: Lines, { harvests, rules }: BringInput): void {
  const honeybees = harvests.filter((h) => !isStingless(h.kind));
  if (!honeybees.length) return;
  list.hive(
    'suits',
    `Veils, suits and gloves for ${Math.min(2, rules.people)}`,
    'everyone at the hive',
    'Nobody opens without a veil: come another day.',
  );
  list.hive(
    'adrenaline',
    'Adrenaline if prescribed, telephone with signal',
    'a sting that goes wrong',
    'Somebody within call, and know where the signal is.',
  );
  const smoking = honeybees.filter((h) => h.smoke);
  if (smoking.length)
    list.hive(
      'smoker',
      'Smoker, dry fuel for two fillings, lighter, water beside it',
      namesOf(smoking),
      'Water spray and a slow hand on calm bees; else another day.',
    );
  if (honeybees.some((h) => h.alive))
    list.hive('brush', BEES_OFF[rules.beesOff], 'bees off the comb', 'A soft leafy twig.');
}

/** The tools of a kind of hive, wedges under a drain frame, a reducer in a dearth. */
function forHive(list: Lines, h: BringHarvest, rules: HouseRules): void {
  for (const tool of TOOLS[h.kind])
    list.hive(`tool-${tool.text}`, tool.text, `${h.hiveName}: ${tool.serves}`, tool.ifMissing);
  if (hiveKind(h.kind).drainsInPlace && h.way === 'drain-hive') wedges(list, h, rules);
  if (h.dearth)
    list.hive(
      `reducer-${h.id}`,
      'Entrance reducer or robbing screen that lets air through',
      `${h.hiveName}, in a dearth`,
      "Grass in the entrance, a bee's width left open.",
    );
}

function wedges(
  list: Lines,
  h: BringHarvest,
  { drainTiltDegrees: neededDegrees }: HouseRules,
): void {
  const { supportsMm, tiltDegrees: now } = h;
  const wedgeMm = (nowDegrees: number): number =>
    shimHeightMm({ supportsMm, neededDegrees, nowDegrees });
  const measured = now === null ? '' : `, ${now}° measured`;
  list.hive(
    `shim-${h.id}`,
    now === null
      ? `Wedges: tilt not measured, up to ${wedgeMm(0).toFixed(0)} mm`
      : wedgeText(wedgeMm(now)),
    `${h.hiveName}: ${neededDegrees}° asked${measured}, ${supportsMm} mm between the supports`,
    'Folded roofing or slate, measured with a rule.',
  );
}

const runsOut = (h: BringHarvest): boolean => h.litres.out > SPILT_L;
const drainsOnBed = (h: BringHarvest): boolean =>
  crushesComb(h.way) && h.way !== 'press' && h.litres.upper > SPILT_L;

/** A vessel for each lot and each place it stands in. */
function forVessels(list: Lines, input: BringInput): void {
  const { harvests, kit } = input;
  const ask = (
    where: AddLine,
    role: VesselRole,
    what: string,
    of: readonly BringHarvest[],
    litres: (h: BringHarvest) => number,
  ): void => oneForEach(where, kit, role, what, of, litres);
  const out = (h: BringHarvest): number => h.litres.out;
  const carried = harvests.filter((h) => h.way !== 'drain-hive' && h.way !== 'draw-pots');
  const inPlace = harvests.filter((h) => h.way === 'drain-hive');
  ask(list.hive, 'tub', 'Tub with lid', carried, (h) => h.litres.tub);
  ask(list.hive, 'lower', 'Vessels for what runs', inPlace, out);
  const bed = harvests.filter(drainsOnBed);
  ask(list.bench, 'upper', 'Bucket with holes', bed, (h) => h.litres.upper);
  const crushed = harvests.filter((h) => crushesComb(h.way) && runsOut(h));
  ask(list.bench, 'lower', 'Bucket under it', crushed, out);
  const settles = harvests.filter((h) => h.way !== 'draw-pots' && runsOut(h));
  if (kit.some((v) => v.role === 'settling'))
    ask(list.bench, 'settling', 'Settling vessel with gate', settles, out);
  else if (settles.length)
    list.bench(
      'vessel-settling',
      'No settling vessel in the kit: it settles in the bucket it ran into',
      settles.map((h) => h.hiveName).join(', '),
      'Skimmed there, ladled or poured from above the scum. Lid on.',
    );
}

/**
 * Each lot has its own vessel; the kit is shared out in the order of the harvests. At the bench one
 * may follow the other in the same vessel: the timetable waits for it.
 */
function oneForEach(
  where: AddLine,
  kit: readonly KitVessel[],
  role: VesselRole,
  what: string,
  of: readonly BringHarvest[],
  litres: (h: BringHarvest) => number,
): void {
  const used = new Set<string>();
  for (const h of of) {
    const unused = kit.filter((v) => !used.has(v.id));
    const free = pickVessels(unused, role, litres(h));
    const all = pickVessels(kit, role, litres(h));
    const waits = role !== 'tub' && free.shortL > SPILT_L && all.shortL <= SPILT_L;
    const need = waits ? all : free;
    // What the lower bucket cannot hold is drawn off into the settling vessel, if that has the
    // room.
    const drawnOff =
      role === 'lower' &&
      need.shortL > SPILT_L &&
      pickVessels(kit, 'settling', need.shortL).shortL <= SPILT_L;
    for (const v of need.vessels) used.add(v.id);
    const names = need.vessels.map((v) => `${v.name} (${v.volumeL} L)`).join(', ');
    where(
      `vessel-${role}-${h.id}`,
      `${what}, ${litres(h).toFixed(1)} L${names ? `: ${names}` : ''}`,
      `${h.hiveName} ${h.combLabels}`,
      vesselAdvice(need, waits, drawnOff),
      need.shortL > SPILT_L && !drawnOff ? 1 : 0,
    );
  }
}

/** What comb is strained, broken up, pressed and cut with. */
function forBreaking(list: Lines, { harvests, rules }: BringInput): void {
  const strained = harvests.filter((h) => runsOut(h) && h.way !== 'draw-pots');
  if (strained.length && rules.strain !== 'none')
    list.bench(
      'strainer',
      STRAINERS[rules.strain],
      namesOf(strained),
      'A clean, boiled cotton cloth in a colander.',
    );
  const bed = harvests.filter(drainsOnBed);
  if (bed.length)
    list.bench(
      'masher',
      rules.crush === 'slice' ? 'Long knife for slicing' : 'Masher, or clean hands',
      namesOf(bed),
      'A clean potato masher.',
    );
  const pressed = harvests.filter((h) => h.way === 'press' || h.way === 'drip-press');
  if (pressed.length)
    list.bench(
      'press',
      'Press and press cloth',
      namesOf(pressed),
      'Leave it to drip longer; melt the rest.',
    );
  const cut = harvests.filter((h) => cutsComb(h.way));
  if (!cut.length) return;
  list.bench(
    'knife',
    'Sharp thin knife, rack over a tray',
    namesOf(cut),
    'A wire and a clean rack from the oven.',
  );
  if (rules.freeze !== 'none')
    list.bench(
      'wrap',
      'Closed wrap for the freezer',
      namesOf(cut),
      'Bags that close: water must settle on the wrap, not on the comb.',
    );
}

/** One jar in so many is brought more, and at least one. */
const ONE_SPARE_IN = 20;
const LABELS_A_SHEET = 24;
/** Jars and boxes by kind, with one spare in twenty, and the labels for them. */
function forJars(list: Lines, { harvests, jars }: BringInput): void {
  for (const kind of jars) {
    const of = harvests.flatMap((h) =>
      h.fills.filter((f) => f.jarId === kind.id).map((f) => ({ h, count: f.count })),
    );
    const count = of.reduce((sum, f) => sum + f.count, 0);
    if (!count) continue;
    const spare = Math.max(1, Math.ceil(count / ONE_SPARE_IN));
    const short = Math.max(0, count + spare - kind.stock);
    list.bench(
      `jar-${kind.id}`,
      `${count + spare} ${kind.name}${kind.purpose === 'piece' ? '' : ', with lids'}`,
      `${of.map((f) => `${f.h.hiveName} ${f.count}`).join(', ')}, and ${spare} spare`,
      short > 0
        ? `${short} short: buy them, or let honey wait in the closed bucket.`
        : 'Honey waits in a closed bucket.',
      short,
    );
  }
  const labels = harvests.flatMap((h) => h.fills).reduce((sum, f) => sum + f.count, 0);
  if (!labels) return;
  const sheets = Math.ceil(labels / LABELS_A_SHEET);
  list.bench(
    'labels',
    `Label paper for ${labels}, ${sheets} ${sheets > 1 ? 'sheets' : 'sheet'} of ${LABELS_A_SHEET}`,
    'jars and boxes of this plan',
    'Write lot and date on tape; print later.',
  );
}

function forEveryBench(list: Lines): void {
  list.bench(
    'scale',
    'Scale, tared',
    'combs, honey, jars',
    'Net weight for sale needs one: wait with the labels.',
  );
  list.bench(
    'refractometer',
    'Refractometer and its cloth',
    'water before the lids go on',
    'Fill only fully capped comb, and note that it was not measured.',
  );
  list.bench(
    'cover',
    'Cloths to cover every vessel',
    'bees, ants and damp',
    'Lids laid on loosely.',
  );
}

const namesOf = (list: readonly BringHarvest[]): string =>
  [...new Set(list.map((h) => h.hiveName))].join(', ');

/**
 * What stands beside a vessel on the list: what is short, whom it waits for, what it may be made
 * of.
 */
function vesselAdvice(need: VesselNeed, waits: boolean, drawnOff: boolean): string {
  if (waits) return 'In use for another lot first: the timetable waits until it is free.';
  if (drawnOff)
    return `${need.shortL.toFixed(1)} L more than it holds: draw off in between, into the settling vessel.`;
  if (need.shortL > SPILT_L)
    return `${need.shortL.toFixed(1)} L short: draw off in between, borrow one, or choose less. Food grade only, no bare metal.`;
  return 'Food grade only: no galvanised, copper, bare iron or reused chemical vessels.';
}

/** Spare bars, frames and boxes: needs less stock over the sites, and who goes short. */
function spares(
  input: { harvests: readonly BringHarvest[]; gear: readonly Gear[] },
  line: AddLine,
): void {
  for (const kind of ['spare-bar', 'spare-frame', 'empty-super'] as const) {
    const needs = input.harvests.flatMap((h) => {
      const spare = SPARE[h.kind];
      if (spare?.kind !== kind) return [];
      return [{ h, spare, need: kind === 'empty-super' ? 1 : h.combs, urgency: h.urgency }];
    });
    if (!needs.length) continue;
    const owned = input.gear.filter((g) => g.kind === kind);
    // Nothing of the kind was ever written into the kit: then nothing is known to be short.
    const shared = allocateSpares(
      needs,
      owned.length ? owned.reduce((sum, g) => sum + g.stock, 0) : Infinity,
    );
    for (const { h, spare, need, gets, short } of shared)
      line(
        `${kind}-${h.id}`,
        `${need} ${need === 1 ? spare.one : spare.many}`,
        `${h.hiveName}, ${h.siteName}`,
        short > 0
          ? `${gets} of ${need} here, ${short} short${needs.length > 1 ? ': the hive in the strongest flow is served first' : ''}. A gap left open is filled with stray comb: close up, or take one comb less.`
          : 'A gap left open is filled with stray comb: take one comb less.',
        short,
      );
  }
}
