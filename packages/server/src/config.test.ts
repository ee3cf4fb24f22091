import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { makeClock } from './clock.js';
import { readConfig } from './config.js';
import { closeDatabase, openDatabase } from './store/database.js';

const tools = fileURLToPath(new URL('../dist/tools.js', import.meta.url));

describe('settings', () => {
  it('have defaults that let nobody in from outside', () => {
    const config = readConfig({}, '/somewhere');
    expect(config).toMatchObject({
      port: 4477,
      host: '127.0.0.1',
      dataFolder: '/somewhere/data',
      now: null,
    });
  });
  it('open Furrow to the network only encrypted: by sharing it, or behind a proxy that says its address', () => {
    expect(() => readConfig({ FURROW_HOST: '0.0.0.0' }, '/')).toThrow(/furrow.mjs share/);
    expect(() => readConfig({ FURROW_HOST: '192.0.2.7' }, '/')).toThrow(/unencrypted/);
    expect(() =>
      readConfig({ FURROW_HOST: '0.0.0.0', FURROW_BEHIND_PROXY: 'http://honey.example' }, '/'),
    ).toThrow(/https:/);
    const proxied = { FURROW_HOST: '0.0.0.0', FURROW_BEHIND_PROXY: 'https://honey.example/' };
    expect(readConfig(proxied, '/').proxyAddress).toBe('https://honey.example');
  });
  it('refuse a port that is none', () =>
    expect(() => readConfig({ FURROW_PORT: 'honey' }, '/')).toThrow(/port number/));
  it('let the clock start anywhere, or stand still', async () => {
    const still = makeClock('=2026-03-14T18:12:00Z');
    expect(still.now().toISOString()).toBe('2026-03-14T18:12:00.000Z');
    const shifted = makeClock('2026-03-14T18:12:00Z');
    const ahead = shifted.now().getTime() - Date.parse('2026-03-14T18:12:00Z');
    expect(ahead).toBeGreaterThanOrEqual(0);
    expect(ahead).toBeLessThan(5000);
    const fast = makeClock('2026-03-14T18:12:00Z*600');
    expect(fast.speed).toBe(600);
    expect(fast.now().getTime() - Date.parse('2026-03-14T18:12:00Z')).toBeGreaterThanOrEqual(0);
    expect(() => makeClock('yesterday')).toThrow(/instant/);
    expect(() => makeClock('2026-03-14T18:12:00Z*0')).toThrow(/faster/);
  });
});

describe('backup and restore', () => {
  let folder: string;
  const run = (...args: string[]) =>
    spawnSync(process.execPath, [tools, ...args], {
      env: { ...process.env, FURROW_DATA: folder },
      encoding: 'utf8',
    });
  const siteNames = async (): Promise<string[]> => {
    const db = await openDatabase(join(folder, 'furrow.db'));
    const names = (await db('sites').pluck('name')) as string[];
    await closeDatabase(db);
    return names;
  };
  const addSite = async (name: string): Promise<void> => {
    const db = await openDatabase(join(folder, 'furrow.db'));
    await db('sites').insert({
      id: name,
      name,
      zone: 'UTC',
      hemisphere: 'north',
      revision: 1,
      recordedAt: '2026-03-14T12:00:00Z',
    });
    await closeDatabase(db);
  };
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'furrow-backup-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  it('brings back what was there, and keeps what it replaced', async () => {
    await addSite('Encosta');
    const file = join(folder, 'copy.db');
    expect(run('backup', file).status).toBe(0);
    await addSite('Later');
    expect(run('restore', file).status).toBe(0);
    expect(await siteNames()).toEqual(['Encosta']);
    expect(readdirSync(join(folder, 'before'))).toHaveLength(1);
    expect(run('restore', '--before').status).toBe(0);
    expect(await siteNames()).toEqual(['Encosta', 'Later']);
  });
  it('says what is wrong and changes nothing', async () => {
    await addSite('Encosta');
    expect(run('backup').stderr).toMatch(/Name a file/);
    writeFileSync(join(folder, 'there.db'), 'x');
    expect(run('backup', join(folder, 'there.db')).stderr).toMatch(/there already/);
    expect(run('restore', join(folder, 'missing.db')).stderr).toMatch(/no file/);
    expect(run('restore', join(folder, 'there.db')).stderr).toMatch(/no Furrow backup/);
    expect(run('backup', join(folder, 'good.db')).status).toBe(0);
    writeFileSync(join(folder, 'furrow.lock'), String(process.pid));
    expect(run('restore', join(folder, 'good.db')).stderr).toMatch(/already running/);
    rmSync(join(folder, 'furrow.lock'));
    expect(await siteNames()).toEqual(['Encosta']);
  });
});
