import { planOf, type BatchDetail, type HouseRules, type JarKindRecord, type TimetableStep } from '@furrow/core';

/** The timetable of a planned harvest, from its plan, its combs as they were looked at, and the rules. */
export function batchTimetable(detail: BatchDetail, rules: HouseRules, jars: JarKindRecord[]): TimetableStep[] {
  return planOf({ detail, rules, jars, vessels: [], plan: detail.batch.plan! }).timetable;
}
