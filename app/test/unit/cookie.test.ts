import { afterEach, expect, it, vi } from 'vitest';
import { keepInCookie, readCookie, unpacked } from '../../src/lib/kit/cookie.ts';

/** A jar as a browser has it: one cookie a line, written by assignment. */
const jar = { cookie: '' };
afterEach(() => {
  jar.cookie = '';
  vi.unstubAllGlobals();
});

it('gives back what was kept, whatever the letters', () => {
  vi.stubGlobal('document', jar);
  const draft = { title: 'Glühofen, ⅔ Blende – “Nacht”', patches: 7, picked: null };
  expect(keepInCookie('draft', draft)).toBe(true);
  expect(readCookie('draft')).toEqual(draft);
  expect(jar.cookie).toMatch(/^draft=[\w-]+; path=/);
});

it('reads what was written plainly too, and nothing from what is neither', () => {
  expect(unpacked('{"a":1}')).toEqual({ a: 1 });
  vi.stubGlobal('document', { cookie: 'draft=%7Bhalf' });
  expect(readCookie('draft')).toBeUndefined();
});

it('refuses what takes more than its share of the kilobyte, and leaves what was there', () => {
  vi.stubGlobal('document', jar);
  keepInCookie('draft', { small: true });
  const before = jar.cookie;
  expect(keepInCookie('draft', { large: 'x'.repeat(250) })).toBe(false);
  expect(jar.cookie).toBe(before);
});
