import { sumsOf } from '../store/asked.js';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  HIVE_KIND_NAMES,
  TOP_BAR_DEFAULTS,
  type BatchDetail,
  type Hive,
  type Shares,
} from '@furrow/core';
import type { Express } from 'express';
import type { Knex } from 'knex';
import request, { type Response } from 'supertest';
import { z } from 'zod';
import { answerOf, repeatedAnswerOf, writtenAnswerOf } from '../answers.js';
import { makeApp } from '../app.js';
import { ensureRules } from '../firstRun.js';
import { makeHouse, type House } from '../house/house.js';
import { closeDatabase, openDatabase } from '../store/database.js';

/** Where the door of the house stands in tests: this machine, by another of its addresses. */
const HOUSE_HOST = '127.0.0.2';
export const SEALED: Shares = { capped: 0.9, open: 0.06, pollen: 0, brood: 0, empty: 0.04 };

/**
 * A household that has said what its winters need, nothing, so that tests of other things may take
 * comb.
 */
async function sayWinterNeed(db: Knex): Promise<void> {
  const { rules } = await sumsOf({ rules: z.string() }, db('ruleVersions').first('rules'));
  const winterNeedByKindKg = Object.fromEntries(HIVE_KIND_NAMES.map((kind) => [kind, 0]));
  const said = { ...JSON.parse(rules), winterNeedKg: 0, winterNeedByKindKg };
  await db('ruleVersions').update({ rules: JSON.stringify(said) });
}

/** Throws in words where an answer is not of the shape that is told of it. */
function holds(path: string, told: z.ZodType, answer: unknown): void {
  const { success, error } = told.safeParse(answer);
  if (!success) throw new Error(`${path}: ${z.prettifyError(error)}`);
}

/** A server on a real database file of its own, with a clock that the test sets. */
export class Household {
  now = new Date('2026-03-14T12:00:00Z');
  private constructor(
    readonly folder: string,
    readonly db: Knex,
    readonly app: Express,
    readonly house: House,
  ) {}

  static async open(under = tmpdir()): Promise<Household> {
    const folder = mkdtempSync(join(under, 'furrow-test-'));
    const db = await openDatabase(join(folder, 'furrow.db'));
    const self: { now: () => Date } = { now: () => household.now };
    // Its door is shut until a test opens it.
    const house = makeHouse({ dataFolder: folder, db, port: 0, host: HOUSE_HOST });
    const app = makeApp({
      db,
      clock: self,
      seed: 1,
      webFolder: join(folder, 'no-web'),
      photoFolder: join(folder, 'photos'),
      house,
    });
    house.sharing.serve(app);
    const household = new Household(folder, db, app, house);
    await ensureRules(db, household.now);
    await sayWinterNeed(db);
    return household;
  }
  async close(): Promise<void> {
    await this.house.sharing.close();
    await closeDatabase(this.db);
    rmSync(this.folder, { recursive: true });
  }
  later(hours: number): void {
    this.now = new Date(this.now.getTime() + hours * 3_600_000);
  }
  envelope(payload: unknown, extra: Record<string, unknown> = {}): Record<string, unknown> {
    return {
      id: randomUUID(),
      device: 'test',
      occurredAt: this.now.toISOString(),
      payload,
      ...extra,
    };
  }
  post(path: string, payload: unknown, extra: Record<string, unknown> = {}): Promise<Response> {
    return this.write('post', path, this.envelope(payload, extra));
  }
  patch(path: string, payload: unknown, extra: Record<string, unknown> = {}): Promise<Response> {
    return this.write('patch', path, this.envelope(payload, extra));
  }
  /** Sends a command; what was written is held against what the interface says of its answer. */
  private async write(
    method: 'post' | 'patch',
    path: string,
    command: Record<string, unknown>,
  ): Promise<Response> {
    const response = await request(this.app)[method](`/api/v1${path}`).send(command);
    const answer = writtenAnswerOf(method, path);
    if (answer && response.status === 201) holds(path, answer, response.body);
    if (answer && response.status === 200) holds(path, repeatedAnswerOf(answer), response.body);
    return response;
  }
  async get<T>(path: string, headers: Record<string, string> = {}): Promise<T> {
    const response = await request(this.app).get(`/api/v1${path}`).set(headers);
    if (response.status !== 200) throw new Error(`${path}: ${response.status} ${response.text}`);
    // Every answer a test reads is held against what the interface says of itself.
    const told = answerOf(path);
    if (told) holds(path, told, response.body);
    return response.body as T;
  }
  async ok(promise: Promise<Response>): Promise<Response> {
    const response = await promise;
    if (response.status !== 201) throw new Error(`${response.status} ${response.text}`);
    return response;
  }

  /** A site with a top-bar hive of eight combs. */
  async hive(name = 'Ipê'): Promise<Hive> {
    const siteId = randomUUID();
    await this.ok(
      this.post('/sites', {
        id: siteId,
        name: `Site of ${name}`,
        zone: 'America/Sao_Paulo',
        hemisphere: 'south',
      }),
    );
    const made = await this.ok(
      this.post('/hives', {
        id: randomUUID(),
        siteId,
        name,
        kind: 'top-bar',
        geometry: { ...TOP_BAR_DEFAULTS, followerAfterBar: 8 },
        colonyStartedOn: '2024-09-20',
      }),
    );
    return (made.body as { hive: Hive }).hive;
  }
  comb(hive: Hive, slot: number): string {
    return hive.bars.find((b) => b.slot === slot)!.comb!.id;
  }
  look(combId: string, A: Shares | null = SEALED, B: Shares | null = SEALED): Promise<Response> {
    return this.post('/looks', {
      id: randomUUID(),
      combId,
      sides: { A, B },
      readings: [],
      combAge: 'new',
      depthMm: 204,
      thicknessMm: 28,
    });
  }
  /** A harvest of the combs on bars 7 and 8, taken and weighed; gives its batch. */
  async harvest(hive: Hive, slots: readonly number[] = [8, 7]): Promise<string> {
    const batchId = randomUUID();
    const combIds = slots.map((slot) => this.comb(hive, slot));
    for (const id of combIds) await this.ok(this.look(id));
    await this.ok(
      this.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds,
        anyway: [],
      }),
    );
    for (const [i, combId] of combIds.entries())
      await this.ok(
        this.post('/takes', {
          id: randomUUID(),
          batchId,
          combId,
          outcome: 'taken',
          vesselId: null,
          grossG: 3200 + i * 2000,
          tareG: 1200 + i * 2000,
        }),
      );
    return batchId;
  }
  async drain(batchId: string): Promise<string> {
    const id = randomUUID();
    await this.ok(
      this.post('/drains', {
        id,
        batchId,
        upperVesselId: null,
        lowerVesselId: null,
        method: 'mash',
        moisturePercent: 18,
        temperatureC: 25,
      }),
    );
    return id;
  }
  /** The harvest drained and closed: so much honey, so much wet wax. Gives the batch again. */
  async drained(batchId: string, honeyG: number, wetWaxG = 400): Promise<string> {
    const id = await this.drain(batchId);
    await this.ok(
      this.post(`/drains/${id}/close`, {
        honeyG,
        wetWaxG,
        minutes: 20,
        gapReason: 'Stuck to the bucket',
      }),
    );
    return batchId;
  }
  detail(batchId: string): Promise<BatchDetail> {
    return this.get<BatchDetail>(`/harvests/${batchId}`);
  }
}
