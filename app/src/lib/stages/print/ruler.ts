import { scaleLog } from 'd3';
import { halfwayBetween } from '@katachron/core';

/** A patch as it stands on the ruler, per cent of its width. */
export interface RulerPatch {
  readonly x: number;
  readonly width: number;
  readonly centre: number;
  readonly seconds: number;
}

/** The stop ruler: one logarithmic time axis, in per cent, so that it can be drawn before its width is known. */
export interface Ruler {
  readonly patches: readonly RulerPatch[];
  /** Marks each sixth of a stop. */
  readonly ticks: readonly number[];
  /** Where a time stands; times off the ruler stand at its ends. */
  readonly xOf: (seconds: number) => number;
  /** The pick nearest to a place on the ruler: a patch, or halfway between two. */
  readonly positionAt: (x: number) => number;
  /** The pick nearest to a time. */
  readonly positionOf: (seconds: number) => number;
}

const SIXTHS = 6;
/** A tick this near to a patch's own mark would only blur it, per cent. */
const BESIDE = 1;

/** Lays out a ruler for the patches of a strip, lightest first. */
export function rulerFor(patchSeconds: readonly number[]): Ruler {
  const last = patchSeconds.length - 1;
  const between = patchSeconds
    .slice(1)
    .map((seconds, i) => halfwayBetween(patchSeconds[i]!, seconds));
  // A single patch stands in the middle of two stops.
  const low = last === 0 ? patchSeconds[0]! / 2 : patchSeconds[0]! ** 2 / between[0]!;
  const high = last === 0 ? patchSeconds[0]! * 2 : patchSeconds[last]! ** 2 / between[last - 1]!;
  const scale = scaleLog([low, high], [0, 100]).clamp(true);
  const edges = [low, ...between, high];
  const patches = patchSeconds.map((seconds, i): RulerPatch => {
    const x = scale(edges[i]!);
    return { x, width: scale(edges[i + 1]!) - x, centre: scale(seconds), seconds };
  });
  const sixths = Math.floor(Math.log2(high / low) * SIXTHS + 1e-9);
  const positionOf = (seconds: number) => nearestPick(patchSeconds, seconds);
  return {
    patches,
    ticks: Array.from({ length: sixths + 1 }, (_, n) => scale(low * 2 ** (n / SIXTHS))).filter(
      (x) => patches.every(({ centre }) => Math.abs(centre - x) > BESIDE),
    ),
    xOf: (seconds) => scale(seconds),
    positionAt: (x) => positionOf(scale.invert(x)),
    positionOf,
  };
}

/** Patches and the places between them, whichever is nearest in stops. */
function nearestPick(patchSeconds: readonly number[], seconds: number): number {
  const picks = patchSeconds.flatMap((time, i) => [
    { position: i, time },
    ...(i + 1 < patchSeconds.length
      ? [{ position: i + 0.5, time: halfwayBetween(time, patchSeconds[i + 1]!) }]
      : []),
  ]);
  const distance = (time: number) => Math.abs(Math.log(time / seconds));
  return picks.reduce((best, pick) => (distance(pick.time) < distance(best.time) ? pick : best))
    .position;
}
