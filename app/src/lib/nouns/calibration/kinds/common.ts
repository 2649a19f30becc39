import { numberField, textField } from '../fields/simple.ts';

/** Fields that more than one test asks for. */
export const filmField = textField({
  label: 'The film',
  hint: 'As it is called in its recipes.',
  title: 'which film it is',
});
export const paperField = textField({
  label: 'The paper',
  hint: 'As it is called on the shelf.',
  title: 'which paper it is',
});
export const exposedAtField = numberField({
  label: 'EI set at the meter',
  hint: 'Step 1 of the tablet got zone X at this speed.',
  title: 'the EI set at the meter',
  least: 0.8,
  most: 25_600,
  example: 100,
});
export const sameThing = (a: string, b: string) =>
  a.trim().toLowerCase() === b.trim().toLowerCase();

/** "0.34 stop", "1.2 stops": how sure, in stops. */
export const stopsWithin = (stops: number): string =>
  `${stops < 0.995 ? stops.toFixed(2) : stops.toFixed(1)} ${stops <= 1 ? 'stop' : 'stops'}`;

/** What lies ready for every film test by a tablet. */
export const tabletList = [
  'a step tablet, 21 steps of half a stop, on the film in its holder or in contact with it',
  'an evenly lit surface, and the meter',
  'a scrap of opaque tape over a corner of the last step: base and fog show beside it',
];
