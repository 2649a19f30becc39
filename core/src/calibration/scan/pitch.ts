import type { Spot } from './grey-image.ts';
import { squareTo } from './grey-image.ts';
import type { StripCorners } from './strips.ts';

/** How patches lie along a strip, as shares of what was seen of it. */
export interface Pitch {
  readonly pitch: number;
  readonly start: number;
  /** So many patches lie on what was seen. */
  readonly visible: number;
}

const PROFILE = 1200;
/** An edge is looked for between the means of so many places before and after it. */
const SIDE = 5;
/** A large edge says no more than this much of a difference, in natural logarithms: one for each patch counts, not the steepest. */
const EDGE_MOST = 0.08;
/** Edges lie within this share of a patch of where they should. */
const NEAR = 0.13;
const NEARER = 0.06;
/** A coarser pitch is taken where it explains the edges nearly as well as the best: of a half pitch every second edge is empty. */
const AS_GOOD = 0.08;
const [FEWEST, MOST] = [2.6, 62];
const FINER = 1.004;
const SHIFTS = [-0.1, -0.08, -0.06, -0.04, -0.02, 0, 0.02, 0.04, 0.06, 0.08, 0.1];

/** The light along a strip: in the middle of its width, at even places. */
const profileOf = (light: (spot: Spot) => number, corners: StripCorners) => {
  const place = squareTo(corners);
  return Array.from({ length: PROFILE }, (_, index) => {
    const along = (index + 0.5) / PROFILE;
    const values = [0.25, 0.35, 0.45, 0.5, 0.55, 0.65, 0.75]
      .map((across) => Math.log(Math.max(1e-4, light(place(along, across)))))
      .toSorted((a, b) => a - b);
    return (values[2]! + values[3]! + values[4]!) / 3;
  });
};

const summed = (values: readonly number[]) => {
  const sums = new Float64Array(values.length + 1);
  values.forEach((value, index) => (sums[index + 1] = sums[index]! + value));
  return sums;
};

/** How much of an edge lies at each place, what noise makes taken off. */
const edgesOf = (profile: readonly number[]): number[] => {
  const sums = summed(profile);
  const mean = (from: number, to: number) => (sums[to]! - sums[from]!) / (to - from);
  const steps = profile.map((_, at) =>
    at < SIDE || at > PROFILE - SIDE ? 0 : Math.abs(mean(at, at + SIDE) - mean(at - SIDE, at)),
  );
  const usual = steps.toSorted((a, b) => a - b)[Math.floor(PROFILE / 3)]!;
  return steps.map((step) => Math.min(EDGE_MOST, Math.max(0, step - 3 * usual)));
};

/**
 * How long a patch is: the widest pitch whose multiples hold nearly all edges of the strip, whatever was said of how many there are.
 * Where the lightest patches cannot be told from the ground, the strip goes on beyond what was seen.
 */
export const pitchOf = (light: (spot: Spot) => number, corners: StripCorners): Pitch => {
  const sums = summed(edgesOf(profileOf(light, corners)));
  const all = Math.max(1e-9, sums[PROFILE]!);
  const held = (visible: number, shift: number, near: number) => {
    const pitch = PROFILE / visible;
    let inside = 0;
    for (let edge = 1; edge < visible + 0.5; edge += 1) {
      const at = (edge + shift) * pitch;
      const [from, to] = [at - near * pitch, at + near * pitch].map((place) =>
        Math.min(PROFILE, Math.max(0, Math.round(place))),
      );
      inside += sums[to!]! - sums[from!]!;
    }
    return inside / all;
  };
  const best = (visible: number, near: number) =>
    SHIFTS.map((shift) => ({ visible, shift, held: held(visible, shift, near) })).reduce((a, b) =>
      b.held > a.held ? b : a,
    );
  const steps = Math.ceil(Math.log(MOST / FEWEST) / Math.log(FINER));
  const tried = Array.from({ length: steps }, (_, at) => best(FEWEST * FINER ** at, NEAR));
  const most = Math.max(...tried.map((one) => one.held));
  const first = tried.find((one) => one.held >= most - AS_GOOD)!;
  const around = Array.from({ length: 61 }, (_, at) =>
    best(first.visible * (1 + (at - 30) / 1000), NEARER),
  );
  const found = around.reduce((a, b) => (b.held > a.held ? b : a));
  return {
    pitch: 1 / found.visible,
    start: found.shift / found.visible,
    visible: found.visible,
  };
};
