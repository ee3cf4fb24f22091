import { hiveKind } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Gear } from '../records/plan.js';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { pickVessels, type VesselNeed } from './gear.js';
import type { KitVessel, VesselRole } from '../records/vocabulary/vessels.js';
import { crushesComb, cutsComb, type Way } from '../records/vocabulary/ways.js';

/** One line of the list: what, how much, what it serves, what to do without it. */
export interface BringLine {
  /** Steady over changes of the plan, so that a tick stays where it was put. */
  id: string;
  where: 'hive' | 'bench';
  text: string;
  /** The comb, vessel or clock it is for. */
  serves: string;
  /** How many the stock falls short by. */
  short: number;
  ifMissing: string;
}
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

/**
 * Height of the shim under the far support, mm: length between supports × tan(angle needed − angle
 * now) (SCIENCE 9). At least 0.
 */
export function shimHeightMm(input: {
  supportsMm: number;
  neededDegrees: number;
  nowDegrees: number;
}): number {
  return Math.max(
    0,
    input.supportsMm * Math.tan(((input.neededDegrees - input.nowDegrees) * Math.PI) / 180),
  );
}

/**
 * Who gets which spare when there are not enough: the most urgent first, then in the order given.
 */
export function allocateSpares<T extends { need: number; urgency: number }>(
  needs: readonly T[],
  stock: number,
): (T & { gets: number; short: number })[] {
  let left = stock;
  const gets = new Map<T, number>();
  for (const need of [...needs].sort((a, b) => b.urgency - a.urgency)) {
    const given = Math.min(left, need.need);
    gets.set(need, given);
    left -= given;
  }
  return needs.map((need) => ({
    ...need,
    gets: gets.get(need)!,
    short: need.need - gets.get(need)!,
  }));
}

/** How often the vehicle goes. Null where what it carries was not said. */
export function vehicleTrips(
  loads: readonly { volumeL: number; weightKg: number }[],
  vehicle: { volumeL: number | null; weightKg: number | null },
): { trips: number; volumeL: number; weightKg: number } | null {
  if (vehicle.volumeL === null && vehicle.weightKg === null) return null;
  const volumeL = loads.reduce((sum, l) => sum + l.volumeL, 0);
  const weightKg = loads.reduce((sum, l) => sum + l.weightKg, 0);
  return {
    volumeL,
    weightKg,
    trips: Math.max(
      1,
      Math.ceil(volumeL / (vehicle.volumeL ?? Infinity)),
      Math.ceil(weightKg / (vehicle.weightKg ?? Infinity)),
    ),
  };
}

