import {
  CALCULATORS,
  OWN_READS,
  READS,
  PROBLEM_CODES,
  standingRecord,
  archiveJobAnswer,
  houseAnswer,
} from '@furrow/core';
import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import { repeatedAnswerOf } from './answers.js';
import { applySchema } from './archive/routes.js';
import { numbersTaken, takeNumbersSchema } from './jar/numbers.js';
import { doingSchema, namesSchema, pairingSchema, sharingSchema } from './house/routes.js';
import { keySchema } from './instruments/routes.js';
import { photoWrite } from './photos/routes.js';
import { ALL_WRITES } from './writes.js';

const problem = {
  'application/problem+json': {
    schema: z
      .object({
        code: z.enum(PROBLEM_CODES),
        detail: z.string(),
        status: z.int(),
        path: z.string().optional(),
        stands: standingRecord.optional(),
      })
      .meta({ id: 'Problem' }),
  },
};
/** What is read that is no JSON: files, pictures, streams. */
const FILES: Record<string, string> = {
  '/photos/{id}': 'A picture',
  '/cutBoards/{id}/template.svg': 'A cutting template as SVG, true size',
  '/cutBoards/{id}/template.pdf': 'The same on sheets to print',
  '/plans/timetable.ics': 'The planned day and what runs at the bench, as a calendar file',
  '/calendar/{token}.ics': 'The same calendar, for one that follows it',
  '/prints/{id}.pdf': 'What was printed',
  '/lots/{id}/labels.pdf': 'Labels of a lot',
  '/lots/{id}/page.html': "The page behind a lot's code, as one file",
  '/hives/{id}/card.pdf': "A card with a code that opens the hive's Look",
  '/hives/{id}/look-sheet.pdf': 'Blank combs to scale for a pencil',
  '/tables/{name}.csv': 'One table as CSV',
  '/archives/{id}/file': 'An archive that was written',
  '/openapi.json': 'This description',
  '/events': 'What changed, as server-sent events',
  '/plans/sheet.pdf': 'The planned day on paper',
  '/drains/{id}/readings.senml.json': 'Readings of an instrument as SenML',
  '/instruments/events': 'Readings as they come, as server-sent events',
};

/** What is done beside the entries: who is let in, numbers taken along. Path, words, body, answer. */
const HOUSE_ACTS: readonly [string, string, z.ZodType | null, z.ZodType][] = [
  ['/house/sharing', 'Open or shut the door of the house', sharingSchema, houseAnswer],
  ['/house/names', 'Names by which the house calls this machine', namesSchema, houseAnswer],
  ['/house/pairings', 'A new code that lets one device in', pairingSchema, houseAnswer],
  ['/house/devices/{id}/remove', 'Let a device in no longer', null, houseAnswer],
  [
    '/house/leave',
    'The device that asks is let in no longer',
    null,
    z.strictObject({ left: z.boolean() }),
  ],
  [
    '/house/doing',
    'Tells the others which step is being done here',
    doingSchema,
    z.strictObject({ told: z.boolean() }),
  ],
  [
    '/harvests/{id}/numbers',
    'Numbers of jars that a device takes along',
    takeNumbersSchema,
    numbersTaken,
  ],
];

/** What a read answers with, where it answers in JSON. */
const contentOf = (schema: z.ZodType | undefined) =>
  schema ? { content: { 'application/json': { schema } } } : {};

const bodyOf = (schema: z.ZodType) => ({
  requestBody: { required: true, content: { 'application/json': { schema } } },
});

/** A read that is found, or is not there. */
const found = (says: string, answer?: z.ZodType) => ({
  summary: says,
  responses: {
    200: { description: says, ...contentOf(answer) },
    404: { description: 'Not there', content: problem },
  },
});

/** The address of a path, its places as the description writes them. */
const templateOf = (path: string): string => `/api/v1${path.replace(/:(\w+)/g, '{$1}')}`;

interface Told {
  says: string;
  query?: z.ZodObject;
  answers: z.ZodType;
}

