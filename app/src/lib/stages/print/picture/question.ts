import {
  ratioInStops,
  toneById,
  type DrawnArea,
  type Flash,
  type Paper,
  type PictureQuestion,
  type At,
} from '@katachron/core';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import type { ShownPicture } from '../../../nouns/picture/contract.ts';
import { shownRatio } from '../../../nouns/picture/corners.ts';
import { USUAL_SOFT } from '../../../nouns/picture/kinds.ts';
import type { Version } from '../../../nouns/print/sheet.ts';
import type { PrintView } from '../print-view.ts';

/** A picture, and what it is to be shown as. */
export interface AskedPicture {
  readonly id: string;
  readonly mirrored: boolean;
  /** Where the print's corners are on the picture, and its height for a width of 1 once it is squared up. */
  readonly corners?: readonly At[];
  readonly ratio: number;
  readonly paper: Paper;
  readonly question: PictureQuestion;
  /** What the straight print got, s at ISO speed 0. */
  readonly straightSeconds?: number;
}

type Area = Pick<PrintDraft['areas'][number], 'shape' | 'soft'>;

const drawn = ({ shape, soft = USUAL_SOFT }: Area, stops: number | undefined): DrawnArea[] =>
  shape && stops !== undefined && stops !== 0 ? [{ shape, soft, stops }] : [];

/** The time at ISO speed 0: times of settings of different speed are comparable so. */
const plainSeconds = (seconds: number, speedStops: number) => seconds * 2 ** speedStops;

const more = (straightSeconds: number | undefined, seconds: number) =>
  straightSeconds === undefined ? 0 : ratioInStops(seconds / straightSeconds);

/** The straight print that a new picture is of: the answer as it stands. */
export function straightNow(view: PrintView): Pick<ShownPicture, 'range' | 'seconds'> {
  const { reading, printSeconds, setting } = view;
  if (!reading || printSeconds === undefined) return { range: setting.range };
  const { range, speedStops } = reading.setting;
  return { range, seconds: plainSeconds(printSeconds, speedStops) };
}

/**
 * A picture in another set-up: there the straight print that it is of takes another time, and looks the same. Where nobody
 * knows which, the picture is taken for the print as it stands.
 */
export function carriedPicture(
  picture: ShownPicture,
  before: PrintView,
  after: PrintView,
): ShownPicture {
  const { seconds, ...rest } = picture;
  const [was, is] = [straightNow(before).seconds, straightNow(after).seconds];
  if (seconds === undefined || was === undefined || is === undefined) return rest;
  return { ...rest, seconds: (seconds * is) / was };
}

/** A flash that the sheet is really given, made with the softest light of the set; and what it takes off the rest, stops. */
function flashNow({ flash, set, printSeconds }: PrintView): { flash?: Flash; stops: number } {
  const { share, threshold, mainSeconds } = flash ?? {};
  if (!share || !threshold || !printSeconds || mainSeconds === undefined) return { stops: 0 };
  const range = Math.max(...set.settings.map((setting) => setting.range));
  return { flash: { share, range }, stops: ratioInStops(mainSeconds / printSeconds) };
}

/** What the picture is to be shown as, by the plan on the page, wet or when it is dry; nothing without a picture. */
export function pictureAsked(
  draft: PrintDraft,
  view: PrintView,
  dry = false,
): AskedPicture | undefined {
  const { picture } = draft;
  if (!picture) return undefined;
  const { id, of, whiteCode, highlightCode } = picture;
  const { range = 110, seconds } = straightNow(view);
  const flashed = flashNow(view);
  const baseStops = seconds === undefined ? 0 : more(picture.seconds, seconds);
  return {
    ...{ id, mirrored: picture.mirrored === true, paper: view.on.paper },
    ...(picture.corners && { corners: picture.corners }),
    ratio: shownRatio(picture),
    ...(picture.seconds !== undefined && { straightSeconds: picture.seconds }),
    question: {
      of,
      ...(whiteCode !== undefined && { whiteCode }),
      ...(highlightCode !== undefined && { highlightCode }),
      ...(picture.range !== undefined && { madeAtRange: picture.range }),
      range: view.reading ? range : (picture.range ?? range),
      baseStops: baseStops + flashed.stops + (dry ? (view.dryStops ?? 0) : 0),
      ...(flashed.flash && { flash: flashed.flash }),
      areas: draft.areas.flatMap((area, index) => drawn(area, view.areas[index]?.stops)),
      highlightDensity: toneById(draft.highlightTone).netDensity,
    },
  };
}

/** The same picture by another version of the print. */
export function ofVersion(
  asked: AskedPicture,
  { settingId, range, seconds, areas }: Version,
  { set }: PrintView,
): AskedPicture {
  const { flash: _flash, ...question } = asked.question;
  const speedStops = set.settings.find(({ id }) => id === settingId)?.speedStops ?? 0;
  return {
    ...asked,
    question: {
      ...question,
      range,
      baseStops: more(asked.straightSeconds, plainSeconds(seconds, speedStops)),
      areas: areas.flatMap((area) => drawn(area, area.stops)),
    },
  };
}

/** The print without burns and dodges. */
export const straight = (asked: AskedPicture): AskedPicture => ({
  ...asked,
  question: { ...asked.question, areas: [] },
});
