import { PLAIN_READER, houseSay } from '@furrow/words';
import { codeOf } from '../store/thrown.js';
import { atMostLetters, languageOf, refuses, type HouseView } from '@furrow/core';
import express, { Router, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { z } from 'zod';
import { qrRuns } from '../files/labels.js';
import { Problem, asProblem } from '../problem.js';
import type { EventStream } from '../events.js';
import { DEVICE_KINDS, type Device } from './devices.js';
import { emptyPairPage, handSecret } from './gate.js';
import type { House } from './house.js';
import { asHouseName } from './names.js';
import { pairPage } from './pairPage.js';
import type { PairingCode } from './pairing.js';
import { whoIs } from './signature.js';
import { deviceOf, doorOf, visitorOf } from './visitor.js';

const A_STEP = refuses('field.a-step');
const EIGHT_LETTERS = refuses('field.eight-letters');
export const sharingSchema = z.strictObject({ on: z.boolean(refuses('field.on-or-off')) });
export const doingSchema = z.strictObject({
  aboutId: z.uuid(refuses('field.no-id')),
  step: z.string(A_STEP).min(1, A_STEP).max(120, atMostLetters(120)),
  /** Said by who has only begun to listen: the others say what they do. */
  asks: z.boolean().optional(),
});
export const pairingSchema = z.strictObject({
  kind: z.enum(DEVICE_KINDS, refuses('field.who-is-let-in')),
});
const GIVEN_MAX = 8;
const givenName = z.string(refuses('field.a-name')).transform((typed, context) => {
  const name = asHouseName(typed);
  if (name) return name;
  context.addIssue(refuses('field.house-name'));
  return z.NEVER;
});
export const namesSchema = z.strictObject({
  names: z
    .array(givenName, refuses('field.list-of-names'))
    .max(GIVEN_MAX, refuses('field.names-at-most', { most: GIVEN_MAX }))
    .transform((names) => [...new Set(names)]),
});
const called = (what: string) => z.string(what).trim().min(1, what).max(40, atMostLetters(40));
const pairSchema = z.strictObject({
  code: z.string(EIGHT_LETTERS).min(1, EIGHT_LETTERS).max(40, EIGHT_LETTERS),
  name: called(refuses('field.phone-called')),
  person: called(refuses('field.whose')),
});
/** Tries to pair in a minute from one address, beside the five a code stands. */
const PAIRS_A_MINUTE = 30;
const LOT_PAGES_A_MINUTE = 60;
const perMinute = (limit: number) =>
  rateLimit({
    windowMs: 60_000,
    limit,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_request, _response, next) =>
      next(new Problem(429, 'too-many', houseSay('refusal.too-many-at-once-wait'))),
  });

/** What is asked for at the machine itself and nowhere else. */
function atTheTableOnly(request: Request): void {
  if (visitorOf(request).at !== 'table')
    throw new Problem(403, 'at-the-table', houseSay('refusal.who-let-in-said-at'));
}

const shownDevice = ({ id, name, person, kind, pairedAt, lastSeenAt, endsAt }: Device) => ({
  ...{ id, name, person, kind, pairedAt, lastSeenAt, endsAt },
});

/** A code with the address that a phone opens it by, as a square to be looked at too. */
function shownPairing(house: House, pairing: PairingCode | null) {
  if (!pairing) return null;
  const [address] = house.sharing.addresses;
  const link = address ? `${address}/pair?code=${pairing.code}` : null;
  return { ...pairing, link, qr: link ? qrRuns(link) : null };
}

const houseView = (house: House): HouseView => ({
  sharing: {
    on: house.sharing.isOpen,
    addresses: house.sharing.addresses,
    names: [...house.sharing.givenNames],
    fingerprint: house.sharing.fingerprint,
  },
  pairing: shownPairing(house, house.pairings.current()),
  devices: house.devices.all().map(shownDevice),
});

/**
 * `/house`: who is let in, and by what. All but `/house/me`, `/house/leave` and `/house/doing` are
 * for the table.
 */
