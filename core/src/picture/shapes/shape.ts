/** A point of a picture: x from 0 to 1, y in the same unit, so that a circle is round. */
export interface At {
  readonly x: number;
  readonly y: number;
}

/** How tall a picture is for its width. */
export interface Frame {
  readonly height: number;
}

/** A kind of area, drawn on the picture. */
export interface ShapeKind<Shape> {
  readonly id: string;
  readonly name: string;
  /** How it is drawn, in a line. */
  readonly how: string;
  /** What it is before anybody moved it. */
  readonly usual: (frame: Frame) => Shape;
  /** How far outside of its edge a point lies, below zero within, in widths of the picture. */
  readonly outside: (shape: Shape, at: At, frame: Frame) => number;
  /** For what fades all the way instead of at an edge: its share of the light, 0 to 1. */
  readonly share?: (shape: Shape, at: At, frame: Frame) => number;
  /** Where its number stands. */
  readonly label: (shape: Shape, frame: Frame) => At;
  /** Mirrored left to right. */
  readonly mirrored: (shape: Shape) => Shape;
}
