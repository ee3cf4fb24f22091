import { flushPromises, mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it } from 'vitest';
import MoistureDialog from './MoistureDialog.vue';

describe('water in the honey, drop by drop', () => {
  const open = () =>
    mount(MoistureDialog, {
      attachTo: document.body,
      global: { plugins: [PrimeVue] },
      props: { visible: true, side: 'A' as const, date: '2026-03-14', bench: true },
    });
  const key = (name: string): HTMLButtonElement =>
    [...document.querySelectorAll('button')].find((b) => b.textContent?.includes(name))!;
  async function reads(percent: string): Promise<void> {
    const field = document.querySelector<HTMLInputElement>('.moisture input')!;
    field.value = percent;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    await flushPromises();
  }
  afterEach(() => (document.body.innerHTML = ''));

  it('stays open for the next drop where one is asked for, and says what was kept', async () => {
    const dialog = open();
    await flushPromises();
    await reads('17.4');
    key('another drop').click();
    await flushPromises();
    expect(dialog.emitted('reading')).toHaveLength(1);
    expect(dialog.emitted('update:visible')).toBeUndefined();
    expect(document.body.textContent).toContain('Kept: 17.4 %.');
    expect(key('Keep this sample').disabled).toBe(true);
    await reads('17.8');
    key('Keep this sample').click();
    await flushPromises();
    expect(dialog.emitted('reading')).toHaveLength(2);
    expect(dialog.emitted('update:visible')).toEqual([[false]]);
    dialog.unmount();
  });
});
