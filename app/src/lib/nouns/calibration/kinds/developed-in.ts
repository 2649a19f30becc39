import { agitationSchemes, parseDilution } from '@katachron/core';
import { choiceField, temperatureField, textField } from '../fields/simple.ts';
import { askedSince } from '../fields/since.ts';

/** What a tested film was developed in: the test holds for that, and so does the recipe it becomes. */
export const developedInFields = {
  developer: askedSince(
    textField({
      label: 'The developer',
      hint: 'As it is called in your recipes.',
      title: 'which developer it was',
    }),
  ),
  dilution: askedSince(
    textField({
      label: 'Its dilution',
      hint: 'As 1+31; 1 for stock.',
      title: 'how it was diluted',
      most: 40,
    }),
  ),
  temperatureC: askedSince(
    temperatureField({
      label: 'At, °',
      title: 'its temperature',
      ...{ least: 5, most: 45, example: 20 },
    }),
  ),
  agitation: askedSince(
    choiceField({
      label: 'Moved',
      title: 'how it was moved',
      options: agitationSchemes.map(({ id, name }) => ({ id, name })),
    }),
  ),
};

interface Given {
  readonly developer?: string | undefined;
  readonly dilution?: string | undefined;
  readonly temperatureC?: number | undefined;
  readonly agitation?: (typeof agitationSchemes)[number]['id'] | undefined;
}

/** What a test was developed in. */
export interface DevelopedIn {
  readonly developer: string;
  readonly dilution: readonly number[];
  readonly temperatureC: number;
  readonly agitation: (typeof agitationSchemes)[number]['id'];
}

/**
 * The same, as a recipe has it; nothing of a test that was kept before it was asked.
 * @throws Refusal for a dilution that is none
 */
export function developedIn({
  developer,
  dilution,
  temperatureC,
  agitation = 'each-minute',
}: Given): DevelopedIn | undefined {
  if (developer === undefined || dilution === undefined || temperatureC === undefined) {
    return undefined;
  }
  return { developer, dilution: parseDilution(dilution), temperatureC, agitation };
}
