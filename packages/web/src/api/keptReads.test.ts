import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/vue-query';
import { afterEach, expect, it, vi } from 'vitest';

/** A page that begins on this device: its reads are those that were kept before. */
async function page() {
  vi.resetModules();
  const { keepReads, keptAt, AT_HAND_MS } = await import('./keptReads.js');
  const { useLetIn } = await import('./away.js');
  const client = new QueryClient({ defaultOptions: { queries: { gcTime: AT_HAND_MS } } });
  await keepReads(client);
  return { client, keptAt, letIn: useLetIn() };
}
afterEach(() => localStorage.clear());

it('what was read stands on a page that begins anew, until this device is let in no longer', async () => {
  const first = await page();
  first.client.setQueryData(['hives'], [{ id: 'h', name: 'Ipê' }]);
  first.client.setQueryData(['people'], ['Ana']);
  const harvest = (closedAt: string | null) => ({ batch: { closedAt } });
  first.client.setQueryData(['harvest', 'open'], harvest(null));
  first.client.setQueryData(['harvest', 'closed'], harvest('2026-03-14T12:00:00Z'));
  await vi.waitFor(() => expect(first.keptAt.value).not.toBeNull(), { timeout: 8000 });

  const second = await page();
  expect(second.client.getQueryData(['hives'])).toEqual([{ id: 'h', name: 'Ipê' }]);
  expect(second.client.getQueryData(['harvest', 'open'])).toBeDefined();
  // What a day at the hive does not need is left in the house.
  expect(second.client.getQueryData(['harvest', 'closed'])).toBeUndefined();
  expect(second.client.getQueryData(['people'])).toBeUndefined();

  second.letIn.value = false;
  await vi.waitFor(async () => {
    const third = await page();
    expect(third.client.getQueryData(['hives'])).toBeUndefined();
  });
});
