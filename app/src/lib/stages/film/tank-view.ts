import {
  Refusal,
  enoughDeveloper,
  filmFormat,
  rollEquivalents,
  tankFill,
  type FilmLoad,
} from '@katachron/core';
import type { FilmDraft } from './draft.ts';
import type { RecipeBody } from '../../nouns/recipe/contract.ts';
import type { Tank } from '../../nouns/tank/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { volumeNumber, volumeWords, type VolumeUnit } from '../../words/volume.ts';

/** What is in the tank, as the page shows it. */
export interface TankView {
  readonly tank?: Tank;
  readonly load: readonly FilmLoad[];
  /** Why the number of films cannot be used. */
  readonly trouble?: string;
  /** "2 × 135-36 want 600 ml to be covered." */
  readonly sentence?: string;
  readonly cautions: readonly string[];
  /** What covers the films, ml. */
  readonly needsMl?: number;
}

/** More films than this go through no tank of ours. */
const MOST_FILMS = 40;

/** How many films of which format, as typed. */
function loadOf(draft: FilmDraft): FilmLoad[] {
  const sentence = 'Type how many films go in, for example 2.';
  const typed = draft.films?.trim() || '1';
  const count = parseDecimal(typed, '/films', sentence);
  if (!Number.isInteger(count) || count < 1 || count > MOST_FILMS) {
    throw new Refusal('films', '/films', sentence);
  }
  return [{ format: draft.format ?? 'small-36', count }];
}

/** Whether the films fit the tank, the liquid covers them, and there is enough developer in it. */
export function tankView(
  draft: FilmDraft,
  tanks: readonly Tank[],
  recipe?: RecipeBody,
  volumeMl?: number,
  unit: VolumeUnit = 'ml',
): TankView {
  const volume = (ml: number) => volumeWords(ml, unit);
  // As finely as it is measured: what was typed as 22.3 fl oz covers what wants 22.3 fl oz.
  const shown = (ml: number) => volumeNumber(ml, unit);
  const tank = tanks.find(({ id }) => id === draft.tankId);
  const read = attempt(() => loadOf(draft));
  if (!read.value) return { load: [], cautions: [], trouble: read.trouble, ...(tank && { tank }) };
  const load = read.value;
  const cautions: string[] = [];
  const films = load.map(({ count, format }) => `${count} × ${filmFormat(format).name}`).join(', ');
  const fill = tank && tankFill(tank, load);
  if (tank && fill) {
    if (fill.tooMany.length > 0) cautions.push(`The tank does not take ${films}.`);
    else if (fill.overflows) {
      cautions.push(
        `${films} want ${volume(fill.needsMl)}; the tank holds ${volume(tank.holdsMl)}.`,
      );
    } else if (volumeMl !== undefined && shown(volumeMl) < shown(fill.needsMl)) {
      cautions.push(`${volume(volumeMl)} do not cover ${films}: take ${volume(fill.needsMl)}.`);
    }
    if (volumeMl !== undefined && volumeMl > tank.holdsMl) {
      cautions.push(`The tank holds ${volume(tank.holdsMl)}, not more.`);
    }
  }
  if (recipe?.minimumMl !== undefined && volumeMl !== undefined && volumeMl > 0) {
    const { dilution, minimumMl, developer } = recipe;
    const rolls = rollEquivalents(load);
    const check = enoughDeveloper({ volumeMl, dilution, minimumMl, rollEquivalents: rolls });
    if (!check.enough) {
      const remedy =
        check.safeRolls >= 1
          ? `or ${Math.floor(check.safeRolls)} roll${check.safeRolls >= 2 ? 's' : ''} at a time`
          : 'or less dilution';
      cautions.push(
        `Only ${volume(check.hasMl)} ${developer} for ${films}; they want ${volume(check.needsMl)}. ` +
          `Take ${volume(Math.ceil(check.safeVolumeMl))} in all, ${remedy}.`,
      );
    }
  }
  const covered = fill && fill.tooMany.length === 0 && fill.needsMl > 0;
  return {
    load,
    cautions,
    ...(tank && { tank }),
    ...(covered && {
      needsMl: fill.needsMl,
      sentence: `${films} want ${volume(fill.needsMl)} to be ${tank.motion === 'rotary' ? 'wetted' : 'covered'}.`,
    }),
  };
}