const SPARE: Partial<Record<HiveKindName, { kind: Gear['kind']; one: string; many: string }>> = {
  'top-bar': { kind: 'spare-bar', one: 'spare bar', many: 'spare bars' },
  warre: { kind: 'spare-bar', one: 'spare bar', many: 'spare bars' },
  framed: { kind: 'spare-frame', one: 'frame to set back', many: 'frames to set back' },
  'cut-comb': { kind: 'spare-frame', one: 'frame with a sheet', many: 'frames with sheets' },
  'pile-box': { kind: 'empty-super', one: 'empty box', many: 'empty boxes' },
};
const TOOLS: Record<HiveKindName, { text: string; serves: string; ifMissing: string }[]> = {
  'top-bar': [
    {
      text: 'Long knife',
      serves: 'freeing combs from both walls',
      ifMissing: 'A bread knife with its edge taken off; never tear.',
    },
  ],
  warre: [
    {
      text: 'Long knife and bar lifter',
      serves: 'freeing bars without snapping them',
      ifMissing: 'Take the box whole instead.',
    },
  ],
  'pile-box': [
    {
      text: 'Cutting wire with two grips',
      serves: 'parting the combs at the joint',
      ifMissing: 'Do not prise: come another day.',
    },
    {
      text: 'Firm table beside the hive',
      serves: 'the box that is lifted off',
      ifMissing: 'Two boards over trestles.',
    },
  ],
  framed: [
    {
      text: 'Hive tool and scraper',
      serves: 'frames stuck with propolis',
      ifMissing: 'A strong scraper.',
    },
  ],
  'cut-comb': [
    { text: 'Hive tool', serves: 'frames stuck with propolis', ifMissing: 'A strong scraper.' },
  ],
  'drain-frame': [
    {
      text: 'Opening lever, hoses, outlet plugs',
      serves: 'opening by parts',
      ifMissing: 'Do not open: without the plug the frame cannot be closed.',
    },
    {
      text: 'Spill tray, jar covers, drip cloth',
      serves: 'what runs beside',
      ifMissing: 'Take the super off and drain it over a tray indoors.',
    },
    {
      text: 'Level or angle on the phone',
      serves: 'the tilt',
      ifMissing: 'A bowl of water shows the lean.',
    },
  ],
  stingless: [
    {
      text: 'Suction bottle with a thin tube',
      serves: 'emptying sealed pots',
      ifMissing: 'Do not pierce and tip unless you must: come another day.',
    },
    { text: 'Cold box', serves: 'thin honey that ferments', ifMissing: 'Ice in a closed bucket.' },
  ],
};
const BEES_OFF: Record<HouseRules['beesOff'], string> = {
  brush: 'Brush or feather',
  herd: 'Wet hands, patience: bees are herded',
  shake: 'Room to shake framed combs over the hive',
  repellent: 'Repellent board and its sheet, where permitted',
  'leave-out': 'Cloth to cover the box left out',
};

const wedgeText = (wedgeMm: number): string =>
  wedgeMm < 1 ? 'No wedge: it leans enough' : `Wedge ${wedgeMm.toFixed(0)} mm`;
/** What honey is strained through, by the house rule. */
const STRAINERS: Record<Exclude<HouseRules['strain'], 'none'>, string> = {
  once: 'Strainer',
  twice: 'Coarse and fine strainer',
  cloth: 'Straining cloth, boiled and dry',
};

/**
 * What to bring and have, counted from the plan: it changes and goes with what was chosen. Takes
 * the harvests planned together, kit, jars and gear in stock, and the rules. Vessels at the high
 * estimate with headspace; jars by size with one spare in twenty. Lines of several harvests that
 * mean the same thing are one.
 */
