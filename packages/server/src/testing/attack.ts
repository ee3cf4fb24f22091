import { inEnglish } from '../words.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';
import http from 'node:http';
import type { Knex } from 'knex';
import { openApi } from '../openapi.js';
import { bookView } from '../book/lots.js';
import { Inventor, chanceOf, type Chance, type JsonSchema, type KnownIds } from './hostile.js';

/**
 * What came of an attack. `faults` is empty where every answer was one that people can read and
 * nothing was torn.
 */
export interface AttackReport {
  sent: number;
  byStatus: Record<string, number>;
  faults: string[];
}

interface Operation {
  method: string;
  path: string;
  body: JsonSchema | null;
}
interface Sent {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: string | null;
}
interface Answer {
  status: number;
  type: string;
  text: string;
}

/** Not sent: they write gigabytes or wait for a file, and have tests of their own. */
const LEFT_OUT = [/archives\/export/, /\/events/, /\/demo/];
const ODD_HEADERS: readonly Record<string, string>[] = [
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=klingon' },
  { 'content-type': 'application/x-www-form-urlencoded' },
  { 'content-encoding': 'gzip' },
  { origin: 'null' },
  { origin: 'https://elsewhere.example' },
  { 'if-none-match': '*' },
  { range: 'bytes=9-3' },
  { 'accept-encoding': 'zstd;q=-1' },
  { 'x-furrow-command': '%E0%A4%A' },
];
const ODD_BODIES = ['', '{', '[]', 'null', '"text"', '{"a":', '\u0000', '{"id":1e999}', '[[[[['];

interface Document {
  paths: Record<
    string,
    Record<string, { requestBody?: { content: Record<string, { schema: JsonSchema }> } }>
  >;
  components?: { schemas?: Record<string, JsonSchema> };
}

function operationsOf(document: Document): Operation[] {
  return Object.entries(document.paths).flatMap(([path, methods]) =>
    LEFT_OUT.some((out) => out.test(path))
      ? []
      : Object.entries(methods).map(([method, { requestBody }]) => ({
          method: method.toUpperCase(),
          path,
          body: requestBody?.content['application/json']?.schema ?? null,
        })),
  );
}

/**
 * An operation with something in its address and its body: what fits, what nearly fits, or what
 * does not at all.
 */
function inventRequest(operation: Operation, inventor: Inventor, chance: Chance): Sent {
  // "/api/v1/hives/{id}/card.pdf" asks for a hive.
  const of = operation.path.split('/')[3];
  const path = operation.path.replace(/\{\w+\}/g, () =>
    chance.often(0.8) ? inventor.id(of) : inventor.nastyAddress(),
  );
  const query = chance.often(0.1)
    ? `?${chance.pick(['lot', 'code', 'direction', 'from'])}=${inventor.nastyAddress()}`
    : '';
  const headers = {
    'content-type': 'application/json',
    ...(chance.often(0.08) ? chance.pick(ODD_HEADERS) : {}),
  };
  const sent = { method: operation.method, path: wellFormed(path) + query, headers };
  if (operation.method === 'GET') return { ...sent, body: null };
  return { ...sent, body: inventBody(operation.body, inventor, chance) };
}

function inventBody(schema: JsonSchema | null, inventor: Inventor, chance: Chance): string {
  if (!schema || chance.often(0.04)) return chance.pick(ODD_BODIES);
  const made = inventor.value(schema);
  const spoils = chance.pick([0, 1, 1, 2, 4]);
  let value = made;
  for (let i = 0; i < spoils; i++) value = inventor.spoiled(value);
  return JSON.stringify(value) ?? 'null';
}

/** A lone half of a character cannot stand in an address at all. */
const wellFormed = (path: string): string => path.replace(/[^\x21-\x7e]/g, '_');

function send(base: string, { method, path, headers, body }: Sent): Promise<Answer> {
  return new Promise((done, fail) => {
    const request = http.request(new URL(path, base), { method, headers }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('error', fail);
      answer.on('end', () =>
        done({
          status: answer.statusCode!,
          type: answer.headers['content-type'] ?? '',
          text: Buffer.concat(parts).toString('utf8'),
        }),
      );
    });
    request.on('error', fail);
    request.end(body ?? undefined);
  });
}

