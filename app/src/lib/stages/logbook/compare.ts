import { contrastSet, toneById } from '@katachron/core';
import { format } from 'date-fns';
import { paperSize } from '../../nouns/paper/sizes.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { latestVersion } from '../../nouns/print/latest.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { withinInWords } from '../../words/fraction.ts';
import { areaWords, settingWords } from './line.ts';

/** A line of a comparison: one thing of both prints. */
export interface ComparedLine {
  readonly what: string;
  readonly a: string;
  readonly b: string;
  readonly differs: boolean;
}

const judged: Record<string, string> = {
  ...{ full: 'blacks full', thin: 'blacks thin', blocked: 'blacks blocked up' },
  ...{ right: 'contrast right', 'too-soft': 'too soft', 'too-hard': 'too hard' },
};

function verdictWords({ sheets }: Print): string {
  const { verdict } = sheets.findLast((sheet) => sheet.verdict) ?? {};
  if (!verdict) return '';
  const { highlightStops, blacks, contrast, marks } = verdict;
  const highlight =
    highlightStops === undefined
      ? ''
      : Math.abs(highlightStops) < 0.01
        ? 'highlight as it should be'
        : `highlight ${withinInWords(Math.abs(highlightStops))} too ${highlightStops > 0 ? 'dark' : 'light'}`;
  const words = [highlight, judged[blacks ?? ''], judged[contrast ?? ''], marks];
  return words.filter(Boolean).join(', ');
}

function picksWords({ strips }: Print): string {
  const pick = (place: 'highlight' | 'shadow') =>
    strips.findLast((strip) => strip[place])?.[place]?.tone;
  return [pick('highlight'), pick('shadow')]
    .flatMap((tone) => (tone ? [toneById(tone).name] : []))
    .join(', ');
}

/** What is compared of two prints. */
const things: readonly { readonly what: string; readonly of: (print: Print) => string }[] = [
  { what: 'Made', of: ({ madeAtMs }) => format(madeAtMs, 'd MMMM yyyy') },
  { what: 'Negative', of: ({ setup }) => setup.negative },
  { what: 'Paper', of: ({ setup }) => setup.paper },
  { what: 'Size', of: ({ setup }) => (setup.paperSize ? paperSize(setup.paperSize).name : '') },
  { what: 'Enlarger', of: ({ setup }) => setup.enlarger },
  { what: 'Lens', of: ({ setup }) => setup.lens },
  { what: 'Head', of: ({ setup }) => setup.head },
  {
    what: 'Time',
    of: (print) =>
      `${enlargerSeconds(latestVersion(print).seconds, print.setup.lamp.timerStepSeconds)} s`,
  },
  { what: 'Contrast', of: (print) => settingWords(print) },
  { what: 'R', of: (print) => String(Math.round(latestVersion(print).range)) },
  { what: 'Known within', of: (print) => withinInWords(latestVersion(print).withinStops) },
  { what: 'Burns and dodges', of: (print) => areaWords(latestVersion(print)) },
  { what: 'Tones aimed at', of: picksWords },
  { what: 'Contrast set', of: ({ setup }) => contrastSet(setup.contrastSetId).noun },
  { what: 'Strips', of: ({ strips }) => String(strips.length) },
  { what: 'Versions', of: ({ versions }) => String(versions.length) },
  { what: 'Sheets', of: ({ sheets }) => String(sheets.length) },
  { what: 'Dry verdict', of: verdictWords },
  { what: 'Note', of: ({ note }) => note },
];

/** Two prints side by side; what neither has is left out. */
export function compared(a: Print, b: Print): ComparedLine[] {
  return things.flatMap(({ what, of }) => {
    const [left, right] = [of(a), of(b)];
    if (left === '' && right === '') return [];
    return [
      {
        what,
        a: left || 'not written down',
        b: right || 'not written down',
        differs: left !== right,
      },
    ];
  });
}
