import { CALCULATORS, answers, PROBLEM_CODES } from '@furrow/core';
import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import { READ_ANSWERS, repeatedAnswerOf } from './answers.js';
import { applySchema } from './archive/routes.js';
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
      })
      .meta({ id: 'Problem' }),
  },
};
const READS: Record<string, string> = {
  '/health': 'Whether the server is ready',
  '/sites': 'Sites',
  '/hives': 'Hives as they hang now',
  '/hives/{id}': 'One hive',
  '/looks/{id}/faces': 'The cells of both sides of one look',
  '/photos/{id}': 'A picture',
  '/rules': 'House rules in force',
  '/vessels': 'Vessels of the kit',
  '/jars': 'Kinds of jar',
  '/harvests': 'Harvests, newest first',
  '/harvests/{id}': 'One harvest with all that was written about it',
  '/lots': 'Lots of the book',
  '/flows': 'Flows of the book',
  '/book': 'The book with its balance',
  '/clocks': 'Clocks that run',
  '/today': 'What is due',
  '/cutBoards/{id}/template.svg': 'A cutting template as SVG, true size',
  '/cutBoards/{id}/template.pdf': 'The same on sheets to print',
  '/cutHistory': 'Everything that lay on the cutting board, with what came of it',
  '/plans/timetable.ics': 'The planned day and what runs at the bench, as a calendar file',
  '/calendarLinks': 'Addresses that calendars follow, without their secrets',
  '/calendar/{token}.ics': 'The same calendar, for one that follows it',
  '/people': 'Names of those honey went to',
  '/traces': 'Where a lot came from, or where it is now: lot or code, direction back or forward',
  '/stock': 'Honey, jars and pieces that stand there now',
  '/stock/waters': 'Water of the honey that stands there now, as it was measured',
  '/reserves': 'Jars promised',
  '/seasons': 'Every harvest as seasons count it, estimates beside the scale',
  '/estimatePairs': 'The last combs weighed, beside what was estimated and guessed',
  '/questions': 'What cannot all be true in what was written down',
  '/harvests/{id}/aftercare': 'Wax, rinse and wet gear of a harvest',
  '/labelSheets': 'Sheets of labels',
  '/labelDesigns': 'How the household label looks',
  '/prints': "The label printer's spool",
  '/prints/{id}.pdf': 'What was printed',
  '/lots/{id}/label': "The words and the code of a lot's label",
  '/lots/{id}/labels.pdf': 'Labels of a lot',
  '/lots/{id}/page.html': "The page behind a lot's code, as one file",
  '/hives/{id}/card.pdf': "A card with a code that opens the hive's Look",
  '/hives/{id}/look-sheet.pdf': 'Blank combs to scale for a pencil',
  '/tables': 'Tables of the household',
  '/tables/{name}.csv': 'One table as CSV',
  '/archives/{id}': 'An archive on its way out or in',
  '/archives/{id}/file': 'An archive that was written',
  '/journal': 'The last entries, for undo',
  '/held': 'Late entries that no longer fit',
  '/house': 'The door of the house, its code and who is let in; at the machine itself',
  '/house/me': 'Who asks',
  '/holds': 'What is held back, why, and the lots it reaches',
  '/openapi.json': 'This description',
  '/events': 'What changed, as server-sent events',
  '/guesses': 'What people guessed beside what the scale said',
  '/runs': 'Drains that are done, for what is learned from them',
  '/gear': 'Gear that is no vessel',
  '/plans': 'Harvests that wait for their day',
  '/plans/sheet.pdf': 'The planned day on paper',
  '/sites/{id}/weather': 'Weather of the hours ahead, as far as it is known',
  '/hives/{id}/boxHistory': 'What became of the boxes of a hive',
  '/drains/{id}/readings.senml.json': 'Readings of an instrument as SenML',
  '/instruments/events': 'Readings as they come, as server-sent events',
  '/instruments/bench-scale': 'A reading of the bench scale',
  '/instruments/thermometer': 'A reading of the thermometer',
};

/** What is done about who is let in: path, words, body, answer. */
const HOUSE_ACTS: readonly [string, string, z.ZodType | null, z.ZodType][] = [
  ['/house/sharing', 'Open or shut the door of the house', sharingSchema, answers.houseAnswer],
  ['/house/names', 'Names by which the house calls this machine', namesSchema, answers.houseAnswer],
  ['/house/pairings', 'A new code that lets one device in', pairingSchema, answers.houseAnswer],
  ['/house/devices/{id}/remove', 'Let a device in no longer', null, answers.houseAnswer],
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
];

/** What a read answers with, where it answers in JSON. */
const contentOf = (schema: z.ZodType | undefined) =>
  schema ? { content: { 'application/json': { schema } } } : {};

const bodyOf = (schema: z.ZodType) => ({
  requestBody: { required: true, content: { 'application/json': { schema } } },
});

/** The interface described from the schemas themselves. */
export function openApi(): unknown {
  const paths: ZodOpenApiPathsObject = {};
  for (const [path, summary] of Object.entries(READS))
    paths[`/api/v1${path}`] = {
      get: {
        summary,
        responses: {
          200: { description: summary, ...contentOf(READ_ANSWERS[path]) },
          404: { description: 'Not there', content: problem },
        },
      },
    };
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
        202: { description: 'Begun', ...contentOf(answers.archiveJobAnswer) },
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
          ...contentOf(answers.archiveJobAnswer),
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
        202: { description: 'Begun', ...contentOf(answers.archiveJobAnswer) },
        409: { description: 'Not looked at yet', content: problem },
      },
    },
  };
  paths['/api/v1/archives/{id}/undo'] = {
    post: {
      summary: 'Take an import back: what stood here before it stands again',
      responses: {
        200: { description: 'Taken back', ...contentOf(answers.archiveJobAnswer) },
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
    const key = `/api/v1${path.replace(/:(\w+)/g, '{$1}')}`;
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
    info: { title: 'Furrow', version: '1' },
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
