import { addDays } from '../units/dates.js';
import type { ColonyFact, DatedFact } from '../records/colony.js';

type FactOf<K extends ColonyFact['kind']> = Extract<ColonyFact, { kind: K }>;
type Dated<K extends ColonyFact['kind']> = FactOf<K> & { on: string };

/** What is known of a colony on a date. Unknown stays null and never reads as 'yes'. */
export interface ColonyState {
  startedOn: string | null;
  dead: boolean;
  /** What was found when the colony was gone; null while the checklist is unanswered. */
  death: Dated<'death'> | null;
  queen: Dated<'queen'> | null;
  temper: Dated<'temper'> | null;
  strength: Dated<'strength'> | null;
  flow: Dated<'flow'> | null;
  broodCheck: Dated<'brood-check'> | null;
  nest: Dated<'nest'> | null;
  excluder: Dated<'excluder'> | null;
  entrance: Dated<'entrance'> | null;
  reserved: Dated<'reserved-super'> | null;
  gap: Dated<'gap'> | null;
  tilt: Dated<'tilt'> | null;
  bloom: Dated<'bloom'> | null;
  treatments: (Dated<'treatment'> & { waitUntil: string })[];
  feedings: Dated<'feeding'>[];
  risksRead: string[];
}

/** What the facts written so far say of the colony on `date`: the latest of each kind, all treatments and feedings. Facts dated later do not count yet. */
export function colonyState(
  startedOn: string | null,
  facts: readonly DatedFact[],
  date: string,
): ColonyState {
  const past = facts.filter((f) => f.on <= date).sort((a, b) => a.on.localeCompare(b.on));
  const all = <K extends ColonyFact['kind']>(kind: K): Dated<K>[] =>
    past.flatMap((f) => (f.fact.kind === kind ? [{ ...(f.fact as FactOf<K>), on: f.on }] : []));
  const last = <K extends ColonyFact['kind']>(kind: K): Dated<K> | null => all(kind).at(-1) ?? null;
  const flow = last('flow');
  const over = flow && flow.flow !== 'none' && flow.endsOn !== null && flow.endsOn < date;
  return {
    startedOn,
    dead: last('alive')?.alive === false,
    death: last('death'),
    queen: last('queen'),
    temper: last('temper'),
    strength: last('strength'),
    // A flow whose end was named is over after it; what follows is not known until somebody says.
    flow: over ? null : flow,
    broodCheck: last('brood-check'),
    nest: last('nest'),
    excluder: last('excluder'),
    entrance: last('entrance'),
    reserved: last('reserved-super'),
    gap: last('gap'),
    tilt: last('tilt'),
    bloom: last('bloom'),
    treatments: all('treatment').map((t) => ({ ...t, waitUntil: addDays(t.on, t.waitDays) })),
    feedings: all('feeding'),
    risksRead: all('risks-read').map((r) => r.of),
  };
}

/** What may be done with the comb of a colony that is gone. Never clears honey for feeding by itself. */
export interface DeadColonyAdvice {
  answered: boolean;
  eat: 'ask-first' | 'no' | 'as-found';
  feed: 'no' | 'same-word-only';
  lines: string[];
}

/**
 * Advice for a dead colony from its answered checklist. Unanswered honey is provisional; suspected poisoning or
 * rodents is not for eating; feeding only ever on an inspector's or laboratory's word.
 */
export function deadColonyAdvice(death: ColonyState['death']): DeadColonyAdvice {
  const first =
    'Close the hive against robbers first: reduce the entrance to nothing bees can rob, comb inside.';
  if (!death)
    return {
      answered: false,
      eat: 'ask-first',
      feed: 'no',
      lines: [
        first,
        'Until the checklist is answered its honey is provisional: neither eaten nor fed.',
        'Foulbrood is notifiable in many places: an inspector looks before comb leaves the hive.',
      ],
    };
  const has = (cause: (typeof death.causes)[number]): boolean => death.causes.includes(cause);
  const lines = death.closedAgainstRobbers ? [] : [first];
  if (has('foulbrood') || death.word === 'disease') {
    lines.push(
      'Suspected foulbrood: tell the bee inspector; nothing leaves the hive until they have said what to do.',
    );
    return { answered: true, eat: 'no', feed: 'no', lines };
  }
  if (has('poisoned') || has('rodents')) {
    lines.push(
      has('poisoned')
        ? 'Suspected poisoning: keep bees and comb for the laboratory; not for eating.'
        : 'Rodents were in it: not for eating; wax after melting, if at all.',
    );
    return { answered: true, eat: 'no', feed: 'no', lines };
  }
  if (has('unknown') && death.word === 'none') {
    lines.push(
      'The cause is not known: ask an inspector or a laboratory before the honey is eaten.',
    );
    return { answered: true, eat: 'ask-first', feed: 'no', lines };
  }
  lines.push(
    'Sound sealed comb may be harvested as found, by season; throw out what smells or ferments.',
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
