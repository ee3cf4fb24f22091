import { useQuery, useQueryClient } from '@tanstack/vue-query';
import type {
  Aftercare,
  Batch,
  BatchDetail,
  BoxEvent,
  CalendarLink,
  Clock,
  Contradiction,
  CutBoard,
  CutPiece,
  EstimateCorrection,
  Gear,
  HarvestSummary,
  Hive,
  JarKindRecord,
  JournalLine,
  Keeping,
  LabelDesignRecord,
  LabelSale,
  LabelSheetRecord,
  LabelText,
  LookFaces,
  Lot,
  LotWater,
  MissedGear,
  OpenPlans,
  Out,
  PastRun,
  Person,
  Reserve,
  RulesVersion,
  Site,
  SiteWeather,
  TodayLine,
  Vessel,
  HiveKindName,
  RunKind,
} from '@furrow/core';
import { computed, nextTick, type Ref } from 'vue';
import type { Doing } from '../house/doing.js';
import { read, serverSpeed, setServerNow } from './client.js';

/** All server data goes through this one cache; an event of the server makes it ask again. */
const items =
  <T>(path: string) =>
  async (): Promise<T[]> =>
    (await read<{ items: T[] }>(path)).items;

export const useSites = () => useQuery({ queryKey: ['sites'], queryFn: items<Site>('/sites') });
export const useHives = () =>
  useQuery({ queryKey: ['hives'], queryFn: items<Hive>('/hives'), shallow: true });
export const useRules = () =>
  useQuery({ queryKey: ['rules'], queryFn: () => read<RulesVersion>('/rules') });
export const useVessels = () =>
  useQuery({ queryKey: ['vessels'], queryFn: items<Vessel>('/vessels') });
export const useJars = () =>
  useQuery({ queryKey: ['jars'], queryFn: items<JarKindRecord>('/jars') });
export const useHarvests = () =>
  useQuery({ queryKey: ['harvests'], queryFn: items<Batch>('/harvests') });
export const useJournal = () =>
  useQuery({ queryKey: ['journal'], queryFn: items<JournalLine>('/journal') });
export interface HouseholdRun extends RunKind {
  drainId: string;
  batchId: string;
  hiveName: string;
  date: string;
  pressed: boolean;
  share: number;
  tauHours: number | null;
  drippedG: number;
  pressedG: number;
  residualShare: number;
}
/** Closed drains and frames of the household: what forecasts and the press learn from. */
export const useRuns = () =>
  useQuery({
    queryKey: ['runs'],
    queryFn: () => read<{ drains: HouseholdRun[]; frames: PastRun[] }>('/runs'),
  });
/** Guesses and what was weighed then, over all harvests. */
export const useGuesses = () =>
  useQuery({
    queryKey: ['guesses'],
    queryFn: items<{ guess: number; weighed: number }>('/guesses'),
  });
/** Addresses that calendars follow; their secrets are nowhere but in the calendars. */
export const useCalendarLinks = () =>
  useQuery({ queryKey: ['calendarLinks'], queryFn: items<CalendarLink>('/calendarLinks') });
export const useGear = () => useQuery({ queryKey: ['gear'], queryFn: items<Gear>('/gear') });
export const useOpenPlans = () =>
  useQuery({ queryKey: ['plans'], queryFn: () => read<OpenPlans>('/plans'), shallow: true });
/** Weather of several sites at once, by site. */
export const useWeather = (siteIds: Ref<string[]>) =>
  useQuery({
    queryKey: computed(() => ['weather', ...siteIds.value]),
    queryFn: async () =>
      Object.fromEntries(
        await Promise.all(
          siteIds.value.map(
            async (id) => [id, await read<SiteWeather>(`/sites/${id}/weather`)] as const,
          ),
        ),
      ),
    enabled: computed(() => siteIds.value.length > 0),
    shallow: true,
  });
export const useHarvest = (id: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['harvest', id.value]),
    queryFn: () => read<BatchDetail>(`/harvests/${id.value}`),
    enabled: computed(() => id.value !== null),
    shallow: true,
  });
export const useFaces = (lookId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['faces', lookId.value]),
    queryFn: () => read<LookFaces>(`/looks/${lookId.value}/faces`),
    enabled: computed(() => lookId.value !== null),
    staleTime: Infinity,
  });
export const useClocks = () =>
  useQuery({
    queryKey: ['clocks'],
    queryFn: async () => {
      const answer = await read<{ now: string; speed: number; set: boolean; items: Clock[] }>(
        '/clocks',
      );
      setServerNow(answer.now, answer.speed, answer.set);
      return answer.items;
    },
    // A rehearsal's fast clock is asked more often.
    refetchInterval: () => (serverSpeed() > 1 ? 4_000 : 60_000),
  });
export const useToday = () =>
  useQuery({ queryKey: ['today'], queryFn: items<TodayLine>('/today'), refetchInterval: 60_000 });

/** What happened with the boxes of a hive, newest first. */
export const useBoxHistory = (hiveId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['boxHistory', hiveId.value]),
    queryFn: () => items<BoxEvent>(`/hives/${hiveId.value}/boxHistory`)(),
  });

/** Asks everything again that may have changed by a write. */
export function useRefresh(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    // A first answer still under way may be older than what is told here, and is not asked for
    // twice by itself.
    const first = client.isFetching({ predicate: (query) => query.state.data === undefined }) > 0;
    await client.invalidateQueries();
    if (first) await client.invalidateQueries();
    await settled(client);
  };
}

/**
 * Waits until what was written a moment ago is on the screen: a command that names the state it was
 * made for must not name the one before the person's own last entry.
 */
