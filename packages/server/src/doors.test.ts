import { inEnglish } from '@furrow/words';
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CALCULATORS, calculate } from '@furrow/core';
import { Household } from './testing/household.js';

const root = fileURLToPath(new URL('../../..', import.meta.url));
const examples: Record<string, unknown> = {
  'honey-moisture': { brixPercent: 79.7 },
  'honey-properties': { moisturePercent: 18, temperatureC: 25 },
  'honey-heat': { exposures: [{ temperatureC: 38, hours: 2 }] },
  'honey-keeping': { moisturePercent: 18, bee: 'honeybee' },
  'comb-estimate': {
    sides: [{ areaCm2: 660, shares: { capped: 0.8, open: 0.2, pollen: 0, brood: 0, empty: 0 } }],
    thicknessMm: 28,
    combAge: 'new',
  },
  'cold-core': {
    widthMm: 90,
    heightMm: 90,
    depthMm: 35,
    packing: 'piece',
    freezerC: -18,
    targetC: -12,
  },
  'drain-forecast': {
    combHoneyKg: { low: 8.5, mid: 9.2, high: 9.9 },
    method: 'mash',
    moisturePercent: 18,
    temperatures: [{ hours: 0, temperatureC: 25 }],
    weighings: [{ hours: 2, kg: 2.1 }],
    vesselFullKg: 6,
    nowHours: 2,
    aheadHours: [4, 12],
  },
  'drain-fit': {
    weighings: [
      { hours: 1, kg: 1.2 },
      { hours: 3, kg: 2.9 },
      { hours: 6, kg: 4.1 },
    ],
  },
  'lot-trace': {
    lots: [
      { id: 'comb', kind: 'comb' },
      { id: 'jar', kind: 'jars' },
    ],
    flows: [
      { from: 'outside', to: 'comb', g: 900, at: '2026-03-14T12:00:00Z' },
      { from: 'comb', to: 'jar', g: 500, at: '2026-03-14T13:00:00Z' },
    ],
    lot: 'comb',
    direction: 'forward',
  },
  'cut-plan': {
    comb: { widthMm: 200, heightMm: 120 },
    kerfMm: 3,
    pieces: [{ id: 'square', widthMm: 90, heightMm: 55, value: 34, mayTurn: true }],
    defects: [{ xMm: 20, yMm: 30, widthMm: 15, heightMm: 15, kind: 'open' }],
  },
  'jar-fill': {
    honeyKg: 5.4,
    jars: [{ id: 'a', netG: 500, stock: 12, value: 30 }],
    goal: 'least-left',
  },
  'judge-comb': {
    kind: 'top-bar',
    date: '2026-03-14',
    hemisphere: 'south',
    comb: {
      sides: { A: { capped: 0.9, open: 0.1 }, B: { capped: 0.9, open: 0.1 } },
      samples: [{ side: 'A', cells: 'open', moisturePercent: 17.9 }],
      honeyKg: 1.6,
    },
    colony: { facts: [{ on: '2026-03-12', fact: { kind: 'brood-check', result: 'healthy' } }] },
    stores: { staysLowKg: 14, needKg: 11 },
  },
  'mass-balance': {
    lots: [{ id: 'a', kind: 'comb' }],
    flows: [{ from: 'outside', to: 'a', g: 10, at: '2026-03-14T12:00:00Z' }],
  },
};
const calc = (args: string[], input: string) =>
  spawnSync(process.execPath, ['furrow.mjs', 'calc', ...args], {
    cwd: root,
    input,
    encoding: 'utf8',
  });
let home: Household;
beforeAll(async () => {
  home = await Household.open();
});
afterAll(() => home.close());

describe('one formula, four doors', () => {
  it.each([...CALCULATORS.keys()])(
    '%s answers alike by import, command line and HTTP',
    async (name) => {
      const input = examples[name];
      const expected = JSON.parse(JSON.stringify(calculate(name, input, inEnglish)));
      const http = await request(home.app)
        .post(`/api/v1/calc/${name}`)
        .send(input as object);
      expect(http.body).toEqual(expected);
      const cli = calc([name], JSON.stringify(input));
      expect(JSON.parse(cli.stdout)).toEqual(expected);
      expect(cli.status).toBe(0);
      expect(CALCULATORS.get(name)!.output.safeParse(expected).success).toBe(true);
    },
  );
  it('gives bad input as one line, exit 2, nothing on standard output; the same body over HTTP', async () => {
    const bad = {
      weighings: [
        { hours: 1, kg: 1 },
        { hours: 2, kg: 2 },
        { hours: 3, kg: -1 },
      ],
    };
    const cli = calc(['drain-fit'], JSON.stringify(bad));
    expect([cli.status, cli.stdout, cli.stderr.trim().split('\n').length]).toEqual([2, '', 1]);
    const http = await request(home.app).post('/api/v1/calc/drain-fit').send(bad);
    expect(http.status).toBe(400);
    expect(http.body).toEqual(JSON.parse(cli.stderr));
    expect(http.body.error).toMatchObject({ code: 'bad-input', path: 'weighings[2].kg' });
    for (const [args, input] of [
      [['nothing'], '{}'],
      [['jar-fill'], '{"honeyKg":'],
      [['honey-keeping'], '{"moisturePercent":18,"bee":"wasp"}'],
      [[], '{}'],
    ] as [string[], string][]) {
      const result = calc(args, input);
      expect([result.status, result.stdout]).toEqual([2, '']);
      expect(JSON.parse(result.stderr).error.code).toBe('bad-input');
    }
  });
  it('lists names and prints both schemas', () => {
    expect(calc(['--list'], '').stdout.trim().split('\n')).toHaveLength(CALCULATORS.size);
    expect(JSON.parse(calc(['--schema', 'jar-fill'], '').stdout)).toMatchObject({
      input: { type: 'object' },
      output: { type: 'object' },
    });
  });
  it('describes itself in OpenAPI', async () => {
    const { body } = await request(home.app).get('/api/v1/openapi.json');
    expect(body.openapi).toBe('3.1.1');
    for (const name of CALCULATORS.keys())
      expect(Object.keys(body.paths)).toContain(`/api/v1/calc/${name}`);
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining([
        '/api/v1/sites',
        '/api/v1/looks',
        '/api/v1/drains/{id}/close',
        '/api/v1/undo',
      ]),
    );
  });
});
