/** A film format, as data. */
export interface FilmFormat {
  readonly id: string;
  readonly name: string;
  /** Emulsion that the chemistry works on, cm². */
  readonly areaCm2: number;
  /** Sheets lie in holders and are developed one by one; rolls go on reels. */
  readonly sheet: boolean;
}
