import type { At } from '@katachron/core';
import { check } from '../../server/validation.ts';
import { InvalidInput } from '../../server/problem/invalid-input.ts';
import { fourCorners } from './contract.ts';
import { LEAST_PART, areCorners } from './corners.ts';

export interface AskedPart {
  readonly corners?: readonly At[];
  readonly mirrored: boolean;
  /** Large enough for a grid of small ones. */
  readonly grid: boolean;
}

/** Which part of a picture an address asks for: "corners=0,0,1,0,1,1,0,1", and mirrored or not. */
export function askedPart(url: URL): AskedPart {
  const yes = (name: string) => url.searchParams.get(name) === 'yes';
  const [mirrored, grid] = [yes('mirrored'), yes('grid')];
  const typed = url.searchParams.get('corners');
  if (typed === null) return { mirrored, grid };
  const numbers = typed.split(',').map((text) => (text.trim() === '' ? NaN : Number(text)));
  const corners = check(
    fourCorners,
    Array.from({ length: Math.ceil(numbers.length / 2) }, (_, n) => ({
      x: numbers[2 * n],
      y: numbers[2 * n + 1],
    })),
  );
  if (!areCorners(corners, LEAST_PART)) {
    throw new InvalidInput([
      {
        pointer: '/corners',
        detail: 'These are no corners: they cross, or lie too close together.',
      },
    ]);
  }
  return { corners, mirrored, grid };
}
