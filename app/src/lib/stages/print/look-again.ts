import { planStrip, readPick, settingOf } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { MOST_LOOKS_AGAIN } from '../../nouns/strip/limits.ts';
import { attempt } from '../../words/attempt.ts';
import type { PickedAt, PrintView } from './print-view.ts';
import { rulerFor, type Ruler } from './ruler.ts';

type Place = 'highlight' | 'shadow';
/** What is picked at a look, from 0. */
export type Picks = Readonly<Record<Place, number | null>>;
export const nothingPicked: Picks = { highlight: null, shadow: null };
export const isPicked = ({ highlight, shadow }: Picks) => (highlight ?? shadow) !== null;

/** An earlier strip that can be looked at again. */
export interface EarlierLook {
  /** Its place among the earlier ones. */
  readonly index: number;
  /** As it is called: "strip 1, filter 2½". */
  readonly name: string;
  readonly ruler: Ruler;
  readonly pickAt: (position: number | null) => PickedAt | undefined;
  /** The place that it lies along, where only one was looked at. */
  readonly along?: Place;
  /** So many looks were kept of it, the first included. */
  readonly looks: number;
}

/** The earlier strips that lie there and were looked at; a scrap of one patch has no ruler. */
export function earlierLooks(
  { earlier, contrastSetId }: Pick<PrintDraft, 'earlier' | 'contrastSetId'>,
  { set }: Pick<PrintView, 'set'>,
): EarlierLook[] {
  return earlier.flatMap((strip, index): EarlierLook[] => {
    const { settingId, choices, lamp, highlight, shadow, again = [] } = strip;
    const ofSet = (strip.contrastSetId ?? contrastSetId) === contrastSetId;
    const setting = attempt(() => settingOf(set, settingId)).value;
    const plan = attempt(() => planStrip(choices, lamp)).value;
    if (!ofSet || !setting || !plan || choices.patches === 1 || !(highlight ?? shadow)) return [];
    const seconds = plan.patches.map(({ givenSeconds }) => givenSeconds);
    const only: Place = highlight ? 'highlight' : 'shadow';
    return [
      {
        index,
        name: `strip ${index + 1}, ${set.noun} ${setting.name}`,
        ruler: rulerFor(seconds),
        pickAt: (position) =>
          position === null
            ? undefined
            : { position, seconds: readPick(seconds, position).seconds },
        ...(!(highlight && shadow) && { along: only }),
        looks: 1 + again.length,
      },
    ];
  });
}

type Again = NonNullable<PrintDraft['earlier'][number]['again']>;
/** What somebody looked for, and how. */
type Aims = Pick<PrintDraft, 'highlightTone' | 'shadowTone' | 'lookedAt'>;

/** Looks at a strip with another one: one more than the most takes the place of the oldest of them. */
export function withLook(
  again: Again | undefined,
  picks: Picks,
  { highlightTone, shadowTone, lookedAt }: Aims,
): Again {
  const look = {
    highlight: picks.highlight === null ? null : { position: picks.highlight, tone: highlightTone },
    shadow: picks.shadow === null ? null : { position: picks.shadow, tone: shadowTone },
    ...(lookedAt && { way: lookedAt }),
  };
  return [...(again ?? []), look].slice(-MOST_LOOKS_AGAIN);
}

/** The strip without its last look. */
export function withoutLastLook<Strip extends { again?: Again }>(strip: Strip): Strip {
  const { again = [], ...rest } = strip;
  const left = again.slice(0, -1);
  return { ...rest, ...(left.length > 0 && { again: left }) } as Strip;
}

export function keepLook(draft: PrintDraft, index: number, picks: Picks): void {
  const strip = draft.earlier[index]!;
  strip.again = withLook(strip.again, picks, draft);
}

export function takeLookBack(draft: PrintDraft, index: number): void {
  draft.earlier[index] = withoutLastLook(draft.earlier[index]!);
}
