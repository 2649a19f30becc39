import { ROLL_EQUIVALENT_CM2, Refusal, formatDilution, parseDilution } from '@katachron/core';
import { format, isValid, parseISO } from 'date-fns';
import { needed, troublesOf, within } from '../../kit/form.ts';
import type { Read } from '../../kit/kept-form.svelte.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { readVolume, retypeVolume, typedVolume, type VolumeUnit } from '../../words/volume.ts';
import type { BathBody } from './contract.ts';
import type { BathUseId } from './uses.ts';

/** A bath as it is being typed. */
export interface BathForm {
  name: string;
  use: BathUseId;
  dilution: string;
  volume: string;
  mixedOn: string;
  /** What a litre is good for: rolls of film, and m² of paper. */
  rolls: string;
  paper: string;
  /** Days full and half full; hours in a tray. */
  full: string;
  half: string;
  tray: string;
  bottle: string;
  dataSheet: string;
  note: string;
}

export type BathTroubles = Partial<Record<keyof BathForm, string>>;

const CM2_PER_M2 = 10_000;
const DAY = 'yyyy-MM-dd';
const shown = (value: number | undefined) =>
  value === undefined ? '' : String(Number(value.toFixed(3)));

/** A bath as it would have been typed; one that is mixed now where there is none. */
export function bathForm(bath: BathBody | undefined, unit: VolumeUnit, nowMs: number): BathForm {
  const { keeping, filmCm2PerLitre, paperCm2PerLitre, volumeMl, bottleMl } = bath ?? {};
  return {
    name: bath?.name ?? '',
    use: bath?.use ?? 'fixer',
    dilution: bath?.dilution ?? '',
    volume: volumeMl === undefined ? '' : typedVolume(volumeMl, unit),
    mixedOn: format(bath?.mixedAtMs ?? nowMs, DAY),
    rolls: shown(filmCm2PerLitre && filmCm2PerLitre / ROLL_EQUIVALENT_CM2),
    paper: shown(paperCm2PerLitre && paperCm2PerLitre / CM2_PER_M2),
    full: shown(keeping?.fullDays),
    half: shown(keeping?.halfFullDays),
    tray: shown(bath?.trayHours),
    bottle: bottleMl === undefined ? '' : typedVolume(bottleMl, unit),
    dataSheet: bath?.dataSheet ?? '',
    note: bath?.note ?? '',
  };
}

/** Its volumes in the other unit. */
export const bathInUnit = (
  form: BathForm,
  from: VolumeUnit,
  to: VolumeUnit,
  kept?: BathBody,
): Pick<BathForm, 'volume' | 'bottle'> => ({
  volume: retypeVolume(form.volume, from, to, kept?.volumeMl),
  bottle: retypeVolume(form.bottle, from, to, kept?.bottleMl),
});

/** Reads the form: the bath, or what is wrong with each field. Its clip tests stay as they are. */
export function readBath(
  form: BathForm,
  unit: VolumeUnit,
  nowMs: number,
  kept?: BathBody,
): Read<BathBody, BathTroubles> {
  const name = attempt(() => needed(form.name, 'Name the bath, as Fixer of 10 January.'));
  const volume = attempt(() =>
    readVolume(form.volume, {
      ...{ unit, what: 'how much was mixed', usualMl: 1000, leastMl: 1, mostMl: 100_000 },
      keptMl: kept?.volumeMl,
    }),
  );
  const optional = <Value>(text: string, read: () => Value): Attempt<Value | undefined> =>
    text.trim() === '' ? { value: undefined as Value } : attempt(read);
  const dilution = optional(form.dilution, () => formatDilution(parseDilution(form.dilution)));
  const mixedOn = attempt(() => {
    const day = parseISO(form.mixedOn);
    if (!isValid(day)) throw new Refusal('day', '', 'Type the day on which it was mixed.');
    if (day.getTime() > nowMs) throw new Refusal('day', '', 'That day is still to come.');
    return day.getTime();
  });
  const rolls = optional(form.rolls, () =>
    within(form.rolls, 'Type rolls a litre, for example 9.', 0.01, 1000),
  );
  const paper = optional(form.paper, () =>
    within(form.paper, 'Type square metres a litre, for example 3.2.', 0.01, 100),
  );
  const full = optional(form.full, () =>
    within(form.full, 'Type days, for example 180.', 0.1, 10_000),
  );
  const half = optional(form.half, () => {
    if (form.full.trim() === '') throw new Refusal('keeping', '', 'Type the full bottle’s too.');
    return within(form.half, 'Type days, for example 60.', 0.1, 10_000);
  });
  const tray = optional(form.tray, () =>
    within(form.tray, 'Type hours, for example 12.', 0.1, 10_000),
  );
  const bottle = optional(form.bottle, () =>
    readVolume(form.bottle, {
      ...{ unit, what: 'what the bottle holds', usualMl: 1000, leastMl: 1, mostMl: 100_000 },
      keptMl: kept?.bottleMl,
    }),
  );
  const dataSheet = attempt(() => {
    const address = form.dataSheet.trim();
    if (address !== '' && !/^https?:\/\/\S+$/i.test(address)) {
      throw new Refusal('address', '', 'Type the whole address, from https:// on.');
    }
    return address;
  });
  const fields = {
    ...{ name, volume, dilution, mixedOn, rolls, paper, full, half, tray, bottle, dataSheet },
  };
  const troubles = troublesOf(fields);
  if (troubles) return { troubles };
  const note = form.note.trim();
  // A day that was left as it was shown is the same instant; today is now.
  const same = format(kept?.mixedAtMs ?? nowMs, DAY) === form.mixedOn;
  return {
    body: {
      name: name.value!,
      use: form.use,
      mixedAtMs: same ? (kept?.mixedAtMs ?? nowMs) : mixedOn.value!,
      volumeMl: volume.value!,
      tests: kept?.tests ?? [],
      ...(dilution.value && { dilution: dilution.value }),
      ...(rolls.value && { filmCm2PerLitre: rolls.value * ROLL_EQUIVALENT_CM2 }),
      ...(paper.value && { paperCm2PerLitre: paper.value * CM2_PER_M2 }),
      ...(full.value && {
        keeping: { fullDays: full.value, halfFullDays: half.value ?? full.value },
      }),
      ...(tray.value && { trayHours: tray.value }),
      ...(bottle.value && { bottleMl: bottle.value }),
      ...(dataSheet.value && { dataSheet: dataSheet.value }),
      ...(note && { note }),
      ...(kept?.discardedAtMs !== undefined && { discardedAtMs: kept.discardedAtMs }),
    },
  };
}
