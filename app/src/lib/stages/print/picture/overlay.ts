import { shapeKind, type AreaShape, type At, type ShapeKind } from '@katachron/core';
import Konva from 'konva/lib/Core.js';
import { Circle } from 'konva/lib/shapes/Circle.js';
import { Line } from 'konva/lib/shapes/Line.js';
import { Text } from 'konva/lib/shapes/Text.js';

/** What the hand is at. */
export type Drawing = 'polygon' | 'brush';

export interface OverlayEvents {
  readonly select: (index: number) => void;
  /** A shape was dragged, and let go. */
  readonly change: (index: number, shape: AreaShape) => void;
  /** The finger, or the pointer, is at a spot; in widths of the picture. */
  readonly spot: (at: At) => void;
  readonly drawn: (points: readonly At[]) => void;
}

export interface OverlayColours {
  readonly line: string;
  readonly halo: string;
}

export interface OverlayArea {
  readonly number: number;
  readonly shape: AreaShape;
}

const DASH = [8, 6];
const HIT = 18;
const BADGE = 13;
const HANDLE = 11;
/** Points of a painted line are at least so far apart, in widths. */
const APART = 0.008;

const flat = (points: readonly At[], width: number) =>
  points.flatMap(({ x, y }) => [x * width, y * width]);

type AnyKind = ShapeKind<AreaShape>;
const kindOf = (shape: AreaShape) => shapeKind(shape.kind) as unknown as AnyKind;

/** The outlines of the plan over its picture: chosen, dragged by their handles, painted. */
export class PlanOverlay {
  readonly #stage: Konva.Stage;
  readonly #layer = new Konva.Layer();
  readonly #events: OverlayEvents;
  #colours: OverlayColours = { line: '#fff', halo: '#000' };
  #width = 1;
  #height = 1;
  #dragging = false;
  #drawing: Drawing | undefined;
  #points: At[] = [];
  #sketch: Line | undefined;

  constructor(container: HTMLDivElement, events: OverlayEvents) {
    this.#events = events;
    this.#stage = new Konva.Stage({ container, width: 1, height: 1 });
    this.#stage.add(this.#layer);
    this.#stage.on('pointerdown', () => this.#down());
    this.#stage.on('pointermove', () => this.#move());
    this.#stage.on('pointerup', () => this.#up());
    this.#stage.on('pointerdblclick', () => this.#close());
  }

  destroy(): void {
    this.#stage.destroy();
  }

  draw(drawing: Drawing | undefined): void {
    this.#drawing = drawing;
    this.#points = [];
    this.#sketch?.destroy();
    this.#sketch = undefined;
  }

