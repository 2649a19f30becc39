/** One contrast setting of a set, on one paper. */
export interface ContrastSetting {
  readonly id: string;
  readonly name: string;
  /** ISO range R at this setting. */
  readonly range: number;
  /** Speed against the set's first setting, stops; negative is slower. */
  readonly speedStops: number;
  /** Where a dial stands for it, in the dial's own numbers. */
  readonly dial?: number;
}

/** A set of contrast settings, as data: a set of filters, a head, graded paper. */
export interface ContrastSet {
  readonly id: string;
  /** What one setting is called: "filter", "grade". */
  readonly noun: string;
  readonly name: string;
  /** Each setting is an emulsion of its own, as grades are; otherwise light of another colour exposes the same one. */
  readonly ownEmulsions?: true;
  /** Measured on this paper; otherwise its answers are marked as not calibrated. */
  readonly calibrated: boolean;
  /** How far its settings may be out by the test that measured them: R as a share, and speed in stops. */
  readonly within?: { readonly rangeShare: number; readonly speedStops: number };
  /** How far one setting's number is from the next. */
  readonly step: number;
  readonly settings: readonly ContrastSetting[];
  /** White light, nothing in its way: a look at it tells something, but no set is meant to be printed with it. */
  readonly white?: ContrastSetting;
  /** What a place of its dial is called, where it has one that can stand anywhere between two settings. */
  readonly dialName?: (value: number) => string;
}

/** White light is of every paper's own speed and contrast: so far it may be from what is usual. */
export const WHITE_WITHIN = { speedStops: 1, rangeShare: 0.25 } as const;

/** Every setting that a look may have been made at. */
export const lookedAtWith = ({ settings, white }: ContrastSet): readonly ContrastSetting[] =>
  white ? [...settings, white] : settings;
