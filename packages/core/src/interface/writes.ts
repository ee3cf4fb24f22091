import { z } from 'zod';
import { newHiveSchema } from '../hive/newHive.js';
import {
  newFillingsSchema,
  lotWeightsSchema,
  useFirstSchema,
  granulatingSchema,
  newReserveSchema,
  newWaxCareSchema,
  newWaxDiscSchema,
  newWaxSchema,
  newRinseSchema,
  useRinseSchema,
  newGearCareSchema,
  settleQuestionSchema,
} from '../records/aftercare.js';
import {
  siteWritten,
  hiveWritten,
  lookWritten,
  looksWritten,
  strayWritten,
  withdrawnWritten,
  batchWritten,
  batchesWritten,
  detailWritten,
  weatherWritten,
  gearWritten,
  idWritten,
  tickWritten,
  calendarLinkWritten,
  nothingWritten,
  splitWritten,
  readingsWritten,
  fillingsWritten,
  flowWritten,
  printWritten,
  spreadsheetWritten,
  rulesWritten,
  vesselWritten,
  jarKindWritten,
  undoWritten,
} from '../records/answers/writes.js';
import {
  newDrainSchema,
  newWeighingSchema,
  changeWeighingSchema,
  newReadingsSchema,
  newDrainEventSchema,
  newBlendSchema,
  closeDrainSchema,
} from '../records/bench.js';
import { changeColonySchema, newColonyFactSchema } from '../records/colony.js';
import { nothingSchema, undoSchema } from '../records/common.js';
import {
  newCutBoardSchema,
  planCutSchema,
  planBoardsSchema,
  changeCutBoardSchema,
  changeCutPieceSchema,
  newPackingSchema,
  newChunkJarsSchema,
  newKeepingSchema,
  endKeepingSchema,
} from '../records/cut.js';
import {
  newHarvestSchema,
  newChoiceSchema,
  planSchema,
  moveBatchSchema,
  newBegunSchema,
  lotWithSchema,
  nameLotSchema,
  splitSchema,
  joinSchema,
  newPiecesSchema,
  newFillingSchema,
  newFlowSchema,
} from '../records/harvest.js';
import {
  newSiteSchema,
  changeHiveSchema,
  newCombSchema,
  endCombSchema,
  newOrderSchema,
  newBoxSchema,
  turnBoxSchema,
  renewBoxSchema,
  takeOffBoxSchema,
  setBelowSchema,
  giveBoxSchema,
  strayCombSchema,
} from '../records/hive.js';
import { liftHoldSchema } from '../records/holds.js';
import { houseRulesSchema } from '../records/houseRules.js';
import {
  newVesselSchema,
  changeVesselSchema,
  newJarKindSchema,
  changeJarKindSchema,
} from '../records/kit.js';
import {
  newLabelSheetSchema,
  newLabelDesignSchema,
  changeLabelDesignSchema,
  lotClaimSchema,
  batchCodeSchema,
  newPrintSchema,
  misprintSchema,
} from '../records/labels.js';
import { newLookSchema, newLooksSchema, newWaterReadingSchema } from '../records/look.js';
import { newOutSchema } from '../records/outs.js';
import {
  changeSiteSchema,
  newWeatherEntrySchema,
  newGearSchema,
  changeGearSchema,
  newTickSchema,
  newCalendarLinkSchema,
} from '../records/plan.js';
import { spreadsheetHarvestsSchema } from '../records/spreadsheet.js';
import {
  newTakeSchema,
  newBoxTakeSchema,
  weighTakesSchema,
  newFrameEventSchema,
  newStepMarkSchema,
  newIncidentSchema,
} from '../records/take.js';
import type { Meant, Spoken } from './paths.js';

/** A command as the interface takes it. */
interface Taken {
  method: 'post' | 'patch';
  payload: z.ZodType;
  answers: z.ZodObject;
}

/**
 * Every command of the interface, by its path: what it carries, and what it is answered with. Server,
 * screen and the description of the interface go by this one list.
 */