export function bringList(input: {
  harvests: readonly BringHarvest[];
  kit: readonly KitVessel[];
  jars: readonly JarKindRecord[];
  gear: readonly Gear[];
  rules: HouseRules;
}): BringLine[] {
  const { harvests, rules } = input;
  const lines = new Map<string, BringLine>();
  const put = (line: BringLine): void => {
    const before = lines.get(line.id);
    lines.set(
      line.id,
      before
        ? {
            ...before,
            serves:
              before.serves === line.serves ? before.serves : `${before.serves}; ${line.serves}`,
            short: Math.max(before.short, line.short),
          }
        : line,
    );
  };
  const hive = (id: string, text: string, serves: string, ifMissing: string, short = 0): void =>
    put({ id, where: 'hive', text, serves, ifMissing, short });
  const bench = (id: string, text: string, serves: string, ifMissing: string, short = 0): void =>
    put({ id, where: 'bench', text, serves, ifMissing, short });

  const honeybees = harvests.filter((h) => hiveKind(h.kind).bee === 'honeybee');
  if (honeybees.length) {
    hive(
      'suits',
      `Veils, suits and gloves for ${Math.min(2, rules.people)}`,
      'everyone at the hive',
      'Nobody opens without a veil: come another day.',
    );
    hive(
      'adrenaline',
      'Adrenaline if prescribed, telephone with signal',
      'a sting that goes wrong',
      'Somebody within call, and know where the signal is.',
    );
    const smoking = honeybees.filter((h) => h.smoke);
    if (smoking.length)
      hive(
        'smoker',
        'Smoker, dry fuel for two fillings, lighter, water beside it',
        namesOf(smoking),
        'Water spray and a slow hand on calm bees; else another day.',
      );
    if (honeybees.some((h) => h.alive))
      hive('brush', BEES_OFF[rules.beesOff], 'bees off the comb', 'A soft leafy twig.');
  }
  hive(
    'water',
    'Bucket of water and wet cloth',
    'every drop of honey wiped up',
    'Spilled honey starts robbing: do not open without.',
  );
  for (const h of harvests) {
    for (const tool of TOOLS[h.kind])
      hive(`tool-${tool.text}`, tool.text, `${h.hiveName}: ${tool.serves}`, tool.ifMissing);
    if (hiveKind(h.kind).drainsInPlace && h.way === 'drain-hive') {
      const now = h.tiltDegrees;
      const wedgeMm = (nowDegrees: number): number =>
        shimHeightMm({
          supportsMm: h.supportsMm,
          neededDegrees: rules.drainTiltDegrees,
          nowDegrees,
        });
      hive(
        `shim-${h.id}`,
        now === null
          ? `Wedges: tilt not measured, up to ${wedgeMm(0).toFixed(0)} mm`
          : wedgeText(wedgeMm(now)),
        `${h.hiveName}: ${rules.drainTiltDegrees}° asked${now === null ? '' : `, ${now}° measured`}, ${h.supportsMm} mm between the supports`,
        'Folded roofing or slate, measured with a rule.',
      );
    }
    if (h.dearth)
      hive(
        `reducer-${h.id}`,
        'Entrance reducer or robbing screen that lets air through',
        `${h.hiveName}, in a dearth`,
        "Grass in the entrance, a bee's width left open.",
      );
  }
  spares(input, hive);

  const vessel = (
    role: VesselRole,
    what: string,
    of: readonly BringHarvest[],
    litres: (h: BringHarvest) => number,
    where: typeof hive,
  ): void => {
    // Each lot has its own vessel; the kit is shared out in the order of the harvests. At the bench
    // one may follow the other in the same vessel: the timetable waits for it.
    const used = new Set<string>();
    for (const h of of) {
      const free = pickVessels(
        input.kit.filter((v) => !used.has(v.id)),
        role,
        litres(h),
      );
      const all = pickVessels(input.kit, role, litres(h));
      const waits = role !== 'tub' && free.shortL > 0.05 && all.shortL <= 0.05;
      const need = waits ? all : free;
      // What the lower bucket cannot hold is drawn off into the settling vessel, if that has the
      // room.
      const drawnOff =
        role === 'lower' &&
        need.shortL > 0.05 &&
        pickVessels(input.kit, 'settling', need.shortL).shortL <= 0.05;
      for (const v of need.vessels) used.add(v.id);
      where(
        `vessel-${role}-${h.id}`,
        `${what}, ${litres(h).toFixed(1)} L${need.vessels.length ? `: ${need.vessels.map((v) => `${v.name} (${v.volumeL} L)`).join(', ')}` : ''}`,
        `${h.hiveName} ${h.combLabels}`,
        vesselAdvice(need, waits, drawnOff),
        need.shortL > 0.05 && !drawnOff ? 1 : 0,
      );
    }
  };
  const carried = harvests.filter((h) => h.way !== 'drain-hive' && h.way !== 'draw-pots');
  vessel('tub', 'Tub with lid', carried, (h) => h.litres.tub, hive);
  vessel(
    'lower',
    'Vessels for what runs',
    harvests.filter((h) => h.way === 'drain-hive'),
    (h) => h.litres.out,
    hive,
  );
  const bed = harvests.filter(
    (h) => crushesComb(h.way) && h.way !== 'press' && h.litres.upper > 0.05,
  );
  vessel('upper', 'Bucket with holes', bed, (h) => h.litres.upper, bench);
  vessel(
    'lower',
    'Bucket under it',
    harvests.filter((h) => crushesComb(h.way) && h.litres.out > 0.05),
    (h) => h.litres.out,
    bench,
  );
  const settles = harvests.filter((h) => h.way !== 'draw-pots' && h.litres.out > 0.05);
  if (input.kit.some((v) => v.role === 'settling'))
    vessel('settling', 'Settling vessel with gate', settles, (h) => h.litres.out, bench);
  else if (settles.length)
    bench(
      'vessel-settling',
      'No settling vessel in the kit: it settles in the bucket it ran into',
      settles.map((h) => h.hiveName).join(', '),
      'Skimmed there, ladled or poured from above the scum. Lid on.',
    );
  const strained = harvests.filter((h) => h.litres.out > 0.05 && h.way !== 'draw-pots');
  if (strained.length && rules.strain !== 'none')
    bench(
      'strainer',
      STRAINERS[rules.strain],
      namesOf(strained),
      'A clean, boiled cotton cloth in a colander.',
    );
  if (bed.length)
    bench(
      'masher',
      rules.crush === 'slice' ? 'Long knife for slicing' : 'Masher, or clean hands',
      namesOf(bed),
      'A clean potato masher.',
    );
  const pressed = harvests.filter((h) => h.way === 'press' || h.way === 'drip-press');
  if (pressed.length)
    bench(
      'press',
      'Press and press cloth',
      namesOf(pressed),
      'Leave it to drip longer; melt the rest.',
    );
  const cut = harvests.filter((h) => cutsComb(h.way));
  if (cut.length) {
    bench(
      'knife',
      'Sharp thin knife, rack over a tray',
      namesOf(cut),
      'A wire and a clean rack from the oven.',
    );
    if (rules.freeze !== 'none')
      bench(
        'wrap',
        'Closed wrap for the freezer',
        namesOf(cut),
        'Bags that close: water must settle on the wrap, not on the comb.',
      );
  }
  for (const kind of input.jars) {
    const of = harvests.flatMap((h) =>
      h.fills.filter((f) => f.jarId === kind.id).map((f) => ({ h, count: f.count })),
    );
    const count = of.reduce((sum, f) => sum + f.count, 0);
    if (!count) continue;
    const withSpare = count + Math.max(1, Math.ceil(count / 20));
    bench(
      `jar-${kind.id}`,
      `${withSpare} ${kind.name}${kind.purpose === 'piece' ? '' : ', with lids'}`,
      `${of.map((f) => `${f.h.hiveName} ${f.count}`).join(', ')}, and ${withSpare - count} spare`,
      withSpare > kind.stock
        ? `${withSpare - kind.stock} short: buy them, or let honey wait in the closed bucket.`
        : 'Honey waits in a closed bucket.',
      Math.max(0, withSpare - kind.stock),
    );
  }
  const labels = harvests.reduce((sum, h) => sum + h.fills.reduce((n, f) => n + f.count, 0), 0);
  if (labels)
    bench(
      'labels',
      `Label paper for ${labels}, ${Math.ceil(labels / 24)} ${labels > 24 ? 'sheets' : 'sheet'} of 24`,
      'jars and boxes of this plan',
      'Write lot and date on tape; print later.',
    );
  bench(
    'scale',
    'Scale, tared',
    'combs, honey, jars',
    'Net weight for sale needs one: wait with the labels.',
  );
  bench(
    'refractometer',
    'Refractometer and its cloth',
    'water before the lids go on',
    'Fill only fully capped comb, and note that it was not measured.',
  );
  bench('cover', 'Cloths to cover every vessel', 'bees, ants and damp', 'Lids laid on loosely.');
  return [...lines.values()];
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
  if (need.shortL > 0.05)
    return `${need.shortL.toFixed(1)} L short: draw off in between, borrow one, or choose less. Food grade only, no bare metal.`;
  return 'Food grade only: no galvanised, copper, bare iron or reused chemical vessels.';
}

/** Spare bars, frames and boxes: needs less stock over the sites, and who goes short. */
function spares(
  input: { harvests: readonly BringHarvest[]; gear: readonly Gear[] },
  line: (id: string, text: string, serves: string, ifMissing: string, short?: number) => void,
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
