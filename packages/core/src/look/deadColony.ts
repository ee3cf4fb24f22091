import { DEATH_MUST_ASK, type DeathCause } from '../records/vocabulary/colony.js';
import type { ColonyState } from './colonyState.js';
import type { Say } from '../say/say.js';
import { lookSay } from './says.js';

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
  lines: Say[];
}

/** What comes before anything else, unless it was done. */
export const CLOSE_FIRST = lookSay('look.dead.close-first');

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
      lines: [CLOSE_FIRST, lookSay('look.dead.provisional'), lookSay('look.dead.notifiable')],
    };
  const lines = death.closedAgainstRobbers ? [] : [CLOSE_FIRST];
  const barred = notForEating(death);
  if (barred) return { answered: true, eat: 'no', feed: 'no', lines: [...lines, barred] };
  const open = stillOpen(death);
  if (open) return { answered: false, eat: 'ask-first', feed: 'no', lines: [...lines, open] };
  lines.push(lookSay('look.dead.sort'));
  lines.push(
    death.word === 'no-disease' ? lookSay('look.dead.fed-on-word') : lookSay('look.dead.never-fed'),
  );
  return {
    answered: true,
    eat: 'as-found',
    feed: death.word === 'no-disease' ? 'same-word-only' : 'no',
    lines,
  };
}

function notForEating(death: NonNullable<ColonyState['death']>): Say | null {
  const has = (cause: DeathCause): boolean => death.causes.includes(cause);
  if (has('foulbrood') || death.word === 'disease') return lookSay('look.dead.foulbrood');
  if (has('poisoned')) return lookSay('look.dead.poisoned');
  if (has('rodents')) return lookSay('look.dead.rodents');
  return null;
}

function stillOpen(death: NonNullable<ColonyState['death']>): Say | null {
  if (death.word === 'no-disease') return null;
  if (death.causes.includes('unknown')) return lookSay('look.dead.cause-not-known');
  const unasked = deathUnasked(death);
  return unasked.length ? lookSay('look.dead.unasked', { count: unasked.length }) : null;
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
