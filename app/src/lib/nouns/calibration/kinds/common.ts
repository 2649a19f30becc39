import { powerLaw, tabletExposure } from '@katachron/core';
import { format } from 'date-fns';
import { attempt } from '../../../words/attempt.ts';
import type { Calibration } from '../contract.ts';
import { numberField, optional, textField } from '../fields/simple.ts';
import { lawOfFilm } from './law-of.ts';

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

/** How the tablet is exposed: asked for where the times are to be told. */
export const exposureFields = {
  meteredSeconds: optional(
    numberField({
      label: 'The meter says, s',
      hint: 'As 1/8, at that EI and aperture, for the even surface; then the times stand above.',
      title: 'what the meter says',
      ...{ least: 0.0001, most: 60, example: 0.125 },
    }),
  ),
  power: optional(
    numberField({
      label: 'Reciprocity, t to the power',
      hint: 'Of this film beyond 1 s; left empty: as its own test says, if there is one.',
      title: 'the power',
      ...{ least: 1, most: 2, example: 1.3 },
    }),
  ),
};

/** "4.0 s", "1/8 s". */
const shutter = (seconds: number) =>
  seconds >= 0.3 ? `${Number(seconds.toPrecision(2))} s` : `1/${Math.round(1 / seconds)} s`;

interface TabletGiven {
  readonly film?: string;
  readonly exposedAt?: number;
  readonly meteredSeconds?: number;
  readonly power?: number;
}

/** What each sheet gets, and in which holder it lies. */
export function exposureWords(
  { film = '', exposedAt, meteredSeconds, power }: TabletGiven,
  sheets: number,
  found: readonly Calibration[] = [],
): string[] {
  const at = `Meter the even surface at EI ${exposedAt ?? 'of the box'}, and give`;
  if (meteredSeconds === undefined) {
    return [`${at} five stops more: step 1 then lies at zone X.`];
  }
  const own = power === undefined ? lawOfFilm(found, film) : undefined;
  const { value } = attempt(() =>
    tabletExposure(meteredSeconds, sheets, power === undefined ? own?.law : powerLaw(power)),
  );
  if (!value) return [`${at} five stops more: step 1 then lies at zone X.`];
  const longer = value.seconds > value.meteredSeconds;
  return [
    `${at} ${shutter(value.seconds)}: ${shutter(meteredSeconds)} by the meter, five stops more${longer ? `, which is ${shutter(value.meteredSeconds)}, and what the film loses in so long${own ? `, by its test of ${format(own.foundAtMs, 'd MMMM yyyy')}` : ''}` : ''}. Step 1 then lies at zone X.`,
    ...(sheets > 1
      ? [
          `Sheets by holder and notch: ${value.sheets.map(({ sheet, holder, side }) => `${sheet} in holder ${holder}, ${side}`).join('; ')}.`,
        ]
      : []),
  ];
}

/** What lies ready for every film test by a tablet. */
export const tabletList = [
  'a step tablet, 21 steps of half a stop, on the film in its holder or in contact with it',
  'an evenly lit surface, and the meter',
  'a scrap of opaque tape over a corner of the last step: base and fog show beside it',
];
