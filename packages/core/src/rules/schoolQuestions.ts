import type { SchoolQuestion } from './schoolQuestion.js';
import { SCHOOLS_AT_THE_BENCH } from './schoolsAtTheBench.js';
import { SCHOOLS_AT_THE_HIVE } from './schoolsAtTheHive.js';

export {
  SCHOOL_STAGES,
  type SchoolChoice,
  type SchoolQuestion,
  type SchoolStage,
} from './schoolQuestion.js';

/** Every disagreement that Furrow takes a side in, and that a household may decide otherwise. */
export const SCHOOL_QUESTIONS: readonly SchoolQuestion[] = [
  ...SCHOOLS_AT_THE_HIVE,
  ...SCHOOLS_AT_THE_BENCH,
];
