import { seededRandom } from '@furrow/core';

/**
 * A JSON schema as the interface describes itself: as much of it as is needed to make something up.
 */
export interface JsonSchema {
  $ref?: string;
  type?: string | string[];
  enum?: unknown[];
  const?: unknown;
  anyOf?: JsonSchema[];
  oneOf?: JsonSchema[];
  allOf?: JsonSchema[];
  properties?: Record<string, JsonSchema>;
  required?: string[];
  items?: JsonSchema;
  format?: string;
  minimum?: number;
  maximum?: number;
  minItems?: number;
  additionalProperties?: boolean | JsonSchema;
}

/**
 * What people never type and programs do: wrong kinds, edges of numbers, text that hides, turns,
 * breaks or runs.
 */
const NASTY: readonly unknown[] = [
  ...[null, true, false, 0, -1, -0, 0.1, 1e-320, 1e308, -1e308, 2 ** 53, -(2 ** 53)],
  ...['', ' ', '\u0000', '\ud800', '\u202eeman', '\u200b', '\ufeff', 'ﷺ'.repeat(500)],
  ...[
    'x'.repeat(100_000),
    '__proto__',
    'constructor',
    "'; DROP TABLE sites; --",
    '../../etc/passwd',
  ],
  ...['%00', '%', '2026-02-30', '0000-01-01', '9999-12-31T23:59:59Z', '2026-03-14T15:12:00+99:00'],
  ...['NaN', 'Infinity', '1e999', '0x10', '１２', '<script>alert(1)</script>', '=1+1', '{{7*7}}'],
  ...[[], {}, [[[[[[]]]]]], { __proto__: null }, { toString: 'no' }, { length: 1e9 }],
  Array.from({ length: 300 }, (_, i) => i),
];

export interface Chance {
  next: () => number;
  /** True so often out of one. */
  often: (share: number) => boolean;
  pick: <T>(list: readonly T[]) => T;
  whole: (below: number) => number;
}
export function chanceOf(seed: number): Chance {
  const next = seededRandom(seed);
  const whole = (below: number): number => Math.floor(next() * below);
  return {
    next,
    whole,
    often: (share) => next() < share,
    pick: (list) => list[whole(list.length)],
  };
}

/** Ids that are there, by table. */
export type KnownIds = Readonly<Record<string, readonly string[]>>;
/** Where what a field or an address names stands. */
const TABLE_OF: Readonly<Record<string, string>> = {
  ...{ siteId: 'sites', hiveId: 'hives', colonyId: 'colonies', combId: 'combs', combIds: 'combs' },
  ...{ visitId: 'visits', batchId: 'batches', drainId: 'drains', boardId: 'cutBoards' },
  ...{ jarKindId: 'jarKinds', vesselId: 'vessels', upperVesselId: 'vessels', lotId: 'lots' },
  ...{ lowerVesselId: 'vessels', honeyLotId: 'lots', fromLotId: 'lots', intoLotId: 'lots' },
  ...{
    from: 'lots',
    to: 'lots',
    boxId: 'carriers',
    carrierIds: 'carriers',
    sheetId: 'labelSheets',
  },
  ...{ designId: 'labelDesigns', personId: 'people', toHiveId: 'hives', commandId: 'commands' },
  ...{ harvests: 'batches', jars: 'jarKinds', hives: 'hives', lots: 'lots', drains: 'drains' },
};

/** Makes values up by their schemas; ids are mostly such as are there. */
export class Inventor {
  constructor(
    private readonly chance: Chance,
    private readonly schemas: Readonly<Record<string, JsonSchema>>,
    private readonly ids: KnownIds,
  ) {}

  nasty = (): unknown => this.chance.pick(NASTY);

