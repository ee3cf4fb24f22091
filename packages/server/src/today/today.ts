import {
  countedCombsText,
  takenUnitsText,
  HOLD_WORDS,
  cutsComb,
  dateWords,
  dueItems,
  filledLook,
  frameRefill,
  harvestMark,
  judgeHiveAt,
  lastFlowOn,
  nextFrameDate,
  siteDate,
  spareableBars,
  stateAt,
  winterCase,
  type Batch,
  type Gear,
  type Hive,
  type Site,
  type Stage,
  type TodayLine,
  type Vessel,
} from '@furrow/core';
import { DateTime } from 'luxon';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { holdViews } from '../book/holds.js';
import { methodPriorOf } from '../drain/runs.js';
import { list } from '../store/rows.js';
import { drainedFrames } from '../take/frames.js';
import { hiveView, hiveViews } from '../look/hiveViews.js';
import { bookView } from '../book/lots.js';
import { drainViews } from '../drain/drainViews.js';
import { batchViewsOf } from '../harvest/batches.js';
import { batchViews } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { afterLines } from './after.js';
import { STOPPED, clocks, nextDue } from './clocks.js';
import { debtLines } from './debts.js';
import { followUps } from './followUps.js';

/** How many days ahead a repair stands on Today. */
const MEND_AHEAD_DAYS = 14;
/** And a drained frame's next look. */
const FRAMES_AHEAD_DAYS = 7;

/** "4 combs are ripe, 1 to spare"; what can be spared only where it is less than what is ripe. */
function ripeText(ripe: number, spare: number | null, kind: Hive['kind']): string {
  const text = `${countedCombsText(ripe, kind)} ${ripe === 1 ? 'is' : 'are'} ripe`;
  return spare !== null && spare < ripe ? `${text}, ${spare || 'none'} to spare` : text;
}

/**
 * What a harvest still has to take, as it hangs: "box 4", "3 combs"; all of it where everything is
 * out.
 */
async function leftToTake(db: Knex, batch: Batch): Promise<string> {
  const hive = await hiveView(db, batch.hiveId);
  const held = hive.bars.filter((b) => b.comb && batch.combIds.includes(b.comb.id));
  if (!held.length) return countedCombsText(batch.combIds.length, batch.hiveKind);
  return takenUnitsText(
    hive,
    held.map((b) => b.slot),
  );
}

/**
 * What runs, what is due, what is ripe: each line from a running object, with what happens if it is
 * left.
 */
