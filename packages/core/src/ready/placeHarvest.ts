import { asWritten, type Say } from '../say/say.js';
import { readySay } from './says.js';
import { instantOf } from '../units/dates.js';
import { rememberedZone } from '../units/rememberedZone.js';
import { DateTime } from 'luxon';
import type { HouseRules } from '../records/houseRules.js';
import type { VesselRole } from '../records/index.js';
import { benchTemperatureC } from './bench.js';
import { pickVessels, SPILT_L, type VesselNeed } from './gear.js';
import type { HarvestToPlan, PlanTask } from './planTask.js';
import {
  workWindow,
  FAR,
  MINUTE,
  type Started,
  type Busy,
  type Resources,
  type TimetableStep,
  type StepConflict,
} from './timetable.js';
import { harvestTasks } from './tasks.js';

/** A moment by the clock of its place. */
const inZone = (ms: number, zone: string): DateTime =>
  DateTime.fromMillis(ms, { zone: rememberedZone(zone) });

const CLASHES = {
  people: readySay('ready.placeHarvest.not-enough-hands'),
  scale: readySay('ready.placeHarvest.scale-in-use'),
  freezer: readySay('ready.placeHarvest.freezer-full'),
};

/**
 * Sets the steps of one harvest into time, each as early as what comes before it and what is taken
 * already allow, and takes for them what they need.
 */
