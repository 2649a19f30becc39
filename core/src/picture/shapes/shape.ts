/** A point of a picture: x from 0 to 1, y in the same unit, so that a circle is round. */
export interface At {
  readonly x: number;
  readonly y: number;
}

/** How tall a picture is for its width. */
export interface Frame {
  readonly height: number;
}

/** A line on the picture. */
export interface Outline {
  readonly points: readonly At[];
  readonly closed: boolean;
  /** Half as wide as it is painted, where it is painted. */
  readonly radius?: number;
}

/** A point by which a shape is dragged. */
export interface Handle<Shape> {
  readonly at: (shape: Shape, frame: Frame) => At;
  readonly to: (shape: Shape, at: At, frame: Frame) => Shape;
}

/** One of the numbers that a shape is given by. */
export interface ShapeNumber<Shape> {
  readonly name: string;
  readonly of: (shape: Shape) => number;
  readonly with: (shape: Shape, value: number) => Shape;
}

/** A kind of area, drawn on the picture. */
export interface ShapeKind<Shape extends { readonly kind: string }> {
  readonly id: Shape['kind'];
  readonly name: string;
  /** How it is drawn, in a line. */
  readonly how: string;
  /** What it is before anybody moved it. */
  readonly usual: (frame: Frame) => Shape;
  /** How far outside of its edge a point lies, below zero within, in widths of the picture. */
  readonly outside: (shape: Shape, at: At, frame: Frame) => number;
  /** For what fades all the way instead of at an edge: its share of the light, 0 to 1. */
  readonly share?: (shape: Shape, at: At, frame: Frame) => number;
  /** Its outline as it is drawn. */
  readonly outline: (shape: Shape, frame: Frame) => Outline;
  /** What it is moved and stretched by, and what becomes of it when one is dragged somewhere. */
  readonly handles: readonly Handle<Shape>[] | ((shape: Shape) => readonly Handle<Shape>[]);
  /** The same in numbers, for the keyboard; in widths of the picture. */
  readonly numbers: readonly ShapeNumber<Shape>[];
  /** The whole of it moved. */
  readonly shifted: (shape: Shape, by: At) => Shape;
  /** Where its number stands. */
  readonly label: (shape: Shape, frame: Frame) => At;
  /** Mirrored left to right. */
  readonly mirrored: (shape: Shape) => Shape;
}
