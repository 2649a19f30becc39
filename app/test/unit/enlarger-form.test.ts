import { describe, expect, it } from 'vitest';
import { enlargerExample } from '../../src/lib/nouns/enlarger/contract.ts';
import { enlargerForm, readEnlarger, withFallOff } from '../../src/lib/nouns/enlarger/form.ts';

describe('what the corners of an enlarger lack', () => {
  it('is kept by aperture, one amount each, and comes through the form unchanged', () => {
    const twice = withFallOff(withFallOff(enlargerExample, 11, 0.41), 8, 0.75);
    const again = withFallOff(twice, 8, 0.5);
    expect(again.fallOffs).toEqual([
      { aperture: 8, stops: 0.5 },
      { aperture: 11, stops: 0.41 },
    ]);
    const form = enlargerForm(again);
    expect(form.fallOffs).toBe('8 ½, 11 0.41');
    expect(readEnlarger(form)).toEqual({ body: again });
    expect(readEnlarger({ ...form, fallOffs: 'f/8 1⅓; 11 ⅓' })).toMatchObject({
      body: { fallOffs: [{ aperture: 8, stops: 4 / 3 }, { aperture: 11 }] },
    });
    expect(readEnlarger({ ...form, fallOffs: '' }).body).not.toHaveProperty('fallOffs');
  });

  it('is answered with a sentence where it cannot be read', () => {
    for (const fallOffs of ['8', 'eight ½', '8 nine']) {
      expect(readEnlarger({ ...enlargerForm(enlargerExample), fallOffs })).toMatchObject({
        troubles: { fallOffs: expect.stringContaining('as 8 ½, 11 ⅓') },
      });
    }
  });
});
