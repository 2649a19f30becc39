import { ROLL_EQUIVALENT_CM2, Refusal } from '@katachron/core';
import { within } from '../../kit/form.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';

const CM2_PER_M2 = 10_000;

/** A number as somebody would type it; nothing where there is none. */
export const shownNumber = (value: number | undefined): string =>
  value === undefined ? '' : String(Number(value.toFixed(3)));

/** A field that may be left empty. */
export const optional = <Value>(text: string, read: () => Value): Attempt<Value | undefined> =>
  text.trim() === '' ? { value: undefined as Value } : attempt(read);

/** What a data sheet says of capacity and keeping, as it is typed: rolls and m² a litre, days full and half full, hours in a tray. */
export interface LimitsForm {
  rolls: string;
  paper: string;
  full: string;
  half: string;
  tray: string;
}

/** What a litre is good for, and how it keeps. */
export interface Limits {
  readonly filmCm2PerLitre?: number;
  readonly paperCm2PerLitre?: number;
  readonly keeping?: { readonly fullDays: number; readonly halfFullDays: number };
  readonly trayHours?: number;
}

/** Limits as they would have been typed. */
export const limitsForm = ({
  filmCm2PerLitre,
  paperCm2PerLitre,
  keeping,
  trayHours,
}: Limits): LimitsForm => ({
  rolls: shownNumber(filmCm2PerLitre && filmCm2PerLitre / ROLL_EQUIVALENT_CM2),
  paper: shownNumber(paperCm2PerLitre && paperCm2PerLitre / CM2_PER_M2),
  full: shownNumber(keeping?.fullDays),
  half: shownNumber(keeping?.halfFullDays),
  tray: shownNumber(trayHours),
});

const days = (text: string, usual: number) =>
  within(text, `Type days, for example ${usual}.`, 0.1, 10_000);

/** Days in a full bottle and in a half-full one; the second is the first's unless it is typed. */
export function readKeeping(full: string, half: string) {
  const read = {
    full: optional(full, () => days(full, 180)),
    half: optional(half, () => {
      if (full.trim() === '') throw new Refusal('keeping', '', 'Type the full bottle’s too.');
      return days(half, 60);
    }),
  };
  const { value: fullDays } = read.full;
  const keeping = fullDays ? { fullDays, halfFullDays: read.half.value ?? fullDays } : undefined;
  return { read, keeping };
}

/** Reads limits: each field, and what they come to. */
export function readLimits(form: LimitsForm): {
  readonly read: { readonly [Field in keyof LimitsForm]: Attempt<number | undefined> };
  readonly limits: Limits;
} {
  const kept = readKeeping(form.full, form.half);
  const read = {
    ...kept.read,
    rolls: optional(form.rolls, () =>
      within(form.rolls, 'Type rolls a litre, for example 9.', 0.01, 1000),
    ),
    paper: optional(form.paper, () =>
      within(form.paper, 'Type square metres a litre, for example 3.2.', 0.01, 100),
    ),
    tray: optional(form.tray, () => within(form.tray, 'Type hours, for example 12.', 0.1, 10_000)),
  };
  const { rolls, paper, tray } = read;
  return {
    read,
    limits: {
      ...(rolls.value && { filmCm2PerLitre: rolls.value * ROLL_EQUIVALENT_CM2 }),
      ...(paper.value && { paperCm2PerLitre: paper.value * CM2_PER_M2 }),
      ...(kept.keeping && { keeping: kept.keeping }),
      ...(tray.value && { trayHours: tray.value }),
    },
  };
}

/** The address of a data sheet. */
export const readDataSheet = (text: string): Attempt<string> =>
  attempt(() => {
    const address = text.trim();
    if (address !== '' && !/^https?:\/\/\S+$/i.test(address)) {
      throw new Refusal('address', '', 'Type the whole address, from https:// on.');
    }
    return address;
  });
