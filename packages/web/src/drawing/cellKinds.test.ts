import { CELL_CLASSES, METRIC, TONES } from '@furrow/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import CellKinds from './CellKinds.vue';
import CombPatterns from './CombPatterns.vue';
import PaintTools from './PaintTools.vue';

const kindsOf = (component: typeof CellKinds) =>
  mount(component, { props: { label: 'Cells', swatchPx: 26, modelValue: 'capped' } });
const swatches = (kinds: VueWrapper): string[] =>
  kinds.findAll('rect').map((rect) => rect.attributes('fill')!);
const patterns = mount(CombPatterns)
  .findAll('pattern')
  .map((pattern) => `url(#${pattern.attributes('id')})`);

describe('kinds of cells', () => {
  it('are each shown with a pattern that is drawn on the page', () => {
    for (const fill of swatches(kindsOf(CellKinds))) expect(patterns).toContain(fill);
  });
  it('are one choice: the chosen one is told as checked, a touch chooses another', async () => {
    const kinds = kindsOf(CellKinds);
    const radios = kinds.findAll('[role=radio]');
    expect(radios).toHaveLength(CELL_CLASSES.length);
    const checked = radios.filter((radio) => radio.attributes('aria-checked') === 'true');
    expect(checked.map((radio) => radio.text())).toEqual(['Capped']);
    await radios[CELL_CLASSES.indexOf('drone')].trigger('click');
    expect(kinds.emitted('update:modelValue')).toEqual([['drone']]);
  });
  it('tell drone brood from brood by a mark on the same pattern', () => {
    const button = kindsOf(CellKinds).findAll('button')[CELL_CLASSES.indexOf('drone')];
    expect(button.get('rect').attributes('fill')).toBe('url(#p-brood)');
    expect(button.find('circle').exists()).toBe(true);
  });
  it('say beside each what its place is given', () => {
    const kinds = mount(CellKinds, {
      props: { label: 'Cells', swatchPx: 26, modelValue: 'open' },
      slots: { default: ({ kind, index }: { kind: string; index: number }) => `${index} ${kind}` },
    });
    expect(kinds.findAll('button')[0].text()).toContain(`0 ${CELL_CLASSES[0]}`);
  });
});

describe('in Portuguese', () => {
  beforeEach(() => {
    localStorage.setItem('furrow.language', 'pt-BR');
    vi.resetModules();
  });
  afterEach(() => {
    localStorage.removeItem('furrow.language');
    vi.resetModules();
  });
  const inPortuguese = async <Module>(load: () => Promise<Module>): Promise<Module> => {
    const { learnEveryLanguage } = await import('@furrow/words/every-language');
    learnEveryLanguage();
    return load();
  };
  it('the kinds have the same patterns under other names', async () => {
    const { default: component } = await inPortuguese(() => import('./CellKinds.vue'));
    const kinds = kindsOf(component);
    expect(kinds.text()).toContain('Zangão');
    for (const fill of swatches(kinds)) expect(patterns).toContain(fill);
  });
  it('the tones of honey are told in it', async () => {
    const { default: component } = await inPortuguese(() => import('./PaintTools.vue'));
    const options = paintTools({}, component).findAll('option');
    expect(options.map((option) => option.text())).not.toContain('amber');
    expect(options.map((option) => option.attributes('value'))).toEqual([...TONES]);
  });
});

/** The tools with everything they say answered by a new value. */
function paintTools(said: object = {}, component: typeof PaintTools = PaintTools) {
  return mount(component, {
    props: {
      ...{ hasTone: true, mayUndo: false, mayRedo: false, units: METRIC },
      ...{ sizeMm: 30, tone: 'amber', tool: 'brush' },
      ...said,
    },
  });
}
const named = (tools: VueWrapper, name: string) =>
  tools
    .findAll('button')
    .find((button) => (button.attributes('aria-label') ?? button.text()) === name)!;

describe('tools of the brush', () => {
  it('say its size with its unit', () => {
    expect(paintTools().get('output').text()).toBe('30 mm');
  });
  it('ask for a tone where there is honey to have one', () => {
    expect(paintTools().find('select').exists()).toBe(true);
    expect(paintTools({ hasTone: false }).find('select').exists()).toBe(false);
  });
  it('take up filling, and lay it down again', async () => {
    const tools = paintTools();
    await named(tools, 'Fill a patch').trigger('click');
    expect(tools.emitted('update:tool')).toEqual([['fill']]);
    await tools.setProps({ tool: 'fill' });
    expect(named(tools, 'Fill a patch').attributes('aria-pressed')).toBe('true');
    await named(tools, 'Fill a patch').trigger('click');
    expect(tools.emitted('update:tool')).toEqual([['fill'], ['brush']]);
  });
  it('go back and forth only where there is a stroke', async () => {
    const [none, one] = [paintTools(), paintTools({ mayUndo: true })];
    expect(named(none, 'Undo stroke').attributes('disabled')).toBeDefined();
    await named(one, 'Undo stroke').trigger('click');
    expect(one.emitted('undo')).toHaveLength(1);
    expect(named(one, 'Redo stroke').attributes('disabled')).toBeDefined();
  });
  it('draw nearer and farther by the same step', async () => {
    const tools = paintTools();
    await named(tools, 'Larger').trigger('click');
    await named(tools, 'Smaller').trigger('click');
    const [[larger], [smaller]] = tools.emitted<[number]>('zoom')!;
    expect(larger * smaller).toBeCloseTo(1, 12);
  });
});
