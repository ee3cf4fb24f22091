import type { Say } from '../say/say.js';
import { plannedStart } from './plannedStart.js';
import { dayOf } from '../units/dates.js';
import { entryOf } from '../units/known.js';
import type { HourQuestion } from './hourScore.js';
import type { CombEstimate } from '../comb/estimate.js';
import {
  crushMethodOf,
  expectedOutcome,
  marketOf,
  type Outcome,
  takenEstimate,
} from '../choose/index.js';
import { honeyDepthMm } from '../drain/index.js';
import { hiveKind, readShape, isStingless } from '../hive/kinds.js';
import { takenUnits } from '../hive/takenUnits.js';
import { forecastWaterPercent, takenWaterPercent } from '../honey/takenWater.js';
import { jarFill } from '../jar/index.js';
import { stateAt, forageAt, type ColonyState } from '../look/index.js';
import type { Gear } from '../records/plan.js';
import type { Plan } from '../records/harvest.js';
import type { BatchDetail, JarKindRecord, OpenPlans, Vessel } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { sumRanges } from '../units/ranges.js';
import { type BringHarvest, bringList } from './bring.js';
import { type BringLine } from './bringLines.js';
import { vehicleTrips } from './bringCounts.js';
import { type Caution, harvestCautions } from './cautions.js';
import { pickVessels } from './gear.js';
import { scheduleHarvests } from './schedule.js';
import { type TimetableStep } from './timetable.js';
import type { HarvestToPlan } from './planTask.js';
import { heatIndexC } from './weather.js';
import type { WeatherHour } from '../records/vocabulary/weather.js';
import type { Hive } from '../records/hiveViews.js';

export interface PlannedHarvest {
  id: string;
  detail: BatchDetail;
  plan: Plan;
  outcome: Outcome;
  jars: number;
  cautions: Caution[];
}
export interface DayPlan {
  harvests: PlannedHarvest[];
  steps: TimetableStep[];
  bring: BringLine[];
  trips: { trips: number; volumeL: number; weightKg: number } | null;
  repairs: Gear[];
}

export interface DayInput {
  open: OpenPlans;
  /**
   * Plans as they stand on the screen, by batch; a batch without one is planned by its stored plan,
   * or not at all.
   */
  plans: Readonly<Record<string, Plan>>;
  rules: HouseRules;
  jars: readonly JarKindRecord[];
  vessels: readonly Vessel[];
  /** Weather of a site's hours, where it may count. */
  weather: Readonly<Record<string, readonly WeatherHour[]>>;
  nowIso: string | null;
}

/**
 * Everything Ready shows, for all harvests that wait for their day: what each should give, its
 * steps in time together with the others, what to bring, cautions at their steps.
 *
 * @throws {BadInput} for a start that place does not have.
 */
export function planDay(input: DayInput): DayPlan {
  const { open, rules } = input;
  const market = marketOf(input.jars, rules);
  const worked = open.details.flatMap((detail) => {
    const plan = input.plans[detail.batch.id] ?? detail.batch.plan;
    return plan ? [workOut(detail, plan, input, market)] : [];
  });
  const sharing = shareVessels(worked);
  const steps = scheduleHarvests(
    sharing.map((w) => w.toPlan),
    rules,
    { people: rules.people, vessels: input.vessels, freezerL: rules.freezerL, inUse: open.inUse },
    input.nowIso,
  );
  // What still drains when the first bed is broken up is not free for this plan.
  const needed =
    steps.find((s) => s.id === 'crush' || s.id === 'take')?.startsAt ?? input.nowIso ?? '';
  const held = new Set(
    open.inUse
      .filter((u) => Date.parse(u.untilAt) > Date.parse(needed))
      .flatMap((u) => u.vesselIds),
  );
  const bring = bringList({
    harvests: sharing.map((w) => w.toBring),
    kit: input.vessels.filter((v) => !held.has(v.id)),
    jars: input.jars,
    gear: open.gear,
    rules,
  });
  const tubs = worked.flatMap((w) =>
    pickVessels(input.vessels, 'tub', w.toPlan.litres.tub).vessels.map((v) => ({
      volumeL: v.volumeL,
      weightKg: v.tareG / 1000,
    })),
  );
  const loads = [
    ...tubs,
    ...worked.map((w) => ({ volumeL: 0, weightKg: w.liftKg })),
    ...open.gear
      .filter((g) => g.kind === 'empty-super' || g.kind === 'spare-frame')
      .map((g) => ({ volumeL: g.volumeL * g.stock, weightKg: g.weightKg * g.stock })),
  ];
  return {
    harvests: worked.map((w) => w.planned),
    steps,
    bring,
    trips: vehicleTrips(loads, { volumeL: rules.vehicleL, weightKg: rules.vehicleKg }),
    repairs: open.gear.filter((g) => g.repair),
  };
}

