import { z } from 'zod';
import { columnOf } from '../store/asked.js';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEFAULT_RULES } from '@furrow/core';
import datapackage from 'datapackage';
import { unzipSync } from 'fflate';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { fromCell, toCell } from './cells.js';
import { exportArchive } from './exportArchive.js';
import { applyImport, previewImport } from './importArchive.js';
import { NOW, archiveBench } from '../testing/archives.js';

const { bench, everything, opened, takeIn, forged, cell, photos } = archiveBench();

describe('the archive', () => {
  it('comes back to the last field of every table, and the pictures with it', async () => {
    await takeIn(bench.other);
    expect(await everything(bench.other)).toEqual(await everything(bench.home.db));
    const [sha256] = await columnOf(z.string(), bench.home.db('photos').pluck('sha256'));
    expect(readFileSync(join(photos, `${sha256}.jpg`))).toEqual(
      readFileSync(join(bench.home.folder, 'photos', `${sha256}.jpg`)),
    );
    // And out again it is the same, table by table.
    await exportArchive(bench.other, photos, join(bench.folder, 'again.zip'), NOW);
    const [a, b] = [unzipSync(bench.zip), unzipSync(readFileSync(join(bench.folder, 'again.zip')))];
    expect(Object.keys(b).sort()).toEqual(Object.keys(a).sort());
    for (const name of Object.keys(a).filter((f) => f.endsWith('.csv')))
      expect(Buffer.from(b[name]).toString().split('\n').sort()).toEqual(
        Buffer.from(a[name]).toString().split('\n').sort(),
      );
  });
  it('is a data package as another library reads it, its rows and types right', async () => {
    const files = unzipSync(bench.zip);
    const at = mkdtempSync(join(bench.folder, 'package-'));
    const about = JSON.parse(Buffer.from(files['datapackage.json']).toString()) as {
      resources: {
        name: string;
        path: string;
        rows?: number;
        schema: { fields: { name: string; type: string; unit?: string }[] };
      }[];
    };
    const descriptor = about;
    const { mkdirSync } = await import('node:fs');
    mkdirSync(join(at, 'data'));
    for (const [name, data] of Object.entries(files))
      if (name.startsWith('data/') || name === 'datapackage.json')
        writeFileSync(join(at, name), data);
    const pack = await datapackage.Package.load(
      { ...descriptor, resources: descriptor.resources.filter((r) => r.path.startsWith('data/')) },
      { basePath: at },
    );
    expect(pack.valid, String(pack.errors)).toBe(true);
    for (const name of ['flows', 'lots', 'hives', 'jar-kinds', 'looks']) {
      const rows = await pack.getResource(name).read({ keyed: true });
      expect(rows).toHaveLength(descriptor.resources.find((r) => r.name === name)!.rows!);
      if (name === 'flows') expect(rows.every((r) => Number.isInteger(r.g))).toBe(true);
      if (name === 'looks')
        expect(rows[0]).toMatchObject({
          sides: { A: expect.objectContaining({ capped: expect.any(Number) as number }) as object },
          readings: expect.any(Array) as unknown[],
          occurredAt: expect.any(Date) as Date,
          date: expect.any(Date) as Date,
        });
    }
    const takes = await pack.getResource('takes').read({ keyed: true });
    expect(takes[0].byBox).toBe(false);
    for (const resource of about.resources.filter((r) => r.path.startsWith('data/')))
      for (const field of resource.schema.fields) {
        expect(field).toMatchObject({
          title: expect.any(String) as string,
          description: expect.any(String) as string,
        });
        if (/(^g|G)$/.test(field.name) && field.type === 'integer') expect(field.unit).toBe('g');
      }
  }, 30_000);
  it('never leaves a cell that a table program would run', () => {
    for (const [name, data] of Object.entries(unzipSync(bench.zip)))
      if (name.endsWith('.csv'))
        for (const line of Buffer.from(data).toString('utf8').split('\n'))
          expect(line).not.toMatch(/(^|,)"?[=@+]/);
  });
  it('keeps every text as it was, whatever it looks like', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^'*[=+\-@\t]?.*$/), fc.stringMatching(/^\\*N$/)),
        (text) => {
          expect(fromCell(toCell(text))).toBe(text);
        },
      ),
    );
    expect(fromCell(toCell(null))).toBeNull();
  });
  it('taken in twice changes nothing the second time', async () => {
    await takeIn(bench.other);
    const before = await everything(bench.other);
    const preview = await previewImport(bench.other, await opened());
    expect(preview.tables.every((t) => t.new + t.changed + t.conflicts === 0)).toBe(true);
    await takeIn(bench.other);
    expect(await everything(bench.other)).toEqual(before);
  });
});

