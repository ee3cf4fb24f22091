import { houseSay } from '@furrow/words';
import { refusedCalculation } from './calc/refusedCalculation.js';
import { codeOf } from './store/thrown.js';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import compression from 'compression';
import express, {
  type Express,
  type NextFunction,
  type Request,
  type Response,
  type Router,
} from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { BadInput } from '@furrow/core';
import type { Knex } from 'knex';
import type { ServerClock } from './clock.js';
import { EventStream } from './events.js';
import { ownDoorsOnly } from './house/doors.js';
import { gate, markDoor } from './house/gate.js';
import type { House } from './house/house.js';
import { houseRoutes, pairRoutes } from './house/routes.js';
import { refuseOthersUndo, signed, whoWrites } from './house/signature.js';
import { callerOf } from './house/visitor.js';
import { instrumentRoutes } from './instruments/routes.js';
import { log } from './log.js';
import { openApi } from './openapi.js';
import { Problem, asProblem, notFound } from './problem.js';
import { photoRoutes } from './photos/routes.js';
import { archiveRoutes } from './archive/routes.js';
import { phoneAddressOf } from './house/phoneAddress.js';
import { lotPages, jarFiles } from './jar/reads.js';
import { numberRoutes } from './jar/numbers.js';
import { calendarFiles } from './ready/calendars.js';
import { readyFiles } from './ready/reads.js';
import type { Reading } from './reading.js';
import { readRoutes } from './reads.js';
import { answerInWords, readerOf, rememberLanguage } from './spoken.js';
import { currentRules } from './rules/currentRules.js';
import type { Reader } from './words.js';
import { METRIC } from '@furrow/core';
import { cutFiles } from './cut/reads.js';
import { practiceInstruments } from './instruments/practice.js';
import { practiceWeather } from './instruments/weather.js';
import { ALL_WRITES } from './writes.js';
import { restoreRoute } from './archive/restore.js';
import type { CopyWatch } from './copies/copyWatch.js';
import type { Reopenable } from './store/reopenable.js';
import { performWrite } from './store/writes.js';
import { VIEWS } from './views.js';
import { inThread } from './heavy/pool.js';

export interface AppOptions {
  db: Knex;
  clock: ServerClock;
  seed: number;
  webFolder: string;
  /** Where pictures are kept. */
  photoFolder: string;
  /** Where the file may be swapped while it runs: by whom, and how. */
  restore?: { store: Reopenable; secret: string };
  /** The daily copies, where this process writes them. */
  copies?: Pick<CopyWatch, 'line'>;
  /** Who else is let in; left out: nobody but this machine itself. */
  house?: House;
  /** Routes that belong to this one process only, such as the demo household beside it. */
  more?: readonly Router[];
}

