import { sheetPlan, type ProcessEvent } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { trayWords, traysOf } from '../../src/lib/nouns/print/tray-words.ts';

const plan = sheetPlan('print');
const [first, second] = plan.steps;
const into = (stepId: string, atSeconds: number): ProcessEvent => ({
  ...{ id: `${stepId} ${atSeconds}`, kind: 'poured-in', stepId, atMs: atSeconds * 1000 },
});

describe('a sheet’s way through the trays', () => {
  it('is told as it really was, beside its plan', () => {
    const words = trayWords(plan, [into(first!.id, 0), into(second!.id, 124)]);
    expect(words).toMatch(/^Developer 2:04 of \d:\d\d, .+, in it last$/);
  });

  it('has the trays besides the usual ones in which it lay', () => {
    const lay = [into('print-developer', 0), into('print-toner', 900), into('print-wash', 1080)];
    const words = trayWords(traysOf('fibre', lay), lay);
    expect(words).toBe('Developer 15:00 of 2:00, Toner 3:00 of 3:00, Wash, in it last');
    expect(traysOf('fibre', [])).toEqual(sheetPlan('print', 'fibre'));
  });

  it('what was taken back did not happen, and what nobody followed is nothing', () => {
    const back = into(second!.id, 60);
    const undone: ProcessEvent = { id: 'u', kind: 'undone', eventId: back.id, atMs: 61_000 };
    const words = trayWords(plan, [into(first!.id, 0), back, undone, into(second!.id, 120)]);
    expect(words).toContain('Developer 2:00 of');
    expect(trayWords(plan, [])).toBe('');
  });
});
