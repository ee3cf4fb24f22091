import { DEATH_MUST_ASK, type DeathCause } from '../records/colony.js';
import type { ColonyState } from './colonyState.js';

/** Signs after which nothing of the comb is eaten. */
const NOT_FOR_EATING: readonly DeathCause[] = ['foulbrood', 'poisoned', 'rodents'];

/**
 * What may be done with the comb of a colony that is gone. Never clears honey for feeding by
 * itself.
 */
export interface DeadColonyAdvice {
  answered: boolean;
  eat: 'ask-first' | 'no' | 'as-found';
  feed: 'no' | 'same-word-only';
  lines: string[];
}

/** What comes before anything else, unless it was done. */
export const CLOSE_FIRST =
  'Close the hive against robbers first: reduce the entrance to nothing bees can rob, comb inside.';

/** Signs of the checklist that nobody looked for yet. */
export function deathUnasked(death: NonNullable<ColonyState['death']>): DeathCause[] {
  const said = new Set<DeathCause>([...death.causes, ...(death.notFound ?? [])]);
  return DEATH_MUST_ASK.filter((sign) => !said.has(sign));
}

/**
 * Advice for a dead colony from its checklist. A checklist counts as answered once every sign was
 * looked for, or an inspector or laboratory spoke; one tick clears nothing. Suspected foulbrood,
 * poisoning or rodents: not for eating. Feeding only ever on an inspector's or laboratory's word.
 */
export function deadColonyAdvice(death: ColonyState['death']): DeadColonyAdvice {
  if (!death)
    return {
      answered: false,
      eat: 'ask-first',
      feed: 'no',
      lines: [
        CLOSE_FIRST,
        'Until the checklist is answered its honey is provisional: neither eaten nor fed.',
        'Foulbrood is notifiable in many places: an inspector looks before comb leaves the hive.',
      ],
    };
  const lines = death.closedAgainstRobbers ? [] : [CLOSE_FIRST];
  const barred = notForEating(death);
  if (barred) return { answered: true, eat: 'no', feed: 'no', lines: [...lines, barred] };
  const open = stillOpen(death);
  if (open) return { answered: false, eat: 'ask-first', feed: 'no', lines: [...lines, open] };
  lines.push(
    'Sound comb is sorted as found: capped apart, open honey measured and used first, empty comb left out. Throw out what smells, is soiled or ferments.',
  );
  lines.push(
    death.word === 'no-disease'
      ? 'An inspector or laboratory found no disease: only on that word may it be fed, and only where the trace shows one origin.'
      : "Never fed: only an inspector's or a laboratory's word clears it.",
  );
  return {
    answered: true,
    eat: 'as-found',
    feed: death.word === 'no-disease' ? 'same-word-only' : 'no',
    lines,
  };
}

function notForEating(death: NonNullable<ColonyState['death']>): string | null {
  const has = (cause: DeathCause): boolean => death.causes.includes(cause);
  if (has('foulbrood') || death.word === 'disease')
    return 'Suspected foulbrood: tell the bee inspector; nothing leaves the hive until they have said what to do.';
  if (has('poisoned'))
    return 'Suspected poisoning: keep bees and comb for the laboratory; not for eating.';
  if (has('rodents')) return 'Rodents were in it: not for eating; wax after melting, if at all.';
  return null;
}

function stillOpen(death: NonNullable<ColonyState['death']>): string | null {
  if (death.word === 'no-disease') return null;
  if (death.causes.includes('unknown'))
    return 'The cause is not known: ask an inspector or a laboratory before the honey is eaten.';
  const unasked = deathUnasked(death);
  return unasked.length
    ? `One sign does not clear it, ${unasked.length} were not looked for: ask before the honey is eaten.`
    : null;
}

/**
 * Whether the hive of a dead colony was closed against robbers: said in the checklist, or by its
 * entrance since.
 */
export function isClosed(colony: Pick<ColonyState, 'death' | 'entrance'>): boolean {
  const entrance = colony.entrance?.entrance;
  return (
    colony.death?.closedAgainstRobbers === true || entrance === 'screened' || entrance === 'reduced'
  );
}

/** Whether the comb of this dead colony is not for eating at all, whatever else was found. */
export function deathBarsEating(death: ColonyState['death']): boolean {
  return (
    death !== null &&
    (death.word === 'disease' || death.causes.some((cause) => NOT_FOR_EATING.includes(cause)))
  );
}
