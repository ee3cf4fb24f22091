import { spokenCalculation } from '../calc/spokenCalculation.js';
import { unpackArchive } from '../archive/unpackArchive.js';
import { wholeBalance } from '../book/wholeBalance.js';
import { writeArchive } from '../archive/writeArchive.js';
import { hiveCardPdf, lookSheetPdf } from '../files/hiveCard.js';
import { labelsPdf } from '../files/labels.js';
import { dayPlanPdf } from '../files/dayPlan.js';
import { templatePdf } from '../files/template.js';

/** Work that may take long, by the name it is asked for: each runs in a thread of its own. */
export const TASKS = {
  calculate: spokenCalculation,
  hiveCardPdf,
  labelsPdf,
  lookSheetPdf,
  dayPlanPdf,
  templatePdf,
  unpackArchive,
  wholeBalance,
  writeArchive,
};
export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;
