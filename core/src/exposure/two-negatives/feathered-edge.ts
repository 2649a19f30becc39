import type { Paper } from '../../paper/paper.ts';
import { ratioInStops } from '../../quantity/stops.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import { togetherTone } from './together.ts';

/** Somewhere in a feathered edge. */
export interface EdgePlace {
  /** Of both negatives together, 1 where A alone is whole. */
  readonly light: number;
  readonly stops: number;
  /** Density above Dmin of a tone that both would make. */
  readonly netDensity: number;
}

/**
 * An edge of the first negative that falls off while the second one fills it.
 * @param paper layers
 * @param tone that both would make there alone: R, density above Dmin
 * @param widthMm of the feathering, more than 0
 * @param atMm from where A is whole, 0 to the width
 * @param fillStops of B against its main time there, about −½ to start with
 * @returns light, stops and tone
 * @throws Refusal `edge` for no width, or a place outside of it
 * @source (1 − x) + x·2^fill
 * @example
 * featheredEdge(defaultPaper, { range: 110, netDensity: 0.2 }, 24, 12, -0.5).light // ≈ 0.8536
 */
export function featheredEdge(
  paper: Paper,
  tone: { readonly range: number; readonly netDensity: number },
  widthMm: number,
  atMm: number,
  fillStops: number,
): EdgePlace {
  if (!(widthMm > 0 && atMm >= 0 && atMm <= widthMm)) {
    throw new Refusal('edge', '/atMm', 'Give how wide the edge is, and a place within it, mm.');
  }
  const share = atMm / widthMm;
  const light = 1 - share + share * 2 ** fillStops;
  const stops = ratioInStops(light);
  return sound({ light, stops, netDensity: togetherTone(paper, [{ ...tone, stops }]) });
}