/** The whole server as an Express application, without listening: tests and main both use it. */
export function makeApp({
  db,
  clock,
  seed,
  webFolder,
  photoFolder,
  restore,
  copies,
  house,
  more = [],
}: AppOptions): Express {
  const app = express();
  const events = new EventStream();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'script-src': ["'self'", "'wasm-unsafe-eval'"],
          'worker-src': ["'self'"],
          'connect-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'font-src': ["'self'", 'data:'],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
      // With none at all a browser calls the origin of the form that pairs "null".
      referrerPolicy: { policy: 'same-origin' },
    }),
  );
  app.use(rememberLanguage);
  if (house?.proxyName) app.set('trust proxy', 'loopback');
  if (house) app.use(markDoor(house, restore?.secret ?? null));
  app.use(ownDoorsOnly(house?.names ?? (() => [])));
  if (house) app.use(gate(house));
  app.use(
    rateLimit({
      windowMs: 60_000,
      limit: 6000,
      keyGenerator: callerOf,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      handler: (_request, _response, next) =>
        next(new Problem(429, 'too-many', houseSay('refusal.too-many-requests-at-once'))),
    }),
  );
  // Events must arrive at once, so they are never gathered up for compression.
  app.use(
    compression({
      filter: (request, response) =>
        !request.path.endsWith('/events') && compression.filter(request, response),
    }),
  );
  const api = express.Router();
  api.use(answerInWords((request) => readerAsking(request, db)));
  if (restore) api.use(restoreRoute(restore.store, restore.secret, dirname(photoFolder), events));
  // Before the reader of JSON: a picture is bytes.
  api.use(photoRoutes(db, clock, photoFolder, events));
  // Archives are bytes too, up to a gigabyte.
  api.use(archiveRoutes(db, clock, dirname(photoFolder), photoFolder, events, restore?.store));
  // Years of a sheet in one entry.
  api.use('/sheetHarvests', express.json({ limit: '4mb' }));
  api.use(express.json({ limit: '1mb' }));
  api.get('/openapi.json', (_request, response) => void response.json(openApi()));
  api.get('/events', (request, response) => events.open(request, response, callerOf(request)));
  api.post('/calc/:name', async (request, response) => {
    try {
      response.json(await inThread('calculate', [request.params.name, request.body]));
    } catch (error) {
      if (!(error instanceof BadInput)) throw error;
      response.status(400).json(refusedCalculation(error));
    }
  });
  for (const definition of ALL_WRITES) {
    api[definition.method](definition.path, async (request, response) => {
      await refuseOthersUndo(db, request);
      const { answer, isNew } = await performWrite(
        { db, clock, views: VIEWS },
        definition,
        signed(request, request.body),
        request.params as Record<string, string>,
      );
      if (isNew) events.changed(whoWrites(request));
      response.status(isNew ? 201 : 200).json(answer);
    });
  }
  api.use(numberRoutes(db, clock));
  if (house) api.use(houseRoutes(house, events));
  for (const router of more) api.use(router);
  const reading: Reading = {
    db,
    clock,
    weather: practiceWeather(seed),
    instruments: practiceInstruments(seed, clock.now),
    phoneAddress: phoneAddressOf(db, house),
    copies,
  };
  for (const files of [instrumentRoutes, calendarFiles, readyFiles, cutFiles, jarFiles])
    api.use(files(reading));
  api.use(readRoutes(reading));
  api.use((_request, _response, next) => next(notFound('address')));
  app.use('/api/v1', api);
  if (house) app.use(pairRoutes(house));
  app.use(lotPages(db));

  if (existsSync(join(webFolder, 'index.html'))) {
    app.use(
      express.static(webFolder, {
        index: false,
        setHeaders: (response, path) =>
          response.setHeader(
            'Cache-Control',
            path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache',
          ),
      }),
    );
    // A file that is missing is missing, never the page: an old page tells it from a new one.
    app.get('/assets/{*rest}', (_request, _response, next) => next(notFound('file')));
    app.get('/{*rest}', (_request, response) =>
      response.setHeader('Cache-Control', 'no-cache').sendFile(join(webFolder, 'index.html')),
    );
  }
  app.use((_request, _response, next) => next(notFound('address')));
  app.use(async (error: unknown, request: Request, response: Response, _next: NextFunction) => {
    const problem = asProblem(error);
    if (problem.status === 500)
      log.error(
        { code: codeOf(error), stack: error instanceof Error ? error.stack : null },
        'unexpected',
      );
    sendProblem(response, problem, await readerAsking(request, db));
  });
  return app;
}

/** Who reads what is answered or refused; metric where the house rules themselves cannot be read. */
async function readerAsking(request: Request, db: Knex): Promise<Reader> {
  const rules = await currentRules(db).then(
    (current) => current.rules,
    () => ({ language: null, units: METRIC, currency: '' }),
  );
  return readerOf(request, rules);
}

function sendProblem(response: Response, problem: Problem, reader: Reader): void {
  if (!response.headersSent)
    response
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.told(reader)));
}
