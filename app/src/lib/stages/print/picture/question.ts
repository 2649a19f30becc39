import { ratioInStops, toneById, type DrawnArea, type Paper } from '@katachron/core';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import { USUAL_SOFT } from '../../../nouns/picture/kinds.ts';
import type { ShownPicture } from '../../../nouns/picture/contract.ts';
import type { Version } from '../../../nouns/print/sheet.ts';
import type { PrintView } from '../print-view.ts';

/** What a picture is shown as. */
export interface PictureQuestion {
  readonly picture: ShownPicture;
  readonly paper: Paper;
  /** R of the print that is shown. */
  readonly range: number;
  /** What the whole sheet gets more than the straight print, stops. */
  readonly baseStops: number;
  readonly areas: readonly DrawnArea[];
  /** The tone that a negative's highlight takes, density above Dmin. */
  readonly highlightDensity: number;
}

type Area = Pick<PrintDraft['areas'][number], 'shape' | 'soft'>;

const drawn = ({ shape, soft = USUAL_SOFT }: Area, stops: number | undefined): DrawnArea[] =>
  shape && stops !== undefined && stops !== 0 ? [{ shape, soft, stops }] : [];

/** The time at ISO speed 0: times of settings of different speed are comparable so. */
const plainSeconds = (seconds: number, speedStops: number) => seconds * 2 ** speedStops;

function more(picture: ShownPicture, seconds: number): number {
  return picture.seconds === undefined ? 0 : ratioInStops(seconds / picture.seconds);
}

/** The straight print that a new picture is of: the answer as it stands. */
export function straightNow(view: PrintView): Pick<ShownPicture, 'range' | 'seconds'> {
  const { reading, printSeconds, setting } = view;
  if (!reading || printSeconds === undefined) return { range: setting.range };
  const { range, speedStops } = reading.setting;
  return { range, seconds: plainSeconds(printSeconds, speedStops) };
}

/** What the picture is to be shown as, by the plan on the page; nothing without a picture. */
export function pictureQuestion(draft: PrintDraft, view: PrintView): PictureQuestion | undefined {
  const { picture } = draft;
  if (!picture) return undefined;
  const { range, seconds } = straightNow(view);
  return {
    ...{ picture, paper: view.on.paper },
    range: view.reading ? range! : (picture.range ?? range!),
    baseStops: seconds === undefined ? 0 : more(picture, seconds),
    areas: draft.areas.flatMap((area, index) => drawn(area, view.areas[index]?.stops)),
    highlightDensity: toneById(draft.highlightTone).netDensity,
  };
}

/** The same picture by another version of the print. */
export function ofVersion(
  question: PictureQuestion,
  { settingId, range, seconds, areas }: Version,
  { set }: PrintView,
): PictureQuestion {
  const speedStops = set.settings.find(({ id }) => id === settingId)?.speedStops ?? 0;
  return {
    ...question,
    range,
    baseStops: more(question.picture, plainSeconds(seconds, speedStops)),
    areas: areas.flatMap((area) => drawn(area, area.stops)),
  };
}

/** The print without burns and dodges. */
export const straight = (question: PictureQuestion): PictureQuestion => ({
  ...question,
  areas: [],
});
