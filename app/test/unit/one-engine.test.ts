import fc from 'fast-check';
import {
  contrastSets,
  certainties,
  highlightTones,
  shadowTones,
  stripMethods,
} from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { stripReadingOperation } from '../../src/lib/server/operations/strip-reading.ts';
import { type PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { newDraft } from '../../src/lib/nouns/in-hand/begin.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { fits } from '../../src/lib/server/validation.ts';

const half = (most: number) => fc.integer({ min: 0, max: 2 * most }).map((n) => n / 2);
const picked = fc.option(half(6), { freq: 4 });
const anyPart = fc.record({
  first: fc.integer({ min: 10, max: 300 }).map((tenths) => tenths / 10),
  step: fc.constantFrom(0.25, 0.5, 1),
  patches: fc.constantFrom(7, 9),
  highlight: picked,
  shadow: picked,
});
const anySet = fc.constantFrom(...contrastSets);

/** A draft as somebody may have it, and the same as the interface is asked. */
const anyCase = anySet.chain((set) =>
  fc
    .record({
      earlier: fc.array(fc.tuple(fc.constantFrom(...set.settings), anyPart), { maxLength: 5 }),
      now: fc.tuple(fc.constantFrom(...set.settings), anyPart),
      beside: fc.option(fc.tuple(fc.constantFrom(...set.settings), anyPart)),
      method: fc.constantFrom(...stripMethods),
      lagSeconds: fc.constantFrom(0, 0.2, 0.35),
      highlightTone: fc.constantFrom(...highlightTones),
      shadowTone: fc.constantFrom(...shadowTones),
      certainty: fc.constantFrom(...certainties),
      sideBySide: fc.boolean(),
    })
    .map(({ earlier, now, beside, method, lagSeconds, ...rest }) => {
      const lamp = { lagSeconds, timerStepSeconds: 0.1 };
      const tones = { highlightTone: rest.highlightTone, shadowTone: rest.shadowTone };
      const choices = (part: (typeof now)[1]) => ({
        ...{ kind: 'stops' as const, method: method.id },
        ...{ firstSeconds: part.first, step: part.step, patches: part.patches },
      });
      const typed = (part: (typeof now)[1]) => ({
        first: String(part.first),
        step: String(part.step),
        patches: String(part.patches),
        highlight: part.highlight,
        shadow: part.shadow,
      });
      const draft: PrintDraft = {
        ...newDraft(),
        ...tones,
        ...{ contrastSetId: set.id, settingId: now[0].id, method: method.id },
        ...{ certainty: rest.certainty.id, sideBySide: rest.sideBySide },
        lag: String(lagSeconds),
        ...typed(now[1]),
        ...(beside && { beside: { settingId: beside[0].id, ...typed(beside[1]) } }),
        earlier: earlier.map(([setting, part]) => ({
          ...{ settingId: setting.id, choices: choices(part), lamp },
          highlight:
            part.highlight === null
              ? null
              : { position: part.highlight, tone: tones.highlightTone },
          shadow: part.shadow === null ? null : { position: part.shadow, tone: tones.shadowTone },
        })),
      };
      const parts = [...earlier, now, ...(beside ? [beside] : [])];
      const request = {
        ...{ contrastSetId: set.id, ...tones, lamp },
        strips: parts
          .filter(([, { highlight, shadow }]) => highlight !== null || shadow !== null)
          .map(([setting, part]) => ({
            ...{ settingId: setting.id, choices: choices(part) },
            ...(part.highlight !== null && { highlight: part.highlight }),
            ...(part.shadow !== null && { shadow: part.shadow }),
          })),
        ...{ certainty: rest.certainty.id, sideBySide: rest.sideBySide },
      };
      return { draft, request };
    }),
);

describe('one engine', () => {
  it('the page and the interface give the same answer for the same strips', () => {
    let answered = 0;
    fc.assert(
      fc.property(anyCase, ({ draft, request }) => {
        const { reading, refusal, strip } = printView(draft);
        if (!reading || !strip) return;
        answered += 1;
        expect(refusal).toBeUndefined();
        expect(fits(stripReadingOperation.request, request)).toBe(true);
        const answer = stripReadingOperation.run(request);
        expect(answer).toMatchObject({
          settingId: reading.setting.id,
          seconds: reading.seconds,
          withinStops: reading.withinStops,
          withinRange: reading.withinRange,
          verdict: reading.verdict,
          fault: reading.fault?.sentence ?? null,
          next: reading.next,
          odd: reading.odd.map(({ strip: index, place, stops }) => ({
            strip: index,
            place,
            stops,
          })),
        });
      }),
      { numRuns: 500 },
    );
    expect(answered).toBeGreaterThan(300);
    // Five hundred prints are worked out twice; a machine that does something else as well takes its time.
  }, 60_000);
});
