import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TLSSocket } from 'node:tls';
import { chromium, type Browser, type LaunchOptions } from '@playwright/test';

/** What a server says of itself before anybody trusts it. */
interface Shown {
  /** The household's authority, as its page that pairs hands it out. */
  authority: string;
  /** SHA-256 of the key it answers with, base64. */
  keyHash: string;
}

/** Looks at a door of the house as a phone does before it is told whom to trust. */
function shownBy(address: string): Promise<Shown> {
  return new Promise((done, failed) => {
    const url = new URL('/furrow-authority.crt', address);
    request(url, { rejectUnauthorized: false, agent: false }, (response) => {
      const socket = response.socket as TLSSocket;
      const key = socket
        .getPeerX509Certificate()!
        .publicKey.export({ type: 'spki', format: 'der' });
      const keyHash = createHash('sha256').update(key).digest('base64');
      let authority = '';
      response.on('data', (part: Buffer) => (authority += part.toString()));
      response.on('end', () => done({ authority, keyHash }));
    })
      .on('error', failed)
      .end();
  });
}

/** Whether this machine has the tool that tells Chromium whom to trust (Debian: libnss3-tools). */
function canTrust(): boolean {
  try {
    execFileSync('certutil', ['-H'], { stdio: 'ignore' });
    return true;
  } catch (error) {
    // It ends with 1 after its help; only where it is not there does it not start.
    return (error as NodeJS.ErrnoException).code !== 'ENOENT';
  }
}

/** A home of a browser's own, in which the household's authority is trusted for websites. */
function homeThatTrusts(authority: string): string {
  const home = mkdtempSync(join(tmpdir(), 'furrow-phones-'));
  const store = join(home, '.pki', 'nssdb');
  mkdirSync(store, { recursive: true });
  const file = join(home, 'authority.pem');
  writeFileSync(file, authority);
  const inStore = ['-d', `sql:${store}`];
  execFileSync('certutil', [...inStore, '-N', '--empty-password']);
  execFileSync('certutil', [...inStore, '-A', '-t', 'C,,', '-n', 'household', '-i', file]);
  return home;
}

export interface PhonesBrowser {
  browser: Browser;
  /** Whether it trusts the authority; else it knows the one key of this server, and no other. */
  trusts: boolean;
  close(): Promise<void>;
}

/**
 * A browser as on the household's phones: it was told once whom to trust, and ignores no warning.
 * Where the machine has no tool for that, it knows the key of this one server instead.
 */
export async function phonesBrowser(
  address: string,
  launchOptions: LaunchOptions,
): Promise<PhonesBrowser> {
  const { authority, keyHash } = await shownBy(address);
  const trusts = canTrust();
  const home = trusts ? homeThatTrusts(authority) : null;
  const known = trusts ? [] : [`--ignore-certificate-errors-spki-list=${keyHash}`];
  const browser = await chromium.launch({
    ...launchOptions,
    args: [...(launchOptions.args ?? []), ...known],
    env: { ...process.env, ...(home ? { HOME: home } : {}) } as Record<string, string>,
  });
  const close = async (): Promise<void> => {
    await browser.close();
    if (home) rmSync(home, { recursive: true, force: true });
  };
  return { browser, trusts, close };
}