/** The interface described from the schemas themselves. */
export function openApi(): unknown {
  const paths: ZodOpenApiPathsObject = {};
  const reads: Record<string, Told> = { ...READS, ...OWN_READS };
  for (const [path, { says, query, answers: answer }] of Object.entries(reads))
    paths[templateOf(path)] = {
      get: {
        ...(query ? { requestParams: { query } } : {}),
        ...found(says, answer),
      },
    };
  for (const [path, says] of Object.entries(FILES)) paths[templateOf(path)] = { get: found(says) };
  paths['/api/v1/photos'] = {
    post: {
      summary:
        'Keep a picture: JPEG, PNG or WebP up to 25 MB as the body, the command in the header x-furrow-command',
      responses: {
        201: { description: 'Kept', ...contentOf(photoWrite.answers) },
        200: { description: 'Was kept already', ...contentOf(photoWrite.answers) },
        400: { description: 'No picture', content: problem },
        413: { description: 'Too large', content: problem },
      },
    },
  };
  paths['/api/v1/archives/export'] = {
    post: {
      summary: 'Write the whole household as one archive; followed at /archives/{id}',
      responses: {
        202: { description: 'Begun', ...contentOf(archiveJobAnswer) },
        409: { description: 'Another one is on its way', content: problem },
      },
    },
  };
  paths['/api/v1/archives/import'] = {
    post: {
      summary: 'Look at an archive, the zip as the body: nothing is written',
      responses: {
        202: {
          description: 'Being read; its preview stands at /archives/{id}',
          ...contentOf(archiveJobAnswer),
        },
        413: { description: 'Too large', content: problem },
      },
    },
  };
  paths['/api/v1/archives/{id}/apply'] = {
    post: {
      summary: 'Take a previewed archive in, all or nothing: conflicts mine or theirs',
      ...bodyOf(applySchema),
      responses: {
        202: { description: 'Begun', ...contentOf(archiveJobAnswer) },
        409: { description: 'Not looked at yet', content: problem },
      },
    },
  };
  paths['/api/v1/archives/{id}/undo'] = {
    post: {
      summary: 'Take an import back: what stood here before it stands again',
      responses: {
        200: { description: 'Taken back', ...contentOf(archiveJobAnswer) },
        409: { description: 'Not taken in, or something was entered since', content: problem },
      },
    },
  };
  paths['/api/v1/instruments/bench-scale/keys'] = {
    post: {
      summary: 'A key of the practice scale: tare, clear, plug',
      ...bodyOf(keySchema),
      responses: {
        200: { description: 'Pressed', ...contentOf(keySchema) },
        400: { description: 'No such key', content: problem },
      },
    },
  };
  for (const [path, summary, body, answer] of HOUSE_ACTS)
    paths[`/api/v1${path}`] = {
      post: {
        summary,
        ...(body ? bodyOf(body) : {}),
        responses: {
          200: { description: summary, ...contentOf(answer) },
          403: { description: 'Not from here', content: problem },
        },
      },
    };
  for (const { method, path, schema, answers: answer } of ALL_WRITES) {
    const body = z.object({
      id: z.uuid(),
      device: z.string(),
      person: z.string().optional(),
      occurredAt: z.iso.datetime(),
      baseRevision: z.int().optional(),
      again: z.boolean().optional(),
      payload: schema,
    });
    const key = templateOf(path);
    paths[key] = {
      ...paths[key],
      [method]: {
        ...bodyOf(body),
        responses: {
          201: { description: 'Written', ...contentOf(answer) },
          200: { description: 'Was written already', ...contentOf(repeatedAnswerOf(answer)) },
          400: { description: 'Bad input', content: problem },
          409: { description: 'Does not fit', content: problem },
        },
      },
    };
  }
  for (const { name, summary, input, output } of CALCULATORS.values()) {
    paths[`/api/v1/calc/${name}`] = {
      post: {
        summary,
        ...bodyOf(input),
        responses: {
          200: { description: 'The result', content: { 'application/json': { schema: output } } },
          400: { description: 'Bad input' },
        },
      },
    };
  }
  return createDocument({
    openapi: '3.1.1',
    info: {
      title: 'Furrow',
      version: '1',
      description:
        'What is said stands as its key, with what stands in it, and its text in the language of Accept-Language; x-furrow-says: keys leaves the texts out.',
    },
    servers: [{ url: '/' }],
    paths: named(paths),
  });
}

/** "get /api/v1/hives/{id}/card.pdf" is called getHivesByIdCardPdf. */
function operationIdOf(method: string, path: string): string {
  const words = path
    .replace(/^\/api\/v1/, '')
    .replace(/\{(\w+)\}/g, 'by-$1')
    .split(/[^A-Za-z0-9]+/)
    .filter(Boolean);
  return method + words.map((word) => word[0].toUpperCase() + word.slice(1)).join('');
}

/** The same paths, each operation with a name of its own and the parameters of its address. */
function named(paths: ZodOpenApiPathsObject): ZodOpenApiPathsObject {
  return Object.fromEntries(
    Object.entries(paths).map(([path, operations]) => {
      const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
        in: 'path' as const,
        name,
        required: true,
        schema: { type: 'string' as const },
      }));
      const told = Object.entries(operations).map(([method, operation]) => [
        method,
        {
          operationId: operationIdOf(method, path),
          ...(parameters.length ? { parameters } : {}),
          ...(operation as object),
        },
      ]);
      return [path, Object.fromEntries(told) as ZodOpenApiPathsObject[string]];
    }),
  );
}
