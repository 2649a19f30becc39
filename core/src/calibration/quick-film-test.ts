import { nearestStandardSpeed } from '../film/standard-speed.ts';
import { PULL_PER_STOP } from '../film/push.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** How the shadows of a proof look, and what speed that asks for, stops. */
export const proofShadows = [
  { id: 'right', name: 'as open as meant', stops: 0 },
  { id: 'little-dark', name: 'half a stop too dark', stops: -0.5 },
  { id: 'dark', name: 'a stop too dark', stops: -1 },
  { id: 'very-dark', name: 'two stops too dark: empty', stops: -2 },
  { id: 'light', name: 'a stop too light', stops: 1 },
] as const;
export type ProofShadows = (typeof proofShadows)[number]['id'];

/** How its highlights look, and what that asks of the development. */
export const proofHighlights = [
  { id: 'right', name: 'textured, as meant', factor: 1 },
  { id: 'blocked', name: 'blocked: paper white without texture', factor: PULL_PER_STOP },
  { id: 'grey', name: 'grey: they do not reach paper white', factor: 1 / PULL_PER_STOP },
] as const;
export type ProofHighlights = (typeof proofHighlights)[number]['id'];

/** What one roll and its proof say. */
export interface QuickFilmTest {
  readonly exposureIndex: number;
  readonly seconds: number;
  readonly speedMoved: boolean;
  readonly timeMoved: boolean;
}

/**
 * Film speed and time the quick way: a proof at the minimum time for maximum black, its shadows first, then its highlights.
 * @param exposedAt the EI that the roll was shot at
 * @param developedSeconds how long it was developed, s
 * @param shadows how its shadows look
 * @param highlights how its highlights look
 * @returns a standard EI and a time
 * @throws Refusal `quick-film-test` unless there was a time, `speed` unless the EI is more than zero
 * @source a stop too dark in the shadows halves the EI; blocked highlights take a fifth off the development, as a stop of pull
 * @example
 * quickFilmTest(400, 480, "dark", "blocked").exposureIndex // = 200
 */
export function quickFilmTest(
  exposedAt: number,
  developedSeconds: number,
  shadows: ProofShadows,
  highlights: ProofHighlights,
): QuickFilmTest {
  if (!(developedSeconds > 0)) {
    throw new Refusal('quick-film-test', '/developedSeconds', 'Give how long it was developed.');
  }
  const { stops } = proofShadows.find(({ id }) => id === shadows)!;
  const { factor } = proofHighlights.find(({ id }) => id === highlights)!;
  return sound({
    exposureIndex: stops === 0 ? exposedAt : nearestStandardSpeed(exposedAt * 2 ** stops),
    seconds: developedSeconds * factor,
    speedMoved: stops !== 0,
    timeMoved: factor !== 1,
  });
}
