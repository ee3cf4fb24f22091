import { randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeApp } from './app.js';
import { ensureRules } from './firstRun.js';
import { closeDatabase, openDatabase } from './store/database.js';

/**
 * What no page of ours would send: every answer is a sentence with a code, never a stumble of the
 * server.
 */
let folder: string;
let db: Knex;
let server: http.Server;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-hostile-'));
  db = await openDatabase(join(folder, 'furrow.db'));
  await ensureRules(db, new Date());
  mkdirSync(join(folder, 'web', 'assets'), { recursive: true });
  writeFileSync(join(folder, 'web', 'index.html'), '<!doctype html><title>Furrow</title>');
  const app = makeApp({
    ...{ db, clock: { now: () => new Date() }, seed: 1 },
    webFolder: join(folder, 'web'),
    photoFolder: join(folder, 'photos'),
  });
  await new Promise<void>((up) => {
    server = app.listen(0, '127.0.0.1', () => up());
  });
});
afterAll(async () => {
  server.close();
  server.closeAllConnections();
  await closeDatabase(db);
  rmSync(folder, { recursive: true, force: true });
});

interface Answer {
  status: number;
  type: string;
  body: string;
}
/** Sent as it stands: nothing between mends a header or a path. */
const ask = (options: http.RequestOptions, body?: string): Promise<Answer> =>
  new Promise((done, fail) => {
    const { port } = server.address() as AddressInfo;
    const sent = http.request({ host: '127.0.0.1', port, ...options }, (answer) => {
      let text = '';
      answer.on('data', (part: Buffer) => (text += part.toString()));
      answer.on('end', () =>
        done({
          status: answer.statusCode!,
          type: answer.headers['content-type'] ?? '',
          body: text,
        }),
      );
    });
    sent.on('error', fail);
    sent.end(body);
  });
const JSON_TYPE = { 'content-type': 'application/json' };
const site = (name: string): Record<string, unknown> => ({
  id: randomUUID(),
  name,
  zone: 'UTC',
  hemisphere: 'north',
});
const command = (payload: unknown, more: object = {}): string =>
  JSON.stringify({
    id: randomUUID(),
    device: 'test',
    occurredAt: new Date().toISOString(),
    payload,
    ...more,
  });
const post = (path: string, body: string, headers: Record<string, string> = {}): Promise<Answer> =>
  ask({ path: `/api/v1${path}`, method: 'POST', headers: { ...JSON_TYPE, ...headers } }, body);

describe('whatever a client sends', () => {
  it.each<[what: string, send: () => Promise<Answer>, status: number]>([
    ['a malformed percent sign', () => ask({ path: '/api/v1/hives/%zz' }), 400],
    ['one in a page', () => ask({ path: '/%E0%A4%A' }), 400],
    ['one in a picture', () => ask({ path: '/api/v1/photos/%ff' }), 400],
    ['the origin null', () => post('/sites', command({}), { origin: 'null' }), 403],
    ['an origin that is none', () => post('/sites', command({}), { origin: 'http://[' }), 403],
    [
      'an unknown charset',
      () => post('/sites', '{}', { 'content-type': 'application/json; charset=klingon' }),
      415,
    ],
    ['an unknown packing', () => post('/sites', '{}', { 'content-encoding': 'br2' }), 415],
    ['junk as gzip', () => post('/sites', 'junk', { 'content-encoding': 'gzip' }), 400],
    ['junk as brotli', () => post('/sites', 'junk', { 'content-encoding': 'br' }), 400],
    ['null', () => post('/sites', 'null'), 400],
    ['a number', () => post('/sites', '7'), 400],
    ['a prototype', () => post('/sites', '{"__proto__": {"a": 1}, "id": 1}'), 400],
    ['an unknown address', () => post('/nothing', '{}'), 404],
    ['a write to a page', () => ask({ path: '/look', method: 'POST' }, '{}'), 404],
    ['a put to the root', () => ask({ path: '/', method: 'PUT' }, 'x'), 404],
    ['an asset taken away', () => ask({ path: '/assets/x.js', method: 'DELETE' }), 404],
    ['an asset that is gone', () => ask({ path: '/assets/old-1234.js' }), 404],
    [
      'a range nobody has',
      () => ask({ path: '/index.html', headers: { range: 'bytes=99-1' } }),
      416,
    ],
  ])('%s is answered in words', async (_what, send, status) => {
    const answer = await send();
    expect(answer.status).toBe(status);
    expect(answer.type).toMatch(/application\/problem\+json/);
    const problem = JSON.parse(answer.body) as { code: string; detail: string };
    expect(problem.code).toMatch(/^[a-z-]+$/);
    expect(problem.detail).toMatch(/^[A-Z“"].*[.?]$/);
  });
});

describe('a name', () => {
  it.each([
    ['with a NUL', 'a\u0000b'],
    ['with half a character', 'a\ud800b'],
    ['with a mark that turns the direction', '\u202eabc'],
    ['of nothing that can be seen', '\u200b\u2060'],
    ['of blanks', ' \u00a0 '],
  ])('%s is refused at its field', async (_what, name) => {
    const answer = await post('/sites', command(site(name)));
    expect(answer.status).toBe(400);
    expect((JSON.parse(answer.body) as { path: string }).path).toBe('payload.name');
  });
  it('is kept in one form, whatever form it was typed in', async () => {
    const typed = site('Ipe\u0302');
    await post('/sites', command(typed));
    expect(await db('sites').where({ id: typed.id }).pluck('name')).toEqual(['Ip\u00ea']);
    const lines = site('Two\n\tlines');
    await post('/sites', command(lines));
    expect(await db('sites').where({ id: lines.id }).pluck('name')).toEqual(['Two lines']);
  });
});

it.each(['0001-01-01T00:00:00Z', '1899-12-31T23:59:59Z', '2200-01-01T00:00:00Z'])(
  'nothing happened at %s',
  async (occurredAt) => {
    const answer = await post('/sites', command(site('Encosta'), { occurredAt }));
    expect(answer.status).toBe(400);
    expect((JSON.parse(answer.body) as { path: string }).path).toBe('occurredAt');
  },
);
