import { z } from 'zod';
import { datedFactRecord } from './colony.js';
import { readingSchema } from './look.js';
import { siteTaskSchema } from './plan.js';
import { OUTSIDE_VIEWS, COMB_AGES } from './vocabulary/comb.js';
import { sharesSchema, paneSchema, potsSchema, storedFaceSchema } from './vocabulary/combShapes.js';
import { row, id, text, day, revision, number, instant } from './vocabulary/fields.js';
import { HEMISPHERES, SEEN_BY, COMPARTMENTS, HIVE_KIND_NAMES } from './vocabulary/hive.js';
import { verdictRecord } from './vocabulary/verdict.js';
import { WAYS } from './vocabulary/ways.js';
import { FORAGE_STATES } from './vocabulary/weather.js';

/**
 * What is read of sites, hives and combs: one shape per thing, the same word as the table, the route
 * and the screen.
 */
export const photoRecord = z
  .strictObject({
    ...row,
    id,
    sha256: text,
    widthPx: z.int(),
    heightPx: z.int(),
    bytes: z.int(),
    takenOn: day.nullable(),
    revision,
  })
  .meta({ id: 'Photo' });
export type Photo = z.infer<typeof photoRecord>;

export const siteRecord = z
  .strictObject({
    ...row,
    id,
    name: text,
    zone: text,
    hemisphere: z.enum(HEMISPHERES),
    notes: z.array(text),
    forage: z.partialRecord(text, z.enum(FORAGE_STATES)),
    tasks: z.array(siteTaskSchema),
    /** Degrees north and east; null where nobody said. */
    latitude: number.nullable(),
    longitude: number.nullable(),
    /**
     * Whether plants that give poisonous honey are known in reach; null where it was not asked yet.
     */
    poisonousNectar: z.enum(['yes', 'no', 'ask']).nullable(),
    revision,
  })
  .meta({ id: 'Site' });
export type Site = z.infer<typeof siteRecord>;

export const colonyRecord = z
  .strictObject({
    ...row,
    id,
    startedOn: day,
    /** True where nobody said since when: the date is taken, not told. */
    startedAssumed: z.boolean(),
    endedOn: day.nullable(),
    facts: z.array(datedFactRecord),
    revision,
  })
  .meta({ id: 'Colony' });
export type Colony = z.infer<typeof colonyRecord>;

const bySide = <T extends z.ZodType>(side: T) => z.strictObject({ A: side, B: side });

export const lookRecord = z
  .strictObject({
    ...row,
    id,
    combId: id,
    slot: number,
    occurredAt: instant,
    date: day,
    sides: bySide(sharesSchema.nullable()),
    seenBy: bySide(z.enum(SEEN_BY).nullable()),
    photos: bySide(id.nullable()),
    pane: paneSchema.nullable(),
    attachment: z.enum(OUTSIDE_VIEWS).nullable(),
    pots: potsSchema.nullable(),
    straight: z.boolean().nullable(),
    readings: z.array(readingSchema),
    combAge: z.enum(COMB_AGES),
    depthMm: number,
    thicknessMm: number,
    /** Whether the cells of a side are kept; they are fetched one look at a time. */
    painted: bySide(z.boolean()),
    verdict: verdictRecord,
    rulesVersion: number,
    revision,
  })
  .meta({ id: 'Look' });
export type Look = z.infer<typeof lookRecord>;

export const lookFacesRecord = bySide(storedFaceSchema.nullable()).meta({
  id: 'LookFaces',
});
/** The cells of both sides of one look. */
export type LookFaces = z.infer<typeof lookFacesRecord>;

export const combEmptiedRecord = z.strictObject({
  /** The day, YYYY-MM-DD at the site. */
  on: day,
  way: z.enum(WAYS),
  /** Pots emptied; null where they were not counted, or for combs. */
  potsEmptied: number.nullable(),
});
/** What was drained or drawn from a comb in place since its last look. */
export type CombEmptied = z.infer<typeof combEmptiedRecord>;

export const combRecord = z
  .strictObject({
    ...row,
    id,
    emptied: combEmptiedRecord.nullable(),
    builtOn: day,
    looks: z.array(lookRecord),
    marks: z.array(datedFactRecord),
  })
  .meta({ id: 'Comb' });
/**
 * `marks`: treatments, feedings and brood checks of colonies it hung with before; they stay with it
 * after a move.
 */
export type CombView = z.infer<typeof combRecord>;

export const barRecord = z
  .strictObject({
    carrierId: id,
    slot: number,
    inBox: number,
    boxId: id.nullable(),
    comb: combRecord.nullable(),
  })
  .meta({ id: 'Bar' });
/**
 * One place and what hangs from it now; `slot` is unique in the hive, `inBox` counts within its
 * box.
 */
export type BarView = z.infer<typeof barRecord>;

export const boxRecord = z
  .strictObject({
    carrierId: id,
    number,
    compartment: z.enum(COMPARTMENTS),
    turned: z.boolean(),
    /** When it was last turned round in this hive; null where it never was. */
    turnedOn: day.nullable(),
    /** Since when it stands in this hive, wherever in the stack. */
    sinceOn: day,
    madeOn: day,
    revision,
  })
  .meta({ id: 'Box' });
/** A box of a stack, 1 lowest. A turned one shows its combs from the other end. */
export type BoxView = z.infer<typeof boxRecord>;

export const hiveRecord = z
  .strictObject({
    ...row,
    id,
    siteId: id,
    name: text,
    kind: z.enum(HIVE_KIND_NAMES),
    geometry: z.record(text, z.union([number, text])),
    revision,
    site: siteRecord,
    colony: colonyRecord.nullable(),
    /** When pots were last drawn from the colony; null where never. */
    potsDrawnOn: day.nullable(),
    /**
     * When any comb of it was last looked at, those taken since among them; null where nobody ever
     * looked.
     */
    lastLookOn: day.nullable(),
    boxes: z.array(boxRecord),
    bars: z.array(barRecord),
  })
  .meta({ id: 'Hive' });
export type Hive = z.infer<typeof hiveRecord>;
