import { dataOf } from '../parts/domEvents';
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import type { AnswerTo, Known, SpokenRead, WaitingEntry } from '@furrow/core';
import { computed, nextTick, watch, type Ref } from 'vue';
import type { Doing } from '../house/doing.js';
import { missedHouse, useAwaySince } from './away.js';
import { read, serverSpeed, setServerNow } from './client.js';
import { waitingEntries, writtenHere } from './outbox.js';

/** All server data goes through this one cache; an event of the server makes it ask again. */
type ItemsOf<Answer> = Answer extends { items: infer Items } ? Items : never;
/** A list, without its page. */
const items =
  <Path extends SpokenRead>(path: Path) =>
  async (): Promise<ItemsOf<AnswerTo<Path>>> =>
    ((await read(path)) as { items: ItemsOf<AnswerTo<Path>> }).items;

/** Reads that a day at the hive needs: a device keeps what they answered. */
export const READS_OF_THE_DAY = {
  sites: { queryKey: ['sites'], queryFn: items('/sites') },
  hives: { queryKey: ['hives'], queryFn: items('/hives') },
  rules: { queryKey: ['rules'], queryFn: () => read('/rules') },
  vessels: { queryKey: ['vessels'], queryFn: items('/vessels') },
  jars: { queryKey: ['jars'], queryFn: items('/jars') },
  gear: { queryKey: ['gear'], queryFn: items('/gear') },
  harvests: { queryKey: ['harvests'], queryFn: items('/harvests') },
  plans: { queryKey: ['plans'], queryFn: () => read('/plans') },
  runs: { queryKey: ['runs'], queryFn: () => read('/runs') },
  guesses: { queryKey: ['guesses'], queryFn: items('/guesses') },
  today: { queryKey: ['today'], queryFn: items('/today') },
} as const;
/** One harvest, as a device keeps it. */
export const harvestRead = (id: string) => ({
  queryKey: ['harvest', id],
  queryFn: () => read(`/harvests/${id}`),
});

/** What writes entries on what was read. */
type By = NonNullable<typeof writtenHere.value>;

/**
 * What was read of the house with what waits on this device written on it: shown at once, and as
 * the house wrote it once it has it.
 */
function withWaiting<
  Query extends { data: Ref<unknown> },
  Data = NonNullable<Query['data']['value']>,
>(query: Query, written: (by: By, data: Data, entries: readonly WaitingEntry[]) => Data): Query {
  const data = computed(() => {
    const read = query.data.value as Data | undefined;
    const [by, entries] = [writtenHere.value, waitingEntries.value];
    return read !== undefined && by && entries.length > 0 ? written(by, read, entries) : read;
  });
  return { ...query, data };
}
/** The rules, harvests and boxes that what waits is shown by; null before they were read. */
function useKnown(): Ref<Known | null> {
  const { data: rules } = useRules();
  const { data: batches } = useQuery(READS_OF_THE_DAY.harvests);
  const { data: jars } = useQuery(READS_OF_THE_DAY.jars);
  return computed(
    () =>
      rules.value && { rules: rules.value, batches: batches.value ?? [], jars: jars.value ?? [] },
  ) as Ref<Known | null>;
}

export const useSites = () => useQuery(READS_OF_THE_DAY.sites);
export const useHives = () => {
  const known = useKnown();
  return withWaiting(
    useQuery({ ...READS_OF_THE_DAY.hives, shallow: true }),
    (by, hives, entries) => (known.value ? by.hivesWith(hives, entries, known.value) : hives),
  );
};
export const useRules = () => useQuery(READS_OF_THE_DAY.rules);
export const useVessels = () => useQuery(READS_OF_THE_DAY.vessels);
export const useJars = () =>
  withWaiting(useQuery(READS_OF_THE_DAY.jars), (by, jars, entries) => by.jarsWith(jars, entries));
export const useHarvests = () =>
  withWaiting(useQuery(READS_OF_THE_DAY.harvests), (by, batches, entries) =>
    by.batchesWith(batches, entries),
  );
