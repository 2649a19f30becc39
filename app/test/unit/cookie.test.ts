import { afterEach, expect, it, vi } from 'vitest';
import { keepInCookie, readCookie, unpacked } from '../../src/lib/kit/cookie.ts';
import { stripRead } from '../samples.ts';

/** A jar as a browser has it: one cookie a line, written by assignment. */
const jar = { cookie: '' };
afterEach(() => {
  jar.cookie = '';
  vi.unstubAllGlobals();
});

it('gives back what was kept, whatever the letters', () => {
  vi.stubGlobal('document', jar);
  const draft = { ...stripRead, title: 'Glühofen, ⅔ Blende – “Nacht”' };
  expect(keepInCookie('draft', draft)).toBe(true);
  expect(readCookie('draft')).toEqual(draft);
  expect(jar.cookie).toMatch(/^draft=[\w-]+; path=/);
});

it('reads what was written plainly too, and nothing from what is neither', () => {
  expect(unpacked('{"a":1}')).toEqual({ a: 1 });
  vi.stubGlobal('document', { cookie: 'draft=%7Bhalf' });
  expect(readCookie('draft')).toBeUndefined();
});

it('refuses what a browser would drop silently, and leaves what was there', () => {
  vi.stubGlobal('document', jar);
  keepInCookie('draft', { small: true });
  const before = jar.cookie;
  expect(keepInCookie('draft', { large: 'x'.repeat(4000) })).toBe(false);
  expect(jar.cookie).toBe(before);
});

it('five strips with their set-ups fit', () => {
  vi.stubGlobal('document', jar);
  const strip = {
    settingId: '2.5',
    choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5.25, step: 0.333333, patches: 7 },
    lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
    highlight: { position: 3.5, tone: 'VIII' },
    shadow: { position: 4, tone: 'II' },
    setup: {
      ...{ head: '41.0 cm', paper: 'Marrow fibre', negativeLength: 60, printLength: 190 },
      ...{
        aperture: 8,
        paperSpeed: 250,
        enlarger: '1x2y3z4',
        lens: '1x2y3z4',
        developer: '1x2y3z4',
      },
    },
  };
  const earlier = Array.from({ length: 5 }, () => strip);
  expect(keepInCookie('katachron-print', { ...stripRead, earlier })).toBe(true);
});
