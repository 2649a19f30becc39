import type { NegativeLightId } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { KeptNegative, NegativeBody } from '../../nouns/negative/kept.ts';
import { number } from '../../kit/number-field.ts';
import { emptyReadings } from './read-places.ts';

/** What is known of a negative, as it is being typed. */
export interface NegativeForm {
  kind: NegativeBody['kind'];
  long: string;
  short: string;
  highlight: string;
  shadow: string;
  note: string;
}

const shown = (value: number | undefined) => (value === undefined ? '' : String(value));

/** What was written down of it before; "F-031 / 14" is a frame as a rule. */
export const negativeForm = (name: string, kept?: NegativeBody): NegativeForm => ({
  kind: kept?.kind ?? (name.includes(' / ') ? 'frame' : 'old-box'),
  long: shown(kept?.format?.longMm),
  short: shown(kept?.format?.shortMm),
  highlight: shown(kept?.densities?.highlight),
  shadow: shown(kept?.densities?.shadow),
  note: kept?.note ?? '',
});

type Field = 'long' | 'short' | 'highlight' | 'shadow';
export type NegativeTroubles = Partial<Record<Field, string>>;

const wanted: Record<Field, string> = {
  long: 'Type the long side in mm, for example 36.',
  short: 'Type the short side in mm, for example 24.',
  highlight: 'Type the density at the highlight, for example 1.12.',
  shadow: 'Type the density at the shadow, for example 0.30.',
};

/** Reads the form: what is blank is not known; half of a pair is asked for. */
export function readNegative(
  name: string,
  form: NegativeForm,
): { readonly body?: NegativeBody; readonly troubles: NegativeTroubles } {
  const troubles: NegativeTroubles = {};
  const pair = (a: Field, b: Field, least: number, most: number) => {
    if (form[a].trim() === '' && form[b].trim() === '') return undefined;
    const [one, other] = ([a, b] as const).map((field) => {
      const { value, trouble } = number(form[field], wanted[field], least, most);
      if (trouble) troubles[field] = trouble;
      return value;
    });
    return one === undefined || other === undefined ? undefined : ([one, other] as const);
  };
  const sides = pair('long', 'short', 1, 600);
  const densities = pair('highlight', 'shadow', 0, 5);
  if (sides && sides[0] < sides[1]) troubles.long = 'The long side is shorter than the short one.';
  if (densities && densities[0] <= densities[1]) {
    troubles.highlight = 'On the negative the highlight is denser than the shadow.';
  }
  if (Object.keys(troubles).length > 0) return { troubles };
  return {
    troubles,
    body: {
      ...{ name, kind: form.kind, note: form.note.trim() },
      ...(sides && { format: { longMm: sides[0], shortMm: sides[1] } }),
      ...(densities && { densities: { highlight: densities[0], shadow: densities[1] } }),
    },
  };
}

/** What a negative that is known fills in where nothing was typed: a length on it, and its readings. */
export function filledIn(
  draft: PrintDraft,
  { format, densities }: Pick<KeptNegative, 'format' | 'densities'>,
  settingId: string,
  lit?: NegativeLightId,
): Partial<PrintDraft> {
  const blank = emptyReadings(settingId);
  const readings = draft.readings ?? blank;
  const unread = [readings.highlight, readings.shadow].every(({ reading }) => reading === '');
  return {
    ...(format && (draft.negativeLength ?? '') === '' && { negativeLength: String(format.longMm) }),
    ...(densities &&
      unread && {
        readings: {
          ...readings,
          scale: 'density',
          ...(lit && { negativeLight: lit }),
          highlight: { ...readings.highlight, reading: String(densities.highlight) },
          shadow: { ...readings.shadow, reading: String(densities.shadow) },
        },
      }),
  };
}