type Worked = ReturnType<typeof workOut>;

/**
 * Batches meant for one vessel: the first of a group has the bench work and the litres of all, the
 * others only bring their comb.
 */
function shareVessels(worked: readonly Worked[]): Worked[] {
  const leaders = new Map<string, Worked>();
  for (const w of worked) {
    const group = w.planned.detail.batch.lotGroup;
    if (group && !leaders.has(group)) leaders.set(group, w);
  }
  return worked.map((w) => {
    const group = w.planned.detail.batch.lotGroup;
    const leader = group ? entryOf(leaders, group) : w;
    const members = group ? worked.filter((o) => o.planned.detail.batch.lotGroup === group) : [w];
    if (members.length < 2) return w;
    if (w !== leader)
      return {
        ...w,
        toPlan: { ...w.toPlan, joins: { id: leader.toPlan.id, name: leader.toPlan.name } },
        toBring: { ...w.toBring, litres: { ...w.toBring.litres, upper: 0, out: 0 }, fills: [] },
      };
    const litres = {
      tub: w.toPlan.litres.tub,
      upper: members.reduce((sum, m) => sum + m.toPlan.litres.upper, 0),
      out: members.reduce((sum, m) => sum + m.toPlan.litres.out, 0),
    };
    const fills = [
      ...members
        .flatMap((m) => m.toBring.fills)
        .reduce(
          (by, f) => by.set(f.jarId, (by.get(f.jarId) ?? 0) + f.count),
          new Map<string, number>(),
        ),
    ].map(([jarId, count]) => ({ jarId, count }));
    const honeyKg = sumRanges(members.map((m) => m.toPlan.honeyKg));
    return {
      ...w,
      toPlan: {
        ...w.toPlan,
        litres,
        honeyKg,
        jars: members.reduce((sum, m) => sum + m.toPlan.jars, 0),
        depthMm: w.toPlan.depthMm * (honeyKg.high / Math.max(0.001, w.toPlan.honeyKg.high)),
      },
      toBring: { ...w.toBring, litres, fills },
    };
  });
}

/** What is known of a harvest when it is worked out: its hive that day, and what it should give. */
interface Worksheet {
  detail: BatchDetail;
  plan: Plan;
  /** The house rules, with the kitchen as this plan has it. */
  rules: HouseRules;
  estimate: CombEstimate;
  outcome: Outcome;
  state: ColonyState;
  dearth: boolean;
  temper: HourQuestion['temper'];
  jars: number;
  fills: { jarId: string; count: number }[];
  litres: { tub: number; upper: number; out: number };
  liftKg: number;
  takenSaid: Say;
}

function workOut(
  detail: BatchDetail,
  plan: Plan,
  input: DayInput,
  market: ReturnType<typeof marketOf>,
): { planned: PlannedHarvest; toPlan: HarvestToPlan; toBring: BringHarvest; liftKg: number } {
  const sheet = worksheetOf(detail, plan, input, market);
  const { outcome, jars, liftKg } = sheet;
  const planned = {
    id: detail.batch.id,
    detail,
    plan,
    outcome,
    jars,
    cautions: cautionsOf(sheet, input),
  };
  return { planned, toPlan: toPlanOf(sheet, input), toBring: toBringOf(sheet), liftKg };
}

