/** What was tried on a bath, and what it means when it failed. */
export const bathTests = [
  { id: 'clip', name: 'clip test', fails: 'it clears too slowly' },
  { id: 'drop', name: 'drop test', fails: 'the drop turned milky: it is full of silver' },
  { id: 'stop-colour', name: 'colour of the stop', fails: 'it has turned: no longer acid' },
  { id: 'print', name: 'print test', fails: 'a full exposure no longer comes up black' },
  { id: 'silver', name: 'residual silver', fails: 'a stain: fixed too short, or in spent fixer' },
  { id: 'wash', name: 'wash test', fails: 'fixer is left: wash longer' },
] as const;
export type BathTestId = (typeof bathTests)[number]['id'];

/** Something that happened to a bath. What happened is never edited: a correction is an entry of less than nothing. */
export type BathEntry =
  | { readonly kind: 'film' | 'paper'; readonly atMs: number; readonly areaCm2: number }
  /** Fresh solution put in on top, ml. */
  | { readonly kind: 'topped-up'; readonly atMs: number; readonly volumeMl: number }
  /** So much poured off, and as much fresh put in, ml. */
  | { readonly kind: 'replenished'; readonly atMs: number; readonly volumeMl: number }
  /** Taken out for good: into another bottle, or collected and handed in, ml. */
  | {
      readonly kind: 'taken-out' | 'handed-in';
      readonly atMs: number;
      readonly volumeMl: number;
    }
  | {
      readonly kind: 'tested';
      readonly atMs: number;
      readonly test: BathTestId;
      readonly passed: boolean;
    }
  /** What it read, °C. */
  | { readonly kind: 'read'; readonly atMs: number; readonly temperatureC: number }
  | { readonly kind: 'discarded'; readonly atMs: number };

/** What a bath holds, as its entries change it. */
export interface BathContents {
  readonly volumeMl: number;
  readonly filmCm2: number;
  readonly paperCm2: number;
}

/** Less than this clings to the walls, ml: nobody pours it, and nothing is said of how it keeps. */
const CLINGS_ML = 0.01;

/** Nothing is left of it that could be poured. */
export const isEmpty = ({ volumeMl }: Pick<BathContents, 'volumeMl'>): boolean =>
  volumeMl < CLINGS_ML;

/** How much of what went through is still in it when a share of it is poured off; of an empty one nothing. */
const without = (contents: BathContents, volumeMl: number): BathContents => {
  const { filmCm2, paperCm2 } = contents;
  const left = contents.volumeMl - volumeMl;
  const stays = isEmpty({ volumeMl: left }) ? 0 : left / contents.volumeMl;
  return {
    volumeMl: contents.volumeMl * stays,
    filmCm2: filmCm2 * stays,
    paperCm2: paperCm2 * stays,
  };
};

type Change<Kind extends BathEntry['kind']> = (
  contents: BathContents,
  entry: Extract<BathEntry, { kind: Kind }>,
) => BathContents;

/** What each kind of entry does to a bath. */
const changes: { readonly [Kind in BathEntry['kind']]: Change<Kind> } = {
  film: (contents, { areaCm2 }) => ({ ...contents, filmCm2: contents.filmCm2 + areaCm2 }),
  paper: (contents, { areaCm2 }) => ({ ...contents, paperCm2: contents.paperCm2 + areaCm2 }),
  'topped-up': (contents, { volumeMl }) => ({
    ...contents,
    volumeMl: contents.volumeMl + volumeMl,
  }),
  replenished: (contents, { volumeMl }) => ({
    ...without(contents, volumeMl),
    volumeMl: contents.volumeMl,
  }),
  'taken-out': (contents, { volumeMl }) => without(contents, volumeMl),
  'handed-in': (contents, { volumeMl }) => without(contents, volumeMl),
  tested: (contents) => contents,
  read: (contents) => contents,
  discarded: (contents) => contents,
};

/** A bath after an entry. */
export const afterEntry = (contents: BathContents, entry: BathEntry): BathContents =>
  (changes[entry.kind] as Change<typeof entry.kind>)(contents, entry as never);
