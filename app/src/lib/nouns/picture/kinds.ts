/** The longest side of what is kept, pixels. */
export const LONGEST_SIDE = 2048;
/** A file of a picture may be as large as this, bytes. */
export const MOST_PICTURE_BYTES = 150e6;
/** More points than this no hand draws. */
export const MOST_POINTS = 120;

/** What a picture may be of. */
export const pictureKinds = [
  { id: 'print', name: 'the straight print', more: 'a photo or a scan of it' },
  { id: 'negative', name: 'the negative', more: 'a scan or a photo of it; it is shown as a print' },
] as const;

/** Outlines of formats, where there is no picture: height for a width of 1. */
export const outlines = [
  { id: '3:2', name: '3 : 2', height: 2 / 3 },
  { id: '4:3', name: '4 : 3', height: 3 / 4 },
  { id: '5:4', name: '5 : 4', height: 4 / 5 },
  { id: '1:1', name: 'square', height: 1 },
  { id: '4:5', name: '4 : 5, upright', height: 5 / 4 },
  { id: '3:4', name: '3 : 4, upright', height: 4 / 3 },
  { id: '2:3', name: '2 : 3, upright', height: 3 / 2 },
] as const;

/** How soft the edge of an area is, in widths of the picture. */
export const edges = [
  { id: 'hard', name: 'a hard edge', soft: 0 },
  { id: 'narrow', name: 'a narrow edge', soft: 0.02 },
  { id: 'soft', name: 'a soft edge', soft: 0.06 },
  { id: 'wide', name: 'a wide edge', soft: 0.15 },
  { id: 'fading', name: 'a long fading', soft: 0.4 },
] as const;
export const USUAL_SOFT = 0.06;

/** The kinds of file that a picture is read from, and how such a file is called. */
const fileTypes: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
  'image/tiff': 'tif',
};
const UNKNOWN_TYPE = 'application/octet-stream';

/** A type that a file may be given out with again: whatever else it calls itself, it is only bytes. */
export const fileType = (type: string | null) =>
  type !== null && type in fileTypes ? type : UNKNOWN_TYPE;

export const fileEnding = (type: string) => fileTypes[type] ?? 'bin';