function worksheetOf(
  detail: BatchDetail,
  plan: Plan,
  input: DayInput,
  market: ReturnType<typeof marketOf>,
): Worksheet {
  const { batch, hive } = detail;
  const rules = { ...input.rules, kitchenTemperatureC: plan.kitchenTemperatureC };
  const estimates = batch.combIds.flatMap((combId) => {
    const look = detail.looks.filter((l) => l.combId === combId).at(-1);
    return look ? (takenEstimate(look, hive, rules) ?? []) : [];
  });
  const { estimate, outcome } = expectedOutcome(
    {
      kind: hive.kind,
      combIds: batch.combIds,
      estimates,
      wettestPercent: plan.moisturePercent,
      correction: input.open.corrections[hive.id] ?? null,
    },
    batch.method,
    rules,
    market,
  );
  const day = dayOf(plannedStart(plan.startLocal, batch.zone));
  const state = stateAt(hive, `${day}T12:00:00Z`, rules);
  const litres = { tub: outcome.tubL, upper: outcome.crushedL, out: outcome.outL };
  const held = hive.bars.filter((b) => b.comb && batch.combIds.includes(b.comb.id));
  return {
    detail,
    plan,
    rules,
    estimate,
    outcome,
    state,
    dearth: !state.dead && forageAt(hive, state, plan.startLocal) === 'dearth',
    temper: state.dead ? null : (state.temper?.temper ?? null),
    jars: jarsFor(outcome.honeyKg.mid, input.jars).reduce((n, f) => n + f.count, 0),
    fills: fillsOf(outcome, input.jars),
    litres,
    liftKg:
      sumRanges([estimate.honeyKg, estimate.waxKg]).high + tubTareKg(input.vessels, litres.tub),
    takenSaid: takenUnits(
      hive,
      held.map((b) => b.slot),
    ),
  };
}

/** A tub of which nothing is known weighs about so much, grams. */
const UNKNOWN_TUB_G = 1000;
const tubTareKg = (vessels: readonly Vessel[], litres: number): number =>
  (pickVessels(vessels, 'tub', litres).vessels[0]?.tareG ?? UNKNOWN_TUB_G) / 1000;

/** So much honey is shared out over jars at most, kg; so many of a kind are thought to be had. */
const [MOST_FILLED_KG, MOST_JARS] = [500, 400];
/** Jars for an amount of honey, bought where the kit has too few. */
function jarsFor(honeyKg: number, jars: readonly JarKindRecord[]): { id: string; count: number }[] {
  const kinds = jars
    .filter((j) => j.purpose === 'jar')
    .map(({ id, netG, stock, value }) => ({ id, netG, value, stock: Math.max(stock, MOST_JARS) }));
  if (!kinds.length) return [];
  return jarFill({
    honeyKg: Math.min(MOST_FILLED_KG, honeyKg),
    jars: kinds,
    goal: 'least-left',
  }).fills;
}

/** Jars and boxes at the high estimate, by kind of the kit. */
function fillsOf(
  { honeyKg, pieces, chunkJars }: Outcome,
  jars: readonly JarKindRecord[],
): { jarId: string; count: number }[] {
  const inKind = (purpose: JarKindRecord['purpose'], count: number) => {
    const kind = count > 0 ? jars.find((j) => j.purpose === purpose) : undefined;
    return kind ? [{ jarId: kind.id, count }] : [];
  };
  return [
    ...jarsFor(honeyKg.high, jars).map(({ id, count }) => ({ jarId: id, count })),
    ...inKind('piece', pieces.high),
    ...inKind('chunk', chunkJars.high),
  ];
}

function cautionsOf(sheet: Worksheet, input: DayInput): Caution[] {
  const { detail, plan, rules, state, dearth, temper, liftKg } = sheet;
  const { batch, hive } = detail;
  const hour = (input.weather[hive.siteId] ?? [])
    .filter((h) => h.temperatureC !== null && h.humidityPercent !== null)
    .find((h) => sameHour(h.at, plan.startLocal, hive.site.zone));
  return harvestCautions({
    way: batch.method,
    stingless: isStingless(hive.kind),
    alive: !state.dead,
    dearth,
    defensive: temper === 'defensive',
    repellent: rules.beesOff === 'repellent',
    liftKg,
    liftLimitKg: rules.liftKg,
    feelsC: hour ? heatIndexC(hour.temperatureC!, hour.humidityPercent!) : null,
    heatLimitC: rules.heatIndexLimitC,
  });
}

/** Width of a vessel of which nothing is known, mm. */
const UNKNOWN_WIDTH_MM = 250;