export function houseRoutes(house: House, events: EventStream): Router {
  const router = Router();
  router.post('/house/doing', (request, response) => {
    events.doing(whoIs(request), doingSchema.parse(request.body));
    response.json({ told: true });
  });
  router.get('/house/me', (request, response) => {
    const device = deviceOf(request);
    response.json({
      at: visitorOf(request).at,
      kind: device?.kind ?? 'household',
      name: device?.name ?? null,
      person: device?.person ?? null,
    });
  });
  router.post('/house/leave', (request, response) => {
    const device = deviceOf(request);
    // Its own answer first: with the device everything on its way to it ends.
    if (device) response.on('finish', () => house.devices.remove(device.id));
    response.json({ left: device !== null });
  });
  router.get('/house', (request, response) => {
    atTheTableOnly(request);
    response.json(houseView(house));
  });
  router.post('/house/sharing', async (request, response) => {
    atTheTableOnly(request);
    const { on } = sharingSchema.parse(request.body);
    try {
      await house.sharing.want(on);
    } catch (error) {
      throw cannotOpen(error, house.sharing.port);
    }
    if (!on) house.pairings.end();
    response.json(houseView(house));
  });
  router.post('/house/names', async (request, response) => {
    atTheTableOnly(request);
    await house.sharing.call(namesSchema.parse(request.body).names);
    response.json(houseView(house));
  });
  router.post('/house/pairings', (request, response) => {
    atTheTableOnly(request);
    const { kind } = pairingSchema.parse(request.body);
    house.pairings.begin(kind);
    response.json(houseView(house));
  });
  router.post('/house/devices/:id/remove', (request, response) => {
    atTheTableOnly(request);
    house.devices.remove(request.params.id);
    response.json(houseView(house));
  });
  return router;
}

function cannotOpen(error: unknown, port: number): unknown {
  const code = codeOf(error);
  if (code === 'EADDRINUSE')
    return new Problem(
      409,
      'port-taken',
      houseSay('refusal.another-program-listens-on-port', { port }),
    );
  return error;
}

/** The page that pairs, the household's certificate, and the limit of the public pages. */
export function pairRoutes(house: House): Router {
  const router = Router();
  router.use('/lot', perMinute(LOT_PAGES_A_MINUTE));
  router.get('/furrow-authority.crt', (_request, response) => {
    if (!house.sharing.authority)
      throw new Problem(404, 'not-found', houseSay('refusal.there-none-here'));
    response.type('application/x-x509-ca-cert').send(house.sharing.authority);
  });
  router.get('/pair', (request, response) => {
    if (doorOf(request) === 'table' || deviceOf(request)) return response.redirect(303, '/');
    response.type('html').send(emptyPairPage(house, request));
  });
  router.post(
    '/pair',
    perMinute(PAIRS_A_MINUTE),
    express.urlencoded({ extended: false, limit: '10kb' }),
    express.json({ limit: '10kb' }),
    (request, response) => {
      if (doorOf(request) === 'table') return response.redirect(303, '/');
      pair(house, request, response);
    },
  );
  return router;
}

function pair(house: House, request: Request, response: Response): void {
  const wantsJson = request.accepts(['html', 'json']) === 'json';
  try {
    const { code, name, person } = pairSchema.parse(request.body ?? {});
    const { device, secret } = house.devices.add(house.pairings.use(code), name, person);
    if (wantsJson) return void response.status(201).json({ ...shownDevice(device), secret });
    handSecret(response, secret);
    response.redirect(303, '/');
  } catch (error) {
    if (wantsJson) throw error;
    const problem = asProblem(error);
    const typed = pairSchema.partial().safeParse(request.body).data ?? {};
    const shown = { code: '', name: '', person: '', ...typed };
    const language = languageOf(request.acceptsLanguages());
    const wrong = problem.toldTo({ ...PLAIN_READER, language });
    response
      .status(problem.status)
      .type('html')
      .send(pairPage(language, house.sharing.fingerprint, shown, wrong));
  }
}
