import { contrastSets } from '@katachron/core';
import { afterEach, expect, it, vi } from 'vitest';
import { keepInCookie, readCookie, unpacked } from '../../src/lib/kit/cookie.ts';
import { keepFirstPaint } from '../../src/lib/kit/draft.svelte.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { filmCookie } from '../../src/lib/stages/film/draft-cookie.ts';
import { proofCookie } from '../../src/lib/stages/print/proof-draft.ts';
import { ProofSetup } from '../../src/lib/stages/print/proof-setup.ts';

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

it('the fullest film page and the longest set-up of a proof leave a draft in their cookies', () => {
  vi.stubGlobal('document', jar);
  const id = '7c1d4b60-52e8-4f3a-9100-000000000001';
  const kinds: FilmDraft['kinds'] = [
    'pre-soak',
    'developer',
    'stop',
    'fix',
    'wash',
    'wetting-agent',
  ];
  const each = Object.fromEntries(kinds.map((kind) => [kind, '12:30']));
  const film: FilmDraft = {
    ...{ title: 'Glühofen – '.repeat(10), recipeId: id, rollId: id, tankId: id },
    ...{ exposureIndex: '12800', temperature: '20.65 °C', volume: '1250.5', volumeUnit: 'fl oz' },
    ...{ room: '17.5', follows: '32.5', atLeast: '12:30', kinds, times: each, baths: each },
    ...{ agitations: { fix: 'continuous' }, vessel: 'trays', rollsBefore: '12', n: -2 },
    ...{ format: 'four-by-five', films: '6', warmTo: '24.5', waterBath: '45', fromLast: true },
  };
  expect(fits(FilmDraft, film)).toBe(true);
  expect(keepFirstPaint('katachron-film', film, filmCookie)).toBe(true);
  expect(fits(FilmDraft, readCookie('katachron-film'))).toBe(true);
  expect(readCookie('katachron-film')).toMatchObject({ recipeId: id, temperature: '20.65 °C' });

  const long = (letters: number) => 'ü'.repeat(letters);
  const proof: ProofSetup = {
    ...{ enlarger: long(80), lens: long(80), aperture: '11', head: long(40), paper: long(80) },
    ...{ developer: long(80), contrastSetId: 'filters', settingId: '2.5' },
    ...{ lag: '0.25', timerStep: '0.1' },
  };
  for (const { id: contrastSetId, settings } of contrastSets) {
    for (const { id: settingId } of settings) {
      const setup = { ...proof, contrastSetId, settingId };
      expect(keepFirstPaint('katachron-proof', setup, proofCookie), contrastSetId).toBe(true);
      expect(fits(ProofSetup, readCookie('katachron-proof'))).toBe(true);
    }
  }
});