  show(
    areas: readonly OverlayArea[],
    selected: number | undefined,
    { width, height, colours }: { width: number; height: number; colours: OverlayColours },
  ): void {
    if (this.#dragging) return;
    this.#width = width;
    this.#height = height;
    this.#colours = colours;
    this.#stage.size({ width, height });
    this.#layer.destroyChildren();
    this.#sketch = undefined;
    for (const area of areas) this.#add(area, area.number === selected);
    this.#layer.draw();
  }

  get #frame() {
    return { height: this.#height / this.#width };
  }

  #stroke(points: readonly At[], closed: boolean, chosen: boolean): Line {
    const { line, halo } = this.#colours;
    return new Line({
      ...{ points: flat(points, this.#width), closed, stroke: line, hitStrokeWidth: HIT },
      ...{ strokeWidth: chosen ? 3 : 2, shadowColor: halo, shadowBlur: 3, shadowOpacity: 1 },
      ...(!chosen && { dash: DASH }),
    });
  }

  #add({ number, shape }: OverlayArea, chosen: boolean): void {
    const kind = kindOf(shape);
    const outline = kind.outline(shape, this.#frame);
    const line = this.#stroke(outline.points, outline.closed, chosen);
    const paint =
      outline.radius === undefined || !chosen
        ? undefined
        : new Line({
            ...{ points: flat(outline.points, this.#width), stroke: this.#colours.line },
            ...{ strokeWidth: 2 * outline.radius * this.#width, opacity: 0.12 },
            ...{ lineCap: 'round', lineJoin: 'round', listening: false },
          });
    const choose = () => this.#drawing === undefined && this.#events.select(number);
    line.on('pointerdown', choose);
    this.#layer.add(...(paint ? [paint, line] : [line]));
    const badge = this.#badge(number, kind.label(shape, this.#frame), choose);
    if (!chosen) return;
    const handles = typeof kind.handles === 'function' ? kind.handles(shape) : kind.handles;
    for (const handle of handles) {
      const at = handle.at(shape, this.#frame);
      const dot = new Circle({
        ...{ x: at.x * this.#width, y: at.y * this.#width, radius: HANDLE, draggable: true },
        ...{ stroke: this.#colours.line, strokeWidth: 3, fill: this.#colours.halo },
        hitStrokeWidth: 2 * HIT,
      });
      const dragged = () =>
        handle.to(shape, { x: dot.x() / this.#width, y: dot.y() / this.#width }, this.#frame);
      dot.on('dragstart', () => (this.#dragging = true));
      dot.on('dragmove', () => {
        const now = dragged();
        const { points } = kind.outline(now, this.#frame);
        line.points(flat(points, this.#width));
        paint?.points(flat(points, this.#width));
        const label = kind.label(now, this.#frame);
        badge.forEach((node) => node.position(this.#inside(label, node)));
      });
      dot.on('dragend', () => {
        this.#dragging = false;
        this.#events.change(number, dragged());
      });
      this.#layer.add(dot);
    }
  }

  /** Within the picture, wherever its shape is. */
  #inside({ x, y }: At, node: Circle | Text): { x: number; y: number } {
    const [least, most] = [BADGE + 2, this.#width - BADGE - 2];
    const lowest = this.#height - BADGE - 2;
    const at = {
      x: Math.min(most, Math.max(least, x * this.#width)),
      y: Math.min(lowest, Math.max(least, y * this.#width)),
    };
    return node instanceof Text ? { x: at.x - BADGE, y: at.y - BADGE } : at;
  }

  #badge(number: number, label: At, choose: () => void): readonly [Circle, Text] {
    const { line, halo } = this.#colours;
    const circle = new Circle({ radius: BADGE, fill: halo, stroke: line, strokeWidth: 1.5 });
    const text = new Text({
      ...{ text: String(number + 1), fontFamily: 'Archivo Variable, sans-serif', fontSize: 15 },
      ...{ fill: line, width: 2 * BADGE, height: 2 * BADGE, align: 'center' },
      ...{ verticalAlign: 'middle', listening: false },
    });
    circle.position(this.#inside(label, circle));
    text.position(this.#inside(label, text));
    circle.on('pointerdown', choose);
    this.#layer.add(circle, text);
    return [circle, text];
  }

  get #pointer(): At | undefined {
    const at = this.#stage.getPointerPosition();
    return at ? { x: at.x / this.#width, y: at.y / this.#width } : undefined;
  }

  #down(): void {
    const at = this.#pointer;
    if (!at) return;
    if (this.#drawing === 'brush') this.#points = [at];
    if (this.#drawing === 'polygon') {
      const [first] = this.#points;
      const near = first && Math.hypot(first.x - at.x, first.y - at.y) * this.#width < HIT;
      if (near && this.#points.length > 2) return this.#close();
      this.#points.push(at);
    }
    this.#events.spot(at);
    this.#redraw();
  }

  #move(): void {
    const at = this.#pointer;
    if (!at || this.#dragging) return;
    this.#events.spot(at);
    const last = this.#points.at(-1);
    if (this.#drawing !== 'brush' || !last) return;
    if (Math.hypot(last.x - at.x, last.y - at.y) > APART) this.#points.push(at);
    this.#redraw();
  }

  #up(): void {
    if (this.#drawing === 'brush') this.#close();
  }

  /** What was drawn is whole. */
  #close(): void {
    const points = this.#points;
    const least = this.#drawing === 'polygon' ? 3 : 1;
    if (this.#drawing === undefined || points.length < least) return;
    this.draw(undefined);
    this.#events.drawn(points);
  }

  #redraw(): void {
    if (this.#points.length === 0) return;
    this.#sketch ??= this.#stroke([], false, true);
    if (!this.#sketch.getLayer()) this.#layer.add(this.#sketch);
    this.#sketch.points(flat(this.#points, this.#width));
    this.#layer.batchDraw();
  }
}
