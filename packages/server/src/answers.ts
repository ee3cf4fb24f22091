import { answers } from '@furrow/core';
import { z } from 'zod';

const { allOf, pageOf } = answers;

/** What each read answers with, by its path: the description of the interface and the tests both go by it. */
export const READ_ANSWERS: Readonly<Record<string, z.ZodType>> = {
  '/health': answers.healthAnswer,
  '/sites': pageOf(answers.siteAnswer),
  '/hives': pageOf(answers.hiveAnswer),
  '/hives/{id}': answers.hiveAnswer,
  '/hives/{id}/boxHistory': allOf(answers.boxEventAnswer),
  '/looks/{id}/faces': answers.lookFacesAnswer,
  '/rules': answers.rulesVersionAnswer,
  '/vessels': pageOf(answers.vesselAnswer),
  '/jars': pageOf(answers.jarKindAnswer),
  '/harvests': pageOf(answers.batchAnswer),
  '/harvests/{id}': answers.batchDetailAnswer,
  '/lots': pageOf(answers.lotAnswer),
  '/book': answers.bookAnswer,
  '/people': allOf(answers.personAnswer),
  '/stock': allOf(answers.lotAnswer),
  '/flows': pageOf(answers.flowAnswer),
  '/clocks': answers.clocksAnswer,
  '/today': answers.todayAnswer,
  '/holds': allOf(answers.holdViewAnswer),
  '/journal': allOf(answers.journalLine),
  '/guesses': allOf(answers.guessAnswer),
  '/gear': pageOf(answers.gearAnswer),
  '/plans': answers.openPlansAnswer,
  '/sites/{id}/weather': answers.siteWeatherAnswer,
  '/seasons': answers.seasonsAnswer,
  '/reserves': allOf(answers.reserveAnswer),
  '/questions': allOf(answers.questionAnswer),
  '/runs': answers.runsAnswer,
  '/stock/waters': allOf(answers.lotWaterAnswer),
  '/calendarLinks': pageOf(answers.calendarLinkAnswer),
  '/cutHistory': answers.cutHistoryAnswer,
  '/estimatePairs': allOf(answers.estimatePairAnswer),
  '/traces': answers.traceAnswer,
  '/tables': allOf(answers.tableAnswer),
  '/held': allOf(answers.heldAnswer),
  '/labelSheets': allOf(answers.labelSheetAnswer),
  '/labelDesigns': allOf(answers.labelDesignAnswer),
  '/prints': allOf(answers.printAnswer),
  '/instruments/bench-scale': answers.scaleReadingAnswer,
  '/instruments/thermometer': answers.thermometerReadingAnswer,
};

/** What a path of the interface answers with; null where only its words are described. */
export function answerOf(path: string): z.ZodType | null {
  const [plain] = path.split('?');
  const found = Object.keys(READ_ANSWERS).find((template) =>
    new RegExp(`^${template.replace(/\{\w+\}/g, '[^/]+')}$`).test(plain),
  );
  return found ? READ_ANSWERS[found] : null;
}
