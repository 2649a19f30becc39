import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import type { ShownPicture } from '../../../nouns/picture/contract.ts';
import { PLAN_FORMAT, type PlanFile } from '../../../nouns/print/plan-file.ts';
import { typedAmount } from '../area-amount.ts';
import { versionNow } from '../firing-lines.ts';
import type { PrintView } from '../print-view.ts';

/** The plan of a print as a file; an area whose amount cannot be read says nothing yet. */
export function planFile(
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
): PlanFile {
  const { title, paper, contrastSetId, hands, flashAfter, outline } = draft;
  const now = versionNow(draft, view);
  const { id: _here, ...shown } = draft.picture ?? { id: '' };
  return {
    ...{ format: PLAN_FORMAT, version: 1, title, paper, contrastSetId },
    ...(now && { base: { settingId: now.settingId, seconds: now.seconds, range: now.range } }),
    areas: draft.areas.map(({ name, stops: _typed, wider: _wider, ...how }, index) => {
      const { stops = 0, widerStops = 0 } = view.areas[index] ?? {};
      return { name, stops, ...how, ...(widerStops > 0 && { widerStops }) };
    }),
    ...(hands && { hands }),
    ...(view.plan.keyLineSeconds !== undefined && { keyLineSeconds: view.plan.keyLineSeconds }),
    ...(flashAfter && { flashAfter }),
    ...(outline && { outline }),
    ...(preview &&
      draft.picture && {
        picture: {
          ...(shown as Omit<ShownPicture, 'id'>),
          webp: Buffer.from(preview).toString('base64'),
        },
      }),
  };
}

/**
 * A print with the plan of a file: its areas and how they are given. Its name, its paper and its time stay its own, and so
 * does its picture where the file has none.
 */
export function withPlan(
  draft: PrintDraft,
  file: PlanFile,
  pictureId: string | undefined,
): PrintDraft {
  const { hands: _h, keyLine: _k, flashAfter: _f, pieces: _p, ...rest } = draft;
  const { areas, hands, keyLineSeconds, flashAfter, outline, picture } = file;
  const { webp: _bytes, ...shown } = picture ?? { webp: '' };
  return {
    ...rest,
    areas: areas.map(({ name, stops, widerStops, ...how }) => ({
      ...{ name, stops: typedAmount(stops), ...how },
      ...(widerStops && { wider: String(widerStops) }),
    })),
    ...(hands && { hands }),
    ...(keyLineSeconds !== undefined && { keyLine: String(keyLineSeconds) }),
    ...(flashAfter && { flashAfter }),
    ...(outline && { outline }),
    ...(pictureId !== undefined && {
      picture: { id: pictureId, ...(shown as Omit<ShownPicture, 'id'>) },
    }),
  };
}
