import type { FilmFormatId } from '../formats/index.ts';

/** Something that the hands do in the dark. */
export interface LoadingStep {
  readonly id: string;
  /** As it is spoken. */
  readonly does: string;
  /** What fingers find when it goes right. */
  readonly feel: string;
  /** What to do when it binds. */
  readonly binds: string;
}

/** How film of some formats gets into a tank. */
export interface LoadingWay {
  readonly formats: readonly FilmFormatId[];
  /** What must lie within reach besides the tank. */
  readonly things: readonly string[];
  readonly steps: readonly LoadingStep[];
}
