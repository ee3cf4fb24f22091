import SwaggerParser from '@apidevtools/swagger-parser';
import { Validator } from '@seriousme/openapi-schema-validator';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { OWN_READS, READS } from '@furrow/core';
import { answerOf } from './answers.js';
import { openApi } from './openapi.js';
import { Household } from './testing/household.js';

type Described = {
  paths: Record<
    string,
    Record<string, { operationId?: string; parameters?: { in: string; name: string }[] }>
  >;
};
const described = (): Described => JSON.parse(JSON.stringify(openApi())) as Described;

describe('the description of the interface', () => {
  it('is valid to one validator', async () => {
    const { valid, errors } = await new Validator().validate(described());
    expect(errors ?? []).toEqual([]);
    expect(valid).toBe(true);
  });
  it('is valid to another', async () => {
    await expect(SwaggerParser.validate(described() as never)).resolves.toBeTruthy();
  });
  it('names every operation, each by a name of its own, with the parameters of its path', () => {
    const names = new Set<string>();
    for (const [path, methods] of Object.entries(described().paths))
      for (const [method, operation] of Object.entries(methods)) {
        expect(operation.operationId, `${method} ${path}`).toMatch(/^[a-z][A-Za-z0-9]+$/);
        expect(names.has(operation.operationId!), operation.operationId).toBe(false);
        names.add(operation.operationId!);
        const inPath = [...path.matchAll(/\{(\w+)\}/g)].map((m) => m[1]);
        const declared = (operation.parameters ?? [])
          .filter((p) => p.in === 'path')
          .map((p) => p.name);
        expect(declared, `${method} ${path}`).toEqual(inPath);
      }
  });
});

/** Reads that answer with a file, a picture or a stream: no shape to tell. */
const NO_SHAPE =
  /\.(pdf|svg|csv|ics|html)$|\/(events|file)$|^\/photos\/|openapi\.json$|senml\.json$/;
describe('what a read answers with', () => {
  it('is told by the schemas that the tests hold every answer against', () => {
    const untold = Object.entries(described().paths).flatMap(([path, { get }]) => {
      const plain = path.replace('/api/v1', '');
      const told = (get as { responses?: { 200?: { content?: object } } } | undefined)?.responses;
      return !get || NO_SHAPE.test(plain) || told?.[200]?.content ? [] : [plain];
    });
    expect(untold).toEqual([]);
  });
  it('is told of every write too, of a new one and of one that is repeated', () => {
    const untold = Object.entries(described().paths).flatMap(([path, methods]) =>
      Object.entries(methods).flatMap(([method, operation]) => {
        const { responses } = operation as { responses: Record<string, { content?: object }> };
        const good = Object.keys(responses).filter((status) => status.startsWith('2'));
        const silent = good.filter((status) => !responses[status].content);
        return method === 'get' ? [] : silent.map((status) => `${method} ${path} ${status}`);
      }),
    );
    expect(untold).toEqual([]);
  });
  it('finds its schema by the path that is asked for', () => {
    expect(answerOf('/hives/07baf99e-7194-428d-96a1-26d48b722ba0')).toBe(
      READS['/hives/:id'].answers,
    );
    expect(answerOf('/hives?limit=2')).toBe(READS['/hives'].answers);
    expect(answerOf('/nothing')).toBeNull();
  });
});

describe('the routes that are there', () => {
  let home: Household;
  beforeAll(async () => void (home = await Household.open()));
  afterAll(() => home.close());
  it('are all described, and nothing is described that is not there', () => {
    const real = routesOf(home.app as unknown as Stacked).filter((r) => !NOT_OF_IT.includes(r));
    const told = Object.entries(described().paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method} ${path.replace('/api/v1', '')}`),
    );
    // A route of many names, such as the calculators, is described name by name.
    const answers = (route: string, path: string): boolean =>
      new RegExp(`^${route.replace(/[.*]/g, '\\$&').replace(/:\w+/g, '[^/]+')}$`).test(path);
    expect(real.filter((route) => !told.some((path) => answers(route, path)))).toEqual([]);
    expect(told.filter((path) => !real.some((route) => answers(route, path)))).toEqual([]);
  });
});

describe('a household with a harvest in it', () => {
  let home: Household;
  let ids: Record<string, string>;
  beforeAll(async () => {
    home = await Household.open();
    const hive = await home.hive();
    const harvest = await home.harvest(hive);
    const [look] = (await home.detail(harvest)).looks;
    ids = { hives: hive.id, harvests: harvest, looks: look.id, sites: hive.siteId };
  });
  afterAll(() => home.close());
  /** These are asked about something: their own tests do. */
  const ASKED = [
    '/traces',
    '/instruments/bench-scale',
    '/instruments/hive-scale',
    '/archives/:id',
    '/lots/:id/label',
  ];
  it.each(Object.keys({ ...READS, ...OWN_READS }).filter((path) => !ASKED.includes(path)))(
    'answers %s as it is told',
    async (path) => {
      const id = ids[path.split('/')[1]];
      await expect(home.get(path.replace(':id', id))).resolves.toBeTruthy();
    },
  );
});

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  handle: Stacked | ((...args: never[]) => void);
}
interface Stacked {
  stack?: Layer[];
  router?: { stack: Layer[] };
}
/** The page behind a lot's code and the one that pairs are for people, not for programs. */
const NOT_OF_IT = ['get /lot/:code', 'get /pair', 'post /pair', 'get /furrow-authority.crt'];

/**
 * Every route of an application, its routers' too, as "method /path" below where they are mounted.
 */
function routesOf(of: Stacked): string[] {
  const stack = of.router?.stack ?? of.stack ?? [];
  return stack.flatMap(({ route, handle }) => {
    if (route) return Object.keys(route.methods).map((method) => `${method} ${route.path}`);
    return 'stack' in handle ? routesOf(handle) : [];
  });
}
