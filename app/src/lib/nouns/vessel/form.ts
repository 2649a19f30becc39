import { Refusal } from '@katachron/core';
import { needed, troublesOf } from '../../kit/form.ts';
import type { Read } from '../../kit/kept-form.svelte.ts';
import { attempt } from '../../words/attempt.ts';
import {
  readVolume,
  retypeVolume,
  typedVolume,
  volumeWords,
  type VolumeUnit,
} from '../../words/volume.ts';
import type { VesselBody } from './contract.ts';

/** A vessel as it is being typed. */
export interface VesselForm {
  name: string;
  holds: string;
  division: string;
}

/** A vessel as it would have been typed; an empty form where there is none. */
export const vesselForm = (vessel: VesselBody | undefined, unit: VolumeUnit): VesselForm => ({
  name: vessel?.name ?? '',
  holds: vessel ? typedVolume(vessel.holdsMl, unit) : '',
  division: vessel ? typedVolume(vessel.divisionMl, unit) : '',
});

/** Its volumes in the other unit. */
export const vesselInUnit = (
  form: VesselForm,
  from: VolumeUnit,
  to: VolumeUnit,
  kept?: VesselBody,
): Pick<VesselForm, 'holds' | 'division'> => ({
  holds: retypeVolume(form.holds, from, to, kept?.holdsMl),
  division: retypeVolume(form.division, from, to, kept?.divisionMl),
});

/** Reads the form: the vessel, or what is wrong with each field. */
export function readVessel(
  form: VesselForm,
  unit: VolumeUnit,
  kept?: VesselBody,
): Read<VesselBody, Partial<Record<keyof VesselForm, string>>> {
  const limits = { unit, leastMl: 0.01, mostMl: 100_000 };
  const name = attempt(() => needed(form.name, 'Name it, as Small graduate.'));
  const holds = attempt(() =>
    readVolume(form.holds, {
      ...{ ...limits, what: 'what it holds', usualMl: 100 },
      keptMl: kept?.holdsMl,
    }),
  );
  const division = attempt(() => {
    const value = readVolume(form.division, {
      ...{ ...limits, what: 'what one line of it stands for', usualMl: 2 },
      keptMl: kept?.divisionMl,
    });
    if (holds.value !== undefined && value > holds.value) {
      throw new Refusal('division', '', 'One line of it stands for no more than it holds.');
    }
    return value;
  });
  const troubles = troublesOf({ name, holds, division });
  if (troubles) return { troubles };
  return { body: { name: name.value!, holdsMl: holds.value!, divisionMl: division.value! } };
}

/** "holds 100 ml, a line every 2 ml": a vessel in a line. */
export const vesselLine = ({ holdsMl, divisionMl }: VesselBody, unit: VolumeUnit): string =>
  `holds ${volumeWords(holdsMl, unit)}, a line every ${typedVolume(divisionMl, unit)} ${unit}`;
