import { Refusal } from '../refusal.ts';

/** The next patch of a strip of quarter stops is darker by less than this where black is reached, density. */
const NO_DARKER = 0.02;

/** Where the densities of a strip become black. */
export interface MaximumBlack {
  /** The first black patch, from 0. */
  readonly patch: number;
  /** Its density as a share of the strip's deepest. */
  readonly share: number;
}

/**
 * The minimum time for maximum black, from the densities of a strip across the film's clear edge. The answer depends on the
 * step, so the strip is one of quarter stops.
 * @param densities above paper white, lightest patch first
 * @returns the first patch that the next one is hardly darker than; nothing where black was not reached
 * @throws Refusal `maximum-black` for fewer than two densities, or one that is no density
 * @source first patch with D(next) − D < 0.02
 * @example
 * maximumBlackOf([1.46, 1.664, 1.844, 1.969, 2.037, 2.068, 2.081, 2.087, 2.089, 2.089]).patch // = 5
 */
export function maximumBlackOf(densities: readonly number[]): MaximumBlack | undefined {
  if (densities.length < 2 || !densities.every((density) => density >= 0 && density < 5)) {
    throw new Refusal(
      'maximum-black',
      '/densities',
      'Type the densities of two patches or more, lightest first, as 1.46 1.66 1.84.',
    );
  }
  const patch = densities.findIndex(
    (density, index) => index + 1 < densities.length && densities[index + 1]! - density < NO_DARKER,
  );
  return patch === -1 ? undefined : { patch, share: densities[patch]! / Math.max(...densities) };
}
