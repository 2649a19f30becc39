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

/** The earlier strips that lie there and were looked at. */
export function earlierLooks(
  { earlier, contrastSetId }: Pick<PrintDraft, 'earlier' | 'contrastSetId'>,
  { set }: Pick<PrintView, 'set'>,
): EarlierLook[] {
  return earlier.flatMap((strip, index) =>
    (strip.contrastSetId ?? contrastSetId) === contrastSetId
      ? (lookAtStrip(strip, index, set) ?? [])
      : [],
  );
}

type Looked = Pick<PrintDraft['earlier'][number], 'settingId' | 'choices' | 'lamp' | 'again'> &
  Readonly<Record<Place, { readonly position: number } | null>>;

/** A strip as it is looked at again; a scrap of one patch has no ruler. */
function lookAtStrip(
  { settingId, choices, lamp, highlight, shadow, again = [] }: Looked,
  index: number,
  set: PrintView['set'],
): EarlierLook | undefined {
  const setting = attempt(() => settingOf(set, settingId)).value;
  const plan = attempt(() => planStrip(choices, lamp)).value;
  if (!setting || !plan || choices.patches === 1 || !(highlight ?? shadow)) return undefined;
  const seconds = plan.patches.map(({ givenSeconds }) => givenSeconds);
  const only: Place = highlight ? 'highlight' : 'shadow';
  return {
    index,
    name: `strip ${index + 1}, ${set.noun} ${setting.name}`,
    ruler: rulerFor(seconds),
    pickAt: (position) =>
      position === null ? undefined : { position, seconds: readPick(seconds, position).seconds },
    ...(!(highlight && shadow) && { along: only }),
    looks: 1 + again.length,
  };
}

/** The strip on the page, once it was looked at: one, or two contrasts side by side. */
export function looksNow(draft: PrintDraft, view: PrintView): EarlierLook[] {
  const { choices, setting, beside, set } = view;
  const halves = [
    ...(choices ? [{ made: view, choices, setting, again: draft.again }] : []),
    ...(beside ? [{ made: beside, ...beside, again: draft.beside?.again }] : []),
  ];
  return halves.flatMap(({ made, choices: chosen, setting: { id: settingId }, again }, half) => {
    const { highlight, shadow } = made;
    const pick = (picked: PickedAt | undefined) => picked && { position: picked.position };
    const strip = {
      ...{ settingId, choices: chosen, lamp: view.stripLamp },
      ...{ highlight: pick(highlight) ?? null, shadow: pick(shadow) ?? null },
      ...(again && { again }),
    };
    return lookAtStrip(strip, draft.earlier.length + half, set) ?? [];
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

/** Where the looks of a strip are kept: with an earlier one, or with the page's own halves. */
const looksOf = (draft: PrintDraft, index: number): { again?: Again } => {
  const own = index - draft.earlier.length;
  return own < 0 ? draft.earlier[index]! : own === 0 ? draft : draft.beside!;
};

export function keepLook(draft: PrintDraft, index: number, picks: Picks): void {
  const strip = looksOf(draft, index);
  strip.again = withLook(strip.again, picks, draft);
}

export function takeLookBack(draft: PrintDraft, index: number): void {
  const strip = looksOf(draft, index);
  const { again } = withoutLastLook({ ...strip });
  if (again) strip.again = again;
  else delete strip.again;
}
