import {
  OUTCOME_WORDS,
  STAGES,
  countedCombsText,
  placeLabel,
  unitWord,
  weighsOut,
  type Batch,
  type BatchDetail,
  type Stage,
  type Take,
  type Units,
} from '@furrow/core';
import { massText } from '@furrow/words';
import { STAGE_NAMES } from '../shell/stageNames.js';
import { dateText } from '../shell/times.js';

/**
 * What a stage says of a harvest that has left it: what was done, line by line, and the one way on.
 */
export interface LeftStage {
  heading: string;
  text: string;
  lines: { name: string; says: string }[];
  on: { to: string; label: string };
}

/** The stage at which the harvest is now; the book of a closed one. */
function wayOn({ batch }: Pick<BatchDetail, 'batch'>): LeftStage['on'] {
  const stage = batch.closedAt ? 'book' : batch.stage;
  return stage === 'book'
    ? { to: `/book/${batch.id}`, label: 'See it in the book' }
    : { to: `/${stage}/${batch.id}`, label: `Go on to ${STAGE_NAMES[stage]}` };
}

const isPast = ({ batch }: Pick<BatchDetail, 'batch'>, stage: Stage): boolean =>
  batch.closedAt !== null || STAGES.indexOf(batch.stage) > STAGES.indexOf(stage);

function takeLine(take: Take, detail: BatchDetail, units: Units): LeftStage['lines'][number] {
  const weighed = take.netG === null ? null : massText(take.netG / 1000, units, 2);
  const drained = detail.frameEvents.some((e) => e.combId === take.combId);
  const unweighed = drained ? 'drained' : `${OUTCOME_WORDS[take.outcome]}, not weighed`;
  return {
    name: `${unitWord(detail.hive.kind)} ${placeLabel(take.slot)}`,
    says: weighsOut(take.outcome) ? (weighed ?? unweighed) : OUTCOME_WORDS[take.outcome],
  };
}

/** The day was planned and is over. Null while the harvest waits for its day. */
export function leftReady(batch: Batch): LeftStage | null {
  if (!isPast({ batch }, 'ready')) return null;
  const start = batch.plan?.startLocal.slice(11, 16);
  return {
    heading: `${batch.hiveName} was got ready for ${dateText(batch.date)}`,
    text: start ? `Planned from ${start}; what came of it stands further on.` : '',
    lines: [],
    on: wayOn({ batch }),
  };
}

/** Where a harvest without comb to crush goes on, though its stage may say Drain. */
export const onFromEmptyDrain = (detail: BatchDetail): LeftStage['on'] =>
  detail.batch.stage === 'drain' && !detail.batch.closedAt
    ? { to: `/jar/${detail.batch.id}`, label: 'Go on to Jar' }
    : wayOn(detail);

/** The hive was closed: what came out of it. Null while the harvest is planned or being taken. */
export function leftTake(detail: BatchDetail, units: Units): LeftStage | null {
  if (!isPast(detail, 'take')) return null;
  const out = detail.takes.filter((t) => weighsOut(t.outcome));
  const netG = out.reduce((sum, t) => sum + (t.netG ?? 0), 0);
  const weight = netG ? `, ${massText(netG / 1000, units, 2)} by weight` : '';
  const { kind } = detail.hive;
  return {
    heading: `${detail.batch.hiveName} was taken on ${dateText(detail.batch.date)}`,
    text: out.length
      ? `${countedCombsText(out.length, kind)} came out${weight}. The hive is closed.`
      : 'Nothing came out of it. The hive is closed.',
    lines: detail.takes.map((t) => takeLine(t, detail, units)),
    on: wayOn(detail),
  };
}

/** No honey of it stands open any more. Null while some does, or none was drained yet. */
export function leftSettling(detail: BatchDetail): LeftStage | null {
  const honey = detail.lots.filter((l) => l.kind === 'honey');
  const isEmpty = honey.length > 0 && honey.every((l) => l.nowG === 0 && l.inG > 0);
  if (!isEmpty) return null;
  return {
    heading: `Nothing of ${detail.batch.hiveName} settles any more`,
    text: 'All of its honey was filled, poured on or written off.',
    lines: [],
    on: wayOn(detail),
  };
}

/**
 * All of its comb went another way than under the knife. Null where some was cut or still can be.
 */
export function leftUncut(detail: BatchDetail): LeftStage | null {
  const comb = detail.lots.filter((l) => l.kind === 'comb');
  const isGone = comb.length > 0 && comb.every((l) => l.nowG === 0);
  if (!isGone || detail.boards.length > 0 || detail.pieces.length > 0) return null;
  return {
    heading: `No comb of ${detail.batch.hiveName} is left to cut`,
    text: 'All of it was crushed or pressed; none went under the knife.',
    lines: [],
    on: wayOn(detail),
  };
}