export const useJournal = () => useQuery({ queryKey: ['journal'], queryFn: items('/journal') });
/** Closed drains and frames of the household: what forecasts and the press learn from. */
export const useRuns = () => useQuery(READS_OF_THE_DAY.runs);
/** Guesses and what was weighed then, over all harvests. */
export const useGuesses = () => useQuery(READS_OF_THE_DAY.guesses);
/** Addresses that calendars follow; their secrets are nowhere but in the calendars. */
export const useCalendarLinks = () =>
  useQuery({ queryKey: ['calendarLinks'], queryFn: items('/calendarLinks') });
export const useGear = () => useQuery(READS_OF_THE_DAY.gear);
export const useOpenPlans = () => {
  const known = useKnown();
  return withWaiting(
    useQuery({ ...READS_OF_THE_DAY.plans, shallow: true }),
    (by, open, entries) => ({
      ...open,
      ticks: by.ticksWith(open.ticks, entries),
      details: known.value
        ? open.details.map((detail) => by.harvestWith(detail, entries, known.value!))
        : open.details,
    }),
  );
};
/** Weather of several sites at once, by site. */
export const useWeather = (siteIds: Ref<string[]>) =>
  useQuery({
    queryKey: computed(() => ['weather', ...siteIds.value]),
    queryFn: async () =>
      Object.fromEntries(
        await Promise.all(
          siteIds.value.map(async (id) => [id, await read(`/sites/${id}/weather`)] as const),
        ),
      ),
    enabled: computed(() => siteIds.value.length > 0),
    shallow: true,
  });
export const useHarvest = (id: Ref<string | null>) => {
  const known = useKnown();
  const query = useQuery({
    queryKey: computed(() => ['harvest', id.value]),
    queryFn: () => read(`/harvests/${id.value}`),
    enabled: computed(() => id.value !== null),
    shallow: true,
  });
  return withWaiting(query, (by, detail, entries) =>
    known.value ? by.harvestWith(detail, entries, known.value) : detail,
  );
};
export const useFaces = (lookId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['faces', lookId.value]),
    queryFn: () => read(`/looks/${lookId.value}/faces`),
    enabled: computed(() => lookId.value !== null),
    staleTime: Infinity,
  });
export const useClocks = () =>
  useQuery({
    queryKey: ['clocks'],
    queryFn: async () => {
      const answer = await read('/clocks');
      setServerNow(answer.now, answer.speed, answer.set);
      return answer.items;
    },
    // A rehearsal's fast clock is asked more often.
    refetchInterval: () => (serverSpeed() > 1 ? 4_000 : 60_000),
  });
export const useToday = () => useQuery({ ...READS_OF_THE_DAY.today, refetchInterval: 60_000 });

/** What happened with the boxes of a hive, newest first. */
export const useBoxHistory = (hiveId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['boxHistory', hiveId.value]),
    queryFn: () => items(`/hives/${hiveId.value}/boxHistory`)(),
  });

type Client = ReturnType<typeof useQueryClient>;
/** Asks everything again, so that what comes was asked for after now. */
async function askAgain(client: Client): Promise<void> {
  // A first answer still under way may be older than what is told here, and is not asked for
  // twice by itself.
  const first = client.isFetching({ predicate: (query) => query.state.data === undefined }) > 0;
  await client.invalidateQueries();
  if (first) await client.invalidateQueries();
}

/** Asks everything again that may have changed by a write. */
export function useRefresh(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await askAgain(client);
    await settled(client, SETTLED_WITHIN_MS);
  };
}

/**
 * The same, and waits until all of it stands on the screen however long that takes: what a device
 * shows of its own in place of an answer goes only then. Given up where the house is away.
 */
export function useReadAnew(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await askAgain(client);
    await settled(client, READ_WITHIN_MS);
    await nextTick();
  };
}

/**
 * Waits until what was written a moment ago is on the screen: a command that names the state it was
 * made for must not name the one before the person's own last entry.
 */
export function useSettled(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await settled(client, SETTLED_WITHIN_MS);
    await nextTick();
  };
}

const SETTLE_STEP_MS = 20;
const SETTLED_WITHIN_MS = 1200;
const READ_WITHIN_MS = 30_000;
/**
 * Waits, so long at most, until what is on the screen was read to its end. An answer that was under
 * way is dropped when another write asks anew: whoever waited for it would go on with what stood
 * before.
 */
