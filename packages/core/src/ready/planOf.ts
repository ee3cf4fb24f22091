import { crushOutcome, type CrushOutcome } from '../choose/index.js';
import { honeyDepthMm } from '../drain/index.js';
import { estimateSeen } from '../look/index.js';
import type { CombEstimate } from '../comb/estimate.js';
import type { Plan } from '../records/harvest.js';
import type { BatchDetail, JarKindRecord, Vessel } from '../records/views.js';
import type { HouseRules } from '../rules/houseRules.js';
import { harvestCautions, type Caution } from './cautions.js';
import { gearList, type GearList } from './gear.js';
import { harvestTimetable, type TimetableStep } from './timetable.js';

export interface HarvestPlan {
  outcome: CrushOutcome;
  gear: GearList;
  timetable: TimetableStep[];
  cautions: Caution[];
}

/** Everything Ready shows for one harvest: outcome, gear counted from it, timetable, cautions. Throws BadInput for a start that place does not have. */
export function planOf(input: { detail: BatchDetail; rules: HouseRules; jars: readonly JarKindRecord[]; vessels: readonly Vessel[]; plan: Plan }): HarvestPlan {
  const { detail, plan } = input;
  const rules = { ...input.rules, kitchenTemperatureC: plan.kitchenTemperatureC };
  const estimates = detail.batch.combIds.flatMap((combId): CombEstimate[] => {
    const look = detail.looks.filter((l) => l.combId === combId).at(-1);
    const estimate = look ? estimateSeen(look, detail.hive) : null;
    return estimate ? [estimate] : [];
  });
  const jars = input.jars.filter((j) => j.purpose === 'jar').map(({ id, netG, stock, value }) => ({ id, netG, stock, value }));
  const outcome = crushOutcome({ combs: estimates, jars, rules, moisturePercent: plan.moisturePercent });
  const waxKg = estimates.reduce((sum, e) => ({ low: sum.low + e.waxKg.low, mid: sum.mid + e.waxKg.mid, high: sum.high + e.waxKg.high }), { low: 0, mid: 0, high: 0 });
  const gear = gearList({ combs: detail.batch.combIds.length, combHoneyKg: outcome.combHoneyKg, waxKg, honeyOutKg: outcome.honeyOutKg, kit: input.vessels, jars, moisturePercent: plan.moisturePercent });
  const lower = gear.vessels.find((need) => need.role === 'lower')?.vessels[0];
  const diameterMm = input.vessels.find((v) => v.id === lower?.id)?.innerDiameterMm ?? 250;
  const timetable = harvestTimetable({
    startLocal: plan.startLocal,
    zone: detail.batch.zone,
    combs: detail.batch.combIds.length,
    honeyOutKg: outcome.honeyOutKg,
    jars: outcome.jars?.mid ?? 0,
    bucketDepthMm: honeyDepthMm({ honeyKg: outcome.honeyOutKg.high, innerDiameterMm: diameterMm, moisturePercent: plan.moisturePercent, temperatureC: plan.kitchenTemperatureC }),
    temperatureC: plan.kitchenTemperatureC,
    moisturePercent: plan.moisturePercent,
    rules,
  });
  const tub = gear.vessels.find((need) => need.role === 'tub')?.vessels[0];
  const cautions = harvestCautions({ liftKg: outcome.combHoneyKg.high + waxKg.high + (tub?.tareG ?? 1000) / 1000 });
  return { outcome, gear, timetable, cautions };
}
