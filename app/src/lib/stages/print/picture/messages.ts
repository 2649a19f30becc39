import type { AskedPicture } from './question.ts';

/** A picture that is to be shown. */
export interface PictureMessage {
  readonly number: number;
  readonly asked: AskedPicture;
  /** As wide as it is shown, pixels. */
  readonly width: number;
  /** In red light: how bright, 0 to 1. */
  readonly red?: number;
}

/** A picture that can be shown, or why not. */
export interface ShownTones {
  readonly number: number;
  readonly trouble?: string;
  readonly width?: number;
  readonly height?: number;
  readonly rgba?: Uint8ClampedArray<ArrayBuffer>;
  readonly codes?: Uint8Array<ArrayBuffer>;
  readonly unknown?: Uint8Array;
  readonly white?: number;
  /** What its tones are taken to stand for. */
  readonly usual?: { readonly whiteCode: number; readonly highlightCode: number };
}
