import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { houseCertificate } from './certificate.js';

describe('the certificate of the house', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'furrow-cert-'))));
  afterEach(() => rmSync(folder, { recursive: true }));
  const NOW = new Date('2026-03-14T12:00:00Z');
  const days = (n: number): Date => new Date(NOW.getTime() + n * 86_400_000);

  it('is kept, its keys for this user alone', async () => {
    const first = await houseCertificate(folder, ['192.0.2.7', 'bench.local'], NOW);
    expect(first.names).toEqual(['192.0.2.7', 'bench.local']);
    expect(await houseCertificate(folder, ['192.0.2.7'], days(300))).toMatchObject({
      cert: first.cert,
    });
    for (const name of ['authority-key.pem', 'server-key.pem'])
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
  });
  it('is made anew a month before it ends and for a new name; the authority stays', async () => {
    const first = await houseCertificate(folder, ['192.0.2.7'], NOW);
    const renewed = await houseCertificate(folder, ['192.0.2.7'], days(365));
    expect(renewed.cert).not.toBe(first.cert);
    expect(renewed.authority).toBe(first.authority);
    expect(renewed.notAfter > days(365 + 380)).toBe(true);
    const named = await houseCertificate(folder, ['192.0.2.7', '192.0.2.8'], days(366));
    expect(named.names).toContain('192.0.2.8');
  });
  it('of an authority that ends before it is replaced with it', async () => {
    const first = await houseCertificate(folder, ['192.0.2.7'], NOW);
    const later = await houseCertificate(folder, ['192.0.2.7'], days(3500));
    expect(later.authority).not.toBe(first.authority);
  });
});
