import Konva from 'konva/lib/Core';
import type { Layer } from 'konva/lib/Layer';
import { Image as SheetImage } from 'konva/lib/shapes/Image';
import { Line } from 'konva/lib/shapes/Line';
import { Rect } from 'konva/lib/shapes/Rect';
import { Transformer } from 'konva/lib/shapes/Transformer';
import type { EaselSize, EdgePiece, Placing } from '@katachron/core';
import type { SideId } from './mock-up-view.ts';

/** As it is drawn: colours of the light that is on. */
export interface StageColours {
  readonly ink: string;
  readonly soft: string;
  readonly trouble: string;
}

/** What is heard of the hand. */
export interface StageHand {
  readonly chosen: (side: SideId) => void;
  readonly moved: (side: SideId, placing: Placing) => void;
  readonly settled: (side: SideId) => void;
}

interface Frame {
  readonly rect: Rect;
  ratio: number;
  mirrored: boolean;
}

/** Large enough for a wet finger, px. */
const ANCHOR = 18;
/** Around the sheet, so that the corners of a picture that just covers it can be taken hold of, px. */
const ROUND = 24;

/** The sheet on the easel, with a frame for each negative that is dragged, turned and scaled by its corners. */
export class EaselStage {
  readonly #stage;
  readonly #layer: Layer;
  readonly #sheet: SheetImage;
  readonly #edges: Line[] = [];
  readonly #transformer: Transformer;
  readonly #frames = new Map<SideId, Frame>();
  readonly #hand: StageHand;
  readonly #canvas = document.createElement('canvas');
  #pixelsOfMm = 1;

  constructor(container: HTMLDivElement, hand: StageHand) {
    this.#hand = hand;
    this.#stage = new Konva.Stage({ container, width: 10, height: 10 });
    this.#layer = new Konva.Layer();
    this.#sheet = new SheetImage({ image: this.#canvas, listening: false });
    this.#transformer = new Transformer({
      keepRatio: true,
      flipEnabled: false,
      anchorSize: ANCHOR,
      rotateAnchorOffset: 30,
      enabledAnchors: ['top-left', 'top-right', 'bottom-left', 'bottom-right'],
      ignoreStroke: true,
    });
    this.#layer.position({ x: ROUND, y: ROUND });
    this.#layer.add(this.#sheet, this.#transformer);
    this.#stage.add(this.#layer);
  }

  size(width: number, easel: EaselSize): void {
    this.#pixelsOfMm = width / easel.widthMm;
    const height = easel.heightMm * this.#pixelsOfMm;
    this.#stage.size({ width: width + 2 * ROUND, height: height + 2 * ROUND });
    this.#sheet.size({ width, height });
  }

  colours({ ink, soft, trouble }: StageColours): void {
    this.#transformer.setAttrs({
      ...{ borderStroke: ink, anchorStroke: ink, anchorFill: soft },
      borderStrokeWidth: 2,
    });
    for (const { rect } of this.#frames.values()) rect.stroke(soft);
    for (const line of this.#edges) line.stroke(trouble);
    this.#layer.batchDraw();
  }

  paint(image: ImageData): void {
    this.#canvas.width = image.width;
    this.#canvas.height = image.height;
    this.#canvas.getContext('2d')!.putImageData(image, 0, 0);
    this.#layer.batchDraw();
  }

  /** A frame where its negative lies; nothing takes it off. */
  lay(side: SideId, placing: Placing | undefined, ratio: number, stroke: string): void {
    const known = this.#frames.get(side);
    if (!placing) {
      known?.rect.destroy();
      this.#frames.delete(side);
      return;
    }
    const frame = known ?? this.#frame(side);
    frame.ratio = ratio;
    frame.mirrored = placing.mirrored === true;
    const width = placing.widthMm * this.#pixelsOfMm;
    frame.rect.setAttrs({
      x: placing.xMm * this.#pixelsOfMm,
      y: placing.yMm * this.#pixelsOfMm,
      ...{ width, height: width * ratio, offsetX: width / 2, offsetY: (width * ratio) / 2 },
      ...{ scaleX: 1, scaleY: 1, rotation: placing.turnDegrees, stroke },
    });
    this.#layer.batchDraw();
  }

  choose(side: SideId): void {
    const frame = this.#frames.get(side);
    frame?.rect.moveToTop();
    this.#transformer.nodes(frame ? [frame.rect] : []);
    this.#transformer.moveToTop();
    this.#layer.batchDraw();
  }

  /** Edges that cross the picture. */
  edges(pieces: readonly EdgePiece[], stroke: string): void {
    for (const line of this.#edges.splice(0)) line.destroy();
    const px = this.#pixelsOfMm;
    for (const { from, to } of pieces) {
      const line = new Line({
        points: [from.x * px, from.y * px, to.x * px, to.y * px],
        ...{ stroke, strokeWidth: 4, dash: [10, 6], listening: false },
      });
      this.#edges.push(line);
      this.#layer.add(line);
    }
    this.#transformer.moveToTop();
  }

  remove(): void {
    this.#stage.destroy();
  }

  #frame(side: SideId): Frame {
    const rect = new Rect({ draggable: true, strokeWidth: 2, dash: [4, 6] });
    const frame = { rect, ratio: 1, mirrored: false };
    const tell = () => this.#hand.moved(side, this.#placing(frame));
    rect.on('mousedown touchstart', () => this.#hand.chosen(side));
    rect.on('dragmove transform', tell);
    rect.on('dragend transformend', () => {
      tell();
      this.#hand.settled(side);
    });
    this.#frames.set(side, frame);
    this.#layer.add(rect);
    return frame;
  }

  #placing({ rect, mirrored }: Frame): Placing {
    return {
      xMm: rect.x() / this.#pixelsOfMm,
      yMm: rect.y() / this.#pixelsOfMm,
      widthMm: (rect.width() * rect.scaleX()) / this.#pixelsOfMm,
      turnDegrees: rect.rotation(),
      ...(mirrored && { mirrored }),
    };
  }
}
