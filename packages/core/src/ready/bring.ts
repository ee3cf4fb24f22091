import { asWritten, type Say } from '../say/say.js';
import { readySay } from './says.js';
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
  taken: Say;
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

const wedgeText = (wedgeMm: number): Say =>
  wedgeMm < 1
    ? readySay('ready.bring.no-wedge-it-leans-enough')
    : readySay('ready.bring.wedge', { wedgeMm: { lengthMm: wedgeMm } });
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
    readySay('ready.bring.bucket-water-and-wet-cloth'),
    readySay('ready.bring.every-drop-honey-wiped-up'),
    readySay('ready.bring.spilled-honey-starts-robbing-do'),
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
    readySay('ready.bring.veils-suits-and-gloves-for', { min: Math.min(2, rules.people) }),
    readySay('ready.bring.everyone-at-hive'),
    readySay('ready.bring.nobody-opens-without-veil-come'),
  );
  list.hive(
    'adrenaline',
    readySay('ready.bring.adrenaline-if-prescribed-telephone'),
    readySay('ready.bring.sting-that-goes-wrong'),
    readySay('ready.bring.somebody-within-call-and-know'),
  );
  const smoking = honeybees.filter((h) => h.smoke);
  if (smoking.length)
    list.hive(
      'smoker',
      readySay('ready.bring.smoker-dry-fuel-for-two'),
      namesOf(smoking),
      readySay('ready.bring.water-spray-and-slow-hand'),
    );
  if (honeybees.some((h) => h.alive))
    list.hive(
      'brush',
      BEES_OFF[rules.beesOff],
      readySay('ready.bring.bees-off-comb'),
      readySay('ready.bring.soft-leafy-twig'),
    );
}

