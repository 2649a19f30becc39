import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { newDraft } from '../../src/lib/nouns/in-hand/begin.ts';
import { differences, merged } from '../../src/lib/nouns/in-hand/merge.ts';
import { stripRead } from '../samples.ts';

const base: PrintDraft = stripRead;

describe('a print changed on two devices', () => {
  it('is both changes together, where each changed something else', () => {
    const mine = { ...base, title: 'Night shift' };
    const theirs = { ...base, highlight: 5, areas: [] };
    expect(merged(base, mine, theirs)).toEqual({
      ...base,
      title: 'Night shift',
      highlight: 5,
      areas: [],
    });
  });

  it('what was taken away on one side is gone in both', () => {
    const withFlash = { ...base, flash: '80' };
    expect(merged(withFlash, base, { ...withFlash, title: 'x' })).toEqual({ ...base, title: 'x' });
    expect(merged(withFlash, { ...withFlash, title: 'x' }, base)).toEqual({ ...base, title: 'x' });
  });

  it('the same part changed to different ends is for a person to say, with what it is here and there', () => {
    const here = { ...base, highlight: 2, title: 'here' };
    const there = { ...base, highlight: 5, paper: 'Cinder matt' };
    expect(merged(base, here, there)).toBeUndefined();
    expect(differences(here, there)).toContainEqual({
      name: 'the highlight’s pick',
      here: 'patch 3',
      there: 'patch 6',
    });
    expect(differences(here, { ...here, flash: '80' })[0]!.name).toBe('how it is worked out');
  });

  it('never loses a change, whichever parts they are', () => {
    const parts = ['title', 'negative', 'lens', 'head', 'paper', 'first', 'patches'] as const;
    const change = fc.dictionary(fc.constantFrom(...parts), fc.constantFrom('a', 'b', 'c'));
    fc.assert(
      fc.property(change, change, (one, other) => {
        const both = merged(base, { ...base, ...one }, { ...base, ...other });
        const clash = parts.some(
          (part) =>
            one[part] !== undefined && other[part] !== undefined && one[part] !== other[part],
        );
        expect(both === undefined).toBe(clash);
        if (both) expect(both).toEqual({ ...base, ...other, ...one });
      }),
    );
  });
});

describe('a new print', () => {
  it('begins in the set-up of the last one, and with nothing of what was found for it', () => {
    const begun = newDraft({ ...stripRead, earlier: [], developer: 'Kelp 1+9', asFired: true });
    expect(begun).toMatchObject({
      ...{ enlarger: 'the tall enlarger', paper: 'Marrow fibre', developer: 'Kelp 1+9' },
      ...{ lag: '0.2', first: '5', step: '⅓', asFired: true },
      ...{ title: '', negative: '', highlight: null, shadow: null, areas: [] },
    });
  });

  it('begins with the first strip of the last one: a later one was closed in on its negative', () => {
    const wide = { kind: 'stops', method: 'separate', firstSeconds: 2, step: 0.5, patches: 10 };
    const strip = {
      ...{ settingId: '2', choices: wide, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 } },
      ...{ highlight: null, shadow: null },
    } as PrintDraft['earlier'][number];
    const closer = { ...stripRead, settingId: '3', first: '9.4', step: '¼', patches: '4' };
    expect(newDraft({ ...closer, earlier: [strip] })).toMatchObject({
      ...{ settingId: '2', method: 'separate', first: '2', step: '½', patches: '10' },
    });
  });
});
