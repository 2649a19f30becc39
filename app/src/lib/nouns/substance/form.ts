import { Refusal, formatDilution, parseDilution } from '@katachron/core';
import { format, isValid, parseISO } from 'date-fns';
import { needed, troublesOf, within } from '../../kit/form.ts';
import type { Read } from '../../kit/kept-form.svelte.ts';
import { attempt } from '../../words/attempt.ts';
import { readVolume, retypeVolume, typedVolume, type VolumeUnit } from '../../words/volume.ts';
import {
  limitsForm,
  optional,
  readDataSheet,
  readKeeping,
  readLimits,
  shownNumber,
  type LimitsForm,
} from '../bath/limits-form.ts';
import type { BathUseId } from '../bath/uses.ts';
import type { SubstanceBody } from './contract.ts';
import type { SubstanceKindId } from './kinds.ts';

/** A substance as it is being typed; `full` and `half` are of its own bottle. */
export interface SubstanceForm extends LimitsForm {
  name: string;
  use: BathUseId;
  kind: SubstanceKindId;
  /** "part A, part B". */
  parts: string;
  /** "1+31, 1+50". */
  dilutions: string;
  workingFull: string;
  workingHalf: string;
  minimum: string;
  size: string;
  price: string;
  have: string;
  /** As 2026-01-24; empty where it is still shut. */
  openedOn: string;
  dataSheet: string;
  hazards: string;
  handIn: string;
}

export type SubstanceTroubles = Partial<Record<keyof SubstanceForm, string>>;

const DAY = 'yyyy-MM-dd';
/** The volumes that are typed, with what to type. */
const volumes = {
  minimum: { field: 'minimumMl', what: 'the least for a roll', usualMl: 6, leastMl: 0.1 },
  size: { field: 'sizeMl', what: 'what is sold at once', usualMl: 500, leastMl: 1 },
  have: { field: 'haveMl', what: 'what is left', usualMl: 320, leastMl: 0 },
} as const;
type VolumeField = keyof typeof volumes;
const volumeFields = Object.keys(volumes) as VolumeField[];

const listed = (text: string) =>
  text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** A substance as it would have been typed; an empty form where there is none. */
export function substanceForm(
  substance: SubstanceBody | undefined,
  unit: VolumeUnit,
): SubstanceForm {
  const { workingKeeping, price, openedAtMs } = substance ?? {};
  const volume = (field: VolumeField) => {
    const ml = substance?.[volumes[field].field];
    return ml === undefined ? '' : typedVolume(ml, unit);
  };
  return {
    name: substance?.name ?? '',
    use: substance?.use ?? 'film-developer',
    kind: substance?.kind ?? 'concentrate',
    parts: (substance?.parts ?? []).join(', '),
    dilutions: (substance?.dilutions ?? []).map((parts) => formatDilution(parts)).join(', '),
    ...limitsForm(substance ?? {}),
    workingFull: shownNumber(workingKeeping?.fullDays),
    workingHalf: shownNumber(workingKeeping?.halfFullDays),
    minimum: volume('minimum'),
    size: volume('size'),
    price: shownNumber(price),
    have: volume('have'),
    openedOn: openedAtMs === undefined ? '' : format(openedAtMs, DAY),
    dataSheet: substance?.dataSheet ?? '',
    hazards: substance?.hazards ?? '',
    handIn: substance?.handIn ?? '',
  };
}

/** Its volumes in the other unit. */
export const substanceInUnit = (
  form: SubstanceForm,
  from: VolumeUnit,
  to: VolumeUnit,
  kept?: SubstanceBody,
): Pick<SubstanceForm, VolumeField> =>
  Object.fromEntries(
    volumeFields.map((field) => [
      field,
      retypeVolume(form[field], from, to, kept?.[volumes[field].field]),
    ]),
  ) as Pick<SubstanceForm, VolumeField>;

/** Reads the form: the substance, or what is wrong with each field. */
export function readSubstance(
  form: SubstanceForm,
  unit: VolumeUnit,
  nowMs: number,
  kept?: SubstanceBody,
): Read<SubstanceBody, SubstanceTroubles> {
  const name = attempt(() => needed(form.name, 'Name it as its label does.'));
  const parts = attempt(() => {
    const names = listed(form.parts);
    if (names.length === 1 || names.length > 5) {
      throw new Refusal(
        'parts',
        '',
        'Type its parts with commas, as part A, part B; five at most.',
      );
    }
    return names;
  });
  const dilutions = attempt(() => listed(form.dilutions).map((one) => parseDilution(one)));
  const volume = (field: VolumeField) => {
    const { what, usualMl, leastMl, field: kind } = volumes[field];
    return optional(form[field], () =>
      readVolume(form[field], {
        ...{ unit, what, usualMl, leastMl, mostMl: 100_000 },
        keptMl: kept?.[kind],
      }),
    );
  };
  const [minimum, size, have] = [volume('minimum'), volume('size'), volume('have')];
  const price = optional(form.price, () =>
    within(form.price, 'Type its price, for example 14.50.', 0.01, 1_000_000),
  );
  const openedOn = optional(form.openedOn, () => {
    const day = parseISO(form.openedOn);
    if (!isValid(day)) throw new Refusal('day', '', 'Type the day on which it was opened.');
    if (day.getTime() > nowMs) throw new Refusal('day', '', 'That day is still to come.');
    const same = kept?.openedAtMs !== undefined && format(kept.openedAtMs, DAY) === form.openedOn;
    return same ? kept.openedAtMs : day.getTime();
  });
  const limits = readLimits(form);
  const working = readKeeping(form.workingFull, form.workingHalf);
  const dataSheet = readDataSheet(form.dataSheet);
  const troubles = troublesOf({
    ...{ name, parts, dilutions, minimum, size, have, price, openedOn, dataSheet },
    ...limits.read,
    ...{ workingFull: working.read.full, workingHalf: working.read.half },
  });
  if (troubles) return { troubles };
  const [hazards, handIn] = [form.hazards.trim(), form.handIn.trim()];
  return {
    body: {
      ...{ name: name.value!, use: form.use, kind: form.kind },
      ...{ parts: parts.value!, dilutions: dilutions.value! },
      ...limits.limits,
      ...(working.keeping && { workingKeeping: working.keeping }),
      ...(minimum.value && { minimumMl: minimum.value }),
      ...(size.value && { sizeMl: size.value }),
      ...(price.value && { price: price.value }),
      // What was left as it was shown was not looked at again.
      ...(have.value !== undefined && {
        haveMl: have.value,
        haveAtMs: have.value === kept?.haveMl ? (kept.haveAtMs ?? nowMs) : nowMs,
      }),
      ...(openedOn.value !== undefined && { openedAtMs: openedOn.value }),
      ...(dataSheet.value && { dataSheet: dataSheet.value }),
      ...(hazards && { hazards }),
      ...(handIn && { handIn }),
    },
  };
}
