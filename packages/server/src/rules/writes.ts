import { houseSay } from '@furrow/words';
import { z } from 'zod';
import { rowOf, rowsOf } from '../store/asked.js';
import { conflict } from '../problem.js';
import { currentRules } from './currentRules.js';
import { find } from '../store/rows.js';
import { undoCommand } from '../store/unitOfWork.js';
import { write } from '../store/writes.js';

export const rulesWrites = [
  write('/rules', {
    sentence: () => houseSay('entry.house-rules-changed'),
    run: async (unit, payload) => {
      const current = await currentRules(unit.db);
      if (unit.command.baseRevision !== undefined && unit.command.baseRevision !== current.version)
        throw conflict('stale', houseSay('refusal.house-rules-were-changed-on'), 'baseRevision');
      const version = current.version + 1;
      await unit.db('ruleVersions').insert({
        version,
        rules: JSON.stringify(payload),
        recordedAt: unit.recordedAt,
        commandId: unit.command.id,
      });
      return { version, recordedAt: unit.recordedAt, rules: payload };
    },
  }),
  write('/vessels', {
    sentence: (p) => houseSay('entry.put-in-kit', { name: p.name }),
    run: async (unit, payload) => {
      await unit.insert('vessels', payload);
      return { vessel: await find(unit.db, 'vessels', payload.id, 'vessel') };
    },
  }),
  write('/vessels/:id', {
    sentence: () => houseSay('entry.vessel-changed'),
    run: async (unit, payload, { id }) => {
      await unit.update('vessels', id, payload, unit.command.baseRevision);
      return { vessel: await find(unit.db, 'vessels', id, 'vessel') };
    },
  }),
  ...(['vessels', 'jars'] as const).map((kind) =>
    write(`/${kind}/:id/remove`, {
      sentence: () => houseSay('entry.taken-out-kit'),
      run: async (unit, _payload, { id }) => {
        await unit.update(
          kind === 'jars' ? 'jarKinds' : 'vessels',
          id,
          { removedAt: unit.recordedAt },
          unit.command.baseRevision,
        );
        return { id };
      },
    }),
  ),
  write('/jars', {
    sentence: (p) => houseSay('entry.put-in-kit', { name: p.name }),
    run: async (unit, payload) => {
      await unit.insert('jarKinds', payload);
      const jarKind = await find(unit.db, 'jarKinds', payload.id, 'kind-of-jar');
      return { jarKind };
    },
  }),
  write('/jars/:id', {
    sentence: () => houseSay('entry.jars-changed'),
    run: async (unit, payload, { id }) => {
      await unit.update('jarKinds', id, payload, unit.command.baseRevision);
      return { jarKind: await find(unit.db, 'jarKinds', id, 'kind-of-jar') };
    },
  }),
  write('/undo', {
    sentence: () => houseSay('entry.undone'),
    run: async (unit, { commandId }) => {
      const target = await rowOf(
        { undoes: z.string().nullable(), route: z.string() },
        unit.db('commands').where({ id: commandId }).first('undoes', 'route'),
      );
      if (target?.undoes)
        throw conflict('undo-of-undo', houseSay('refusal.undo-not-undone-say-it'));
      if (target?.route === 'post /rules') {
        // Versions are immutable: taking one back writes the one before it again.
        const [newest, before] = await rowsOf(
          { version: z.number(), rules: z.string(), commandId: z.string() },
          unit.db('ruleVersions').orderBy('version', 'desc').limit(2),
        );
        if (newest.commandId !== commandId)
          throw conflict('built-upon', houseSay('refusal.newer-house-rules-stand-on'));
        await unit.db('ruleVersions').insert({
          version: newest.version + 1,
          rules: before.rules,
          recordedAt: unit.recordedAt,
          commandId: unit.command.id,
        });
      }
      await undoCommand(unit, commandId);
      return { undoes: commandId };
    },
  }),
];
