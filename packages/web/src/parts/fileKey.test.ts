import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import FileKey from './FileKey.vue';

const key = (more: object = {}) =>
  mount(FileKey, { props: { label: 'Choose', reads: 'A sheet', accept: '.csv', ...more } });
/** A file is chosen, or with null none. */
async function choose(on: ReturnType<typeof key>, file: File | null) {
  const field = on.get('input');
  Object.defineProperty(field.element, 'files', { value: file ? [file] : [] });
  Object.defineProperty(field.element, 'value', { value: '', writable: true });
  await field.trigger('change');
}

describe('a key that lets a file be chosen', () => {
  it('says what it does and what is chosen, and gives the file', async () => {
    const sheet = new File(['a;b'], 'old.csv');
    const shown = key();
    expect([shown.text(), shown.get('input').attributes('aria-label')]).toEqual([
      'Choose',
      'A sheet',
    ]);
    await choose(shown, sheet);
    expect(shown.emitted('chosen')).toEqual([[sheet]]);
  });
  it('gives nothing where none was chosen', async () => {
    const shown = key();
    await choose(shown, null);
    expect(shown.emitted('chosen')).toBeUndefined();
  });
  it.each([
    ['filled', []],
    ['outlined', ['p-button-outlined']],
    ['text', ['p-button-text']],
  ])('is %s', (look, classes) => {
    const own = key({ look }).classes();
    expect(own.filter((name) => name.startsWith('p-button-'))).toEqual(classes);
  });
  it('asks a phone for a picture only where it may', () => {
    expect(key().get('input').attributes('capture')).toBeUndefined();
    expect(key({ camera: true }).get('input').attributes('capture')).toBe('environment');
  });
});
