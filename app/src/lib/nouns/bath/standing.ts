import { formatDilution, parseDilution, type BathState } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import type { Bath } from './contract.ts';
import type { KeptEntry } from './ledger.ts';
import { bathPlaces, type BathPlaceId } from './places.ts';
import { stateOf } from './state.ts';
import type { Through } from './through.ts';
import type { BathUseId } from './uses.ts';
import { bathCautions, goneOf, verdictWords } from './words.ts';

const DAY_MS = 86_400_000;

/** A bath that stands mixed, as far as those who pour it ask. */
export interface StandingBath {
  readonly id: string;
  readonly name: string;
  readonly use: BathUseId;
  readonly mixedAtMs: number;
  readonly dilution?: string;
  readonly substanceId?: string;
  readonly dataSheet?: string;
  /** What it is known to be good for: a fixer for film and paper alike says neither. */
  readonly media: readonly ('film' | 'paper')[];
  readonly ageDays: number;
  readonly state: BathState;
  /** As it was read last. */
  readonly read?: { readonly temperatureC: number; readonly atMs: number };
}

/** The baths that stand, those mixed last first: what was discarded, and what nobody measured, is not offered. */
export function standingBaths(
  baths: readonly Bath[],
  entries: Readonly<Record<string, readonly KeptEntry[]>>,
  nowMs: number,
): StandingBath[] {
  return baths
    .flatMap((bath): StandingBath[] => {
      const { id, name, use, mixedAtMs, dilution, dataSheet, substanceId } = bath;
      const state = stateOf(bath, entries[id] ?? [], nowMs)?.value;
      if (!use || !state || state.verdict === 'discarded') return [];
      return [
        {
          ...{ id, name, use, mixedAtMs, state },
          ...(dilution && { dilution }),
          ...(dataSheet && { dataSheet }),
          ...(substanceId && { substanceId }),
          media: [
            ...(bath.filmCm2PerLitre === undefined ? [] : (['film'] as const)),
            ...(bath.paperCm2PerLitre === undefined ? [] : (['paper'] as const)),
          ],
          ...lastRead(entries[id] ?? []),
          ageDays: Math.max(0, Math.floor((nowMs - mixedAtMs) / DAY_MS)),
        },
      ];
    })
    .sort((a, b) => b.mixedAtMs - a.mixedAtMs || a.id.localeCompare(b.id));
}

/** What a bath read last, if anybody wrote that down. */
function lastRead(entries: readonly KeptEntry[]): Pick<StandingBath, 'read'> {
  const [read] = entries
    .flatMap(({ entry }) => (entry.kind === 'read' ? [entry] : []))
    .sort((a, b) => b.atMs - a.atMs);
  return read ? { read: { temperatureC: read.temperatureC, atMs: read.atMs } } : {};
}

/** "62 % used, 12 days old": how it is doing, where there is room for few words. */
export function standingWords({ state, ageDays }: StandingBath): string {
  const used = state.used === undefined ? [] : [`${Math.round(100 * state.used)} % used`];
  const age = ageDays === 0 ? 'mixed today' : ageDays === 1 ? 'a day old' : `${ageDays} days old`;
  return [...used, age].join(', ');
}

/** What is left of it, 0 to 1; undefined where nobody knows. */
export const leftOf = ({ state }: StandingBath): number | undefined =>
  state.verdict === 'unknown' ? undefined : 1 - goneOf(state);

/** Its verdict in a word, and what to be told before it is poured. */
export const glanceOf = ({ state }: StandingBath) => ({
  verdict: state.verdict,
  word: verdictWords[state.verdict],
  gone: goneOf(state),
  cautions: bathCautions(state),
});

/** Somebody said that no bath that is written down stands there. */
export const NO_BATH = '-';

/** A place of a plan, the baths that may stand in it, and the one that does. */
export interface PlacedBath {
  readonly place: BathPlaceId;
  /** "fix". */
  readonly placeName: string;
  readonly offered: readonly StandingBath[];
  readonly bath?: StandingBath;
}

