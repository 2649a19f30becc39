import {
  castLight,
  castStrengths,
  castUnits,
  casts,
  codeFromLinear,
  linearFromCode,
  type CastId,
  type CastStrengthId,
  type ColourHead,
} from '@katachron/core';

/** Colour papers are steep: density over log exposure. */
const SLOPE = 2.5;
/** What is looked at: a neutral grey and a skin, sRGB codes. */
const looked = [
  { id: 'grey', name: 'grey', codes: [168, 168, 168] },
  { id: 'skin', name: 'skin', codes: [206, 162, 138] },
] as const;

/** Two patches under one cast. */
export interface CastPatch {
  readonly castId: CastId;
  readonly strengthId: CastStrengthId;
  readonly label: string;
  readonly fills: readonly string[];
  /** The same as a matrix for linear light: what a picture of it goes through. */
  readonly matrix: string;
}

const hex = (codes: readonly number[]) =>
  `#${codes
    .map((code) =>
      Math.round(Math.min(255, Math.max(0, code)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Each channel times its light, as a colour matrix has it. */
const throughLights = ([red, green, blue]: readonly number[]) =>
  `${red} 0 0 0 0 0 ${green} 0 0 0 0 0 ${blue} 0 0 0 0 0 1 0`;

/** The patches without any cast. */
export const neutralFills: readonly string[] = looked.map(({ codes }) => hex(codes));

/** Every cast at every strength: what a print that asks for it looks like. */
export function castPatches(head: ColourHead): readonly CastPatch[] {
  return casts.flatMap(({ id: castId, name }) =>
    castStrengths.map(({ id: strengthId, name: strength }) => {
      const units = castUnits(castId, strengthId);
      const lights = [units.c, units.m, units.y].map((by) => castLight(by, head, SLOPE));
      return {
        ...{ castId, strengthId, label: `${strength} ${name}` },
        matrix: throughLights(lights),
        fills: looked.map(({ codes }) =>
          hex(codes.map((code, at) => codeFromLinear(linearFromCode(code) * lights[at]!))),
        ),
      };
    }),
  );
}
