import { houseSay } from '@furrow/words';
import type { RowOf } from '../store/tables.js';
import { randomUUID } from 'node:crypto';
import {
  deadColonyAdvice,
  faceShares,
  geometryIssues,
  hiveKind,
  judgedLook,
  placeLabel,
  readingMoisture,
  readShape,
  unpackFace,
  type Compartment,
  type ColonyFact,
  type DatedFact,
  type Hive,
  type NewHive,
  type NewLook,
  firstOf,
  type Say,
  saidOf,
} from '@furrow/core';
import { conflict, refused } from '../problem.js';
import { hiveView, lookRows } from './hiveViews.js';
import {
  combsThatHung,
  holdCauseOf,
  holdEarlierHarvests,
  liftAnswered,
  unknownSince,
} from '../book/holds.js';
import { find, list, openRow } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { askWhichStands } from '../store/standing.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { buildComb, hiveOfComb, makeBox, placeIn } from './placing.js';
import { dateAt } from './dateAt.js';

/**
 * A hive as it stands from the first day: its bars or boxes with comb until a look says otherwise,
 * and its colony.
 */
export async function makeHive(unit: UnitOfWork, payload: NewHive): Promise<void> {
  const site = await find(unit.db, 'sites', payload.siteId, 'site');
  if (payload.colonyStartedOn > dateAt(unit.at, site.zone))
    throw refused(houseSay('refusal.colony-cannot-have-started-in'), 'payload.colonyStartedOn');
  const { colonyStartedOn: on, colonyStartedAssumed: startedAssumed, ...hive } = payload;
  const kind = hiveKind(hive.kind);
  await unit.insert('hives', hive);
  const colonyId = randomUUID();
  await unit.insert('colonies', {
    id: colonyId,
    startedOn: on,
    startedAssumed,
    endedOn: null,
    parentIds: [],
  });
  await unit.insert('colonyStays', {
    id: randomUUID(),
    colonyId,
    hiveId: hive.id,
    fromOn: on,
    toOn: null,
  });
  const boxes = kind.boxesAtStart(hive.geometry);
  // What stands there carries comb until a look says otherwise.
  for (const [i, compartment] of boxes.entries())
    await makeBox(unit, hive, { id: randomUUID(), compartment, slot: i + 1, on, withComb: true });
  if (!boxes.length)
    await fillFile(unit, hive.id, kind.compartment(hive.geometry, 'file'), kind.carrier, on);
}

