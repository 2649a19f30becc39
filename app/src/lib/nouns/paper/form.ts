import { contrastSet, percentInStops, stopsInPercent, type ContrastSetId } from '@katachron/core';
import type { PaperBody } from './contract.ts';
import { LEAST_BLACK } from './limits.ts';
import { needed, troublesOf, within } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';

/** A paper as it is being typed. */
export interface PaperForm {
  name: string;
  base: PaperBody['base'];
  contrastSetId: ContrastSetId;
  speed: string;
  dMin: string;
  dMax: string;
  /** The dried print that matches the wet one got so much less, per cent; empty where nobody tested it. */
  dryDown: string;
  /** By setting: R, and speed in stops; empty where nobody measured it. */
  settings: Record<string, { range: string; speed: string }>;
  note: string;
}

export type PaperTroubles = Partial<
  Record<'name' | 'speed' | 'dMin' | 'dMax' | 'dryDown' | 'settings', string>
>;

const noSettings = (setId: ContrastSetId): PaperForm['settings'] =>
  Object.fromEntries(contrastSet(setId).settings.map(({ id }) => [id, { range: '', speed: '' }]));

export const emptyPaperForm = (): PaperForm => ({
  name: '',
  base: 'resin-coated',
  contrastSetId: 'filters',
  speed: '',
  dMin: '0.06',
  dMax: '2.15',
  dryDown: '',
  settings: noSettings('filters'),
  note: '',
});

/** Stops as a test has them: per cent less light. */
const dryDownPercent = (stops: number) => Number((-stopsInPercent(-stops)).toFixed(1));

export function paperForm(paper: PaperBody): PaperForm {
  const settings = noSettings(paper.contrastSetId);
  for (const { id, range, speedStops } of paper.settings) {
    settings[id] = { range: String(range), speed: String(speedStops) };
  }
  return {
    name: paper.name,
    base: paper.base,
    contrastSetId: paper.contrastSetId,
    speed: paper.speed === undefined ? '' : String(paper.speed),
    dMin: String(paper.dMin),
    dMax: String(paper.dMax),
    dryDown: paper.dryDownStops === undefined ? '' : String(dryDownPercent(paper.dryDownStops)),
    settings,
    note: paper.note,
  };
}

/** The form for another set of contrasts: what was measured belonged to the other one. */
export const withSet = (form: PaperForm, contrastSetId: ContrastSetId): PaperForm => ({
  ...form,
  contrastSetId,
  settings: noSettings(contrastSetId),
});

/** How sure a setting is by its test, as long as it stands as the test left it. */
const testedWithin = (setting: PaperBody['settings'][number], kept: PaperBody | undefined) => {
  const tested = kept?.settings.find(
    ({ id, range, speedStops }) =>
      id === setting.id && range === setting.range && speedStops === setting.speedStops,
  );
  return tested ?? setting;
};

function readSettings(form: PaperForm, kept?: PaperBody): PaperBody['settings'] {
  return contrastSet(form.contrastSetId).settings.flatMap(({ id, name }) => {
    const { range = '', speed = '' } = form.settings[id] ?? {};
    if (range.trim() === '') return [];
    const sentence = `Setting ${name}: type its R, as 110, and its speed in stops, as −1 or 0.`;
    const stops = speed.trim() === '' ? 0 : parseDecimal(speed, '', sentence);
    const typed = {
      id,
      range: within(range, sentence, 20, 300),
      speedStops: within(String(stops), sentence, -4, 4),
    };
    return [testedWithin(typed, kept?.contrastSetId === form.contrastSetId ? kept : undefined)];
  });
}

/** Reads the form: the paper, or what is wrong with each field. */
export function readPaper(
  form: PaperForm,
  kept?: PaperBody,
): { body: PaperBody } | { body?: undefined; troubles: PaperTroubles } {
  const name = attempt(() => needed(form.name, 'Name the paper.'));
  const speed = attempt(() =>
    form.speed.trim() === ''
      ? undefined
      : within(form.speed, 'Type the speed P of its data sheet, for example 250.', 1, 10_000),
  );
  const dMin = attempt(() => within(form.dMin, 'Type a density, for example 0.06.', 0, 0.2));
  const dMax = attempt(() =>
    within(form.dMax, `Type a density from ${LEAST_BLACK} on, for example 2.1.`, LEAST_BLACK, 3),
  );
  const dryDown = attempt(() =>
    form.dryDown.trim() === ''
      ? undefined
      : -percentInStops(
          -within(
            form.dryDown.replace(/%\s*$/, ''),
            'Type per cent, as 8: so much less light the dried print got that matches the wet one.',
            0,
            50,
          ),
        ),
  );
  const settings = attempt(() => readSettings(form, kept));
  const troubles = troublesOf({ name, speed, dMin, dMax, dryDown, settings });
  if (troubles) return { troubles };
  return {
    body: {
      name: name.value!,
      base: form.base,
      contrastSetId: form.contrastSetId,
      ...(speed.value !== undefined && { speed: speed.value }),
      dMin: dMin.value!,
      dMax: dMax.value!,
      settings: settings.value!,
      ...(dryDown.value !== undefined && { dryDownStops: dryDown.value }),
      // What was fitted to its tablet is not typed; it belongs to the set that it was fitted with.
      ...(kept?.layers && kept.contrastSetId === form.contrastSetId && { layers: kept.layers }),
      note: form.note.trim(),
    },
  };
}

/** "fibre, P 250, black 2.1; not calibrated": a paper in a line. */
export function paperLine({ base, speed, dMax, settings, dryDownStops, note }: PaperBody): string {
  const measured =
    settings.length === 0 ? 'not calibrated' : `${settings.length} settings measured`;
  const facts = [
    base,
    speed !== undefined && `P ${speed}`,
    `black ${dMax}`,
    dryDownStops !== undefined && `dries ${dryDownPercent(dryDownStops)} % darker`,
  ].filter(Boolean);
  return [facts.join(', '), measured, note].filter(Boolean).join('; ');
}
