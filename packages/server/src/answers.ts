import { answers } from '@furrow/core';
import { z } from 'zod';
import { ALL_WRITES } from './writes.js';
import { VIEWS } from './views.js';
import type { Write } from './store/writes.js';

const { allOf, pageOf } = answers;

/**
 * What each read answers with, by its path: the description of the interface and the tests both go
 * by it.
 */
export const READ_ANSWERS: Readonly<Record<string, z.ZodType>> = {
  '/health': answers.healthAnswer,
  '/sites': pageOf(answers.siteRecord),
  '/hives': pageOf(answers.hiveRecord),
  '/hives/{id}': answers.hiveRecord,
  '/hives/{id}/boxHistory': allOf(answers.boxEventRecord),
  '/looks/{id}/faces': answers.lookFacesRecord,
  '/rules': answers.rulesVersionRecord,
  '/vessels': pageOf(answers.vesselRecord),
  '/jars': pageOf(answers.jarKindRecord),
  '/harvests': pageOf(answers.batchRecord),
  '/harvests/{id}': answers.batchDetailRecord,
  '/lots': pageOf(answers.lotRecord),
  '/book': answers.bookAnswer,
  '/people': allOf(answers.personRecord),
  '/stock': allOf(answers.lotRecord),
  '/flows': pageOf(answers.flowRecord),
  '/clocks': answers.clocksAnswer,
  '/today': answers.todayAnswer,
  '/holds': allOf(answers.holdViewRecord),
  '/journal': allOf(answers.journalLineRecord),
  '/guesses': allOf(answers.guessAnswer),
  '/gear': pageOf(answers.gearRecord),
  '/plans': answers.openPlansRecord,
  '/sites/{id}/weather': answers.siteWeatherRecord,
  '/seasons': answers.seasonsAnswer,
  '/reserves': allOf(answers.reserveRecord),
  '/questions': allOf(answers.questionRecord),
  '/runs': answers.runsAnswer,
  '/stock/waters': allOf(answers.lotWaterRecord),
  '/calendarLinks': pageOf(answers.calendarLinkRecord),
  '/cutHistory': answers.cutHistoryAnswer,
  '/estimatePairs': allOf(answers.estimatePairAnswer),
  '/traces': answers.traceAnswer,
  '/tables': allOf(answers.tableAnswer),
  '/held': allOf(answers.heldAnswer),
  '/house': answers.houseAnswer,
  '/house/me': answers.meAnswer,
  '/archives/{id}': answers.archiveJobAnswer,
  '/harvests/{id}/aftercare': answers.aftercareRecord,
  '/lots/{id}/label': answers.lotLabelAnswer,
  '/labelSheets': allOf(answers.labelSheetRecord),
  '/labelDesigns': allOf(answers.labelDesignRecord),
  '/prints': allOf(answers.printAnswer),
  '/instruments/bench-scale': answers.scaleReadingRecord,
  '/instruments/thermometer': answers.thermometerReadingRecord,
};

const isAt = (template: string, plain: string): boolean =>
  new RegExp(`^${template.replace(/\{\w+\}|:\w+/g, '[^/]+')}$`).test(plain);

/** What a read of the interface answers with; null where it is a file, a picture or a stream. */
export function answerOf(path: string): z.ZodType | null {
  const [plain] = path.split('?');
  const found = Object.keys(READ_ANSWERS).find((template) => isAt(template, plain));
  return found ? READ_ANSWERS[found] : null;
}

/** What a write answers with; null where the path takes no command. */
export function writtenAnswerOf(method: Write['method'], path: string): z.ZodObject | null {
  const writes = ALL_WRITES.filter((w) => w.method === method);
  // "/cutBoards/plans" is also a path of the shape "/cutBoards/:id": the plain one is meant.
  const found = writes.find((w) => w.path === path) ?? writes.find((w) => isAt(w.path, path));
  return found?.answers ?? null;
}

/** The answer to a command that was written before: a view that is gone by now is null. */
export function repeatedAnswerOf(answer: z.ZodObject): z.ZodObject {
  const shape = Object.entries(answer.shape as Record<string, z.ZodType>).map(
    ([key, schema]): [string, z.ZodType] => [key, key in VIEWS ? schema.nullable() : schema],
  );
  return z.strictObject(Object.fromEntries(shape));
}
