import type { Calibration } from '../../nouns/calibration/contract.ts';
import { testKindOf } from '../../nouns/calibration/kinds/index.ts';
import { hangsOn } from '../../nouns/calibration/kinds/kind.ts';
import { format } from 'date-fns';

const DAY_MS = 86_400_000;
const YEAR_DAYS = 365;

/** How far a finding is to be trusted now. */
export interface Doubt {
  /** It asks for its short check: something was changed, or its time is over. */
  readonly asks: boolean;
  readonly sentence: string;
}

/** The day after which to doubt it. */
export const doubtAfterMs = ({ foundAtMs, checkedAtMs, kind }: Calibration): number =>
  Math.max(foundAtMs, checkedAtMs ?? 0) + (testKindOf(kind)?.doubtAfterDays ?? YEAR_DAYS) * DAY_MS;

/** What is to be thought of a finding at a time. */
export function doubtOf(found: Calibration, nowMs: number): Doubt {
  const kind = testKindOf(found.kind);
  const since = Math.max(found.foundAtMs, found.checkedAtMs ?? 0);
  const years = Math.max(0, nowMs - since) / DAY_MS / YEAR_DAYS;
  const until = doubtAfterMs(found);
  const { amount = 0, unit = '' } = kind?.drift ?? {};
  const drifted =
    amount > 0 && years > 0.02
      ? ` By now it may have drifted by ${Number((amount * years).toPrecision(1))} ${unit}.`
      : '';
  const { doubted } = found;
  if (doubted && doubted.atMs > since) {
    return {
      asks: true,
      sentence: `In doubt since ${format(doubted.atMs, 'd MMMM')}: ${hangsOn[doubted.because]}.${drifted}`,
    };
  }
  if (nowMs > until) {
    return {
      asks: true,
      sentence: `In doubt since ${format(until, 'd MMMM yyyy')}: its time is over.${drifted}`,
    };
  }
  return { asks: false, sentence: `Good until ${format(until, 'd MMMM yyyy')}.${drifted}` };
}
