import { placeLabel } from '../hive/kinds.js';
import type { Batch, BatchDetail, Clock, Drain, TodayLine, Vessel } from '../records/views.js';
import type { Say } from '../say/say.js';
import { cutsComb } from '../records/vocabulary/ways.js';
import { owedWeighings } from '../take/index.js';
import { unitWord } from '../hive/kinds.js';
import { DateTime } from 'luxon';
import { DAY_MS, HOUR_MS, daysLater } from '../units/dates.js';
import type { DrainDue } from './drainDue.js';
import { line } from './line.js';
import { todaySay } from './says.js';

/** An overflow nearer than this is urgent. */
const OVERFLOW_SOON_MS = 3 * HOUR_MS;

/** What a drain that runs asks for. Takes how its harvest is called, and what it waits for. */
export function drainLines(
  drain: Pick<Drain, 'id'>,
  batch: Pick<Batch, 'id' | 'hiveId'>,
  name: Say | string,
  due: DrainDue,
  now: Date,
): TodayLine[] {
  const base = { stage: 'drain' as const, batchId: batch.id, hiveId: batch.hiveId };
  const lines: TodayLine[] = [];
  if (due.dueWhat === 'stopped')
    lines.push(
      line({
        ...base,
        id: `${drain.id}-stopped`,
        kind: 'draw-off',
        title: todaySay('today.drain-stopped', { name }),
        dueAt: due.dueAt,
        ifLeft: todaySay('today.drain-stopped.left'),
        urgent: true,
      }),
    );
  if (due.dueWhat === 'stir')
    lines.push(
      line({
        ...base,
        id: `${drain.id}-stir`,
        kind: 'stir',
        title: todaySay('today.stir', { name }),
        dueAt: due.dueAt,
        ifLeft: todaySay('today.stir.left'),
      }),
    );
  if (due.overflowAt)
    lines.push(
      line({
        ...base,
        id: `${drain.id}-draw-off`,
        kind: 'draw-off',
        title: todaySay('today.draw-off', { name }),
        dueAt: due.overflowAt,
        ifLeft: todaySay('today.draw-off.left'),
        urgent: Date.parse(due.overflowAt) - now.getTime() < OVERFLOW_SOON_MS,
      }),
    );
  else if (due.dueWhat === 'nine-tenths')
    lines.push(
      line({
        ...base,
        id: `${drain.id}-end`,
        kind: 'close',
        title: todaySay('today.nine-tenths', { name }),
        dueAt: due.dueAt,
        ifLeft: todaySay('today.nine-tenths.left'),
      }),
    );
  return lines;
}

/** What a clock at the hive or the press says on Today; null for the others. */
export function clockLine(clock: Clock): TodayLine | null {
  const { dueWhat } = clock;
  if ((clock.kind !== 'frame' && clock.kind !== 'press') || !dueWhat) return null;
  const isFrame = clock.kind === 'frame';
  return {
    stage: isFrame ? 'take' : 'drain',
    batchId: clock.batchId,
    hiveId: null,
    id: clock.id,
    kind: clock.kind,
    title: todaySay('today.clock', { hive: clock.hiveName, what: dueWhat }),
    dueAt: clock.dueAt,
    ifLeft: isFrame ? todaySay('today.frame.left') : todaySay('today.press.left'),
    urgent: clock.urgent,
  };
}

/** What is known of an open harvest beside what it is. */
export interface HarvestFacts {
  name: Say | string;
  /** What is still to be taken, in words. */
  leftToTake: Say;
  /** An attack after which the hive was left open, and nobody closed it yet. */
  leftOpen: { occurredAt: string } | null;
  /** Comb that stands there uncut and uncrushed, grams. */
  combG: number;
  /** When its honey may be skimmed; undefined where none settles. */
  settledAt?: string | null;
}

/** What an open harvest asks for at the stage it has come to. */
export function harvestLines(batch: Batch, facts: HarvestFacts): TodayLine[] {
  const base = { stage: batch.stage, batchId: batch.id, hiveId: batch.hiveId };
  const said = AT_STAGE[batch.stage]?.(batch, facts) ?? [];
  return said.map((one) => line({ ...base, ...one }));
}

type AtStage = Pick<TodayLine, 'id' | 'kind' | 'title' | 'dueAt' | 'ifLeft'> & { urgent?: boolean };
type Asks = (batch: Batch, facts: HarvestFacts) => AtStage[];

const toPlan: Asks = (batch, { name }) => [
  {
    id: `${batch.id}-plan`,
    kind: 'plan',
    title: todaySay('today.plan', { name }),
    dueAt: null,
    ifLeft: todaySay('today.plan.left'),
  },
];