describe('an archive that somebody put together', () => {
  it.each([
    ['hives', 'kind', 'tree', ''],
    ['hives', 'geometry', '{"bars":3}', 'bars'],
    ['sites', 'zone', 'Mars/Olympus', ''],
    ['sites', 'name', '', 'Give it a name.'],
    ['looks', 'sides', '{"A":{"capped":7},"B":null}', ''],
    ['colony-facts', 'fact', '{"kind":"moon"}', ''],
    ['rule-versions', 'rules', '{"freezerL":"big"}', ''],
    ['visits', 'date', '2026-02-31', 'A date such as 2026-03-14.'],
    ['batches', 'stage', 'lunch', ''],
    ['takes', 'grossG', '-5', 'At least 0.'],
    ['drains', 'startedAt', 'yesterday', 'An instant such as 2026-03-14T15:12:00Z.'],
  ])(
    'is refused where %s.%s reads “%s”, with file, row and column',
    async (file, column, value, says) => {
      const bytes = forged(`data/${file}.csv`, cell(column, value));
      const before = await everything(bench.other);
      await expect(takeIn(bench.other, bytes)).rejects.toMatchObject({
        status: 400,
        detail: expect.stringContaining(
          `Row 2, column "${column}" of ${file}.csv: ${says}`,
        ) as string,
      });
      expect(await everything(bench.other)).toEqual(before);
    },
  );
  it('leaves none of its pictures where its rows do not come in', async () => {
    const at = join(bench.folder, 'photos-of-nothing');
    const bytes = forged('data/flows.csv', cell('g', '1'));
    await expect(applyImport(bench.other, await opened(bytes), at, 'mine')).rejects.toMatchObject({
      status: 409,
    });
    expect(readdirSync(at)).toEqual([]);
  });
});

describe('an archive whose pictures cannot be kept', () => {
  it('brings in nothing, and says why', async () => {
    const at = join(bench.folder, 'no-folder');
    writeFileSync(at, 'in the way');
    const before = await everything(bench.other);
    await expect(applyImport(bench.other, await opened(), at, 'mine')).rejects.toMatchObject({
      status: 507,
      code: 'not-kept',
    });
    expect(await everything(bench.other)).toEqual(before);
  });
});

describe('house rules of another household', () => {
  const inForce = async (): Promise<{ version: number; rules: string }> =>
    (await bench.other('ruleVersions').orderBy('version', 'desc').first()) as {
      version: number;
      rules: string;
    };
  beforeEach(async () => {
    await bench.other('ruleVersions').insert({
      version: 1,
      rules: JSON.stringify({ ...DEFAULT_RULES, freezerL: 77 }),
      recordedAt: NOW.toISOString(),
      commandId: randomUUID(),
    });
  });
  it('come in under numbers of their own, the decisions with them; ours stay in force', async () => {
    const own = await inForce();
    const theirs = (await bench.home.db('ruleVersions').orderBy('version')) as { rules: string }[];
    const [look] = (await bench.home.db('looks').limit(1)) as {
      id: string;
      rulesVersion: number;
    }[];
    await takeIn(bench.other, bench.zip, 'mine');
    const [moved] = (await bench.other('looks').where({ id: look.id })) as {
      rulesVersion: number;
    }[];
    expect(moved.rulesVersion).toBeGreaterThan(own.version);
    const [named] = (await bench.other('ruleVersions').where({ version: moved.rulesVersion })) as {
      rules: string;
    }[];
    expect(named.rules).toBe(theirs[look.rulesVersion - 1].rules);
    expect((await inForce()).rules).toBe(own.rules);
    const [first] = (await bench.other('ruleVersions').where({ version: own.version })) as {
      rules: string;
    }[];
    expect(first.rules).toBe(own.rules);
  });
  it('are asked about, and are in force where the person says so', async () => {
    const preview = await previewImport(bench.other, await opened());
    expect(preview.conflicts.map((c) => c.table)).toContain('ruleVersions');
    await takeIn(bench.other, bench.zip, 'theirs');
    const theirs = (await bench.home.db('ruleVersions').orderBy('version', 'desc').first()) as {
      rules: string;
    };
    expect((await inForce()).rules).toBe(theirs.rules);
  });
  it('taken in twice change nothing the second time', async () => {
    await takeIn(bench.other, bench.zip, 'mine');
    const before = await everything(bench.other);
    await takeIn(bench.other, bench.zip, 'mine');
    expect(await everything(bench.other)).toEqual(before);
  });
});
