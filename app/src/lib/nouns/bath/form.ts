import { Refusal, formatDilution, parseDilution } from '@katachron/core';
import { format, isValid, parseISO } from 'date-fns';
import { needed, troublesOf } from '../../kit/form.ts';
import type { Read } from '../../kit/kept-form.svelte.ts';
import { attempt } from '../../words/attempt.ts';
import { readVolume, retypeVolume, typedVolume, type VolumeUnit } from '../../words/volume.ts';
import type { Substance } from '../substance/contract.ts';
import type { BathBody } from './contract.ts';
import { limitsForm, optional, readDataSheet, readLimits, type LimitsForm } from './limits-form.ts';
import type { BathUseId } from './uses.ts';

/** A bath as it is being typed. */
export interface BathForm extends LimitsForm {
  name: string;
  use: BathUseId;
  dilution: string;
  volume: string;
  mixedOn: string;
  bottle: string;
  dataSheet: string;
  note: string;
  /** What it was mixed from; empty where that does not stand in the cupboard. */
  substanceId: string;
}

export type BathTroubles = Partial<Record<keyof BathForm, string>>;

const DAY = 'yyyy-MM-dd';

/** A bath as it would have been typed; one that is mixed now where there is none. */
export function bathForm(bath: BathBody | undefined, unit: VolumeUnit, nowMs: number): BathForm {
  const { volumeMl, bottleMl } = bath ?? {};
  return {
    name: bath?.name ?? '',
    use: bath?.use ?? 'fixer',
    dilution: bath?.dilution ?? '',
    volume: volumeMl === undefined ? '' : typedVolume(volumeMl, unit),
    mixedOn: format(bath?.mixedAtMs ?? nowMs, DAY),
    ...limitsForm(bath ?? {}),
    bottle: bottleMl === undefined ? '' : typedVolume(bottleMl, unit),
    dataSheet: bath?.dataSheet ?? '',
    note: bath?.note ?? '',
    substanceId: bath?.substanceId ?? '',
  };
}

/** The form with what a substance of the cupboard says: what it is for, its first dilution, what it is good for and how it keeps. */
export function fromSubstance(form: BathForm, substance: Substance): BathForm {
  const { id, name, use, dilutions, workingKeeping, dataSheet, hazards, handIn } = substance;
  const [first] = dilutions;
  const { keeping: _own, ...limits } = substance;
  const said = [hazards, handIn && `Handed in: ${handIn}`].filter(Boolean).join(' ');
  return {
    ...form,
    substanceId: id,
    use,
    name: form.name.trim() === '' ? `${name}, working` : form.name,
    ...(first && { dilution: formatDilution(first) }),
    ...limitsForm({ ...limits, ...(workingKeeping && { keeping: workingKeeping }) }),
    ...(dataSheet && { dataSheet }),
    ...(said && form.note.trim() === '' && { note: said }),
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
  const dilution = optional(form.dilution, () => formatDilution(parseDilution(form.dilution)));
  const mixedOn = attempt(() => {
    const day = parseISO(form.mixedOn);
    if (!isValid(day)) throw new Refusal('day', '', 'Type the day on which it was mixed.');
    if (day.getTime() > nowMs) throw new Refusal('day', '', 'That day is still to come.');
    return day.getTime();
  });
  const limits = readLimits(form);
  const bottle = optional(form.bottle, () =>
    readVolume(form.bottle, {
      ...{ unit, what: 'what the bottle holds', usualMl: 1000, leastMl: 1, mostMl: 100_000 },
      keptMl: kept?.bottleMl,
    }),
  );
  const dataSheet = readDataSheet(form.dataSheet);
  const fields = {
    ...{ name, volume, dilution, mixedOn, bottle, dataSheet },
    ...limits.read,
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
      ...limits.limits,
      ...(bottle.value && { bottleMl: bottle.value }),
      ...(dataSheet.value && { dataSheet: dataSheet.value }),
      ...(note && { note }),
      ...(form.substanceId && { substanceId: form.substanceId }),
      ...(kept?.discardedAtMs !== undefined && { discardedAtMs: kept.discardedAtMs }),
    },
  };
}
