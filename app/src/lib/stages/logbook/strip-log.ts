import {
  contrastSet,
  patchWords,
  patchesInWords,
  readPick,
  settingOf,
  stripKinds,
  stripMethods,
  toneById,
} from '@katachron/core';
import type { Print } from '../../nouns/print/contract.ts';
import type { Pick } from '../../nouns/strip/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stepWords } from '../../words/strip-step.ts';

/** A strip of a print session in words. */
export interface StripLine {
  readonly heading: string;
  readonly made: string;
  readonly patches: string;
  readonly seen: readonly string[];
}

/** The strips that led to a print, in order. */
export function stripLines(print: Print): StripLine[] {
  const set = contrastSet(print.setup.contrastSetId);
  const shown = (seconds: number) => enlargerSeconds(seconds, print.setup.lamp.timerStepSeconds);
  return print.strips.map((strip, index) => {
    const { kind, method, step, patches } = strip.choices;
    const setting = attempt(() => settingOf(set, strip.settingId)).value;
    const stripKind = stripKinds.find(({ id }) => id === kind)!;
    const pick = (place: string, chosen: Pick | null) => {
      const read = chosen && attempt(() => readPick(strip.patchSeconds, chosen.position)).value;
      const said =
        chosen && patches === 1
          ? patchWords.find(({ position }) => position === chosen.position)?.words
          : undefined;
      if (said && chosen) return [`${place} ${toneById(chosen.tone).name}: ${said}`];
      return read
        ? [`${place} ${toneById(chosen.tone).name} right at ${shown(read.seconds)} s`]
        : [];
    };
    return {
      heading: `Strip ${index + 1}, ${set.noun} ${setting?.name ?? strip.settingId}`,
      made: `${patchesInWords(patches)} in ${stripKind.name}${stepWords[stripKind.step](step)}; ${stripMethods.find(({ id }) => id === method)!.name}${strip.way === 'card' ? '; looked at beside the tone card' : ''}`,
      patches: strip.patchSeconds.map(shown).join(' · '),
      seen: [
        ...pick('highlight', strip.highlight),
        ...pick('shadow', strip.shadow),
        ...(strip.again ?? []).flatMap(({ highlight, shadow }) => [
          ...pick('looked at again, highlight', highlight),
          ...pick('looked at again, shadow', shadow),
        ]),
      ],
    };
  });
}