  /** The same as it can stand in an address: no half of a character, not longer than a line. */
  nastyAddress(): string {
    const value = this.nasty();
    const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? '');
    return encodeURIComponent(text.slice(0, 200).replace(/\p{Surrogate}/gu, '?'));
  }

  /**
   * An id for what `name` names: mostly one that is there, of its kind or of any; else a new one.
   */
  id(name = ''): string {
    const { chance, ids } = this;
    const of = ids[TABLE_OF[name] ?? name] ?? [];
    if (of.length && chance.often(0.85)) return chance.pick(of);
    if (name !== 'id' && chance.often(0.3)) return chance.pick(Object.values(ids).flat());
    const hex = (n: number): string =>
      Array.from({ length: n }, () => chance.whole(16).toString(16)).join('');
    return `${hex(8)}-${hex(4)}-4${hex(3)}-8${hex(3)}-${hex(12)}`;
  }

  /** Something that fits the schema, as far as a schema says what fits. */
  value(schema: JsonSchema, depth = 0, name = ''): unknown {
    const { chance } = this;
    if (schema.$ref)
      return this.value(this.schemas[schema.$ref.split('/').at(-1)!] ?? {}, depth, name);
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return chance.pick(schema.enum);
    const one = schema.anyOf ?? schema.oneOf;
    if (one?.length) return this.value(chance.pick(one), depth, name);
    if (schema.allOf?.length)
      return Object.assign(
        {},
        ...schema.allOf.map((part) => this.value(part, depth, name)),
      ) as unknown;
    const type = Array.isArray(schema.type) ? chance.pick(schema.type) : schema.type;
    if (type === 'object' || schema.properties) return this.object(schema, depth);
    if (type === 'array') return this.list(schema, depth, name);
    return this.plain(type, schema, name);
  }

  private object(schema: JsonSchema, depth: number): Record<string, unknown> {
    const made: Record<string, unknown> = {};
    for (const [key, of] of Object.entries(schema.properties ?? {}))
      if (schema.required?.includes(key) || this.chance.often(0.5))
        made[key] = this.value(of, depth + 1, key);
    return made;
  }

  private list(schema: JsonSchema, depth: number, name: string): unknown[] {
    const most = depth > 4 ? 1 : 4;
    const length = Math.max(schema.minItems ?? 0, this.chance.whole(most));
    return Array.from({ length }, () => this.value(schema.items ?? {}, depth + 1, name));
  }

  private plain(type: string | undefined, schema: JsonSchema, name: string): unknown {
    const { chance } = this;
    if (type === 'boolean') return chance.often(0.5);
    if (type === 'null') return null;
    if (type === 'integer' || type === 'number') {
      const low = Math.max(schema.minimum ?? 0, -1e6);
      const high = Math.min(schema.maximum ?? 1000, 1e6);
      const drawn = low + chance.next() * (high - low);
      return type === 'integer' ? Math.round(drawn) : drawn;
    }
    if (schema.format === 'uuid') return this.id(name);
    if (schema.format === 'date') return `2026-0${1 + chance.whole(9)}-1${chance.whole(9)}`;
    if (schema.format === 'date-time')
      return `2026-03-1${chance.whole(5)}T1${chance.whole(9)}:00:00Z`;
    return chance.pick(['Encosta', 'UTC', 'south', 'crush', 'a note', 'Ipê', '2026-03-14T09:00']);
  }

  /**
   * The same value with one part of it made nasty, left out, or something added that nobody asked
   * for.
   */
  spoiled(value: unknown): unknown {
    const { chance } = this;
    if (value === null || typeof value !== 'object') return this.nasty();
    const copy = structuredClone(value) as Record<string, unknown>;
    const keys = Object.keys(copy);
    if (!keys.length || chance.often(0.15)) {
      copy[chance.pick(['extra', '__proto__x', 'id', 'revision', 'removedAt'])] = this.nasty();
      return copy;
    }
    const key = chance.pick(keys);
    if (chance.often(0.15)) delete copy[key];
    else copy[key] = chance.often(0.5) ? this.spoiled(copy[key]) : this.nasty();
    return copy;
  }
}
