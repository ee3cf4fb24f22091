import 'fake-indexeddb/auto';
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { read, Refused } from './client.js';
import { useUi } from '../shell/ui.js';
import { deviceStore } from './deviceStore.js';
import { useSend } from './useSend.js';

const pinia = createPinia();
setActivePinia(pinia);

type Sender = ReturnType<typeof useSend>;
function sender(): Sender {
  let made: Sender | null = null;
  mount(
    defineComponent({
      setup: () => {
        made = useSend();
        return () => h('div');
      },
    }),
    { global: { plugins: [pinia, [VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  );
  return made!;
}
const answers = (...list: (Response | Error)[]) => {
  const queue = [...list];
  const fetch = vi.fn(async (_path: string, _init?: RequestInit) => {
    const next = queue.shift()!;
    if (next instanceof Error) throw next;
    return next;
  });
  // Whether the house is there is asked beside what is sent.
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) =>
    path.endsWith('/health') ? Promise.resolve(new Response()) : fetch(path, init),
  );
  return {
    fetch,
    body: (i: number) =>
      JSON.parse(String(fetch.mock.calls[i][1]!.body)) as {
        id: string;
        occurredAt: string;
        device: string;
        payload: unknown;
      },
  };
};
const json = (status: number, value: unknown): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

describe('what somebody else wrote just now', () => {
  const asked = () =>
    json(409, { code: 'written-just-now', detail: 'Ana wrote 1.00 kg. Is yours another?' });
  it('is asked about; another one is written under the same id, said again', async () => {
    const { body, fetch } = answers(asked(), json(201, { ok: 1 }));
    const { go } = sender();
    const going = go('/weighings', { g: 5 } as never, 'Said');
    const ui = useUi();
    await vi.waitFor(() => expect(ui.question?.text).toContain('Ana wrote 1.00 kg'));
    ui.question!.answer(true);
    expect(await going).toEqual({ ok: 1 });
    expect(body(1)).toMatchObject({ id: body(0).id, again: true });
    expect(fetch).toHaveBeenCalledTimes(2);
    expect(ui.question).toBeNull();
  });
  it('is left where it is the same, and nothing is refused', async () => {
    const { fetch } = answers(asked());
    const { go, refusal } = sender();
    const going = go('/weighings', { g: 5 } as never, 'Said');
    const ui = useUi();
    await vi.waitFor(() => expect(ui.question).not.toBeNull());
    ui.question!.answer(false);
    expect(await going).toBeNull();
    expect(refusal.value).toBeNull();
    expect(ui.message?.text).toBe('Not written twice.');
    expect(fetch).toHaveBeenCalledTimes(1);
  });
});

describe('a second command while the first is on its way', () => {
  it('has an id of its own, and the first one keeps its own for a second try', async () => {
    const { body, fetch } = answers(
      json(503, { code: 'busy', detail: 'Not now.' }),
      json(201, { ok: 2 }),
      json(201, { ok: 1 }),
    );
    const { go, busy } = sender();
    const [first, second] = [
      go('/packings', { n: 1 } as never, 'One'),
      go('/packings', { n: 2 } as never, 'Two'),
    ];
    expect(busy.value).toBe(true);
    expect([await first, await second]).toEqual([null, { ok: 2 }]);
    expect(busy.value).toBe(false);
    expect(await go('/packings', { n: 1 } as never, 'One')).toEqual({ ok: 1 });
    expect(fetch).toHaveBeenCalledTimes(3);
    expect(body(1).id).not.toBe(body(0).id);
    expect(body(2).id).toBe(body(0).id);
  });
  it('is busy until both have their answer', async () => {
    let answerFirst = (_: Response): void => undefined;
    vi.stubGlobal('fetch', (_path: string, init?: RequestInit) => {
      const { payload } = JSON.parse(String(init?.body ?? '{}')) as { payload?: { n: number } };
      if (payload?.n !== 1) return Promise.resolve(json(201, { ok: 2 }));
      return new Promise<Response>((answer) => (answerFirst = answer));
    });
    const { go, busy } = sender();
    const first = go('/packings', { n: 1 } as never, 'One');
    await go('/packings', { n: 2 } as never, 'Two');
    expect(busy.value).toBe(true);
    answerFirst(json(201, { ok: 1 }));
    await first;
    expect(busy.value).toBe(false);
  });
});

describe('the same tap twice', () => {
  it('is one command with one answer, whatever id each tap gave to what it writes', async () => {
    const { fetch } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }));
    const { go } = sender();
    const tap = (id: string) => go('/drainEvents', { id, kind: 'mash' } as never, 'Mashed');
    expect(await Promise.all([tap('a'), tap('b')])).toEqual([{ ok: 1 }, { ok: 1 }]);
    expect(fetch).toHaveBeenCalledTimes(1);
  });
  describe('with its answer between them', () => {
    beforeEach(() => vi.useFakeTimers({ toFake: ['Date', 'setTimeout', 'clearTimeout'] }));
    afterEach(() => vi.useRealTimers());
    const tapper = () => {
      const { go } = sender();
      return (id: string) => go('/drainEvents', { id, kind: 'mash' } as never, 'Mashed');
    };
    it('is one where the finger trembled, however quick the house is', async () => {
      const { fetch } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }));
      const tap = tapper();
      expect([await tap('a'), await tap('b')]).toEqual([{ ok: 1 }, { ok: 1 }]);
      expect(fetch).toHaveBeenCalledTimes(1);
    });
    it('is two where it was touched again', async () => {
      const { body } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }));
      const tap = tapper();
      expect(await tap('a')).toEqual({ ok: 1 });
      vi.advanceTimersByTime(500);
      expect(await tap('b')).toEqual({ ok: 2 });
      expect(body(1).id).not.toBe(body(0).id);
    });
    it('is another one where it is told as another', async () => {
      const { fetch } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }));
      const { go } = sender();
      const open = (id: string, told: string) =>
        go('/frameEvents', { id, kind: 'open' } as never, told);
      await open('a', 'Part 2 opened.');
      expect(await open('b', 'Part 3 opened.')).toEqual({ ok: 2 });
      expect(fetch).toHaveBeenCalledTimes(2);
    });
    it('is another one where something else was written between', async () => {
      const { fetch } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }), json(201, { ok: 3 }));
      const { go } = sender();
      const leaveOut = (leftOut: boolean) =>
        go('/cutPieces/a', { leftOut } as never, 'Said', { method: 'PATCH' });
      await leaveOut(true);
      await leaveOut(false);
      expect(await leaveOut(true)).toEqual({ ok: 3 });
      expect(fetch).toHaveBeenCalledTimes(3);
    });
    it('is sent anew at once where the first was not written', async () => {
      const { fetch } = answers(json(503, {}), json(201, { ok: 2 }));
      const { go } = sender();
      const tap = () => go('/packings', { n: 1 } as never, 'Packed');
      expect([await tap(), await tap()]).toEqual([null, { ok: 2 }]);
      expect(fetch).toHaveBeenCalledTimes(2);
    });
  });
  it('to two places is two', async () => {
    const { fetch } = answers(json(201, { ok: 1 }), json(201, { ok: 2 }));
    const { go } = sender();
    const tap = (place: string) =>
      go(`/cutPieces/${place}`, { g: 5 } as never, 'Weighed', { method: 'PATCH' });
    expect(await Promise.all([tap('a'), tap('b')])).toEqual([{ ok: 1 }, { ok: 2 }]);
    expect(fetch).toHaveBeenCalledTimes(2);
  });
});

