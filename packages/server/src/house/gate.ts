import { houseSay } from '@furrow/words';
import { languageOf } from '@furrow/core';
import { parse as parseCookies } from 'cookie';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { Problem } from '../problem.js';
import type { Device } from './devices.js';
import { cameByProxy } from './doors.js';
import { helperMay, withoutPrices } from './helper.js';
import type { House } from './house.js';
import { pairPage } from './pairPage.js';
import { doorOf, setVisitor, throughHouse } from './visitor.js';

/** Browsers keep a cookie of this name to one host, encrypted, whole. */
const COOKIE = '__Host-furrow';
const KEPT_MS = 400 * 24 * 3_600_000;

/** Hands a device the secret it shows from now on. */
export const handSecret = (response: Response, secret: string): void =>
  void response.cookie(COOKIE, secret, {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
    maxAge: KEPT_MS,
  });
const takeSecretBack = (response: Response): void =>
  void response.clearCookie(COOKIE, {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
  });

/** The secret a device shows: in its cookie, or, of a program, in the header of its request. */
function secretOf(request: Request): string | null {
  const [scheme, token] = (request.headers.authorization ?? '').split(' ');
  if (scheme.toLowerCase() === 'bearer' && token) return token;
  return parseCookies(request.headers.cookie ?? '')[COOKIE] ?? null;
}

/**
 * What is there for everybody in the house: whether the server is ready, the page that pairs, a
 * lot's public page.
 */
const PUBLIC = /^\/(api\/v1\/health|pair|furrow-authority\.crt|lot\/[^/]+)$/;

/** Whether a request came from a program on this very machine. */
const fromThisMachine = (request: Request): boolean =>
  /^(127\.|::1$|::ffff:127\.)/.test(request.socket.remoteAddress ?? '');

/**
 * Marks what comes through the door of the house. Without a proxy that is what comes from
 * elsewhere. Behind one everything may come from elsewhere, whatever name and address it wears:
 * only who knows the secret of this process, which lies in a file of its own user's, is at the
 * table.
 */
export function markDoor(house: House, secret: string | null): RequestHandler {
  const isAtTable = (request: Request): boolean =>
    house.proxyName === null
      ? fromThisMachine(request)
      : secret !== null && request.get('x-furrow-secret') === secret;
  return (request, _response, next) => {
    if (!isAtTable(request)) throughHouse(request);
    next();
  };
}

/**
 * Tells who asks, and lets nobody in who is not known. At the machine itself it is the household;
 * through the door of the house it is a device that shows its secret. A helper's sees what is a
 * helper's.
 */
export function gate(house: House): RequestHandler {
  return (request, response, next) => {
    if (doorOf(request) === 'table') return atTheTable(request, next);
    const secret = secretOf(request);
    const shown = secret ? house.devices.show(secret) : null;
    const device = shown?.device ?? null;
    setVisitor(request, { at: 'house', device });
    if (shown && !device) takeSecretBack(response);
    if (shown?.device && shown.hand) handSecret(response, shown.hand);
    if (device) house.answers.add(device.id, response);
    if (device) return asDevice(device, request, response, next);
    if (PUBLIC.test(request.path)) return next();
    if (request.path.startsWith('/api/')) return next(notPaired());
    response.status(401).type('html').send(emptyPairPage(house, request));
  };
}

function atTheTable(request: Request, next: NextFunction): void {
  setVisitor(request, { at: 'table' });
  next(
    cameByProxy(request)
      ? new Problem(403, 'behind-proxy', houseSay('refusal.this-came-through-proxy-say'))
      : undefined,
  );
}

const notPaired = (): Problem =>
  new Problem(401, 'not-paired', houseSay('refusal.this-device-not-let-in'));

export const emptyPairPage = (house: House, request: Request): string => {
  const code = typeof request.query.code === 'string' ? request.query.code : '';
  return pairPage(
    languageOf(request.acceptsLanguages()),
    house.sharing.fingerprint,
    { code, name: '', person: '' },
    null,
  );
};

function asDevice(device: Device, request: Request, response: Response, next: NextFunction): void {
  if (device.kind === 'household' || !request.path.startsWith('/api/v1/')) return next();
  if (!helperMay(request.method, request.path.slice('/api/v1'.length)))
    return next(
      new Problem(403, 'not-for-helpers', houseSay('refusal.this-households-own-ask-one')),
    );
  const json = response.json.bind(response);
  response.json = (body) => json(withoutPrices(body));
  next();
}