/** The tools of a kind of hive, wedges under a drain frame, a reducer in a dearth. */
function forHive(list: Lines, h: BringHarvest, rules: HouseRules): void {
  for (const tool of TOOLS[h.kind])
    list.hive(
      `tool-${tool.id}`,
      tool.text,
      readySay('ready.bring.tool-for', { hiveName: h.hiveName, tool: tool.serves }),
      tool.ifMissing,
    );
  if (hiveKind(h.kind).drainsInPlace && h.way === 'drain-hive') wedges(list, h, rules);
  if (h.dearth)
    list.hive(
      `reducer-${h.id}`,
      readySay('ready.bring.entrance-reducer-or-robbing-screen'),
      readySay('ready.bring.in-dearth', { hiveName: h.hiveName }),
      readySay('ready.bring.grass-in-entrance-bees-width'),
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
  const measured = now === null ? '' : readySay('ready.bring.measured', { now });
  list.hive(
    `shim-${h.id}`,
    now === null
      ? readySay('ready.bring.wedges-tilt-not-measured-up', { wedgeMm: { lengthMm: wedgeMm(0) } })
      : wedgeText(wedgeMm(now)),
    readySay('ready.bring.asked-between-supports', {
      hiveName: h.hiveName,
      neededDegrees,
      measured,
      supportsMm: { lengthMm: supportsMm },
    }),
    readySay('ready.bring.folded-roofing-or-slate-measured'),
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
    what: Say,
    of: readonly BringHarvest[],
    litres: (h: BringHarvest) => number,
  ): void => oneForEach(where, kit, role, what, of, litres);
  const out = (h: BringHarvest): number => h.litres.out;
  const carried = harvests.filter((h) => h.way !== 'drain-hive' && h.way !== 'draw-pots');
  const inPlace = harvests.filter((h) => h.way === 'drain-hive');
  ask(list.hive, 'tub', readySay('ready.bring.tub-with-lid'), carried, (h) => h.litres.tub);
  ask(list.hive, 'lower', readySay('ready.bring.vessels-for-what-runs'), inPlace, out);
  const bed = harvests.filter(drainsOnBed);
  ask(list.bench, 'upper', readySay('ready.bring.bucket-with-holes'), bed, (h) => h.litres.upper);
  const crushed = harvests.filter((h) => crushesComb(h.way) && runsOut(h));
  ask(list.bench, 'lower', readySay('ready.bring.bucket-under-it'), crushed, out);
  const settles = harvests.filter((h) => h.way !== 'draw-pots' && runsOut(h));
  if (kit.some((v) => v.role === 'settling'))
    ask(list.bench, 'settling', readySay('ready.bring.settling-vessel-with-gate'), settles, out);
  else if (settles.length)
    list.bench(
      'vessel-settling',
      readySay('ready.bring.no-settling-vessel-in-kit'),
      namesOf(settles),
      readySay('ready.bring.skimmed-there-ladled-or-poured'),
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
  what: Say,
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
    const names = need.vessels.map((v) =>
      readySay('ready.bring.vessel-named', { name: v.name, volume: { volumeL: v.volumeL } }),
    );
    where(
      `vessel-${role}-${h.id}`,
      readySay('ready.bring.vessel', {
        what,
        litres: { volumeL: litres(h) },
        names: names.length ? readySay('ready.bring.vessels-named', { names: { and: names } }) : '',
      }),
      readySay('ready.bring.for-combs', { hiveName: h.hiveName, combs: h.taken }),
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
      readySay('ready.bring.clean-boiled-cotton-cloth-in'),
    );
  const bed = harvests.filter(drainsOnBed);
  if (bed.length)
    list.bench(
      'masher',
      rules.crush === 'slice'
        ? readySay('ready.bring.long-knife-for-slicing')
        : readySay('ready.bring.masher-or-clean-hands'),
      namesOf(bed),
      readySay('ready.bring.clean-potato-masher'),
    );
  const pressed = harvests.filter((h) => h.way === 'press' || h.way === 'drip-press');
  if (pressed.length)
    list.bench(
      'press',
      readySay('ready.bring.press-and-press-cloth'),
      namesOf(pressed),
      readySay('ready.bring.leave-it-to-drip-longer'),
    );
  const cut = harvests.filter((h) => cutsComb(h.way));
  if (!cut.length) return;
  list.bench(
    'knife',
    readySay('ready.bring.sharp-thin-knife-rack-over'),
    namesOf(cut),
    readySay('ready.bring.wire-and-clean-rack-from'),
  );
  if (rules.freeze !== 'none')
    list.bench(
      'wrap',
      readySay('ready.bring.closed-wrap-for-freezer'),
      namesOf(cut),
      readySay('ready.bring.bags-that-close-water-must'),
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
      readySay('ready.bring.text', {
        count: count + spare,
        kind: kind.name,
        purpose: kind.purpose === 'piece' ? '' : readySay('ready.bring.with-lids'),
      }),
      readySay('ready.bring.and-spare', {
        of: of.map((f) => `${f.h.hiveName} ${f.count}`).join(', '),
        spare,
      }),
      short > 0
        ? readySay('ready.bring.short-buy-them-or-let', { short })
        : readySay('ready.bring.honey-waits-in-closed-bucket'),
      short,
    );
  }
  const labels = harvests.flatMap((h) => h.fills).reduce((sum, f) => sum + f.count, 0);
  if (!labels) return;
  const sheets = Math.ceil(labels / LABELS_A_SHEET);
  list.bench(
    'labels',
    readySay('ready.bring.label-paper-for', {
      labels,
      sheets,
      aSheet: LABELS_A_SHEET,
    }),
    readySay('ready.bring.jars-and-boxes-this-plan'),
    readySay('ready.bring.write-lot-and-date-on'),
  );
}

function forEveryBench(list: Lines): void {
  list.bench(
    'scale',
    readySay('ready.bring.scale-tared'),
    readySay('ready.bring.combs-honey-jars'),
    readySay('ready.bring.net-weight-for-sale-needs'),
  );
  list.bench(
    'refractometer',
    readySay('ready.bring.refractometer-and-its-cloth'),
    readySay('ready.bring.water-before-lids-go-on'),
    readySay('ready.bring.fill-only-fully-capped-comb'),
  );
  list.bench(
    'cover',
    readySay('ready.bring.cloths-to-cover-every-vessel'),
    readySay('ready.bring.bees-ants-and-damp'),
    readySay('ready.bring.lids-laid-on-loosely'),
  );
}

const namesOf = (list: readonly BringHarvest[]): Say =>
  asWritten([...new Set(list.map((h) => h.hiveName))].join(', '));

/**
 * What stands beside a vessel on the list: what is short, whom it waits for, what it may be made
 * of.
 */
function vesselAdvice(need: VesselNeed, waits: boolean, drawnOff: boolean): Say {
  if (waits) return readySay('ready.bring.in-use-for-another-lot');
  if (drawnOff)
    return readySay('ready.bring.more-than-it-holds-draw', { shortL: { volumeL: need.shortL } });
  if (need.shortL > SPILT_L)
    return readySay('ready.bring.short-draw-off-in-between', { shortL: { volumeL: need.shortL } });
  return readySay('ready.bring.food-grade-only-no-galvanised');
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
        readySay('ready.bring.spare-line', { need, spare: need === 1 ? spare.one : spare.many }),
        readySay('ready.bring.at-site', { hiveName: h.hiveName, siteName: h.siteName }),
        short > 0
          ? readySay('ready.bring.here-short-gap-left-open', {
              gets,
              need,
              short,
              needs: needs.length > 1 ? readySay('ready.bring.hive-in-strongest-flow-served') : '',
            })
          : readySay('ready.bring.gap-left-open-filled-with'),
        short,
      );
  }
}