describe('a page that is left before the house answered', () => {
  const payload = { id: 'x', line: 'veil' } as never;
  const laid = async (): Promise<string[]> =>
    (await deviceStore.entries()).map(({ entry }) => entry.id);
  it('finds on the device what was touched, until the house has said something of it', async () => {
    let answered: (response: Response) => void = () => undefined;
    const waits = new Promise<Response>((done) => (answered = done));
    vi.stubGlobal('fetch', (path: string) =>
      path.endsWith('/health') ? Promise.resolve(new Response()) : waits,
    );
    const going = sender().go('/ticks', payload, 'Said');
    await vi.waitFor(async () => expect(await laid()).toHaveLength(1));
    answered(json(201, { ok: 1 }));
    expect(await going).toEqual({ ok: 1 });
    await vi.waitFor(async () => expect(await laid()).toEqual([]));
  });
  it('finds nothing of what was refused: that stands in its form', async () => {
    answers(json(400, { code: 'bad-input', detail: 'No.', path: 'payload.line' }));
    const { go, fieldError } = sender();
    await go('/ticks', payload, 'Said');
    expect(fieldError('line')).toBe('No.');
    await vi.waitFor(async () => expect(await laid()).toEqual([]));
  });
});

describe('sending a command', () => {
  it('sends the same id again where no answer came, so that nothing is written twice', async () => {
    const { body } = answers(new Error('gone'), json(200, { ok: 1 }));
    const { go, refusal } = sender();
    expect(await go('/flows', { g: 5 } as never, 'Said')).toBeNull();
    expect(refusal.value).toMatchObject({ status: 0, code: 'no-connection' });
    expect(await go('/flows', { g: 5 } as never, 'Said')).toEqual({ ok: 1 });
    expect(body(1).id).toBe(body(0).id);
    expect(refusal.value).toBeNull();
  });
  it.each([429, 500, 503])('sends the same id again where the answer was %i', async (status) => {
    const { body } = answers(json(status, {}), json(200, { ok: 1 }));
    const { go } = sender();
    expect(await go('/flows', { g: 5 } as never, 'Said')).toBeNull();
    expect(await go('/flows', { g: 5 } as never, 'Said')).toEqual({ ok: 1 });
    expect(body(1).id).toBe(body(0).id);
  });
  it('takes a new id after a refusal, and after a success', async () => {
    const { body } = answers(
      json(400, { code: 'bad-input', detail: 'Whole grams.', path: 'payload.g' }),
      json(201, {}),
      json(201, {}),
    );
    const { go, fieldError, refusal } = sender();
    await go('/flows', { g: 5.5 } as never, 'Said');
    expect(fieldError('g')).toBe('Whole grams.');
    expect(fieldError('reason')).toBeNull();
    expect(refusal.value!.field).toBe('g');
    await go('/flows', { g: 5 } as never, 'Said');
    await go('/flows', { g: 6 } as never, 'Said');
    expect(new Set([0, 1, 2].map((i) => body(i).id)).size).toBe(3);
  });
  it('dates each command and names the device, the same one over time', async () => {
    const { body } = answers(json(201, {}), json(201, {}));
    await sender().go('/sites', { name: 'a' } as never, 'Said');
    await sender().go('/sites', { name: 'b' } as never, 'Said');
    expect(body(0).device).toBe(body(1).device);
    expect(Date.parse(body(0).occurredAt)).toBeGreaterThan(Date.now() - 60_000);
    expect(body(0).payload).toEqual({ name: 'a' });
  });
  it('says a sentence even where the server answers without one', async () => {
    answers(new Response('<html>', { status: 502 }));
    const error = await read('/hives').catch((e: Refused) => e);
    expect(error).toBeInstanceOf(Refused);
    expect((error as Refused).message).toMatch(/Nothing was written/);
  });
});
