import SwaggerParser from '@apidevtools/swagger-parser';
import { Validator } from '@seriousme/openapi-schema-validator';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
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

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  handle: Stacked | ((...args: never[]) => void);
}
interface Stacked {
  stack?: Layer[];
  router?: { stack: Layer[] };
}
/** The page behind a lot's code is for people, not for programs. */
const NOT_OF_IT = ['get /lot/:code'];

/** Every route of an application, its routers' too, as "method /path" below where they are mounted. */
function routesOf(of: Stacked): string[] {
  const stack = of.router?.stack ?? of.stack ?? [];
  return stack.flatMap(({ route, handle }) => {
    if (route) return Object.keys(route.methods).map((method) => `${method} ${route.path}`);
    return 'stack' in handle ? routesOf(handle) : [];
  });
}
