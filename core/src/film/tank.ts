import { sound } from '../quantity/sound.ts';
import type { FilmFormatId, FilmLoad } from './formats/index.ts';

/** How a tank is moved. */
export type TankMotion = 'by-hand' | 'rotary';

/** What one film of a format needs in a tank. */
export interface ReelVolume {
  readonly format: FilmFormatId;
  /** Liquid that covers (or, turned on its side, wets) one film, ml. */
  readonly mlEach: number;
  /** The most of them that the tank holds. */
  readonly most: number;
}

/** A tank, a drum or a set of trays. */
export interface Tank {
  readonly name: string;
  readonly motion: TankMotion;
  readonly reels: readonly ReelVolume[];
  /** It holds no more than this, ml. */
  readonly holdsMl: number;
  /** It takes this long to pour out, s. */
  readonly drainSeconds: number;
  /** How long it takes to follow the room, s, where that is known. */
  readonly timeConstantSeconds?: number;
}

/** How a load fits a tank. */
export interface TankFill {
  /** What covers the films, ml. */
  readonly needsMl: number;
  /** Formats of which there are more than the tank holds, or that it does not hold at all. */
  readonly tooMany: readonly FilmFormatId[];
  /** The liquid that covers the films is more than the tank holds. */
  readonly overflows: boolean;
}

/**
 * The volume that covers a load of films in a tank.
 * @param tank with its volumes per film in ml
 * @param load films by format
 * @returns ml needed, and what does not fit
 * @source volumes per reel as the tank's maker or a measuring jug says
 * @example
 * tankFill({ name: "Two-reel", motion: "by-hand", reels: [{ format: "small-36", mlEach: 300, most: 2 }], holdsMl: 620, drainSeconds: 10 }, [{ format: "small-36", count: 2 }]).needsMl // = 600
 */
export function tankFill(tank: Tank, load: readonly FilmLoad[]): TankFill {
  const place = ({ format }: FilmLoad) => tank.reels.find((reel) => reel.format === format);
  const needsMl = load.reduce((sum, films) => sum + films.count * (place(films)?.mlEach ?? 0), 0);
  // Formats share one column: two small reels and one of the middle size leave no room for a third.
  const share = load.reduce(
    (sum, films) => sum + films.count / (place(films)?.most ?? Infinity),
    0,
  );
  const filled = load.filter(({ count }) => count > 0);
  const tooMany = filled.filter(
    (films) => films.count > (place(films)?.most ?? 0) || (share > 1 + 1e-9 && filled.length > 1),
  );
  return sound({
    needsMl,
    tooMany: tooMany.map(({ format }) => format),
    overflows: needsMl > tank.holdsMl,
  });
}