export const WRITES = {
  // Look
  '/sites': { method: 'post', payload: newSiteSchema, answers: siteWritten },
  '/hives': { method: 'post', payload: newHiveSchema, answers: hiveWritten },
  '/hives/:id': { method: 'patch', payload: changeHiveSchema, answers: hiveWritten },
  '/colonies/:id': { method: 'patch', payload: changeColonySchema, answers: hiveWritten },
  '/colonyFacts': { method: 'post', payload: newColonyFactSchema, answers: hiveWritten },
  '/combs': { method: 'post', payload: newCombSchema, answers: hiveWritten },
  '/combs/:id/end': { method: 'post', payload: endCombSchema, answers: hiveWritten },
  '/looks': { method: 'post', payload: newLookSchema, answers: lookWritten },
  '/looks/several': { method: 'post', payload: newLooksSchema, answers: looksWritten },
  '/orders': { method: 'post', payload: newOrderSchema, answers: hiveWritten },
  '/boxes': { method: 'post', payload: newBoxSchema, answers: hiveWritten },
  '/boxes/:id/turn': { method: 'post', payload: turnBoxSchema, answers: hiveWritten },
  '/boxes/:id/renew': { method: 'post', payload: renewBoxSchema, answers: hiveWritten },
  '/boxes/:id/read-dead': { method: 'post', payload: nothingSchema, answers: hiveWritten },
  '/boxes/:id/off': { method: 'post', payload: takeOffBoxSchema, answers: hiveWritten },
  '/boxes/:id/below': { method: 'post', payload: setBelowSchema, answers: hiveWritten },
  '/boxes/:id/give': { method: 'post', payload: giveBoxSchema, answers: hiveWritten },
  '/strayCombs': { method: 'post', payload: strayCombSchema, answers: strayWritten },
  // Choose
  '/harvests/:id/withdraw': { method: 'post', payload: nothingSchema, answers: withdrawnWritten },
  '/harvests': { method: 'post', payload: newHarvestSchema, answers: batchWritten },
  '/choices': { method: 'post', payload: newChoiceSchema, answers: batchesWritten },
  '/harvests/:id/look-back': { method: 'post', payload: nothingSchema, answers: batchWritten },
  '/harvests/:id/plan': { method: 'post', payload: planSchema, answers: batchWritten },
  '/harvests/:id/stage': { method: 'post', payload: moveBatchSchema, answers: batchWritten },
  '/begunHarvests': { method: 'post', payload: newBegunSchema, answers: detailWritten },
  // Ready
  '/sites/:id': { method: 'patch', payload: changeSiteSchema, answers: siteWritten },
  '/sites/:id/tasks/:taskId/done': { method: 'post', payload: nothingSchema, answers: siteWritten },
  '/weatherEntries': { method: 'post', payload: newWeatherEntrySchema, answers: weatherWritten },
  '/gear': { method: 'post', payload: newGearSchema, answers: gearWritten },
  '/gear/:id': { method: 'patch', payload: changeGearSchema, answers: gearWritten },
  '/gear/:id/remove': { method: 'post', payload: nothingSchema, answers: idWritten },
  '/ticks': { method: 'post', payload: newTickSchema, answers: tickWritten },
  '/calendarLinks': {
    method: 'post',
    payload: newCalendarLinkSchema,
    answers: calendarLinkWritten,
  },
  '/calendarLinks/:id/remove': { method: 'post', payload: nothingSchema, answers: nothingWritten },
  // Take
  '/takes': { method: 'post', payload: newTakeSchema, answers: detailWritten },
  '/boxTakes': { method: 'post', payload: newBoxTakeSchema, answers: detailWritten },
  '/harvests/:id/weighTakes': { method: 'post', payload: weighTakesSchema, answers: detailWritten },
  '/frameEvents': { method: 'post', payload: newFrameEventSchema, answers: detailWritten },
  '/stepMarks': { method: 'post', payload: newStepMarkSchema, answers: detailWritten },
  '/stepMarks/:id/back': { method: 'post', payload: nothingSchema, answers: detailWritten },
  '/incidents': { method: 'post', payload: newIncidentSchema, answers: detailWritten },
  '/harvests/:id/lot': { method: 'post', payload: lotWithSchema, answers: detailWritten },
  '/harvests/:id/lotName': { method: 'post', payload: nameLotSchema, answers: detailWritten },
  '/harvests/:id/split': { method: 'post', payload: splitSchema, answers: splitWritten },
  // Drain
  '/waterReadings': { method: 'post', payload: newWaterReadingSchema, answers: detailWritten },
  '/drains': { method: 'post', payload: newDrainSchema, answers: detailWritten },
  '/harvests/:id/join': { method: 'post', payload: joinSchema, answers: detailWritten },
  '/weighings': { method: 'post', payload: newWeighingSchema, answers: detailWritten },
  '/weighings/:id': { method: 'patch', payload: changeWeighingSchema, answers: detailWritten },
  '/readings': { method: 'post', payload: newReadingsSchema, answers: readingsWritten },
  '/drainEvents': { method: 'post', payload: newDrainEventSchema, answers: detailWritten },
  '/blends': { method: 'post', payload: newBlendSchema, answers: detailWritten },
  '/drains/:id/close': { method: 'post', payload: closeDrainSchema, answers: detailWritten },
  // Cut
  '/cutBoards': { method: 'post', payload: newCutBoardSchema, answers: detailWritten },
  '/cutBoards/:id/plan': { method: 'post', payload: planCutSchema, answers: detailWritten },
  '/cutBoards/plans': { method: 'post', payload: planBoardsSchema, answers: detailWritten },
  '/cutBoards/:id': { method: 'patch', payload: changeCutBoardSchema, answers: detailWritten },
  '/cutPieces/:id': { method: 'patch', payload: changeCutPieceSchema, answers: detailWritten },
  '/packings': { method: 'post', payload: newPackingSchema, answers: detailWritten },
  '/chunkJars': { method: 'post', payload: newChunkJarsSchema, answers: detailWritten },
  '/keepings': { method: 'post', payload: newKeepingSchema, answers: detailWritten },
  '/keepings/:id/end': { method: 'post', payload: endKeepingSchema, answers: detailWritten },
  // Jar
  '/pieces': { method: 'post', payload: newPiecesSchema, answers: detailWritten },
  '/fillings': { method: 'post', payload: newFillingSchema, answers: detailWritten },
  '/fillings/several': { method: 'post', payload: newFillingsSchema, answers: fillingsWritten },
  '/lots/:id/weights': { method: 'post', payload: lotWeightsSchema, answers: detailWritten },
  '/lots/:id/use-first': { method: 'post', payload: useFirstSchema, answers: detailWritten },
  '/lots/:id/granulating': { method: 'post', payload: granulatingSchema, answers: detailWritten },
  '/flows': { method: 'post', payload: newFlowSchema, answers: flowWritten },
  '/labelSheets': { method: 'post', payload: newLabelSheetSchema, answers: idWritten },
  '/labelDesigns': { method: 'post', payload: newLabelDesignSchema, answers: idWritten },
  '/labelDesigns/:id': { method: 'patch', payload: changeLabelDesignSchema, answers: idWritten },
  '/lots/:id/claim': { method: 'post', payload: lotClaimSchema, answers: detailWritten },
  '/harvests/:id/code': { method: 'post', payload: batchCodeSchema, answers: detailWritten },
  '/prints': { method: 'post', payload: newPrintSchema, answers: printWritten },
  '/prints/:id/misprint': { method: 'post', payload: misprintSchema, answers: printWritten },
  '/outs': { method: 'post', payload: newOutSchema, answers: detailWritten },
  '/reserves': { method: 'post', payload: newReserveSchema, answers: idWritten },
  '/people/:id/forget': { method: 'post', payload: nothingSchema, answers: idWritten },
  '/reserves/:id/done': { method: 'post', payload: nothingSchema, answers: idWritten },
  '/reserves/:id/withdraw': { method: 'post', payload: nothingSchema, answers: idWritten },
  // Book
  '/waxCares': { method: 'post', payload: newWaxCareSchema, answers: idWritten },
  '/waxDiscs': { method: 'post', payload: newWaxDiscSchema, answers: detailWritten },
  '/waxes': { method: 'post', payload: newWaxSchema, answers: detailWritten },
  '/rinses': { method: 'post', payload: newRinseSchema, answers: idWritten },
  '/rinses/:id/use': { method: 'post', payload: useRinseSchema, answers: idWritten },
  '/gearCares': { method: 'post', payload: newGearCareSchema, answers: idWritten },
  '/answers': { method: 'post', payload: settleQuestionSchema, answers: idWritten },
  '/holds/:id/lift': { method: 'post', payload: liftHoldSchema, answers: idWritten },
  // Archive
  '/sheetHarvests': {
    method: 'post',
    payload: spreadsheetHarvestsSchema,
    answers: spreadsheetWritten,
  },
  // Rules
  '/rules': { method: 'post', payload: houseRulesSchema, answers: rulesWritten },
  '/vessels': { method: 'post', payload: newVesselSchema, answers: vesselWritten },
  '/vessels/:id': { method: 'patch', payload: changeVesselSchema, answers: vesselWritten },
  '/jars': { method: 'post', payload: newJarKindSchema, answers: jarKindWritten },
  '/jars/:id': { method: 'patch', payload: changeJarKindSchema, answers: jarKindWritten },
  '/undo': { method: 'post', payload: undoSchema, answers: undoWritten },
  '/vessels/:id/remove': { method: 'post', payload: nothingSchema, answers: idWritten },
  '/jars/:id/remove': { method: 'post', payload: nothingSchema, answers: idWritten },
} as const satisfies Record<string, Taken>;

