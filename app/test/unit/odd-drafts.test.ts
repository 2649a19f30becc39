import { describe, expect, it } from 'vitest';
import { Maker, seeded } from '../../e2e/fuzz/values.ts';
import { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { differences, merged } from '../../src/lib/nouns/in-hand/merge.ts';
import { firingLines } from '../../src/lib/stages/print/firing-lines.ts';
import { ownFiringsWords } from '../../src/lib/stages/print/own-firings.ts';
import { emptyFlash, flashPageView } from '../../src/lib/stages/print/flash-page-view.ts';
import { recordOf } from '../../src/lib/stages/print/keep.ts';
import { nextWords } from '../../src/lib/stages/print/next-words.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { emptyReadings } from '../../src/lib/stages/print/read-places.ts';
import { readingsView } from '../../src/lib/stages/print/readings-view.ts';
import { emptySplit, pairView } from '../../src/lib/stages/print/split-strips-view.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { withSheet } from '../made.ts';
import { stripRead } from '../samples.ts';

const strip = {
  ...{ contrastSetId: 'filters', settingId: '2', lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 } },
  choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
  ...{ highlight: { position: 3, tone: 'VIII' }, shadow: { position: 4, tone: 'II' } },
  setup: { head: '41', paper: 'x', printLength: 240, negativeLength: 60, aperture: 8, lens: 'a' },
} as const;
const full: PrintDraft = {
  ...withSheet(stripRead, printView(stripRead)),
  ...{ developer: 'x', negativeLength: '60', printLength: '300', aperture: '8', distance: '9' },
  ...{ split: { soft: '0', hard: '5' }, flash: '80', dryDown: true, asFired: true },
  earlier: [strip as unknown as PrintDraft['earlier'][number]],
  beside: { settingId: '4', first: '4', step: '½', patches: '7', highlight: 2, shadow: 3 },
  pair: emptySplit(printView(stripRead).set),
  readings: emptyReadings('2'),
};
const settings = ['0', '5', 'nothing of the kind', '2.5', '¾'];

describe('whatever fits the schema of a draft', () => {
  it('is shown, listed, fired and recorded without a fault, odd as it may be', () => {
    const maker = new Maker(seeded(7));
    let odd = 0;
    for (let turn = 0; turn < 4000; turn += 1) {
      const bent = maker.bend(full) as PrintDraft;
      if (!fits(PrintDraft, bent)) continue;
      if (turn % 3 === 0) bent.settingId = settings[turn % settings.length]!;
      odd += 1;
      const told = JSON.stringify(bent);
      expect(() => {
        const view = printView(bent);
        nextWords(bent, view);
        ownFiringsWords(bent, view);
        for (const what of ['strip', 'print', 'pair-1', 'pair-2'] as const)
          firingLines(bent, view, what);
        recordOf(bent, view);
        readingsView(bent.readings ?? emptyReadings('2'), bent, view.on, view.together);
        if (bent.pair) pairView(bent.pair, view, bent);
        flashPageView(emptyFlash(), view, bent, [], []);
        merged(full, bent, stripRead);
        differences(full, bent);
      }, told).not.toThrow();
    }
    expect(odd).toBeGreaterThan(300);
    // Hundreds of prints are worked out here; a machine that does something else as well takes its time.
  }, 60_000);
});
