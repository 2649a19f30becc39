import { developmentFault, type DevelopmentGiven } from '@katachron/core';
import { stopsInWords } from './fraction.ts';

/** What a development that went wrong did to the film; nothing for one that was near enough. */
export function givenSentence(given: DevelopmentGiven): string | undefined {
  const fault = developmentFault(given.share);
  if (!fault) return undefined;
  const percent = `Developed to ${Math.round(given.share * 100)} %`;
  const contrast = `contrast ×${given.contrast.toFixed(2)}`;
  return fault === 'over'
    ? `${percent} of what was asked: as ${stopsInWords(given.stops)} of push more, ${contrast}, highlights harder.`
    : `${percent} of what was asked: as ${stopsInWords(given.stops)} of pull more, ${contrast}, flatter and slower.`;
}