export function placeHarvest(
  h: HarvestToPlan,
  start: Started['start'],
  rules: HouseRules,
  resources: Resources,
  busy: Busy[],
  notBefore: { all: number; crush: number },
): TimetableStep[] {
  const placed = new Map<string, { from: number; to: number; step: TimetableStep }>();
  const window = workWindow(rules);
  const held = new Map<string, Busy>();
  for (const task of harvestTasks(h, rules)) {
    const zone = zoneOf(task);
    const running = (task.whileRunning && placed.get(task.whileRunning.of)) ?? null;
    const from = notBeforeOf(task, running?.from ?? null);
    const movedTo = movedInstant(task);
    const at = movedTo ?? earliest(task, from);
    const minutes = task.minutes(inZone(at, h.climate.zone));
    const to = at + Math.round(minutes) * MINUTE;
    // A stir that would come after the drain is over is left out.
    if (running && task.id.startsWith('stir') && at >= running.to && movedTo === null) continue;
    const vessels = task.holds ? vesselsFor(task, at, busy) : null;
    const conflicts = [
      ...(movedTo === null ? lateness(task) : conflictsOf(task, at, to, from, zone)),
      ...(vessels ? shortness(vessels) : []),
    ];
    reserve(task, at, to, vessels);
    const iso = (ms: number): string => instantOf(inZone(ms, zone));
    const { id, title, note, where, handsOnMinutes, people } = task;
    placed.set(id, {
      from: at,
      to,
      step: {
        harvestId: h.id,
        harvestName: h.name,
        id,
        title,
        note,
        where,
        startsAt: iso(at),
        endsAt: iso(to),
        handsOnMinutes,
        people,
        vessels: vessels?.vessels.map((v) => v.name) ?? [],
        moved: movedTo !== null,
        conflicts,
      },
    });
  }
  for (const hold of held.values())
    if (hold.to - hold.from >= FAR) hold.to = Math.max(...[...placed.values()].map((p) => p.to));
  return [...placed.values()].map((p) => p.step);

  function zoneOf(task: PlanTask): string {
    return task.where === 'hive' ? h.siteZone : h.climate.zone;
  }
  /** The instant before which a step cannot begin, by what comes before it and runs beside it. */
  function notBeforeOf(task: PlanTask, runningFrom: number | null): number {
    const { beforeStart, whileRunning } = task;
    return Math.max(
      notBefore.all,
      ...task.after.map((id) => placed.get(id)?.to ?? 0),
      ...(beforeStart === undefined
        ? []
        : [start.nowMs, start.at.minus({ hours: beforeStart }).toMillis()]),
      task.id === 'smoke' ? start.at.toMillis() : 0,
      task.id === 'crush' ? notBefore.crush : 0,
      runningFrom === null ? 0 : runningFrom + whileRunning!.afterMinutes * MINUTE,
    );
  }
  /** Where the person put a step; null where nobody moved it. */
  function movedInstant(task: PlanTask): number | null {
    const said = h.moves[task.id];
    const moved = said ? DateTime.fromISO(said, { zone: rememberedZone(zoneOf(task)) }) : null;
    return moved?.isValid ? moved.toMillis() : null;
  }
  /** A first smoke that was planned earlier than now. */
  function lateness(task: PlanTask): StepConflict[] {
    if (task.id !== 'smoke' || start.lateMinutes <= 0) return [];
    const hours = Math.round(start.lateMinutes / 60);
    return [
      {
        rule: 'late',
        sentence: readySay('ready.placeHarvest.first-smoke-was-planned-h', { hours }),
      },
    ];
  }
  function shortness(need: VesselNeed): StepConflict[] {
    if (need.shortL <= SPILT_L || isDrawnOff(need)) return [];
    const advice = need.vessels.length
      ? readySay('ready.placeHarvest.draw-off-in-between-or')
      : readySay(`ready.placeHarvest.no-free.${need.role}`);
    return [
      {
        rule: 'vessel',
        sentence: readySay('ready.placeHarvest.short', {
          shortL: { volumeL: need.shortL },
          advice,
        }),
      },
    ];
  }
  /** Takes people, scale, freezer and vessels for a step; what waited for it is free after it. */
  function reserve(task: PlanTask, at: number, to: number, vessels: VesselNeed | null): void {
    busy.push({
      from: at,
      to,
      people: task.handsOnMinutes > 0 ? task.people : 0,
      scale: task.scale ?? false,
      freezerL: task.freezerL ?? 0,
      vesselIds: [],
      what: readySay('ready.placeHarvest.step-of', { harvest: h.name, step: task.title }),
    });
    if (task.holds && vessels?.vessels.length) {
      const hold: Busy = {
        from: at,
        to: at + FAR,
        people: 0,
        scale: false,
        freezerL: 0,
        vesselIds: vessels.vessels.map((v) => v.id),
        what: asWritten(h.name),
      };
      busy.push(hold);
      held.set(`${task.id}>${task.holds.until}`, hold);
    }
    for (const [key, hold] of held) if (key.endsWith(`>${task.id}`)) hold.to = to;
  }

  function earliest(task: PlanTask, notBefore: number): number {
    const zone = task.where === 'hive' ? h.siteZone : h.climate.zone;
    let at = notBefore;
    for (let tries = 0; tries < 500; tries++) {
      const begins = inZone(at, zone);
      // A wait that needs neither hands nor freezer clashes with nothing: how long it lasts does
      // not matter here.
      const minutes = task.people > 0 || task.freezerL ? task.minutes(begins) : 0;
      const next =
        task.handsOnMinutes > 0 && task.people > 0 && task.id !== 'smoke'
          ? intoWindow(begins, minutes)
          : at;
      const warm = next === at ? intoWarmth(task, begins) : next;
      const free = warm === at ? firstFree(task, at, at + minutes * MINUTE) : warm;
      if (free === at) return at;
      at = free;
    }
    return at;
  }
  /**
   * The instant itself, or the next working time in which the step fits; a step longer than the day
   * begins with it.
   */
  function intoWindow(begins: DateTime, minutes: number): number {
    const midnight = begins.startOf('day');
    const minute = begins.hour * 60 + begins.minute;
    const dayAt = (day: DateTime, m: number): number =>
      day.set({ hour: Math.floor(m / 60), minute: m % 60 }).toMillis();
    if (minute < window.from) return dayAt(midnight, window.from);
    const fits =
      minute + minutes <= window.to ||
      (minutes > window.to - window.from && minute === window.from);
    return fits ? begins.toMillis() : dayAt(midnight.plus({ days: 1 }), window.from);
  }
  function intoWarmth(task: PlanTask, begins: DateTime): number {
    if (
      task.warmthC === undefined ||
      h.climate.dayC < task.warmthC ||
      benchTemperatureC(h.climate, begins) >= task.warmthC
    )
      return begins.toMillis();
    const day = begins.setZone(rememberedZone(h.climate.zone));
    return (day.hour < 8 ? day : day.plus({ days: 1 }))
      .set({ hour: 8, minute: 0, second: 0, millisecond: 0 })
      .toMillis();
  }
  function firstFree(task: PlanTask, at: number, to: number): number {
    const clash = clashes(task, at, to);
    if (clash) return clash.until;
    if (!task.holds) return at;
    // Enough vessels later is better than too few now, but only where the kit as a whole has
    // enough.
    const now = vesselsFor(task, at, busy);
    if (now.shortL <= SPILT_L || vesselsFor(task, Infinity, []).shortL > SPILT_L) return at;
    return Math.min(
      ...busy.filter((b) => b.vesselIds.length && b.to > at).map((b) => b.to),
      at + FAR,
    );
  }
  /** What else wants the same people, scale or freezer then, and until when. */
  function clashes(
    task: PlanTask,
    at: number,
    to: number,
  ): { until: number; rule: 'people' | 'scale' | 'freezer'; what: Say[] } | null {
    const during = busy.filter((b) => b.from < to && b.to > at);
    if (!during.length) return null;
    const until = Math.min(...during.map((b) => b.to));
    // The most asked for at any one moment: everything begins where some step begins.
    const moments = [at, ...during.map((b) => b.from).filter((f) => f > at)];
    const peak = (pick: (b: Busy) => number): number =>
      Math.max(
        ...moments.map((m) =>
          during.filter((b) => b.from <= m && b.to > m).reduce((sum, b) => sum + pick(b), 0),
        ),
      );
    const names = (pick: (b: Busy) => boolean): Say[] => during.filter(pick).map((b) => b.what);
    if (
      task.handsOnMinutes > 0 &&
      task.people > 0 &&
      peak((b) => b.people) + task.people > resources.people
    )
      return { until, rule: 'people', what: names((b) => b.people > 0) };
    if (task.scale && during.some((b) => b.scale))
      return { until, rule: 'scale', what: names((b) => b.scale) };
    if (
      task.freezerL &&
      resources.freezerL !== null &&
      peak((b) => b.freezerL) > 0 &&
      peak((b) => b.freezerL) + task.freezerL > resources.freezerL
    )
      return { until, rule: 'freezer', what: names((b) => b.freezerL > 0) };
    return null;
  }
  /**
   * What a lower bucket cannot hold is drawn off into the settling vessel, if the kit has the room.
   */
  function isDrawnOff({ role, shortL }: VesselNeed): boolean {
    return role === 'lower' && pickVessels(resources.vessels, 'settling', shortL).shortL <= SPILT_L;
  }
  function vesselsFor(
    task: PlanTask,
    at: number,
    others: readonly Busy[],
  ): ReturnType<typeof pickVessels> {
    const taken = new Set(
      others
        .filter(
          (b) =>
            (b.from <= at && b.to > at) ||
            (b.from > at && at !== Infinity && b.vesselIds.length > 0),
        )
        .flatMap((b) => b.vesselIds),
    );
    const role: VesselRole = task.holds!.role;
    return pickVessels(
      resources.vessels.filter((v) => !taken.has(v.id)),
      role,
      task.holds!.litres,
    );
  }
  function conflictsOf(
    task: PlanTask,
    at: number,
    to: number,
    from: number,
    zone: string,
  ): StepConflict[] {
    const out: StepConflict[] = [];
    const minute = inZone(at, zone).hour * 60 + inZone(at, zone).minute;
    if (at < from - MINUTE)
      out.push({
        rule: 'order',
        sentence: readySay('ready.placeHarvest.before-it-can-be-what', {
          from: { instant: instantOf(inZone(from, zone)), zone },
        }),
      });
    if (
      task.handsOnMinutes > 0 &&
      task.people > 0 &&
      (minute < window.from || minute + (to - at) / MINUTE > window.to)
    )
      out.push({
        rule: 'hours',
        sentence: readySay('ready.placeHarvest.outside-your-working-hours-to', {
          workFrom: rules.workFrom,
          workTo: rules.workTo,
          quietFrom: rules.quietFrom,
        }),
      });
    if (task.warmthC !== undefined && benchTemperatureC(h.climate, inZone(at, zone)) < task.warmthC)
      out.push({
        rule: 'warmth',
        sentence: readySay('ready.placeHarvest.cold-at-bench', {
          temperature: {
            temperatureC: benchTemperatureC(h.climate, inZone(at, zone)),
          },
          warmth: { temperatureC: task.warmthC },
        }),
      });
    const clash = clashes(task, at, to);
    if (clash)
      out.push({
        rule: clash.rule,
        sentence: readySay('ready.placeHarvest.clash', {
          what: CLASHES[clash.rule],
          with: { and: clash.what },
        }),
      });
    return out;
  }
}
