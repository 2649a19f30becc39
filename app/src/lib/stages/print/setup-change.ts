import type { ContrastSet } from '@katachron/core';
import type { SetupChange, SetupPart } from '@katachron/core';
import type { ConvertedStrip } from './session.ts';

/** What a change is called, and by which law it is converted. */
const parts: Record<
  SetupPart,
  { readonly name: string; readonly law: string; readonly needs: string }
> = {
  size: {
    name: 'another size',
    law: 'lens law',
    needs: 'the head was moved, so measure a length of the picture before and after',
  },
  aperture: { name: 'another aperture', law: 'f-numbers squared', needs: 'type both f-numbers' },
  distance: { name: 'another distance', law: 'inverse square', needs: 'type both distances' },
  paper: {
    name: 'another paper',
    law: 'by its speed, contrast by equal R',
    needs: 'the speed P of both papers is needed',
  },
  enlarger: {
    name: 'another enlarger or lens',
    law: '',
    needs: 'another enlarger or lens throws other light',
  },
  developer: { name: 'another developer', law: '', needs: 'another developer gives other tones' },
  'long-time': {
    name: 'what a long time loses',
    law: 'more of it at each doubling',
    needs: 'no paper is exposed for such a time',
  },
};

const times = ({ part, factor }: SetupChange) =>
  `×${factor!.toFixed(2)} for ${parts[part].name} (${parts[part].law})`;

/** "Strip 1 is converted: ×3.53 for another size (lens law).": what a change of set-up does to answers already found. */
export function conversionSentences(strips: readonly ConvertedStrip[]): string[] {
  return strips.flatMap(({ number, conversion: { changes, whole } }) => {
    if (changes.length === 0) return [];
    if (whole) {
      return [`Strip ${number} is converted: ${changes.map(times).join(', ')}. Check it.`];
    }
    const needed = changes.filter(({ factor }) => factor === undefined);
    return [
      `Strip ${number} does not count any more: ${needed.map(({ part }) => parts[part].needs).join('; ')}.`,
    ];
  });
}

/** Strips that were made with other contrasts than those of now, in a sentence. */
export function otherSetsWords(strips: number, { noun }: ContrastSet): string[] {
  if (strips === 0) return [];
  return [
    strips === 1
      ? `One strip was made with other contrasts and says nothing about this ${noun}. It counts again when those are back.`
      : `${strips} strips were made with other contrasts and say nothing about this ${noun}. They count again when those are back.`,
  ];
}
