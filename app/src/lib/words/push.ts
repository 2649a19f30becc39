import { pushBetween } from '@katachron/core';
import { signedStops, stopsInWords } from './fraction.ts';

/**
 * The sentence that keeps people from swapping push and pull; its sign comes from the two speeds alone.
 */
export function pushSentence(boxSpeed: number, exposureIndex: number): string {
  const { stops } = pushBetween(boxSpeed, exposureIndex);
  const shot = `shot at EI ${exposureIndex} on ISO ${boxSpeed} film`;
  if (Math.abs(stops) < 1 / 24) return `${shot}: normal development`;
  const [side, does] = stops > 0 ? ['under', 'push'] : ['over', 'pull'];
  return `${shot}: ${stopsInWords(stops)} ${side}, ${does} ${signedStops(stops)}`;
}
