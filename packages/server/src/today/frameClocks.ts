import {
  forecastWaterPercent,
  frameForecast,
  frameHoney,
  frameRun,
  frameVessels,
  placeLabel,
  todaySay,
  vesselForecast,
  vesselFullKg,
  vesselsBefore,
  workingWater,
  type BatchDetail,
  type Clock,
  type FrameVessel,
  type HouseRules,
  type Vessel,
} from '@furrow/core';

/** Warmth of honey in a vessel that hangs under a super. */
const HONEY_C = 27;
const MINUTE = 60_000;

/**
 * A clock for every vessel that frames run into, due when it is full; where it will not be, one for
 * each frame.
 */
export function frameClocks(
  detail: BatchDetail,
  rules: HouseRules,
  kit: readonly Vessel[],
  now: Date,
): Clock[] {
  const { batch } = detail;
  const nowIso = now.toISOString();
  const moisturePercent = forecastWaterPercent(workingWater(detail).percent);
  const slotOf = (combId: string): number =>
    detail.hive.bars.find((b) => b.comb?.id === combId)?.slot ?? 0;
  const frames = batch.combIds.map((combId) => ({
    run: frameRun(combId, slotOf(combId), detail.frameEvents),
    parts: rules.frameParts,
    honeyKg: frameHoney(detail, combId).honeyKg,
    moisturePercent,
  }));
  const running = frames.filter((f) => f.run.openedAt && !f.run.closed);
  const base = { batchId: batch.id, hiveName: batch.hiveName, kind: 'frame' as const };
  const above = (vessel: FrameVessel) =>
    running.filter((f) => vessel.spells.some((s) => s.combId === f.run.combId && s.to === null));
  const found: Clock[] = [];
  const told = new Set<string>();
  for (const vessel of frameVessels(detail.frameEvents, vesselsBefore(detail)).values()) {
    const over = above(vessel);
    const known = kit.find((v) => v.id === vessel.vesselId);
    if (!over.length || !known) continue;
    const fullKg = vesselFullKg(known, moisturePercent, HONEY_C);
    const { fullAt } = vesselForecast(vessel, frames, { vesselFullKg: fullKg, nowIso });
    if (!fullAt) continue;
    for (const f of over) told.add(f.run.combId);
    found.push({
      ...base,
      id: `${batch.id}-${vessel.vesselId}`,
      startedAt: over.map((f) => f.run.openedAt!).sort()[0],
      dueAt: fullAt,
      dueWhat: todaySay('clock.swap', {
        vessel: known.name,
        places: { and: over.map((f) => placeLabel(f.run.slot)) },
      }),
      urgent: Date.parse(fullAt) - now.getTime() < 10 * MINUTE,
    });
  }
  for (const f of running.filter((each) => !told.has(each.run.combId)))
    found.push({
      ...base,
      id: `${batch.id}-${f.run.combId}`,
      startedAt: f.run.openedAt!,
      dueAt: frameForecast(f.run, { ...f, nowIso })?.nineTenthsAt?.mid ?? null,
      dueWhat: todaySay('clock.frame-empty', { place: placeLabel(f.run.slot) }),
      urgent: false,
    });
  return found;
}
