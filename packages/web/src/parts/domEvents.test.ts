import { expect, test } from 'vitest';
import { dataOf, fileOf, isWithin } from './domEvents';

test('a key in a field of a dialog is within both, one on the page in neither', () => {
  document.body.innerHTML = '<div role="dialog"><input id="in" /></div><p id="out">x</p>';
  const heard: boolean[] = [];
  document.body.addEventListener('keydown', (event) =>
    heard.push(isWithin(event, 'input'), isWithin(event, '[role="dialog"]')),
  );
  document.getElementById('in')?.dispatchEvent(new Event('keydown', { bubbles: true }));
  document.getElementById('out')?.dispatchEvent(new Event('keydown', { bubbles: true }));
  expect(heard).toEqual([true, true, false, false]);
  expect(isWithin(new Event('keydown'), 'input')).toBe(false);
});

test('the chosen file, and none where none was', () => {
  const field = document.createElement('input');
  field.type = 'file';
  const file = new File(['x'], 'comb.jpg');
  Object.defineProperty(field, 'files', { value: [file] });
  const found: (File | null)[] = [];
  field.addEventListener('change', (event) => found.push(fileOf(event)));
  field.dispatchEvent(new Event('change'));
  expect(found).toEqual([file]);
  expect(fileOf(new Event('change'))).toBeNull();
});

test('what a stream says', () => {
  expect(dataOf(new MessageEvent('changed', { data: '{"by":"Ana"}' }))).toBe('{"by":"Ana"}');
  expect(dataOf(new Event('open'))).toBe('');
});
