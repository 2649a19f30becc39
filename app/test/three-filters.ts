import { contrastSet, defaultPaper, keepTone, settingOf, toneById } from '@katachron/core';
import type { PrintDraft } from '../src/lib/nouns/in-hand/draft.ts';
import { stripRead } from './samples.ts';

const set = contrastSet('filters');
const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };

/** How the filters of a box of paper differ from what the set says, stops. */
export type Box = Readonly<Record<string, number>>;
export const likeTheSet: Box = {};
/** Two filters the other way round. */
export const otherBox: Box = { '1': 0.35, '3': -0.35 };

/** A negative that is right at filter 2 in so many seconds, on strips at 1, 2 and 3, seen by an exact eye. */
export function threeFilters(seconds: number, box: Box, paper: string): PrintDraft {
  const strips = ['1', '2', '3'].map((settingId) => {
    const needed = (tone: 'VIII' | 'II') =>
      keepTone(
        ...([defaultPaper, settingOf(set, '2'), settingOf(set, settingId), seconds] as const),
        toneById(tone).netDensity,
      ) *
      2 ** (box[settingId] ?? 0);
    const firstSeconds = Math.round((needed('VIII') / 2 ** 1.5) * 10) / 10;
    const position = (tone: 'VIII' | 'II') =>
      Math.min(14, Math.max(0, Math.round(8 * Math.log2(needed(tone) / firstSeconds)) / 2));
    return { settingId, firstSeconds, highlight: position('VIII'), shadow: position('II') };
  });
  const [last, ...before] = strips.toReversed();
  return {
    ...stripRead,
    ...{ paper, areas: [], method: 'separate', step: '¼', patches: '15' },
    ...{ settingId: last!.settingId, first: String(last!.firstSeconds) },
    ...{ highlight: last!.highlight, shadow: last!.shadow },
    earlier: before.toReversed().map(({ settingId, firstSeconds, highlight, shadow }) => ({
      ...{ settingId, lamp },
      choices: { kind: 'stops', method: 'separate', firstSeconds, step: 0.25, patches: 15 },
      highlight: { position: highlight, tone: 'VIII' },
      shadow: { position: shadow, tone: 'II' },
    })),
  };
}