function toPlanOf(sheet: Worksheet, input: DayInput): HarvestToPlan {
  const { detail, plan, rules, estimate, outcome, jars, litres, takenSaid, dearth } = sheet;
  const { batch, hive } = detail;
  const waterPercent = plan.moisturePercent ?? takenWaterPercent(hiveKind(hive.kind).bee);
  const settling =
    pickVessels(input.vessels, 'settling', outcome.outL).vessels[0] ??
    pickVessels(input.vessels, 'lower', outcome.outL).vessels[0];
  const vessel = input.vessels.find((v) => v.id === settling?.id);
  const pace = input.open.crushPace[crushMethodOf(batch.method, rules, hive.kind)];
  return {
    id: batch.id,
    name: batch.hiveName,
    hiveKind: hive.kind,
    way: batch.method,
    combs: batch.combIds.length,
    takenSaid,
    combKg: estimate.honeyKg.mid + estimate.waxKg.mid,
    crushMinutesPerKg: pace?.minutesPerKg ?? null,
    honeyKg: outcome.honeyKg,
    pieces: outcome.pieces.mid,
    chunkJars: outcome.chunkJars.mid,
    jars,
    litres,
    freezerL: outcome.freezerL,
    depthMm: honeyDepthMm({
      honeyKg: outcome.honeyKg.high,
      innerDiameterMm: vessel?.innerDiameterMm ?? UNKNOWN_WIDTH_MM,
      moisturePercent: waterPercent,
      temperatureC: plan.kitchenTemperatureC,
    }),
    moisturePercent: forecastWaterPercent(waterPercent),
    climate: {
      dayC: plan.kitchenTemperatureC,
      nightC: plan.nightTemperatureC ?? input.rules.nightTemperatureC ?? plan.kitchenTemperatureC,
      zone: batch.zone,
    },
    startLocal: plan.startLocal,
    siteZone: batch.zone,
    moves: plan.moves ?? {},
    siteNotes: hive.site.notes,
    siteTasks: hive.site.tasks.filter((t) => t.doneOn === null).map((t) => t.what),
    dearth,
    ...inVisit(detail, input.open.details),
    joins: null,
  };
}

/** Beyond the comb a frame's supports stand so far, mm: both ears. A starting value. */
const EARS_MM = 60;
function toBringOf(sheet: Worksheet): BringHarvest {
  const { detail, rules, state, dearth, temper, litres, fills, takenSaid } = sheet;
  const { batch, hive } = detail;
  const isSmoked = rules.smoke !== 'fresh-air' || temper === 'defensive';
  return {
    id: batch.id,
    hiveName: batch.hiveName,
    siteName: batch.siteName,
    kind: hive.kind,
    way: batch.method,
    combs: batch.combIds.length,
    taken: takenSaid,
    litres,
    fills,
    supportsMm: Math.round(readShape(hive).outline.topWidthMm + EARS_MM),
    tiltDegrees: state.tilt?.degrees ?? null,
    dearth,
    alive: !state.dead,
    smoke: !state.dead && !isStingless(hive.kind) && isSmoked,
    urgency: urgencyOf(state, hive),
  };
}

/** How soon it should be done: comb honey in a strong flow first, then whatever is in a flow. */
function urgencyOf(state: Pick<ColonyState, 'flow'>, hive: Pick<Hive, 'kind'>): number {
  if (state.flow?.flow === 'strong') return hiveKind(hive.kind).superPurpose === 'cut-comb' ? 2 : 1;
  return state.flow?.flow === 'some' ? 1 : 0;
}

/**
 * Which lot of a visit carries its work at the hive: the first that is open, and what follows it.
 */
function inVisit(
  detail: BatchDetail,
  open: readonly BatchDetail[],
): Pick<HarvestToPlan, 'followsId' | 'taken'> {
  const lots = open.filter((d) => d.batch.visitId === detail.batch.visitId);
  if (lots[0] !== detail)
    return { followsId: lots[0].batch.id, taken: { laterCombs: 0, laterLots: 0 } };
  const later = lots.slice(1);
  const laterCombs = later.reduce((sum, d) => sum + d.batch.combIds.length, 0);
  return { followsId: null, taken: { laterCombs, laterLots: later.length } };
}

/** Whether an hour of weather is the one a local time falls into. */
function sameHour(at: string, local: string, zone: string): boolean {
  const there = new Intl.DateTimeFormat('sv', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(at));
  return there.replace(' ', 'T').slice(0, 13) === local.slice(0, 13);
}