const toTake: Asks = (batch, { name, leftToTake, leftOpen }) => {
  const lines: AtStage[] = [];
  if (batch.plan)
    lines.push({
      id: `${batch.id}-take`,
      kind: 'take',
      title: todaySay('today.take', { what: leftToTake, name }),
      dueAt: DateTime.fromISO(batch.plan.startLocal, { zone: batch.zone }).toUTC().toISO(),
      ifLeft: todaySay('today.take.left'),
    });
  if (leftOpen)
    lines.push({
      id: `${batch.id}-left`,
      kind: 'left',
      title: todaySay('today.left-open', { name }),
      dueAt: leftOpen.occurredAt,
      ifLeft: todaySay('today.left-open.left'),
      urgent: true,
    });
  return lines;
};

const combToBreak: Asks = (batch, { name, combG }) =>
  combG > 0
    ? [
        {
          id: `${batch.id}-comb`,
          kind: 'comb',
          title: todaySay(cutsComb(batch.method) ? 'today.cut' : 'today.crush', { name }),
          dueAt: null,
          ifLeft: todaySay('today.comb.left'),
        },
      ]
    : [];

const toFill: Asks = (batch, { name, settledAt }) => [
  {
    id: `${batch.id}-jar`,
    kind: 'jar',
    title: todaySay(settledAt === undefined ? 'today.fill' : 'today.skim-fill', { name }),
    dueAt: settledAt ?? null,
    ifLeft: todaySay('today.open-honey.left'),
  },
];

const AT_STAGE: Partial<Record<Batch['stage'], Asks>> = {
  ready: toPlan,
  take: toTake,
  drain: combToBreak,
  cut: combToBreak,
  jar: toFill,
};

/**
 * Weighings that were put off, a line for each: honey that is in no book until it is weighed,
 * estimated or said lost. Takes the harvest as a whole, and the vessels of the kit.
 */
export function owedLines(detail: BatchDetail, kit: readonly Vessel[]): TodayLine[] {
  const { batch } = detail;
  const owed = owedWeighings(detail);
  const hive = batch.hiveName;
  const owe = (id: string, title: Say): TodayLine =>
    line({
      id: `${batch.id}-owed-${id}`,
      batchId: batch.id,
      hiveId: batch.hiveId,
      kind: 'weigh',
      stage: 'owed',
      title,
      dueAt: null,
      ifLeft: todaySay('today.owed.left'),
    });
  const vesselOwed = (id: string): Say => {
    const vessel = kit.find((v) => v.id === id)?.name;
    return vessel === undefined
      ? todaySay('today.owed.vessel-unnamed', { hive })
      : todaySay('today.owed.vessel', { vessel, hive });
  };
  const word = unitWord(batch.hiveKind);
  return [
    ...owed.vessels.map(({ vesselId }) => owe(vesselId, vesselOwed(vesselId))),
    ...owed.combs.flatMap((combs) => {
      const [first] = combs;
      if (!first) return [];
      const place = placeLabel(first.slot);
      return owe(
        first.id,
        combs.length > 1
          ? todaySay('today.owed.box', { combs: combs.length, hive })
          : todaySay('today.owed.comb', { word, place, hive }),
      );
    }),
  ];
}

/** A visit is looked back at a day after it, and no longer asked for after another. */
const LOOK_BACK_AFTER_DAYS = 1;
const LOOK_BACK_FOR_DAYS = 2;
/** The oldest visit that is still asked about. */
export const lookBackSince = (now: Date): string =>
  daysLater(now.toISOString(), -LOOK_BACK_FOR_DAYS);

/**
 * The hives that are to be looked back at: whatever became of their honey meanwhile, and one visit
 * once, however many lots it brought. Takes the harvests of the last days with their last taking.
 */
export function lookBackLines(
  visits: readonly { batch: Batch; lastTakenAt: string }[],
  now: Date,
): TodayLine[] {
  const firstOfVisit = visits.filter(
    ({ batch }, i) => visits.findIndex((v) => v.batch.visitId === batch.visitId) === i,
  );
  return firstOfVisit
    .filter(
      ({ batch, lastTakenAt }) =>
        !batch.lookedBackAt &&
        now.getTime() < Date.parse(lastTakenAt) + LOOK_BACK_FOR_DAYS * DAY_MS,
    )
    .map(({ batch, lastTakenAt }) =>
      line({
        id: `${batch.id}-back`,
        kind: 'look-back',
        stage: 'look',
        batchId: null,
        hiveId: batch.hiveId,
        title: todaySay('today.look-back', { hive: batch.hiveName }),
        dueAt: daysLater(lastTakenAt, LOOK_BACK_AFTER_DAYS),
        ifLeft: todaySay('today.look-back.left'),
      }),
    );
}
