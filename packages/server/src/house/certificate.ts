import 'reflect-metadata';
import { createHash, webcrypto } from 'node:crypto';
import { isIP } from 'node:net';
import { join } from 'node:path';
import * as x509 from '@peculiar/x509';
import { readPrivate, writePrivate } from './privateFiles.js';

type Key = webcrypto.CryptoKey;

x509.cryptoProvider.set(webcrypto as never);

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Phones refuse a server's certificate that is good for longer than 398 days. */
const SERVER_DAYS = 390;
/** It is renewed by itself when it has so many days left. */
const RENEW_DAYS = 30;

/** What the encrypted connection is opened with, all as PEM. */
export interface HouseCertificate {
  /** The server's key. */
  key: string;
  /** The server's certificate and the authority's after it. */
  cert: string;
  /** The authority's own certificate: what a phone is told to trust. */
  authority: string;
  /** SHA-256 of the authority's certificate, in pairs: to be compared by eye. */
  fingerprint: string;
  notAfter: Date;
  names: string[];
}

interface Keyed {
  certificate: x509.X509Certificate;
  privateKey: Key;
  keyPem: string;
}

const pemOfKey = async (key: Key): Promise<string> =>
  `${x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY')}\n`;
const keyOfPem = async (pem: string): Promise<Key> =>
  await webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, true, [
    'sign',
  ]);
const newKeys = async (): Promise<webcrypto.CryptoKeyPair> =>
  await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
const serialNumber = (): string =>
  // The first bit is the sign: a serial number is positive.
  Buffer.from(
    webcrypto.getRandomValues(new Uint8Array(16)).map((b, i) => (i ? b : (b & 0x7f) | 1)),
  ).toString('hex');
const daysAfter = (now: Date, days: number): Date => new Date(now.getTime() + days * DAY_MS);
/** A machine whose clock is a little behind a phone's is trusted all the same. */
const dayBefore = (now: Date): Date => daysAfter(now, -1);

async function makeAuthority(now: Date): Promise<Keyed> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serialNumber(),
    name: `CN=Furrow of this household, since ${now.toISOString().slice(0, 10)}`,
    notBefore: dayBefore(now),
    notAfter: daysAfter(now, AUTHORITY_DAYS),
    signingAlgorithm: SIGNING,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(
        x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign,
        true,
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate, privateKey: keys.privateKey, keyPem: await pemOfKey(keys.privateKey) };
}

async function makeServer(
  authority: Keyed,
  names: readonly string[],
  now: Date,
): Promise<{ certificate: x509.X509Certificate; keyPem: string }> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serialNumber(),
    subject: 'CN=Furrow',
    issuer: authority.certificate.subject,
    notBefore: dayBefore(now),
    notAfter: daysAfter(now, SERVER_DAYS),
    signingAlgorithm: SIGNING,
    signingKey: authority.privateKey,
    publicKey: keys.publicKey,
    extensions: [
      new x509.SubjectAlternativeNameExtension(
        names.map((name) => ({
          type: isIP(name) ? ('ip' as const) : ('dns' as const),
          value: name,
        })),
      ),
      new x509.ExtendedKeyUsageExtension(['1.3.6.1.5.5.7.3.1']),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      await x509.AuthorityKeyIdentifierExtension.create(authority.certificate.publicKey),
    ],
  });
  return { certificate, keyPem: await pemOfKey(keys.privateKey) };
}

async function authorityIn(folder: string, now: Date): Promise<Keyed> {
  const files = [join(folder, 'authority.pem'), join(folder, 'authority-key.pem')] as const;
  const [pem, keyPem] = files.map(readPrivate);
  if (pem && keyPem) {
    const certificate = new x509.X509Certificate(pem);
    // An authority in its last year makes way for a new one: what it signs must not outlive it.
    if (certificate.notAfter > daysAfter(now, SERVER_DAYS))
      return { certificate, privateKey: await keyOfPem(keyPem), keyPem };
  }
  const made = await makeAuthority(now);
  writePrivate(files[1], made.keyPem);
  writePrivate(files[0], `${made.certificate.toString('pem')}\n`);
  return made;
}

const namesIn = (certificate: x509.X509Certificate): string[] =>
  certificate
    .getExtension(x509.SubjectAlternativeNameExtension)
    ?.names.items.map((name) => String(name.value)) ?? [];

/**
 * Whether a server's certificate may go on: of this authority, long enough, and for every name it
 * is called by.
 */
async function stillGood(
  certificate: x509.X509Certificate,
  authority: Keyed,
  names: readonly string[],
  now: Date,
): Promise<boolean> {
  const has = new Set(namesIn(certificate));
  return (
    certificate.notAfter > daysAfter(now, RENEW_DAYS) &&
    names.every((name) => has.has(name)) &&
    (await certificate.verify({
      publicKey: authority.certificate.publicKey,
      signatureOnly: true,
    }))
  );
}

/**
 * The certificate of this house, from an authority of the household's own: made on first use,
 * renewed when it has thirty days left or a name is new. Takes the folder it is kept in, the names
 * and addresses it is to hold for, and the time; keys are files of mode 600.
 */
export async function houseCertificate(
  folder: string,
  names: readonly string[],
  now: Date,
): Promise<HouseCertificate> {
  const authority = await authorityIn(folder, now);
  const files = [join(folder, 'server.pem'), join(folder, 'server-key.pem')] as const;
  const [pem, keyPem] = files.map(readPrivate);
  let server = pem && keyPem ? { certificate: new x509.X509Certificate(pem), keyPem } : null;
  if (!server || !(await stillGood(server.certificate, authority, names, now))) {
    server = await makeServer(authority, names, now);
    writePrivate(files[1], server.keyPem);
    writePrivate(files[0], `${server.certificate.toString('pem')}\n`);
  }
  const authorityPem = `${authority.certificate.toString('pem')}\n`;
  const digest = createHash('sha256').update(Buffer.from(authority.certificate.rawData));
  return {
    key: server.keyPem,
    cert: `${server.certificate.toString('pem')}\n${authorityPem}`,
    authority: authorityPem,
    fingerprint: digest.digest('hex').toUpperCase().match(/../g)!.join(' '),
    notAfter: server.certificate.notAfter,
    names: namesIn(server.certificate),
  };
}