export async function todayLines(db: Knex, now: Date): Promise<TodayLine[]> {
  const { rules } = await currentRules(db);
  const vessels = await list<Vessel>(db, 'vessels');
  const batches = await batchViews(db, { closedAt: null });
  const lines: TodayLine[] = [];
  const add = (line: Omit<TodayLine, 'urgent'> & { urgent?: boolean }): void =>
    void lines.push({ urgent: false, ...line });

  // Two harvests of one hive on one day are told apart.
  const nameOf = (batch: Batch): string => {
    const mark = harvestMark(batch, batches);
    return mark ? `${batch.hiveName} (${mark})` : batch.hiveName;
  };
  for (const drain of await drainViews(db, { endedAt: null })) {
    await breathe();
    const batch = batches.find((b) => b.id === drain.batchId);
    if (!batch) continue;
    const due = nextDue(
      drain,
      vessels.find((v) => v.id === drain.lowerVesselId) ?? null,
      rules,
      now,
      await methodPriorOf(db, drain, batch.hiveKind),
    );
    const base = { stage: 'drain' as const, batchId: batch.id, hiveId: batch.hiveId };
    if (due.dueWhat === STOPPED)
      add({
        ...base,
        id: `${drain.id}-stopped`,
        kind: 'draw-off',
        title: `${nameOf(batch)} has stopped draining: look at the strainer`,
        dueAt: due.dueAt,
        ifLeft: 'Strainer blocked or stuck: the honey stays in the wax.',
        urgent: true,
      });
    if (due.dueWhat === 'stir')
      add({
        ...base,
        id: `${drain.id}-stir`,
        kind: 'stir',
        title: `Stir ${nameOf(batch)}`,
        dueAt: due.dueAt,
        ifLeft: 'Closed cells keep their honey; it comes out with the wax.',
      });
    if (due.overflowAt)
      add({
        ...base,
        id: `${drain.id}-draw-off`,
        kind: 'draw-off',
        title: `Draw off ${nameOf(batch)}'s lower vessel`,
        dueAt: due.overflowAt,
        ifLeft: 'It runs over.',
        urgent: Date.parse(due.overflowAt) - now.getTime() < 3 * 3_600_000,
      });
    if (!due.overflowAt && due.dueWhat === 'nine tenths out')
      add({
        ...base,
        id: `${drain.id}-end`,
        kind: 'close',
        title: `${nameOf(batch)}: nine tenths out, decide when to stop`,
        dueAt: due.dueAt,
        ifLeft: 'Open honey takes on water in a damp room.',
      });
  }
  await breathe();
  for (const line of await debtLines(db, batches)) add(line);
  await breathe();
  const atTheHive = await clocks(db, now);
  for (const clock of atTheHive.filter((c) => c.kind === 'frame' || c.kind === 'press')) {
    const frame = clock.kind === 'frame';
    add({
      stage: frame ? 'take' : 'drain',
      batchId: clock.batchId,
      hiveId: null,
      id: clock.id,
      kind: clock.kind,
      title: `${clock.hiveName}: ${clock.dueWhat}`,
      dueAt: clock.dueAt,
      ifLeft: frame
        ? 'It runs over beside the hive, and robbers come.'
        : 'What the press holds flows back into the wax as it cools.',
      urgent: clock.urgent,
    });
  }
  const settling = new Map(
    atTheHive.filter((c) => c.kind === 'settle').map((c) => [c.batchId, c.dueAt]),
  );
  for (const batch of batches) {
    const base = { stage: batch.stage as Stage, batchId: batch.id, hiveId: batch.hiveId };
    if (batch.stage === 'ready')
      add({
        ...base,
        id: `${batch.id}-plan`,
        kind: 'plan',
        title: `Plan the day for ${nameOf(batch)}`,
        dueAt: null,
        ifLeft: 'Nothing is taken.',
      });
    if (batch.stage === 'take' && batch.plan)
      add({
        ...base,
        id: `${batch.id}-take`,
        kind: 'take',
        title: `Take ${await leftToTake(db, batch)} from ${nameOf(batch)}`,
        dueAt: DateTime.fromISO(batch.plan.startLocal, { zone: batch.zone }).toUTC().toISO(),
        ifLeft: 'The combs stay with the bees.',
      });
    if (batch.stage === 'take') {
      const attack = await db('incidents')
        .where({ batchId: batch.id, kind: 'attack', removedAt: null })
        .orderBy('occurredAt', 'desc')
        .first();
      const back =
        attack &&
        (await db('stepMarks')
          .where({ batchId: batch.id, stepId: `left-${attack.id}`, removedAt: null })
          .first());
      if (attack && !back)
        add({
          ...base,
          id: `${batch.id}-left`,
          kind: 'left',
          title: `${nameOf(batch)} was left open: close it, covered and not alone`,
          dueAt: attack.occurredAt,
          ifLeft: 'Robbers, rain and more stings. After dark it is quieter.',
          urgent: true,
        });
    }
    if (batch.stage === 'drain' || batch.stage === 'cut') {
      const comb = (await bookView(db, batch.id)).lots.find((lot) => lot.kind === 'comb');
      if (comb && comb.nowG > 0)
        add({
          ...base,
          id: `${batch.id}-comb`,
          kind: 'comb',
          title: cutsComb(batch.method)
            ? `Cut ${nameOf(batch)}'s comb`
            : `Crush ${nameOf(batch)}'s comb`,
          dueAt: null,
          ifLeft: 'Comb cools and drains slowly; wax moth finds it.',
        });
    }
    if (batch.stage === 'jar')
      add({
        ...base,
        id: `${batch.id}-jar`,
        kind: 'jar',
        title: settling.has(batch.id)
          ? `Skim ${nameOf(batch)}'s honey and fill its jars`
          : `Fill ${nameOf(batch)}'s jars`,
        dueAt: settling.get(batch.id) ?? null,
        ifLeft: 'Open honey takes on water in a damp room.',
      });
  }
  for (const { hiveId, drained } of await drainedFrames(db)) {
    const hive = await hiveView(db, hiveId);
    const frames = drained.map(({ combId, at }) => ({
      drainedOn: siteDate(hive, at),
      looks: (hive.bars.find((b) => b.comb?.id === combId)?.comb?.looks ?? []).flatMap(filledLook),
    }));
    const { on, why } = nextFrameDate(
      frames.map((f) => f.drainedOn).sort()[0],
      frameRefill(frames),
      rules.frameMaxWeeks,
    );
    if (on <= new Date(now.getTime() + FRAMES_AHEAD_DAYS * 86_400_000).toISOString().slice(0, 10))
      add({
        batchId: null,
        hiveId,
        id: `${hiveId}-frames`,
        kind: 'due',
        stage: 'look',
        title: `Look at ${hive.name}'s drained frames again`,
        dueAt: `${on}T12:00:00.000Z`,
        ifLeft: `Come back: ${why}.`,
      });
  }
  const soon = new Date(now.getTime() + MEND_AHEAD_DAYS * 86_400_000).toISOString().slice(0, 10);
  for (const thing of await list<Gear>(db, 'gear')) {
    if (thing.repair && thing.dueOn && thing.dueOn <= soon)
      add({
        stage: 'rules',
        batchId: null,
        hiveId: null,
        id: `${thing.id}-mend`,
        kind: 'mend',
        title: `${thing.name}: ${thing.repair}`,
        dueAt: `${thing.dueOn}T12:00:00.000Z`,
        ifLeft: 'It is missing on the day it is needed.',
      });
  }
  const hiveAt = new Map<string, string>();
  await breathe();
  for (const hive of await hiveViews(db)) {
    await breathe();
    if (!hiveAt.has(hive.siteId)) hiveAt.set(hive.siteId, hive.id);
    const judged = judgeHiveAt(hive, rules, now.toISOString());
    const state = stateAt(hive, now.toISOString(), rules);
    const busy = batches
      .filter((b) => b.hiveId === hive.id && ['ready', 'take'].includes(b.stage))
      .flatMap((b) => b.combIds);
    const ripe = judged.filter((j) => j.verdict.verdict === 'take' && !busy.includes(j.combId));
    const spare = spareableBars(
      judged.map((j) => ({ bar: j.slot, estimate: j.estimate, ripe: ripe.includes(j) })),
      winterCase({
        rules,
        kind: hive.kind,
        strength: state.strength?.strength ?? null,
        flowKg: 0,
        date: siteDate(hive, now.toISOString()),
        lastFlowOn: lastFlowOn(state),
      }).needKg,
    );
    const base = { batchId: null, hiveId: hive.id };
    if (ripe.length)
      add({
        ...base,
        id: `${hive.id}-ripe`,
        kind: 'ripe',
        stage: 'choose',
        title: `${hive.name}: ${ripeText(ripe.length, spare?.length ?? null, hive.kind)}`,
        dueAt: null,
        ifLeft: 'They keep in the hive; the bees may need the room.',
      });
    const lastLook = hive.lastLookOn;
    const due = dueItems(hive, state, siteDate(hive, now.toISOString()), rules);
    for (const item of due.filter((d) => d.id !== 'look' && d.dueOn !== null))
      add({
        ...base,
        id: `${hive.id}-${item.id}`,
        kind: 'due',
        stage: 'look',
        title: `${hive.name}: ${item.what[0].toLowerCase()}${item.what.slice(1)}`,
        dueAt: DateTime.fromISO(item.dueOn!, { zone: hive.site.zone })
          .plus({ hours: 9 })
          .toUTC()
          .toISO(),
        ifLeft: item.why,
      });
    const next = due.find((d) => d.id === 'look');
    if (!next) continue;
    const dueAt = next.dueOn
      ? DateTime.fromISO(next.dueOn, { zone: hive.site.zone }).plus({ hours: 9 }).toUTC().toISO()
      : now.toISOString();
    add({
      ...base,
      id: `${hive.id}-look`,
      kind: 'look',
      stage: 'look',
      title: lastLook ? `Look again at ${hive.name}` : `Look at ${hive.name} for the first time`,
      dueAt,
      ifLeft: 'What is ripe, and how full they are, stays unknown.',
    });
  }
  for (const site of await list<Site>(db, 'sites'))
    for (const task of site.tasks.filter((t) => t.doneOn === null && (!t.dueOn || t.dueOn <= soon)))
      add({
        id: `${site.id}/tasks/${task.id}-site-task`,
        kind: 'site-task',
        stage: 'look',
        batchId: null,
        hiveId: hiveAt.get(site.id) ?? null,
        title: `${site.name}: ${task.what}`,
        dueAt: task.dueOn
          ? DateTime.fromISO(task.dueOn, { zone: site.zone }).plus({ hours: 9 }).toUTC().toISO()
          : null,
        ifLeft: 'It waits there at the next visit.',
      });
  for (const hold of (await holdViews(db)).filter((h) => !h.liftedOn))
    add({
      id: `${hold.id}-hold`,
      kind: 'hold',
      stage: 'book',
      batchId: hold.batchId,
      hiveId: null,
      title: `Held back: ${hold.hiveName}, harvest of ${dateWords(hold.harvestedOn)}. ${HOLD_WORDS[hold.cause].name}`,
      dueAt: null,
      ifLeft: `${HOLD_WORDS[hold.cause].left} ${HOLD_WORDS[hold.cause].bars} ${hold.lots.length ? '' : 'Nothing of it stands here any more: tell those who have it. '}${HOLD_WORDS[hold.cause].ask}`,
      urgent: true,
    });
  for (const held of (await db('heldCommands').orderBy('recordedAt')) as {
    id: string;
    why: string;
    recordedAt: string;
  }[]) {
    add({
      id: held.id,
      kind: 'held',
      stage: 'book',
      batchId: null,
      hiveId: null,
      title: `A late entry did not fit: ${held.why}`,
      dueAt: held.recordedAt,
      ifLeft: 'It stays kept, and counts for nothing.',
      urgent: true,
    });
  }
  const visits = (await db('takes')
    .whereIn('outcome', ['taken', 'broke', 'fell'])
    .where({ removedAt: null })
    .groupBy('batchId')
    .select('batchId')
    .max('occurredAt as at')) as { batchId: string; at: string }[];
  // A hive is looked back at, whatever became of its honey meanwhile: joined, or in the book.
  const since = now.getTime() - 48 * 3_600_000;
  const fresh = visits.filter((v) => Date.parse(v.at) > since);
  const visited = await batchViewsOf(
    db,
    fresh.map((v) => v.batchId),
  );
  // One visit is looked back at once, however many lots it brought.
  const told = new Set<string>();
  for (const { batchId, at } of fresh) {
    const batch = visited.find((b) => b.id === batchId);
    const dueAt = new Date(Date.parse(at) + 24 * 3_600_000).toISOString();
    if (!batch || told.has(batch.visitId)) continue;
    told.add(batch.visitId);
    if (!batch.lookedBackAt && now.getTime() < Date.parse(dueAt) + 24 * 3_600_000)
      add({
        id: `${batchId}-back`,
        kind: 'look-back',
        stage: 'look',
        batchId: null,
        hiveId: batch.hiveId,
        title: `Look back at ${batch.hiveName}`,
        dueAt,
        ifLeft: 'Robbing, drips, a fallen comb or a moved board go unseen.',
      });
  }
  lines.push(...(await afterLines(db, rules, now)));
  lines.push(...(await followUps(db, await hiveViews(db), rules, now)));
  return lines.sort(
    (a, b) => Number(b.urgent) - Number(a.urgent) || (a.dueAt ?? '9').localeCompare(b.dueAt ?? '9'),
  );
}
