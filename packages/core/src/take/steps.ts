import type { HiveKindName } from '../records/vocabulary/hive.js';
import { pileBoxSteps, topBarSteps, warreSteps } from './stepsBars.js';
import { cutCombSteps, drainFrameSteps, framedSteps, potSteps } from './stepsFrames.js';
import type { TakeInput } from './step.js';
import type { TakeStep } from './takeStep.js';
import { stepsInVisit } from './visit.js';

/** Steps by kind of hive: a new kind adds its own here. */
const STEPS: Record<HiveKindName, (input: TakeInput) => TakeStep[]> = {
  'top-bar': topBarSteps,
  warre: warreSteps,
  'pile-box': pileBoxSteps,
  framed: framedSteps,
  'cut-comb': cutCombSteps,
  'drain-frame': drainFrameSteps,
  stingless: potSteps,
};

/**
 * The steps at the hive, in order, made from its kind, the way it goes, the house rules and the
 * site. The same input gives the same steps with the same ids, so that what was done can be kept by
 * id. Empty where nothing was chosen.
 */
export function takeSteps(input: TakeInput): TakeStep[] {
  return input.places.length ? stepsInVisit(STEPS[input.kind](input), input.visit) : [];
}
