import { METRIC, US_UNITS } from '@furrow/core';
import { flushPromises, mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { spokenWeight } from './massUnit.js';
import { chooseSpeech, speechChosen } from './speech.js';
import SpokenFigure from './SpokenFigure.vue';

/** A browser's listener that hears what a test lets it hear. */
class Ear {
  static last: Ear;
  lang = '';
  onresult: ((event: object) => void) | null = null;
  onerror: ((event: object) => void) | null = null;
  onend: (() => void) | null = null;
  start(): void {
    Ear.last = this;
  }
  abort(): void {
    this.onend?.();
  }
  hears(transcript: string): void {
    this.onresult?.({ results: [[{ transcript }]] });
  }
}
const figure = (units = METRIC) =>
  mount(SpokenFigure, {
    global: { plugins: [PrimeVue] },
    props: {
      label: 'Say the weight',
      readBack: (typed: string) => spokenWeight(typed, units),
    },
  });
const key = (wrapper: ReturnType<typeof figure>, name: string) =>
  wrapper.findAll('button').find((button) => button.text() === name);
/** Touches the key and says something. */
async function spoken(wrapper: ReturnType<typeof figure>, words: string): Promise<void> {
  await key(wrapper, 'Say the weight')!.trigger('click');
  Ear.last.hears(words);
  await flushPromises();
}

beforeEach(() => {
  vi.stubGlobal('SpeechRecognition', Ear);
  chooseSpeech(true);
});
afterEach(() => {
  vi.unstubAllGlobals();
  chooseSpeech(false);
});

describe('a figure that is spoken', () => {
  it('is offered only where somebody chose it, and the browser can hear', () => {
    expect(key(figure(), 'Say the weight')).toBeDefined();
    chooseSpeech(false);
    expect(figure().find('button').exists()).toBe(false);
    chooseSpeech(true);
    vi.stubGlobal('SpeechRecognition', undefined);
    expect(figure().find('button').exists()).toBe(false);
  });
  it('is chosen for this device, also after the page begins anew', async () => {
    vi.resetModules();
    expect((await import('./speech.js')).speechChosen.value).toBe(true);
    chooseSpeech(false);
    expect([speechChosen.value, localStorage.getItem('furrow.speech')]).toEqual([false, null]);
  });
  it('is read back with its unit, and counts only when it is said to be right', async () => {
    const wrapper = figure();
    await spoken(wrapper, 'four point three kilos');
    expect(wrapper.get('[role=status]').text()).toBe('4.30 kg: is it?');
    expect(wrapper.emitted('taken')).toBeUndefined();
    await key(wrapper, 'Yes, take it')!.trigger('click');
    expect(wrapper.emitted('taken')).toEqual([['4.3 kg']]);
    expect(key(wrapper, 'Say the weight')).toBeDefined();
  });
  it('is read back in the household’s units, whatever it was said in', async () => {
    const wrapper = figure(US_UNITS);
    await spoken(wrapper, '2 kilos');
    expect(wrapper.get('[role=status]').text()).toMatch(/^4 lb 6\.5 oz/);
  });
  it('is said again where it was heard wrongly', async () => {
    const wrapper = figure();
    await spoken(wrapper, '40 kilos');
    await key(wrapper, 'Say it again')!.trigger('click');
    Ear.last.hears('14 kilos');
    await flushPromises();
    await key(wrapper, 'Yes, take it')!.trigger('click');
    expect(wrapper.emitted('taken')).toEqual([['14 kg']]);
  });
  it('that is none is said back in its words, and nothing is taken', async () => {
    const wrapper = figure();
    await spoken(wrapper, 'mind the bees');
    expect(wrapper.get('[role=alert]').text()).toContain('mind the bees');
    expect(wrapper.emitted('taken')).toBeUndefined();
    expect(key(wrapper, 'Say the weight')).toBeDefined();
  });
  it.each([
    ['not-allowed', 'microphone'],
    ['network', 'does not answer'],
    ['service-not-allowed', 'does not answer'],
    ['no-speech', 'Nothing was heard'],
  ])('that cannot be heard (%s) says so, and to type it', async (error, says) => {
    const wrapper = figure();
    await key(wrapper, 'Say the weight')!.trigger('click');
    Ear.last.onerror?.({ error });
    await flushPromises();
    expect(wrapper.get('[role=alert]').text()).toContain(says);
    expect(wrapper.get('[role=alert]').text()).toMatch(/type it/i);
  });
  it('is listened for until it is stopped', async () => {
    const wrapper = figure();
    await key(wrapper, 'Say the weight')!.trigger('click');
    await key(wrapper, 'Listening… stop')!.trigger('click');
    await flushPromises();
    expect(key(wrapper, 'Say the weight')).toBeDefined();
  });
  it('is no longer listened for where its screen is left', async () => {
    const wrapper = figure();
    await key(wrapper, 'Say the weight')!.trigger('click');
    const stopped = vi.spyOn(Ear.last, 'abort');
    wrapper.unmount();
    expect(stopped).toHaveBeenCalledOnce();
  });
});
