import { Refusal } from '../../refusal.ts';
import { sound } from '../../quantity/sound.ts';

/** A stretch of the light during which a place is held back. */
export interface HeldWindow {
  /** Which of the places, counted from nought. */
  readonly place: number;
  readonly fromSeconds: number;
  readonly seconds: number;
}

/** Who is held back when. */
export interface HeldPlan {
  readonly windows: readonly HeldWindow[];
  /** Where the light is to be parted into firings so that nobody changes hands in it, s. */
  readonly cutSeconds: readonly number[];
  /** The hands are enough for all of it. */
  readonly fits: boolean;
}

/** What is shorter belongs to what is beside it, s. */
const DUST = 1e-6;
const MOST_HANDS = 20;

/** All within one firing: the longest first, each to the hand that is free first. */
function inOneFiring(
  lengths: readonly (readonly [place: number, seconds: number])[],
  baseSeconds: number,
  hands: number,
): readonly HeldWindow[] | undefined {
  const busy = Array.from({ length: hands }, () => 0);
  const windows: HeldWindow[] = [];
  for (const [place, seconds] of lengths) {
    // The fullest hand that still has room: what is left over stays in one piece.
    const hand = busy
      .map((until, index) => ({ until, index }))
      .filter(({ until }) => until + seconds <= baseSeconds + DUST)
      .sort((a, b) => b.until - a.until)[0];
    if (!hand) return undefined;
    windows.push({ place, fromSeconds: hand.until, seconds });
    busy[hand.index] = hand.until + seconds;
  }
  return windows;
}

/** One hand after the other is filled to the end; what does not fit goes on with the next hand, from the beginning. */
function inSeveralFirings(
  lengths: readonly (readonly [place: number, seconds: number])[],
  baseSeconds: number,
): Omit<HeldPlan, 'fits'> {
  const windows: HeldWindow[] = [];
  const cutSeconds: number[] = [];
  let at = 0;
  for (const [place, seconds] of lengths) {
    const room = baseSeconds - at;
    const now = Math.min(room, seconds);
    if (now > DUST) windows.push({ place, fromSeconds: at, seconds: now });
    const rest = seconds - now;
    if (rest > DUST) {
      windows.push({ place, fromSeconds: 0, seconds: rest });
      if (now > DUST) cutSeconds.push(at);
    }
    at = rest > DUST ? rest : at + now;
  }
  return { windows, cutSeconds: cutSeconds.sort((a, b) => a - b) };
}

/**
 * Who is held back when, with so many hands: in one firing where that fits, else the light is parted into firings, so that
 * a place is held by one hand in the one and by the other in the next.
 * @param baseSeconds the light of the base, s
 * @param heldSeconds how long each place is to be held back, s
 * @param hands at most so many at a time
 * @returns windows, cuts, and whether the hands are enough; where they are not, every window begins with the light
 * @throws Refusal `hands` unless there is a hand, or when a place is to be held back for longer than there is light
 * @source best fit, longest first; McNaughton's wrap-around rule where that does not fit
 * @example
 * heldWindows(10, [4, 3, 6], 2).fits // = true
 * heldWindows(10, [7, 7, 6], 2).cutSeconds // = [7]
 * heldWindows(10, [7, 7, 7], 2).fits // = false
 */
export function heldWindows(
  baseSeconds: number,
  heldSeconds: readonly number[],
  hands: number,
): HeldPlan {
  sound({ baseSeconds, heldSeconds, hands });
  if (!(hands >= 1 && hands <= MOST_HANDS && Number.isInteger(hands))) {
    throw new Refusal('hands', '/hands', `Give the hands that there are, from 1 to ${MOST_HANDS}.`);
  }
  if (heldSeconds.some((seconds) => seconds < 0 || seconds > baseSeconds + DUST)) {
    throw new Refusal(
      'hands',
      '/heldSeconds',
      'A place is held back for no longer than there is light.',
    );
  }
  const lengths = heldSeconds
    .map((seconds, place) => [place, seconds] as const)
    .filter(([, seconds]) => seconds > DUST)
    .sort((a, b) => b[1] - a[1]);
  const windows = inOneFiring(lengths, baseSeconds, hands);
  if (windows) return { windows, cutSeconds: [], fits: true };
  const wanted = lengths.reduce((sum, [, seconds]) => sum + seconds, 0);
  if (wanted <= hands * baseSeconds + DUST) {
    return { ...inSeveralFirings(lengths, baseSeconds), fits: true };
  }
  return {
    windows: lengths.map(([place, seconds]) => ({ place, fromSeconds: 0, seconds })),
    cutSeconds: [],
    fits: false,
  };
}
