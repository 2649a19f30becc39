import { drumPlan, stepKind, type ProcessPlan } from '@katachron/core';
import { USUAL_SIZE } from '../../../nouns/paper/sizes.ts';
import { attempt } from '../../../words/attempt.ts';
import { parseDuration } from '../../../words/duration.ts';
import { parseReading, type Reads } from '../../../words/reading.ts';
import { degrees, degreesApart } from '../../../words/temperature.ts';

/** What is typed of the drum; it stays for the next sheet. */
export interface DrumForm {
  /** What the baths are to be, as typed. */
  wanted: string;
  reads: string;
  developer: string;
  bleachFix: string;
  /** Of the paper, and the baths that were chosen, by their ids. */
  size: string;
  developerBath: string;
  bleachFixBath: string;
}
export const emptyDrum = () => ({
  ...{ wanted: '', reads: '', developer: '0:45', bleachFix: '0:45' },
  ...{ size: USUAL_SIZE as string, developerBath: '', bleachFixBath: '' },
});

/** Colour developer's usual temperature, °C. */
const USUAL_C = 35;
const TOLERANCE_C = stepKind('drum-developer').toleranceC;

/** What the drum is told, and what is said of its baths. */
export interface DrumView {
  readonly plan?: ProcessPlan;
  readonly trouble?: string;
  readonly sentence: string;
  /** The baths are further off than they may be. */
  readonly off: boolean;
  /** What was read, as it really is, °C. */
  readonly readC?: number;
}

/** The clock of the drum, and whether its baths are as warm as they are to be. */
export function drumView(form: DrumForm, { unit, thermometer }: Reads): DrumView {
  const plan = attempt(() =>
    drumPlan({
      'drum-developer': parseDuration(form.developer),
      'drum-bleach-fix': parseDuration(form.bleachFix),
    }),
  );
  const wanted =
    form.wanted.trim() === ''
      ? { value: USUAL_C }
      : attempt(() => parseReading(form.wanted, unit), unit);
  const read =
    form.reads.trim() === ''
      ? { value: undefined }
      : attempt(() => parseReading(form.reads, unit, thermometer), unit);
  const trouble =
    plan.trouble ??
    ('trouble' in wanted ? wanted.trouble : undefined) ??
    ('trouble' in read ? read.trouble : undefined);
  const target = wanted.value ?? USUAL_C;
  const within = degreesApart(TOLERANCE_C, unit);
  const apart = (read.value ?? target) - target;
  const off = Math.abs(apart) > TOLERANCE_C + 1e-9;
  const sentence =
    read.value === undefined
      ? `Baths at ${degrees(target, unit)} ± ${within}: read the developer before it is poured.`
      : off
        ? `${degreesApart(Math.abs(apart), unit)} too ${apart > 0 ? 'warm' : 'cold'}, and ± ${within} is what colour bears: temper it before it is poured.`
        : `As warm as it is to be, within ± ${within}.`;
  return {
    ...(plan.value && { plan: plan.value }),
    ...(trouble !== undefined && { trouble }),
    ...{ sentence, off },
    ...(read.value !== undefined && { readC: read.value }),
  };
}