export interface PlaceChoices {
  /** The steps gone through. */
  readonly kinds: readonly string[];
  /** What was chosen, by place; a bath that stands no more is as if nothing was. */
  readonly chosen?: Readonly<Record<string, string>> | undefined;
  /** The film developer that the recipe asks for: no other is taken unless somebody says so. */
  readonly developer?: {
    readonly name: string;
    readonly dilution: readonly number[];
    /** As it stands in the cupboard. */
    readonly substanceId?: string;
  };
}

/**
 * The baths that a plan goes through: those chosen, otherwise the newest of the right kind that no step before has taken and that is
 * not known to be for something else. Places for which nothing stands are left out.
 */
export function placedBaths(
  standing: readonly StandingBath[],
  { kinds, chosen = {}, developer }: PlaceChoices,
): PlacedBath[] {
  const taken = new Set<string>();
  return bathPlaces.flatMap(({ id: place, name, use, medium, kinds: ofPlace }): PlacedBath[] => {
    if (!ofPlace.some((kind) => kinds.includes(kind))) return [];
    const offered = standing.filter((bath) => bath.use === use);
    if (offered.length === 0) return [];
    const fits = (bath: StandingBath) =>
      !taken.has(bath.id) &&
      bath.state.verdict !== 'empty' &&
      (bath.media.length === 0 || bath.media.includes(medium)) &&
      (use !== 'film-developer' || (developer !== undefined && isOf(bath, developer)));
    const wanted = chosen[place];
    // Of two fixers the fresher one comes second: it becomes the first when that is spent.
    const fitting = offered.filter(fits);
    const usual =
      (place === 'fix' && kinds.includes('second-fix')) ||
      (place === 'print-fix' && kinds.includes('print-second-fix'))
        ? fitting.toSorted((a, b) => goneOf(b.state) - goneOf(a.state)).find(isGood)
        : fitting[0];
    const bath =
      wanted === NO_BATH ? undefined : (offered.find(({ id }) => id === wanted) ?? usual);
    if (bath) taken.add(bath.id);
    return [{ place, placeName: name, offered, ...(bath && { bath }) }];
  });
}

/** Nothing that is known of it says that it is dead. */
const isGood = ({ state }: StandingBath) => state.verdict !== 'spent';

/** Is it that developer, mixed that way? What it was mixed from tells, or its name; no dilution contradicts nothing. */
function isOf(
  bath: StandingBath,
  { name, dilution, substanceId }: NonNullable<PlaceChoices['developer']>,
) {
  const plain = (text: string) => text.trim().toLowerCase();
  const wanted = formatDilution(dilution);
  const own = bath.dilution
    ? attempt(() => formatDilution(parseDilution(bath.dilution!))).value
    : wanted;
  const same =
    bath.substanceId !== undefined && substanceId !== undefined
      ? bath.substanceId === substanceId
      : plain(bath.name).includes(plain(name));
  return same && own === wanted;
}

/** As it is kept with a roll or a sheet. */
export const throughOf = (placed: readonly PlacedBath[]): Through =>
  placed.flatMap(({ place, bath }) => (bath ? [{ place, id: bath.id, name: bath.name }] : []));

/** What to be told before film or paper of an area goes through a bath. */
export function pouringCautions(bath: StandingBath, medium: 'film' | 'paper', areaCm2: number) {
  const { leftFilmCm2, leftPaperCm2, verdict } = bath.state;
  const left = medium === 'film' ? leftFilmCm2 : leftPaperCm2;
  const over =
    verdict !== 'spent' && verdict !== 'empty' && left !== undefined && left < areaCm2 - 1e-6;
  return [
    ...glanceOf(bath).cautions,
    ...(over ? ['More goes through it now than it is good for.'] : []),
  ].map((caution) => `${bath.name}: ${caution.charAt(0).toLowerCase()}${caution.slice(1)}`);
}
