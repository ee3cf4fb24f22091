import { houseSay } from '@furrow/words';
import { kept } from '../store/kept.js';
import { atHome } from '../spoken.js';
import {
  HOLD_WORDS,
  LANGUAGES,
  STARTING_DESIGN_ID,
  STARTING_FIELDS,
  STARTING_SHEETS,
  hiveKind,
  labelLines,
  labelProblems,
  asWritten,
  labelText,
  type LabelLines,
  type LabelRecord,
  type Language,
  lotKeeping,
  measuredWaterPercent,
  sheetProblem,
  type Batch,
  type Hold,
  type HouseRules,
  type LabelSale,
  type LabelSheetRecord,
  type LabelText,
  type Lot,
  type LotKeeping,
  type Print,
} from '@furrow/core';
import type { Knex } from 'knex';
import { conflict, refused } from '../problem.js';
import { holdSaid, holdsOnLot } from '../book/holds.js';
import { waterSourcesOf } from '../book/waters.js';
import { find, list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { lotView } from '../book/lots.js';
import { batchViewsOf, originsOf } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { codeInUse } from './codes.js';
import { z } from 'zod';
import { rowOf } from '../store/asked.js';

/** The sheets and the design a household begins with, so that a label can be printed at once. */
export async function ensureLabels(db: Knex, recordedAt: string): Promise<void> {
  if (await db('labelSheets').first()) return;
  for (const sheet of STARTING_SHEETS)
    await db('labelSheets').insert({
      ...sheet,
      name: kept(sheet.name),
      revision: 1,
      recordedAt,
    });
  await db('labelDesigns').insert({
    id: STARTING_DESIGN_ID,
    name: kept(houseSay('given.house-label')),
    sheetId: STARTING_SHEETS[0].id,
    fields: JSON.stringify(STARTING_FIELDS),
    qr: 1,
    secondLanguage: null,
    revision: 1,
    recordedAt,
  });
}

export interface FilledLot {
  lot: Lot & { code: string; netG: number };
  batch: Batch;
  /** Water of its honey as it was last measured; null where nobody measured. */
  moisturePercent: number | null;
  product: 'honey' | 'comb honey' | 'chunk honey';
  bee: 'honeybee' | 'stingless';
  /** Holds on it that nobody lifted. */
  holds: Hold[];
}

/** A filled lot with its batch; refused where it has no code or weight yet. */
export async function filledLot(db: Knex, id: string): Promise<FilledLot> {
  const lot = await lotView(db, id);
  const { code, netG } = lot ?? {};
  if (!lot || !code || !netG)
    throw refused(houseSay('refusal.there-no-such-filled-lot'), 'payload.lotId');
  const [batch] = await batchViewsOf(db, [lot.batchId]);
  const hive = await find(db, 'hives', batch.hiveId, 'hive');
  const water = measuredWaterPercent(await waterSourcesOf(db, batch));
  const kind = lot.jarKindId
    ? await rowOf(
        { purpose: z.string() },
        db('jarKinds').where({ id: lot.jarKindId }).first('purpose'),
      )
    : undefined;
  const poured = kind?.purpose === 'chunk' ? 'chunk honey' : 'honey';
  const product = lot.kind === 'pieces' ? 'comb honey' : poured;
  return {
    lot: { ...lot, code, netG },
    batch: { ...batch, ...(await originsOf(db, batch)) },
    moisturePercent: product === 'honey' ? water : null,
    product,
    bee: hiveKind(hive.kind).bee,
    holds: await holdsOnLot(db, lot.id),
  };
}

/** How long a filled lot may be said to keep. */
export const keepingOf = (
  { bee, moisturePercent, lot }: Pick<FilledLot, 'bee' | 'moisturePercent' | 'lot'>,
  rules: HouseRules,
): LotKeeping => lotKeeping({ bee, moisturePercent, granulating: lot.granulating }, rules);

/** What a lot's label goes by; `netG` where a piece has its own weight. */
function labelRecordOf(filled: FilledLot, rules: HouseRules, netG?: number): LabelRecord {
  const { lot, batch, moisturePercent, product, bee, holds } = filled;
  return {
    batchCode: lot.code,
    hiveName: batch.hiveName,
    siteName: batch.siteName,
    harvestedOn: batch.date,
    netG: netG ?? lot.netG,
    lowestWeighedG: netG ?? lot.lowestWeighedG,
    bee,
    keeping: keepingOf(filled, rules),
    species: rules.stinglessSpecies,
    heldBy: holds.length ? HOLD_WORDS[holds[0].cause].name : null,
    registeredToSell: rules.registeredToSell,
    labelMaker: rules.labelMaker,
    makerAddress: [rules.makerAddress, rules.countryOfOrigin].filter(Boolean).join(', '),
    product,
    useBy: lot.useBy,
    flower: lot.flower,
    flowerSupport: lot.flowerSupport,
    moisturePercent,
    nutrition: rules.nutritionOnLabel,
  };
}

/**
 * The words of a lot's label, every one from the record; `netG` where a piece has its own weight,
 * `secondLanguage` where the label speaks two.
 */
export function wordsOf(
  filled: FilledLot,
  rules: HouseRules,
  { netG, secondLanguage }: { netG?: number; secondLanguage?: Language | null } = {},
): LabelText {
  const record = labelRecordOf(filled, rules, netG);
  const words = labelText(record, atHome(rules));
  if (!secondLanguage) return words;
  return { ...words, second: labelLines(record, atHome(rules, secondLanguage)) };
}

/** The lines of a lot's label in every language that is spoken here. */
async function linesInLanguages(
  db: Knex,
  filled: FilledLot,
): Promise<Record<Language, LabelLines>> {
  const { rules } = await currentRules(db);
  const record = labelRecordOf(filled, rules);
  return Object.fromEntries(
    LANGUAGES.map((language) => [language, labelLines(record, atHome(rules, language))]),
  ) as Record<Language, LabelLines>;
}

/**
 * One label for each jar or piece of a lot. A piece of comb has its own weight and so its own
 * label.
 */
export async function labelsOf(
  db: Knex,
  lotId: string,
  secondLanguage: Language | null = null,
): Promise<{
  lot: Lot & { code: string; netG: number };
  batch: Batch;
  labels: LabelText[];
  inLanguages: Record<Language, LabelLines>;
  qrText: string;
  holds: Hold[];
  sale: LabelSale;
}> {
  const filled = await filledLot(db, lotId);
  const { lot, batch } = filled;
  const { rules } = await currentRules(db);
  const own =
    lot.kind === 'pieces'
      ? (await list(db, 'cutPieces', { lotId: lot.id })).flatMap((p) => (p.netG ? [p.netG] : []))
      : [];
  const labels = own.length
    ? own.sort((a, b) => b - a).map((netG) => wordsOf(filled, rules, { netG, secondLanguage }))
    : Array.from({ length: Math.max(1, lot.count ?? 1) }, () =>
        wordsOf(filled, rules, { secondLanguage }),
      );
  return {
    lot,
    batch,
    labels,
    inLanguages: await linesInLanguages(db, filled),
    holds: filled.holds,
    sale: {
      bee: filled.bee,
      moisturePercent: filled.moisturePercent,
      keeping: keepingOf(filled, rules),
      holds: filled.holds.map(holdSaid),
    },
    qrText: rules.baseAddress
      ? `${rules.baseAddress.replace(/\/$/, '')}/lot/${encodeURIComponent(lot.code)}`
      : lot.code,
  };
}

async function sheetOf(db: Knex, id: string): Promise<LabelSheetRecord> {
  const { recordedAt: _recordedAt, ...sheet } = await find(db, 'labelSheets', id, 'label-sheet');
  return sheet;
}

const spooled = (
  unit: UnitOfWork,
  print: Omit<Print, 'revision' | 'occurredAt' | 'misprinted' | 'why'>,
): Promise<unknown> =>
  unit.insert('prints', { ...print, misprinted: 0, why: '', occurredAt: unit.at });

/** Labels: their sheets and look, what is claimed, and the printer's spool. */
export const labelWrites = [
  write('/labelSheets', {
    sentence: (p) => houseSay('entry.label-sheet', { name: p.name }),
    run: async (unit, payload) => {
      const problem = sheetProblem(payload);
      if (problem) throw refused(problem, 'payload.columns');
      await unit.insert('labelSheets', { ...payload, name: asWritten(payload.name) });
      return { id: payload.id };
    },
  }),
  write('/labelDesigns', {
    sentence: (p) => houseSay('entry.label', { name: p.name }),
    run: async (unit, payload) => {
      await sheetOf(unit.db, payload.sheetId);
      await unit.insert('labelDesigns', { ...payload, name: asWritten(payload.name) });
      return { id: payload.id };
    },
  }),
  write('/labelDesigns/:id', {
    sentence: () => houseSay('entry.label-changed'),
    run: async (unit, payload, { id }) => {
      if (payload.sheetId) await sheetOf(unit.db, payload.sheetId);
      const { name, ...changed } = payload;
      const changes = name === undefined ? changed : { ...changed, name: asWritten(name) };
      await unit.update('labelDesigns', id, changes, unit.command.baseRevision);
      return { id };
    },
  }),
  write('/lots/:id/claim', {
    sentence: (p) =>
      p.flower
        ? houseSay('entry.flower-lot', { flower: p.flower })
        : houseSay('entry.no-flower-named'),
    run: async (unit, payload, { id }) => {
      const { lot } = await filledLot(unit.db, id);
      await unit.update('lots', id, {
        flower: payload.flower || null,
        flowerSupport: payload.flower ? payload.flowerSupport : null,
      });
      return { detail: await batchDetail(unit.db, lot.batchId) };
    },
  }),
  write('/harvests/:id/code', {
    sentence: ({ code }) => houseSay('entry.batch-code', { code }),
    run: async (unit, payload, { id }) => {
      const [batch] = await batchViewsOf(unit.db, [id]);
      if (!batch) throw refused(houseSay('refusal.there-no-such-harvest'), 'payload.code');
      if (
        await unit.db('lots').where({ batchId: id, removedAt: null }).whereNotNull('code').first()
      )
        throw conflict(
          'code-fixed',
          houseSay('refusal.jars-this-harvest-carry-its'),
          'payload.code',
        );
      const used = await codeInUse(unit.db, payload.code, id);
      if (used)
        throw refused(
          houseSay('refusal.code-code-that-comes-again', { code: payload.code, used }),
          'payload.code',
        );
      await unit.update('batches', id, { code: payload.code }, unit.command.baseRevision);
      return { detail: await batchDetail(unit.db, id) };
    },
  }),
  write('/prints', {
    sentence: (p) =>
      p.copies
        ? houseSay('entry.labels-copied', { copies: p.copies })
        : houseSay('entry.labels-printed'),
    run: async (unit, payload) => {
      const design = await find(unit.db, 'labelDesigns', payload.designId, 'label');
      const { id: _id, revision: _revision, ...sheet } = await sheetOf(unit.db, design.sheetId);
      const { lot, labels, qrText, holds } = await labelsOf(
        unit.db,
        payload.lotId,
        design.secondLanguage,
      );
      if (holds.length)
        throw refused(
          houseSay('refusal.no-label-for-it', { why: holdSaid(holds[0]) }),
          'payload.lotId',
        );
      for (const label of labels) {
        const [problem] = labelProblems(design, label, sheet);
        if (problem) throw refused(problem, 'payload.designId');
      }
      const wanted =
        payload.copies === null
          ? labels
          : Array.from({ length: payload.copies }, (_, i) => labels[i % labels.length]);
      if (payload.startAt >= sheet.columns * sheet.rows)
        throw refused(
          houseSay('refusal.sheet-has-labels', { labels: sheet.columns * sheet.rows }),
          'payload.startAt',
        );
      await spooled(unit, {
        id: payload.id,
        lotId: lot.id,
        sheet,
        fields: design.fields,
        qr: design.qr,
        qrText,
        labels: wanted,
        startAt: payload.startAt,
        reprintOf: null,
      });
      return { printId: payload.id };
    },
  }),
  write('/prints/:id/misprint', {
    sentence: (p) => houseSay('entry.labels-misprinted', { count: p.count, why: p.why }),
    run: async (unit, payload, { id }) => {
      const print = await find(unit.db, 'prints', id, 'print');
      if (print.misprinted + payload.count > print.labels.length)
        throw refused(
          houseSay('refusal.only-labels-this-print-are', {
            labels: print.labels.length - print.misprinted,
          }),
          'payload.count',
        );
      await unit.update('prints', id, {
        misprinted: print.misprinted + payload.count,
        why: [print.why, payload.why].filter(Boolean).join('; '),
      });
      if (payload.reprintId)
        await spooled(unit, {
          id: payload.reprintId,
          lotId: print.lotId,
          sheet: print.sheet,
          fields: print.fields,
          qr: print.qr,
          qrText: print.qrText,
          labels: print.labels.slice(0, payload.count),
          startAt: payload.startAt,
          reprintOf: id,
        });
      return { printId: payload.reprintId ?? id };
    },
  }),
];
