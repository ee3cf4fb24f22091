import { FIXED_FIELDS, LABEL_FIELDS, type LabelField, type LabelFieldKind } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import LabelLine from './LabelLine.vue';

const line = (said: Partial<LabelField> = {}): LabelField =>
  ({ kind: 'origin', sizePt: 8, bold: false, ...said }) as LabelField;
const mounted = (said: Partial<LabelField> = {}, at = { isFirst: false, isLast: false }) =>
  mount(LabelLine, {
    global: { plugins: [PrimeVue] },
    props: { modelValue: line(said), ...at },
  });
const named = (wrapper: ReturnType<typeof mounted>, name: string) =>
  wrapper.findAll('button').find((button) => button.text() === name);
async function after(said: Partial<LabelField>, name: string): Promise<LabelField> {
  const wrapper = mounted(said);
  await named(wrapper, name)!.trigger('click');
  return wrapper.emitted<[LabelField]>('update:modelValue')![0][0];
}

describe('a line of the label in hand', () => {
  it('grows and shrinks by half a point, and comes back to where it was', async () => {
    const larger = await after({ sizePt: 8 }, 'Larger');
    expect(larger.sizePt).toBe(8.5);
    expect((await after(larger, 'Smaller')).sizePt).toBe(8);
  });
  it.each([
    ['Smaller', 4],
    ['Larger', 48],
  ])('stays legible and on the label: %s stops at %i points', async (name, sizePt) => {
    expect((await after({ sizePt }, name)).sizePt).toBe(sizePt);
  });
  it('is bold or plain, and keeps all else', async () => {
    expect(await after({ bold: false }, 'Bold')).toEqual(line({ bold: true }));
    expect(await after({ bold: true }, 'Plain')).toEqual(line({ bold: false }));
  });
  it('moves up and down, but not past the ends', async () => {
    const wrapper = mounted({}, { isFirst: true, isLast: false });
    expect(named(wrapper, 'Up')!.attributes('disabled')).toBeDefined();
    await named(wrapper, 'Down')!.trigger('click');
    expect(wrapper.emitted('move')).toEqual([[1]]);
    const last = mounted({}, { isFirst: false, isLast: true });
    expect(named(last, 'Down')!.attributes('disabled')).toBeDefined();
    await named(last, 'Up')!.trigger('click');
    expect(last.emitted('move')).toEqual([[-1]]);
  });
  it.each(LABEL_FIELDS.map((kind): [LabelFieldKind] => [kind]))(
    '%s is left out only where a label may go without it',
    async (kind) => {
      const wrapper = mounted({ kind });
      const leave = named(wrapper, 'Leave out');
      expect(leave === undefined).toBe(FIXED_FIELDS.includes(kind));
      if (!leave) return expect(wrapper.text()).toContain('This line stays on every label.');
      await leave.trigger('click');
      expect(wrapper.emitted('away')).toHaveLength(1);
    },
  );
  it('of one’s own says what is typed', async () => {
    const wrapper = mounted({ kind: 'own', text: 'From the upper hive' });
    await wrapper.get('input').setValue('From the lower hive');
    expect(wrapper.emitted<[LabelField]>('update:modelValue')![0][0].text).toBe(
      'From the lower hive',
    );
    expect(mounted().find('input').exists()).toBe(false);
  });
});
