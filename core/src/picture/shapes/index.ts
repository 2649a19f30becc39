import { allRound, type AllRound } from './all-round.ts';
import { brush, type Brush } from './brush.ts';
import { corners, type Corners } from './corners.ts';
import { ellipse, type Ellipse } from './ellipse.ts';
import { polygon, type Polygon } from './polygon.ts';
import type { ShapeKind } from './shape.ts';
import { straightEdge, type StraightEdge } from './straight-edge.ts';

export type AreaShape = Ellipse | StraightEdge | Corners | AllRound | Polygon | Brush;
export type ShapeId = AreaShape['kind'];

/** Every kind of area, in the order in which they are offered. */
export const areaShapes = [ellipse, straightEdge, polygon, brush, corners, allRound] as const;

/**
 * The kind of an area.
 * @param id ellipse, edge, polygon, brush, corners, all-round
 * @returns how it is drawn, and how far from it a point lies
 * @source one definition a kind
 * @example
 * shapeKind("edge").name // = "Edge"
 */
export function shapeKind<Id extends ShapeId>(
  id: Id,
): ShapeKind<Extract<AreaShape, { readonly kind: Id }>> {
  return areaShapes.find((kind) => kind.id === id) as unknown as ShapeKind<
    Extract<AreaShape, { readonly kind: Id }>
  >;
}
