import { placeLabel } from '../hive/kinds.js';
import type { Batch, BatchDetail, Clock, Drain, TodayLine, Vessel } from '../records/views.js';
import { cutsComb } from '../records/vocabulary/ways.js';
import { owedWeighings, unitWord } from '../take/index.js';
import { DateTime } from 'luxon';
import { DAY_MS, HOUR_MS, daysLater } from '../units/dates.js';
import { STOPPED, type DrainDue } from './drainDue.js';
import { line } from './line.js';

/** An overflow nearer than this is urgent. */
const OVERFLOW_SOON_MS = 3 * HOUR_MS;

/** What a drain that runs asks for. Takes how its harvest is called, and what it waits for. */
export function drainLines(
  drain: Pick<Drain, 'id'>,
  batch: Pick<Batch, 'id' | 'hiveId'>,
  name: string,
  due: DrainDue,
  now: Date,
): TodayLine[] {
  const base = { stage: 'drain' as const, batchId: batch.id, hiveId: batch.hiveId };
  const lines: TodayLine[] = [];
  if (due.dueWhat === STOPPED)
    lines.push(
      line({
        ...base,
        id: `${drain.id}-stopped`,
        kind: 'draw-off',
        title: `${name} has stopped draining: look at the strainer`,
        dueAt: due.dueAt,
        ifLeft: 'Strainer blocked or stuck: the honey stays in the wax.',
        urgent: true,
      }),
    );
  if (due.dueWhat === 'stir')
    lines.push(
      line({
        ...base,
        id: `${drain.id}-stir`,
        kind: 'stir',
        title: `Stir ${name}`,
        dueAt: due.dueAt,
        ifLeft: 'Closed cells keep their honey; it comes out with the wax.',
      }),
    );
  if (due.overflowAt)
    lines.push(
      line({
        ...base,
        id: `${drain.id}-draw-off`,
        kind: 'draw-off',
        title: `Draw off ${name}'s lower vessel`,
        dueAt: due.overflowAt,
        ifLeft: 'It runs over.',
        urgent: Date.parse(due.overflowAt) - now.getTime() < OVERFLOW_SOON_MS,
      }),
    );
  else if (due.dueWhat === 'nine tenths out')
    lines.push(
      line({
        ...base,
        id: `${drain.id}-end`,
        kind: 'close',
        title: `${name}: nine tenths out, decide when to stop`,
        dueAt: due.dueAt,
        ifLeft: 'Open honey takes on water in a damp room.',
      }),
    );
  return lines;
}

/** What a clock at the hive or the press says on Today; null for the others. */
export function clockLine(clock: Clock): TodayLine | null {
  if (clock.kind !== 'frame' && clock.kind !== 'press') return null;
  const isFrame = clock.kind === 'frame';
  return {
    stage: isFrame ? 'take' : 'drain',
    batchId: clock.batchId,
    hiveId: null,
    id: clock.id,
    kind: clock.kind,
    title: `${clock.hiveName}: ${clock.dueWhat}`,
    dueAt: clock.dueAt,
    ifLeft: isFrame
      ? 'It runs over beside the hive, and robbers come.'
      : 'What the press holds flows back into the wax as it cools.',
    urgent: clock.urgent,
  };
}

/** What is known of an open harvest beside what it is. */
export interface HarvestFacts {
  name: string;
  /** What is still to be taken, in words. */
  leftToTake: string;
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
    title: `Plan the day for ${name}`,
    dueAt: null,
    ifLeft: 'Nothing is taken.',
  },
];

const toTake: Asks = (batch, { name, leftToTake, leftOpen }) => {
  const lines: AtStage[] = [];
  if (batch.plan)
    lines.push({
      id: `${batch.id}-take`,
      kind: 'take',
      title: `Take ${leftToTake} from ${name}`,
      dueAt: DateTime.fromISO(batch.plan.startLocal, { zone: batch.zone }).toUTC().toISO(),
      ifLeft: 'The combs stay with the bees.',
    });
  if (leftOpen)
    lines.push({
      id: `${batch.id}-left`,
      kind: 'left',
      title: `${name} was left open: close it, covered and not alone`,
      dueAt: leftOpen.occurredAt,
      ifLeft: 'Robbers, rain and more stings. After dark it is quieter.',
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
          title: `${cutsComb(batch.method) ? 'Cut' : 'Crush'} ${name}'s comb`,
          dueAt: null,
          ifLeft: 'Comb cools and drains slowly; wax moth finds it.',
        },
      ]
    : [];

const toFill: Asks = (batch, { name, settledAt }) => [
  {
    id: `${batch.id}-jar`,
    kind: 'jar',
    title:
      settledAt === undefined ? `Fill ${name}'s jars` : `Skim ${name}'s honey and fill its jars`,
    dueAt: settledAt ?? null,
    ifLeft: 'Open honey takes on water in a damp room.',
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
  const owe = (id: string, what: string): TodayLine =>
    line({
      id: `${batch.id}-owed-${id}`,
      batchId: batch.id,
      hiveId: batch.hiveId,
      kind: 'weigh',
      stage: 'owed',
      title: `Weigh ${what} ${batch.hiveName}`,
      dueAt: null,
      ifLeft: 'It is in no book until it is weighed, estimated or said lost.',
    });
  const vesselName = (id: string): string => kit.find((v) => v.id === id)?.name ?? 'a vessel';
  const word = unitWord(batch.hiveKind);
  return [
    ...owed.vessels.map(({ vesselId }) => owe(vesselId, `${vesselName(vesselId)}, honey of`)),
    ...owed.combs.flatMap((combs) => {
      const [first] = combs;
      if (!first) return [];
      const one = `${word} ${placeLabel(first.slot)} of`;
      return owe(first.id, combs.length > 1 ? `the box of ${combs.length} combs of` : one);
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
        title: `Look back at ${batch.hiveName}`,
        dueAt: daysLater(lastTakenAt, LOOK_BACK_AFTER_DAYS),
        ifLeft: 'Robbing, drips, a fallen comb or a moved board go unseen.',
      }),
    );
}