/** Where a colony lives now. Refuses where it lives nowhere. */
async function stayOf(unit: UnitOfWork, colonyId: string): Promise<RowOf<'colonyStays'>> {
  const stay = await openRow(
    'colonyStays',
    unit.db('colonyStays').where({ colonyId, toOn: null, removedAt: null }),
  );
  if (!stay) throw conflict('not-placed', houseSay('refusal.this-colony-lives-in-no'));
  return stay;
}
export const lookWrites = [
  write('/sites', {
    sentence: (p) => houseSay('entry.site-made', { name: p.name }),
    run: async (unit, payload) => {
      await unit.insert('sites', payload);
      return { site: await find(unit.db, 'sites', payload.id, 'site') };
    },
  }),
  write('/hives', {
    sentence: (p) => houseSay('entry.hive-made', { name: p.name }),
    run: async (unit, payload) => {
      await makeHive(unit, payload);
      return { hive: await hiveView(unit.db, payload.id) };
    },
  }),
  write('/hives/:id', {
    sentence: () => houseSay('entry.hive-changed'),
    run: async (unit, payload, { id }) => {
      const before = await hiveView(unit.db, id);
      if (payload.geometry) {
        const [issue] = geometryIssues(before.kind, payload.geometry);
        if (issue) throw refused(issue.says, `payload.geometry.${issue.path}`);
        if (
          readShape({ kind: before.kind, geometry: payload.geometry }).positions !==
          readShape(before).positions
        )
          throw refused(
            before.boxes.length
              ? houseSay('refusal.number-places-in-box-stays')
              : houseSay('refusal.bars-cannot-be-added-or'),
            'payload.geometry.bars',
          );
      }
      await unit.update('hives', id, payload, unit.command.baseRevision);
      return { hive: await hiveView(unit.db, id) };
    },
  }),
  write('/colonies/:id', {
    sentence: (p) =>
      houseSay('entry.colony-lives-here-since', { startedOn: { date: p.startedOn } }),
    run: async (unit, payload, { id }) => {
      const stay = await stayOf(unit, id);
      const hive = await hiveView(unit.db, stay.hiveId);
      if (payload.startedOn > dateAt(unit.at, hive.site.zone))
        throw refused(houseSay('refusal.colony-cannot-have-started-in'), 'payload.startedOn');
      await unit.update(
        'colonies',
        id,
        { ...payload, startedAssumed: false },
        unit.command.baseRevision,
      );
      return { hive: await hiveView(unit.db, stay.hiveId) };
    },
  }),
  write('/colonyFacts', {
    sentence: (p) => houseSay(`entry.fact.${p.fact.kind}`),
    run: async (unit, { fact, on, ...rest }) => {
      const stay = await stayOf(unit, rest.colonyId);
      const hive = await hiveView(unit.db, stay.hiveId);
      if (on > dateAt(unit.at, hive.site.zone))
        throw refused(houseSay('refusal.this-lies-in-future'), 'payload.on');
      await askWhichStands(unit, {
        table: 'colonyFacts',
        same: { colonyId: rest.colonyId, onDate: on },
        isOther: (row) => saysOtherwise(JSON.parse(String(row.fact)) as ColonyFact, fact),
      });
      await unit.insert('colonyFacts', { ...rest, onDate: on, fact });
      await healthFollows(unit, hive, { id: rest.id, on, fact });
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/combs', {
    sentence: (p) => houseSay('entry.comb-on-bar-noted', { slot: placeLabel(p.slot) }),
    run: async (unit, payload) => {
      const hive = await hiveView(unit.db, payload.hiveId);
      const bar = hive.bars.find((b) => b.slot === payload.slot);
      if (!bar)
        throw refused(
          houseSay('refusal.has-no-bar', { hive: hive.name, slot: placeLabel(payload.slot) }),
          'payload.slot',
        );
      if (bar.comb)
        throw conflict(
          'place-taken',
          houseSay('refusal.comb-hangs-on-bar-already', { slot: placeLabel(payload.slot) }),
          'payload.slot',
        );
      const overlap = await openRow(
        'combs',
        unit
          .db('combs')
          .where({ carrierId: bar.carrierId, removedAt: null })
          .where('endedOn', '>', payload.builtOn),
      );
      if (overlap)
        throw conflict(
          'place-taken',
          houseSay('refusal.another-comb-hung-on-bar', {
            slot: placeLabel(payload.slot),
            endedOn: { date: overlap.endedOn! },
          }),
          'payload.builtOn',
        );
      await buildComb(
        unit,
        bar.carrierId,
        hiveKind(hive.kind).unitTaken === 'pots' ? 'pots' : 'comb',
        payload.builtOn,
        payload.id,
      );
      return { hive: await hiveView(unit.db, payload.hiveId) };
    },
  }),
  write('/combs/:id/end', {
    sentence: () => houseSay('entry.comb-taken-off-its-bar'),
    run: async (unit, payload, { id }) => {
      const hive = await hiveOfComb(unit.db, id);
      await unit.update('combs', id, {
        endedOn: dateAt(unit.at, hive.site.zone),
        endReason: payload.reason,
      });
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/looks', {
    sentence: () => houseSay('entry.look-written-down'),
    run: writeLook,
  }),
  write('/looks/several', {
    sentence: (p) => houseSay('entry.looks-written-down', { looks: p.looks.length }),
    run: async (unit, { looks }) => {
      const written = [];
      for (const look of looks) written.push((await writeLook(unit, look)).look);
      return { looks: written };
    },
  }),
];

/** Whether two facts of one day cannot both be: of one kind, and not the same. */
const saysOtherwise = (one: ColonyFact, other: ColonyFact): boolean =>
  one.kind === other.kind &&
  !BOTH_STAND.includes(one.kind) &&
  JSON.stringify(one) !== JSON.stringify(other);
/** What may happen several times a day; and what tells of health: a danger waits for no answer. */
const BOTH_STAND: readonly ColonyFact['kind'][] = [
  'treatment',
  'feeding',
  'moved',
  'bloom',
  'alive',
  'brood-check',
  'inspector',
  'death',
];

/** One comb as it was seen, judged by the rules of the day. */
async function writeLook(unit: UnitOfWork, payload: NewLook) {
  const hive = await hiveOfComb(unit.db, payload.combId);
  payload.readings.forEach(readingMoisture);
  const { sides, said } = fromCells(payload);
  const { rules, version } = await currentRules(unit.db);
  const { faces, photos, ...look } = payload;
  const judged = judgedLook(hive, { ...payload, sides }, rules, unit.at);
  if (!judged)
    throw conflict('comb-ended', houseSay('refusal.this-comb-no-longer-hangs'), 'payload.combId');
  for (const side of ['A', 'B'] as const)
    if (photos[side]) await find(unit.db, 'photos', photos[side], 'photo');
  const row = {
    ...look,
    sides,
    faceA: faces.A,
    faceB: faces.B,
    photoA: photos.A,
    photoB: photos.B,
    ...judged,
    hiveId: hive.id,
    occurredAt: unit.at,
    rulesVersion: version,
  };
  const on = dateAt(unit.at, hive.site.zone);
  await askWhichStands(unit, {
    table: 'looks',
    same: { combId: payload.combId },
    isOther: (other) =>
      dateAt(String(other.occurredAt), hive.site.zone) === on &&
      String(other.sides) !== JSON.stringify(sides),
  });
  await unit.insert('looks', row);
  const looks = await lookRows(unit.db, [payload.combId]);
  return { look: firstOf(looks, ({ id }) => id === payload.id), said };
}

/** Facts that say something of the health of every comb that hung there. */
const tellsOfHealth = (fact: DatedFact['fact']): boolean =>
  fact.kind === 'brood-check' || fact.kind === 'inspector' || fact.kind === 'death';

/**
 * Health follows the comb and the honey: a danger marks the combs that hung here since the check
 * before, wherever they hang now, and holds what was taken of them; a later word marks the same
 * combs.
 */
async function healthFollows(unit: UnitOfWork, hive: Hive, fact: DatedFact): Promise<void> {
  if (!tellsOfHealth(fact.fact)) return;
  const known = hive.colony!.facts;
  const since = unknownSince(known, hive.colony!.startedOn, fact.on);
  const isDanger = holdCauseOf(fact.fact) !== null;
  const combIds = isDanger ? await combsThatHung(unit.db, hive.id, since, fact.on) : [];
  const here = new Set(hive.bars.flatMap((b) => (b.comb ? [b.comb.id] : [])));
  const ownFacts = new Set(known.map((f) => f.id));
  const moved = (
    await list(unit.db, 'combs', {
      endedOn: null,
    })
  ).filter(
    (comb) =>
      !here.has(comb.id) &&
      (combIds.includes(comb.id) || comb.marks.some((mark) => ownFacts.has(mark.id))),
  );
  for (const comb of moved) await unit.update('combs', comb.id, { marks: [...comb.marks, fact] });
  await holdEarlierHarvests(unit, { name: hive.name, facts: known }, combIds, fact.fact, fact.on);
  const isCleared =
    fact.fact.kind === 'death' &&
    deadColonyAdvice({ ...fact.fact, on: fact.on }).eat === 'as-found';
  if (isCleared) await liftAnswered(unit, hive.id, fact.on);
}

/**
 * Shares counted from the cells, where a side has any: cells are the closer reading, and where the
 * shares sent with them differ that is said.
 */
function fromCells(payload: NewLook): { sides: NewLook['sides']; said: Say[] } {
  const sides = { ...payload.sides };
  const said: Say[] = [];
  for (const side of ['A', 'B'] as const) {
    const face = payload.faces[side];
    if (!face) continue;
    let counted;
    try {
      counted = faceShares(unpackFace(face).cells);
    } catch (error) {
      throw refused(saidOf(error), `payload.faces.${side}`);
    }
    const sent = sides[side];
    if (sent && Math.abs(sent.capped - counted.capped) > 0.01)
      said.push(
        houseSay('refusal.cells-count', {
          side,
          cells: Math.round(counted.capped * 100),
          bands: Math.round(sent.capped * 100),
        }),
      );
    sides[side] = counted;
  }
  return { sides, said };
}

/**
 * Bars of a long hive: those in front of the follower board carry comb until a look says otherwise.
 */
async function fillFile(
  unit: Parameters<typeof placeIn>[0],
  hiveId: string,
  shape: { positions: number; combsAtStart: number },
  carrier: string,
  on: string,
): Promise<void> {
  const compartment: Compartment = 'file';
  for (let slot = 1; slot <= shape.positions; slot++) {
    const carrierId = randomUUID();
    await unit.insert('carriers', {
      id: carrierId,
      kind: carrier,
      label: String(slot),
      madeOn: on,
      sheet: null,
    });
    await placeIn(unit, carrierId, { parentHiveId: hiveId, compartment, slot }, on);
    if (slot <= shape.combsAtStart) await buildComb(unit, carrierId, 'comb', on);
  }
}
