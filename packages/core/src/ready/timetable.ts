import { DateTime } from 'luxon';
import { nineTenthsHours, settlingHours } from '../drain/index.js';
import { BadInput } from '../badInput.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { Range } from '../units/format.js';

export interface TimetableStep {
  id: 'smoke' | 'take' | 'crush' | 'drain' | 'stir-1' | 'stir-2' | 'close-drain' | 'settle' | 'jar' | 'wash';
  title: string;
  /** Instants, ISO 8601 with the bench's or site's offset. */
  startsAt: string;
  endsAt: string;
  handsOnMinutes: number;
  note: string;
}

/**
 * Timetable from the first smoke to the last jar. Takes the local start (YYYY-MM-DDTHH:mm), the site's
 * zone, combs, honey, jars, kitchen temperature and water, and the house rules. Draining runs by the
 * drain model (slow edge, so that nobody waits at the bench); settling by Stokes. Work that falls in
 * the quiet hours waits until they end. Throws BadInput for an unknown zone or a time that does not exist.
 */
export function harvestTimetable(input: {
  startLocal: string;
  zone: string;
  combs: number;
  honeyOutKg: Range;
  jars: number;
  bucketDepthMm: number;
  temperatureC: number;
  moisturePercent: number;
  rules: HouseRules;
}): TimetableStep[] {
  const { rules, temperatureC, moisturePercent } = input;
  const start = DateTime.fromISO(input.startLocal, { zone: input.zone });
  if (!start.isValid) throw new BadInput('This is no date and time of that place.', 'startLocal');
  const steps: TimetableStep[] = [];
  const add = (id: TimetableStep['id'], title: string, from: DateTime, minutes: number, handsOnMinutes: number, note: string): DateTime => {
    const to = from.plus({ minutes: Math.round(minutes) });
    steps.push({ id, title, startsAt: from.toISO()!, endsAt: to.toISO()!, handsOnMinutes: Math.round(handsOnMinutes), note });
    return to;
  };
  const smoked = add('smoke', 'Smoke and wait', start, 15, 15, 'Lit, smoked, waited, opened.');
  const takeMinutes = input.combs * rules.minutesPerComb + 15;
  const taken = add('take', `Take ${input.combs} ${input.combs === 1 ? 'comb' : 'combs'}, close the hive`, smoked, takeMinutes, takeMinutes, `${rules.minutesPerComb} min a comb by your rules, 15 min to close.`);
  const crushMinutes = 10 + input.combs * 5;
  const crushStart = awake(taken.plus({ minutes: 20 }), rules);
  const crushed = add('crush', { mash: 'Mash the comb', chop: 'Chop the comb', slice: 'Slice the comb' }[rules.crush], crushStart, crushMinutes, crushMinutes, 'While the honey is still hive-warm.');
  const hours = nineTenthsHours(rules.crush, temperatureC, moisturePercent);
  const drained = add('drain', 'Drain to nine tenths', crushed, hours.high * 60, 0, `${hours.low.toFixed(0)}–${hours.high.toFixed(0)} h, planned by the slow edge, at ${temperatureC.toFixed(0)} °C and ${moisturePercent.toFixed(1)} % water.`);
  if (rules.crush !== 'slice') {
    for (const n of [1, 2] as const) {
      const at = awake(crushed.plus({ hours: n * rules.stirEveryHours }), rules);
      if (at < drained) add(`stir-${n}`, n === 1 ? 'Stir' : 'Stir again', at, 5, 5, 'Opens what is still closed.');
    }
  }
  const closing = add('close-drain', 'Weigh, close the drain', awake(drained, rules), 15, 15, 'By the flow rate: you decide.');
  const settle = settlingHours({ depthMm: input.bucketDepthMm, temperatureC, moisturePercent });
  const settled = add('settle', 'Settle, then skim', closing, settle.high * 60, 5, `${settle.low.toFixed(0)}–${settle.high.toFixed(0)} h until the scum is up through ${Math.round(input.bucketDepthMm / 10)} cm.`);
  const jarMinutes = Math.max(10, input.jars * rules.minutesPerJar);
  const jarred = add('jar', `Fill ${input.jars} ${input.jars === 1 ? 'jar' : 'jars'}`, awake(settled, rules), jarMinutes, jarMinutes, 'Measure the water before the lids go on.');
  add('wash', rules.wetGear === 'wash' ? 'Wash the gear' : 'Gear back to the bees', jarred, 20, 20, rules.wetGear === 'open' ? 'In the open it calls robbers, and many places forbid it.' : 'Robbing and disease start at wet gear.');
  return steps.sort((a, b) => DateTime.fromISO(a.startsAt).toMillis() - DateTime.fromISO(b.startsAt).toMillis());
}

/** The instant itself, or the end of the quiet hours it falls into. */
function awake(at: DateTime, rules: Pick<HouseRules, 'quietFrom' | 'quietTo'>): DateTime {
  const clock = at.toFormat('HH:mm');
  const { quietFrom, quietTo } = rules;
  const overnight = quietFrom > quietTo;
  const quiet = overnight ? clock >= quietFrom || clock < quietTo : clock >= quietFrom && clock < quietTo;
  if (!quiet || quietFrom === quietTo) return at;
  const [hour, minute] = quietTo.split(':').map(Number);
  const end = at.set({ hour, minute, second: 0, millisecond: 0 });
  return end > at ? end : end.plus({ days: 1 }).set({ hour, minute });
}