async function settled(client: Client, withinMs: number): Promise<void> {
  const until = Date.now() + withinMs;
  const isUnderWay = (): boolean =>
    client.isFetching({ type: 'active' }) > 0 && useAwaySince().value === null;
  while (isUnderWay() && Date.now() < until)
    await new Promise((done) => setTimeout(done, SETTLE_STEP_MS));
}

/** How long the first screen is read and drawn before anything is asked twice. */
const FIRST_SCREEN_MS = 3000;

/** Listens to the server: something was written, here or on another screen. */
export function listen(
  refresh: (by: string | null) => void,
  hearDoing: (doing: Doing) => void = () => undefined,
  opened: () => void = () => undefined,
): void {
  const source = new EventSource('/api/v1/events');
  source.addEventListener('error', () => void missedHouse());
  window.addEventListener('offline', () => void missedHouse());
  // What stands there is from before the house was away.
  watch(useAwaySince(), (since) => {
    if (since === null) refresh(null);
  });
  source.addEventListener('changed', (event) => {
    const { by, own }: { by?: string; own?: boolean } = JSON.parse(dataOf(event));
    refresh(own ? null : (by ?? null));
  });
  source.addEventListener('doing', (event) => {
    const doing: Doing = JSON.parse(dataOf(event));
    hearDoing(doing);
  });
  // What was written between the first answer and this line standing, or while the server was away,
  // was not heard. The first screen has the line to itself until it stands.
  let waitMs = FIRST_SCREEN_MS;
  source.addEventListener('open', () => {
    setTimeout(() => refresh(null), waitMs);
    waitMs = 0;
    opened();
  });
}

/** Everything that was ever laid on the cutting board, with what came of it. */
export const useCutHistory = () =>
  useQuery({
    queryKey: ['cutHistory'],
    queryFn: () => read('/cutHistory'),
    shallow: true,
  });

/** Where a lot came from, or where it is now. */
export const useTrace = (lotId: Ref<string>, direction: Ref<'back' | 'forward'>) =>
  useQuery({
    queryKey: computed(() => ['trace', lotId.value, direction.value]),
    queryFn: () => read(`/traces?lot=${lotId.value}&direction=${direction.value}`),
  });
/** Names of those honey went to, as long as they are not forgotten. */
export const usePeople = () => useQuery({ queryKey: ['people'], queryFn: items('/people') });

/** Label sheets, the household's label, what a lot's label says, and the printer's spool. */
export const useLabelSheets = () =>
  useQuery({ queryKey: ['labelSheets'], queryFn: items('/labelSheets') });
export const useLabelDesigns = () =>
  useQuery({ queryKey: ['labelDesigns'], queryFn: items('/labelDesigns') });
export const useLotLabel = (lotId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['lotLabel', lotId.value]),
    queryFn: () => read(`/lots/${lotId.value}/label`),
    enabled: computed(() => lotId.value !== null),
  });
export const usePrints = () => useQuery({ queryKey: ['prints'], queryFn: items('/prints') });

/** Wax, rinse and wet gear of one harvest. */
export const useAftercare = (batchId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['aftercare', batchId.value]),
    queryFn: () => read(`/harvests/${batchId.value}/aftercare`),
  });
/** Jars promised and not handed over yet. */
export const useReserves = () => useQuery({ queryKey: ['reserves'], queryFn: items('/reserves') });
/** Every harvest as seasons count it. */
export const useSeasons = () =>
  useQuery({ queryKey: ['seasons'], queryFn: () => read('/seasons') });
/** The last combs weighed, beside what was estimated: what corrects the next estimate. */
export const useEstimatePairs = () =>
  useQuery({ queryKey: ['estimatePairs'], queryFn: items('/estimatePairs') });
/** What cannot all be true in what was written down. */
export const useQuestions = () =>
  useQuery({ queryKey: ['questions'], queryFn: items('/questions') });
/**
 * Water of the honey lots, measured or null; its key begins with the stock's: what renews the stock
 * renews it.
 */
export const useStockWaters = () =>
  useQuery({ queryKey: ['stock', 'waters'], queryFn: items('/stock/waters') });
/** Lots of honey, jars and pieces that hold something now. */
export const useStock = () => useQuery({ queryKey: ['stock'], queryFn: items('/stock') });
