import { EYE_STOPS } from '../exposure/ways-of-looking.ts';
import { lampLag } from '../exposure/lamp-lag.ts';
import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** A firing shorter than so many lags is more lag than light. */
const LEAST_LAGS = 3;

/** A lamp's lag with how well it is known. */
export interface KnownLag {
  readonly lagSeconds: number;
  /** 95 times in 100 it is within this, s. */
  readonly withinSeconds: number;
  /** Firings shorter than this are more lag than light, s. */
  readonly leastFiringSeconds: number;
}

/**
 * A lamp's lag from a match, and how well it is known.
 * @param firings n, at least 2
 * @param eachSeconds of each, s
 * @param singleSeconds of the one firing that looks the same, s
 * @returns δ, its uncertainty, and the shortest firing that makes sense
 * @throws Refusal `lag-match` as `lampLag`
 * @source δ = (n·t − s)/(n − 1); a match is good to 1/12 stop: σδ = s·ln 2/12/(n − 1)
 * @example
 * knownLag(8, 2, 14.6).withinSeconds // ≈ 0.236
 */
export function knownLag(firings: number, eachSeconds: number, singleSeconds: number): KnownLag {
  const lag = lampLag(firings, eachSeconds, singleSeconds);
  const deviation = (singleSeconds * Math.LN2 * EYE_STOPS) / (firings - 1);
  return sound({
    lagSeconds: lag,
    withinSeconds: NINETY_FIVE * deviation,
    leastFiringSeconds: LEAST_LAGS * Math.abs(lag),
  });
}

/**
 * What a firing of a lamp that glows up is worth.
 * @param seconds switched on
 * @param tauSeconds how slowly it glows up, s
 * @returns s of full light
 * @throws Refusal `glow` unless the lamp takes some time
 * @source t − τ(1 − e^(−t/τ))
 * @example
 * worthOfGlow(0.3, 0.25) // ≈ 0.1253
 */
export function worthOfGlow(seconds: number, tauSeconds: number): number {
  if (!(tauSeconds > 0 && seconds >= 0)) {
    throw new Refusal('glow', '/tauSeconds', 'Give how slowly the lamp glows up, in seconds.');
  }
  return soundTime(Math.max(0, seconds + tauSeconds * Math.expm1(-seconds / tauSeconds)));
}
