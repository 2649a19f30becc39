import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  Refusal,
  certainties,
  contrastSet,
  defaultPaper,
  keepTone,
  readPrint,
  settingOf,
  stripsExpected,
  type PrintSession,
  type SessionStrip,
  type StripChoices,
} from '../src/index.ts';

const set = contrastSet('filters');
const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const session = (
  strips: readonly SessionStrip[],
  wanted: PrintSession['wanted'] = certainties[1],
): PrintSession => ({
  ...{ paper: defaultPaper, set, highlightDensity: 0.1, shadowDensity: 1.72, lamp, strips },
  ...{ earlier: [], wanted, mostParts: 1 },
});
const first: StripChoices = {
  ...{ kind: 'stops', method: 'separate', firstSeconds: 2, step: 0.5, patches: 10 },
};

describe('how many strips a print is expected to take', () => {
  it('is none once the print is next, and one at least before anything was seen', () => {
    const unseen = session([{ settingId: '2', choices: first, lamp }]);
    expect(stripsExpected(unseen)).toBeGreaterThanOrEqual(1);
    const seen = session([{ settingId: '2', choices: first, lamp, highlight: 4, shadow: 4 }]);
    const { next } = readPrint(seen);
    expect(stripsExpected(seen) === 0).toBe(next.length === 0);
    expect(stripsExpected(seen)).toBeLessThanOrEqual(stripsExpected(unseen));
  });

  it('is no more where less certainty is asked for', () => {
    const [roughly, , exactly] = certainties;
    const unseen = [{ settingId: '2', choices: first, lamp }];
    expect(stripsExpected(session(unseen, roughly))).toBeLessThanOrEqual(
      stripsExpected(session(unseen, exactly)),
    );
  });

  it('is what following the advice comes to, give or take one, for exact eyes', () => {
    let [off, count, far] = [0, 0, 0];
    fc.assert(
      fc.property(
        fc.double({ min: 2.5, max: 40, noNaN: true }),
        fc.constantFrom(...set.settings.filter(({ range }) => range < 150)),
        (seconds, right) => {
          const lookAt = (choices: StripChoices, settingId: string, tone: number) => {
            const light =
              seconds * keepTone(defaultPaper, right, settingOf(set, settingId), 1, tone);
            const at = Math.log2(light / choices.firstSeconds) / choices.step;
            return Math.min(choices.patches - 1, Math.max(0, Math.round(2 * at) / 2));
          };
          const look = (settingId: string, choices: StripChoices): SessionStrip => ({
            ...{ settingId, choices, lamp, highlight: lookAt(choices, settingId, 0.1) },
            shadow: lookAt(choices, settingId, 1.72),
          });
          const strips = [look('2', first)];
          const expected = stripsExpected(session(strips));
          let made = 0;
          for (; made < 6; made += 1) {
            const [next] = readPrint(session(strips)).next;
            if (!next) break;
            const { settingId, firstSeconds, stepStops, patches } = next;
            strips.push(look(settingId, { ...first, firstSeconds, step: stepStops, patches }));
          }
          off += made - expected;
          count += 1;
          if (Math.abs(made - expected) > 2) far += 1;
        },
      ),
      { numRuns: 40 },
    );
    expect(Math.abs(off / count)).toBeLessThan(0.75);
    // The softest of short times takes more, about one in a hundred of these.
    expect(far).toBeLessThanOrEqual(3);
  });

  it('asks for a strip where none is planned', () => {
    expect(() => stripsExpected(session([]))).toThrow(Refusal);
    expect(() => stripsExpected(session([]))).toThrow('Plan a strip first.');
  });
});