/** A command by its path, such as `/harvests/:id/plan`. */
export type WritePath = keyof typeof WRITES;
type MeantWrite<Said extends string> = Meant<WritePath, Said>;
/** A path a command is sent to, its places filled. */
export type SpokenWrite = Spoken<WritePath>;
/** What a command is said with: what has a start value may be left out. */
export type PayloadOf<Path extends WritePath> = z.input<(typeof WRITES)[Path]['payload']>;
/** What a command is answered with. */
export type WrittenOf<Path extends WritePath> = z.output<(typeof WRITES)[Path]['answers']>;
/**
 * A payload as a person fills it in: what was not said yet is null, and is refused in words at its
 * field.
 */
export type Drafted<Payload> = unknown extends Payload
  ? Payload
  : Payload extends string | number | boolean | null | undefined
    ? Payload | null
    : Payload extends readonly (infer Item)[]
      ? Drafted<Item>[]
      : { [Field in keyof Payload]: Drafted<Payload[Field]> };
/** The same, by the path as it is spoken. */
export type PayloadTo<Said extends string> = Drafted<PayloadOf<MeantWrite<Said>>>;
export type WrittenTo<Said extends string> = WrittenOf<MeantWrite<Said>>;
export type MethodTo<Said extends string> = (typeof WRITES)[MeantWrite<Said>]['method'];
