import { onOneSheet, usualCodes, type PictureTones, type Placing } from '@katachron/core';
import type { EaselSize, PairTable, Paper, TwoOnSheet } from '@katachron/core';
import type { PlacedOfTwo, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
import { sides, type SideId } from './mock-up-view.ts';
import type { PairAnswer, PairQuestion } from './pair-table.worker.ts';
import { tonesOfPicture } from './tones-of-picture.ts';

/** The tone that a negative's densest textured place takes, alone: a highlight. */
const HIGHLIGHT = 0.1;

interface Read {
  readonly key: string;
  readonly tones: PictureTones;
}

/** Two pictures on the easel: read, added up in a worker, and laid over each other for every frame. */
export class MockUp {
  trouble = $state<string>();
  #read = $state.raw<Readonly<Partial<Record<SideId, Read>>>>({});
  #table = $state.raw<PairTable>();
  #wanted: Partial<Record<SideId, string>> = {};
  #number = 0;
  #worker: Worker | undefined;

  start(): () => void {
    const worker = new Worker(new URL('./pair-table.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.onmessage = ({ data }: MessageEvent<PairAnswer>) => {
      if (data.number !== this.#number) return;
      this.trouble = data.trouble;
      if (data.table) this.#table = data.table;
    };
    this.#worker = worker;
    return () => worker.terminate();
  }

  /** Reads the pictures that are not there yet. */
  async read(side: SideId, placed: PlacedOfTwo | undefined): Promise<void> {
    const key = JSON.stringify(placed?.picture ?? null);
    this.#wanted[side] = key;
    if (this.#read[side]?.key === key) return;
    if (!placed) {
      const { [side]: _gone, ...others } = this.#read;
      this.#read = others;
      return;
    }
    try {
      const tones = await tonesOfPicture(placed);
      // One that was chosen meanwhile counts, whichever comes first.
      if (this.#wanted[side] === key) this.#read = { ...this.#read, [side]: { key, tones } };
    } catch {
      this.trouble = 'The picture does not come: the server may be away.';
    }
  }

  /** Asks what the tones of both become together: anew when a picture, its contrast or its light is another. */
  ask(paper: Paper, body: Pick<TwoNegativesBody, 'a' | 'b'>): void {
    if (!this.#worker) return;
    const asked = Object.fromEntries(
      sides.flatMap((side) => {
        const { placed, range } = body[side];
        const tones = this.#read[side]?.tones;
        if (!placed || !tones) return [];
        const codes = usualCodes(tones.codes);
        const { of } = placed.picture;
        return [[side, { ...codes, of, highlightDensity: HIGHLIGHT, range, stops: placed.stops }]];
      }),
    );
    this.#number += 1;
    const question: PairQuestion = { number: this.#number, paper, ...asked };
    this.#worker.postMessage(question);
  }

  /** The sheet with each where it is laid; nothing before it was worked out. */
  sheet(
    easel: EaselSize,
    width: number,
    laid: Readonly<Partial<Record<SideId, Placing>>>,
  ): TwoOnSheet | undefined {
    if (!this.#table) return undefined;
    const of = (side: SideId) => {
      const placing = laid[side];
      const tones = this.#read[side]?.tones;
      return placing && tones ? { tones, placing } : undefined;
    };
    return onOneSheet(this.#table, easel, width, of('a'), of('b'));
  }
}
