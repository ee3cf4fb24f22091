import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seedDemo } from '../demo/seed.js';
import { archiveTables } from '../archive/tables.js';
import { Household } from '../testing/household.js';
import { columnKind, unitOf } from './columnKinds.js';
import { faultOf, type KeptColumn } from './rowShapes.js';

const columns = (table: string, named: Record<string, string>): KeptColumn[] =>
  Object.entries(named).map(([name, type]) => ({ name, kind: columnKind(table, name, type) }));

describe('what stands in a column, told by its name', () => {
  it.each([
    ['looks', 'sides', 'string', 'json'],
    ['takes', 'byBox', 'integer', 'flag'],
    ['takes', 'grossG', 'integer', 'grams'],
    ['takes', 'slot', 'integer', 'whole'],
    ['takes', 'occurredAt', 'string', 'instant'],
    ['lots', 'useBy', 'string', 'date'],
    ['takes', 'netBy', 'string', 'text'],
    ['commands', 'undoneBy', 'string', 'text'],
    ['flows', 'voids', 'string', 'id'],
    ['flows', 'commandId', 'string', 'text'],
    ['drains', 'temperatureC', 'number', 'number'],
  ] as const)('%s.%s (%s) is %s', (table, column, type, kind) =>
    expect(columnKind(table, column, type)).toBe(kind),
  );
  it.each([
    ['grossG', 'grams', 'g'],
    ['temperatureC', 'number', '°C'],
    ['volumeL', 'number', 'L'],
    ['slot', 'whole', null],
    ['name', 'text', null],
  ] as const)('%s has its unit', (column, kind, unit) => expect(unitOf(column, kind)).toBe(unit));
});

describe('a row held against what an entry has to pass', () => {
  it.each([
    ['a kind of hive nobody knows', 'hives', { kind: 'tree', geometry: '{}' }, 'kind'],
    ['measures of another kind', 'hives', { kind: 'top-bar', geometry: '{"bars":3}' }, 'geometry'],
    ['a zone that is none', 'sites', { zone: 'Mars/Olympus' }, 'zone'],
    ['a date that is none', 'visits', { date: '2026-02-31' }, 'date'],
    ['a year far away', 'visits', { date: '0026-02-03' }, 'date'],
    ['a side with more than all of it', 'looks', { sides: '{"A":{"capped":2},"B":null}' }, 'sides'],
    ['JSON cut off', 'looks', { sides: '{"A":' }, 'sides'],
    ['a fact of no kind', 'colonyFacts', { fact: '{"kind":"moon"}' }, 'fact'],
    ['a rule that is no number', 'ruleVersions', { rules: '{"freezerL":"big"}' }, 'rules'],
    ['a stage that is none', 'batches', { stage: 'lunch' }, 'stage'],
    ['a name nobody can see', 'sites', { name: '\u200f' }, 'name'],
    ['a flag of 7', 'takes', { byBox: 7 }, 'byBox'],
    ['a weight below nothing', 'weighings', { grossG: -5 }, 'grossG'],
  ])('refuses %s', (_name, table, values, column) => {
    const types = Object.fromEntries(
      Object.entries(values).map(([k, v]) => [k, typeof v === 'number' ? 'integer' : 'string']),
    );
    expect(faultOf(table, columns(table, types), values)).toMatchObject({ column });
  });
});

describe('every row of a household that was written by entries', () => {
  let home: Household;
  beforeAll(async () => {
    home = await Household.open();
    await seedDemo(home.db, { now: () => home.now });
  });
  afterAll(() => home.close());
  it('is sound', async () => {
    for (const table of await archiveTables(home.db)) {
      const kept = table.columns.map(({ name, type }) => ({
        name,
        kind: columnKind(table.name, name, type),
      }));
      const rows: Record<string, unknown>[] = await home.db(table.name);
      for (const row of rows)
        expect({ table: table.name, row, fault: faultOf(table.name, kept, row) }).toMatchObject({
          fault: null,
        });
    }
  });
});
