import type { At } from '@katachron/core';

export const MM = 72 / 25.4;
/** A4, lying, in points. */
export const [PAGE_WIDE, PAGE_HIGH] = [297 * MM, 210 * MM];

export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface Pen {
  readonly width: number;
  readonly colour: string;
  /** A stroke and a gap, points. */
  readonly dash?: readonly [number, number];
}

/** Paper of one kind of file, and what can be put on it; all places and sizes in points. */
export interface Ink {
  /** Writes a text in lines no longer than its room; answers where the next line would begin. */
  text(words: string, x: number, y: number, size: number, room: number): number;
  /** One line of it, cut with an ellipsis where it is longer. */
  title(words: string, x: number, y: number, size: number, room: number): void;
  picture(png: Uint8Array, frame: Frame): void;
  /** A line through points, as far as it lies in the frame. */
  line(points: readonly At[], closed: boolean, within: Frame, pen: Pen): void;
  rect(frame: Frame, pen: Pen): void;
  /** A number in a circle. */
  badge(label: string, x: number, y: number): void;
  turnPage(): void;
  done(): Promise<Uint8Array>;
}