export function useSettled(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await settled(client);
    await nextTick();
  };
}

const SETTLE_STEP_MS = 20;
const SETTLE_STEPS = 60;
/**
 * Waits, at most a little over a second, until what is on the screen was read to its end. An answer
 * that was under way is dropped when another write asks anew: whoever waited for it would go on
 * with what stood before.
 */
async function settled(client: ReturnType<typeof useQueryClient>): Promise<void> {
  for (let i = 0; i < SETTLE_STEPS && client.isFetching({ type: 'active' }) > 0; i++)
    await new Promise((done) => setTimeout(done, SETTLE_STEP_MS));
}

/** Listens to the server: something was written, here or on another screen. */
export function listen(
  refresh: (by: string | null) => void,
  hearDoing: (doing: Doing) => void = () => undefined,
): void {
  const source = new EventSource('/api/v1/events');
  source.addEventListener('changed', (event) => {
    const { by, own } = JSON.parse((event as MessageEvent<string>).data) as {
      by?: string;
      own?: boolean;
    };
    refresh(own ? null : (by ?? null));
  });
  source.addEventListener('doing', (event) =>
    hearDoing(JSON.parse((event as MessageEvent<string>).data) as Doing),
  );
  // What was written between the first answer and this line standing, or while the server was away,
  // was not heard.
  source.addEventListener('open', () => refresh(null));
}

export interface CutHistoryData {
  boards: (CutBoard & { hiveName: string; date: string })[];
  pieces: CutPiece[];
  outs: Out[];
  keepings: Keeping[];
  racks: { hours: number; temperatureC: number; moisturePercent: number }[];
}
/** Everything that was ever laid on the cutting board, with what came of it. */
export const useCutHistory = () =>
  useQuery({
    queryKey: ['cutHistory'],
    queryFn: () => read<CutHistoryData>('/cutHistory'),
    shallow: true,
  });

export interface Trace {
  lot: { id: string; name: string; code: string | null; batchId: string };
  shares: {
    lot: string;
    g: number;
    share: number;
    name: string;
    batchId: string | null;
    hiveName: string | null;
    date: string | null;
  }[];
}
/** Where a lot came from, or where it is now. */
export const useTrace = (lotId: Ref<string>, direction: Ref<'back' | 'forward'>) =>
  useQuery({
    queryKey: computed(() => ['trace', lotId.value, direction.value]),
    queryFn: () => read<Trace>(`/traces?lot=${lotId.value}&direction=${direction.value}`),
  });
/** Names of those honey went to, as long as they are not forgotten. */
export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: items<Person>('/people') });

/** Label sheets, the household's label, what a lot's label says, and the printer's spool. */
export const useLabelSheets = () =>
  useQuery({ queryKey: ['labelSheets'], queryFn: items<LabelSheetRecord>('/labelSheets') });
export const useLabelDesigns = () =>
  useQuery({ queryKey: ['labelDesigns'], queryFn: items<LabelDesignRecord>('/labelDesigns') });
export interface LotLabel {
  words: LabelText;
  count: number;
  qrText: string;
  qr: { size: number; runs: { x: number; y: number; length: number }[] };
  code: string;
  sale: LabelSale;
}
export const useLotLabel = (lotId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['lotLabel', lotId.value]),
    queryFn: () => read<LotLabel>(`/lots/${lotId.value}/label`),
    enabled: computed(() => lotId.value !== null),
  });
export interface PrintLine {
  id: string;
  lotId: string;
  code: string;
  batchId: string | null;
  count: number;
  misprinted: number;
  why: string;
  reprintOf: string | null;
  occurredAt: string;
}
export const usePrints = () =>
  useQuery({ queryKey: ['prints'], queryFn: items<PrintLine>('/prints') });

/** Wax, rinse and wet gear of one harvest. */
export const useAftercare = (batchId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['aftercare', batchId.value]),
    queryFn: () => read<Aftercare>(`/harvests/${batchId.value}/aftercare`),
  });
/** Jars promised and not handed over yet. */
export const useReserves = () =>
  useQuery({ queryKey: ['reserves'], queryFn: items<Reserve>('/reserves') });
export interface EstimatePair {
  combId: string;
  hiveName: string;
  hiveKind: HiveKindName;
  date: string;
  estimateKg: number;
  guessKg: number | null;
  weighedKg: number;
}
export interface Seasons {
  harvests: HarvestSummary[];
  pairs: EstimatePair[];
  correction: EstimateCorrection | null;
  missed: MissedGear[];
  currency: string;
}
/** Every harvest as seasons count it. */
export const useSeasons = () =>
  useQuery({ queryKey: ['seasons'], queryFn: () => read<Seasons>('/seasons') });
/** The last combs weighed, beside what was estimated: what corrects the next estimate. */
export const useEstimatePairs = () =>
  useQuery({ queryKey: ['estimatePairs'], queryFn: items<EstimatePair>('/estimatePairs') });
/** What cannot all be true in what was written down. */
export const useQuestions = () =>
  useQuery({ queryKey: ['questions'], queryFn: items<Contradiction>('/questions') });
/**
 * Water of the honey lots, measured or null; its key begins with the stock's: what renews the stock
 * renews it.
 */
export const useStockWaters = () =>
  useQuery({ queryKey: ['stock', 'waters'], queryFn: items<LotWater>('/stock/waters') });
/** Lots of honey, jars and pieces that hold something now. */
export const useStock = () => useQuery({ queryKey: ['stock'], queryFn: items<Lot>('/stock') });
