import { massText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  OUTCOME_WORDS,
  STAGES,
  countedCombs,
  unitAt,
  weighsOut,
  type Batch,
  type BatchDetail,
  type Stage,
  type Take,
  type Units,
} from '@furrow/core';

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
    ? { to: `/book/${batch.id}`, label: tell('common.see-it-in-book') }
    : {
        to: `/${stage}/${batch.id}`,
        label: tell('leftStage.go-on-to', { stage: STAGE_NAMES[stage] }),
      };
}

const isPast = ({ batch }: Pick<BatchDetail, 'batch'>, stage: Stage): boolean =>
  batch.closedAt !== null || STAGES.indexOf(batch.stage) > STAGES.indexOf(stage);

function takeLine(take: Take, detail: BatchDetail, units: Units): LeftStage['lines'][number] {
  const weighed = take.netG === null ? null : massText(take.netG / 1000, units, 2);
  const drained = detail.frameEvents.some((e) => e.combId === take.combId);
  const unweighed = drained
    ? tell('leftStage.drained')
    : tell('leftStage.not-weighed', { outcome: OUTCOME_WORDS[take.outcome] });
  return {
    name: said(unitAt(detail.hive.kind, take.slot)),
    says: weighsOut(take.outcome) ? (weighed ?? unweighed) : said(OUTCOME_WORDS[take.outcome]),
  };
}

/** The day was planned and is over. Null while the harvest waits for its day. */
export function leftReady(batch: Batch): LeftStage | null {
  if (!isPast({ batch }, 'ready')) return null;
  const start = batch.plan?.startLocal.slice(11, 16);
  return {
    heading: tell('leftStage.was-got-ready-for', {
      hiveName: batch.hiveName,
      date: dateText(batch.date),
    }),
    text: start ? tell('leftStage.planned-from-what-came-it', { start }) : '',
    lines: [],
    on: wayOn({ batch }),
  };
}

/** Where a harvest without comb to crush goes on, though its stage may say Drain. */
export const onFromEmptyDrain = (detail: BatchDetail): LeftStage['on'] =>
  detail.batch.stage === 'drain' && !detail.batch.closedAt
    ? { to: `/jar/${detail.batch.id}`, label: tell('common.go-on-to-jar') }
    : wayOn(detail);

/** The hive was closed: what came out of it. Null while the harvest is planned or being taken. */
export function leftTake(detail: BatchDetail, units: Units): LeftStage | null {
  if (!isPast(detail, 'take')) return null;
  const out = detail.takes.filter((t) => weighsOut(t.outcome));
  const netG = out.reduce((sum, t) => sum + (t.netG ?? 0), 0);
  const weight = netG ? tell('leftStage.by-weight', { netG: massText(netG / 1000, units, 2) }) : '';
  const { kind } = detail.hive;
  return {
    heading: tell('leftStage.was-taken-on', {
      hiveName: detail.batch.hiveName,
      date: dateText(detail.batch.date),
    }),
    text: out.length
      ? tell('leftStage.came-out-hive-closed', { out: countedCombs(out.length, kind), weight })
      : tell('leftStage.nothing-came-out-it-hive'),
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
    heading: tell('leftStage.nothing-settles-any-more', { hiveName: detail.batch.hiveName }),
    text: tell('leftStage.all-its-honey-was-filled'),
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
    heading: tell('leftStage.no-comb-left-to-cut', { hiveName: detail.batch.hiveName }),
    text: tell('leftStage.all-it-was-crushed-or'),
    lines: [],
    on: wayOn(detail),
  };
}