/** What is wrong with an answer; null where a person or a program can go on with it. */
function faultOfAnswer({ status, type, text }: Answer): string | null {
  if (status >= 500) return `a stumble: ${text.slice(0, 200)}`;
  if (status < 400) return null;
  if (!/json/.test(type))
    return `an answer that is no problem in words: ${type} ${text.slice(0, 80)}`;
  const { code, detail, error } = JSON.parse(text) as Record<string, unknown> & {
    error?: { code?: unknown; message?: unknown };
  };
  const said = error ? [error.code, error.message] : [code, detail];
  return said.every((word) => typeof word === 'string' && word)
    ? null
    : `no code or no words: ${text}`;
}

/**
 * Rows of every table at once; late entries that did not fit are kept by intent and not counted.
 */
async function counter(db: Knex): Promise<() => Promise<string>> {
  const tables = await rowsOf(
    { name: z.string() },
    db.raw(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'knex_%' AND name NOT LIKE 'sqlite_%' AND name <> 'heldCommands'",
    ),
  );
  const names = tables.map((row) => row.name);
  const all = names.map((n) => `SELECT '${n}' AS t, count(*) AS n FROM "${n}"`).join(' UNION ALL ');
  return async () => JSON.stringify(await db.raw(all));
}

/** Rows that no line of the journal tells of. */
async function untold(db: Knex): Promise<number> {
  const tables = (await db('journal').distinct('tableName').pluck('tableName')) as string[];
  let rows = 0;
  for (const table of tables) {
    const lost = (await db(table)
      .whereNotIn('id', db('journal').where({ tableName: table }).select('rowId'))
      .count('* as n')
      .first()) as { n: number };
    rows += Number(lost.n);
  }
  return rows;
}

async function knownIds(db: Knex): Promise<KnownIds> {
  const rows: { tableName: string; rowId: string }[] = await db('journal').distinct(
    'tableName',
    'rowId',
  );
  const ids: Record<string, string[]> = {
    commands: (await db('commands').pluck('id')) as string[],
  };
  for (const { tableName, rowId } of rows) (ids[tableName] ??= []).push(rowId);
  return ids;
}

const MOST_FAULTS = 20;
const AGAIN_MS = 1000;

/**
 * Sends `count` requests that were made up from the interface's own description to a server at
 * `base` whose database is `db`, the same ones for the same seed, and looks after each: no stumble,
 * a refusal in words, nothing written by what was refused; and after all of them: the book holds,
 * and the journal tells of every row.
 */
export async function attack(
  { base, db, count, seed }: { base: string; db: Knex; count: number; seed: number },
  onShare: (share: number) => void = () => {},
): Promise<AttackReport> {
  const document = JSON.parse(JSON.stringify(openApi())) as Document;
  const operations = operationsOf(document);
  const chance = chanceOf(seed);
  const ids = await knownIds(db);
  const inventor = new Inventor(chance, document.components?.schemas ?? {}, ids);
  const rowCounts = await counter(db);
  const untoldBefore = await untold(db);
  const report: AttackReport = { sent: 0, byStatus: {}, faults: [] };
  let before = await rowCounts();
  while (report.sent < count && report.faults.length < MOST_FAULTS) {
    const sent = inventRequest(chance.pick(operations), inventor, chance);
    let answer = await send(base, sent);
    while (answer.status === 429) {
      await new Promise((again) => setTimeout(again, AGAIN_MS));
      answer = await send(base, sent);
    }
    report.sent++;
    report.byStatus[answer.status] = (report.byStatus[answer.status] ?? 0) + 1;
    const after = await rowCounts();
    const fault =
      faultOfAnswer(answer) ??
      (answer.status >= 400 && after !== before ? 'it was refused and wrote all the same' : null);
    if (fault)
      report.faults.push(
        `${sent.method} ${sent.path} ${answer.status}: ${fault}\n  ${(sent.body ?? '').slice(0, 400)}`,
      );
    before = after;
    onShare(report.sent / count);
  }
  const { problems } = await bookView(db);
  if (problems.length)
    report.faults.push(`the book does not hold: ${inEnglish(problems[0].message)}`);
  const lost = (await untold(db)) - untoldBefore;
  if (lost > 0) report.faults.push(`${lost} rows of which no line of the journal tells`);
  return report;
}
