import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import {
  afterEntry,
  isEmpty,
  type BathContents,
  type BathEntry,
  type BathTestId,
} from './bath-entries.ts';
import { keepsDays, type Keeping } from './keeping.ts';

/** One mixed lot, as it was written down when it was mixed. */
export interface BathFacts {
  readonly volumeMl: number;
  readonly mixedAtMs: number;
  /** What a litre is good for, cm²; each medium that goes through has its own. */
  readonly filmCm2PerLitre?: number;
  readonly paperCm2PerLitre?: number;
  /** How it keeps in its bottle, and what the bottle holds; a full one unless said. */
  readonly keeping?: Keeping;
  readonly bottleMl?: number;
  /** How long it lasts at working strength in an open tray, h: from its mixing on. */
  readonly trayHours?: number;
}

/** From so much of its capacity or its time on a bath is warned of; at 1 it is spent. */
const AGEING = 0.8;
const DAY_MS = 86_400_000;

export type BathVerdict = 'fresh' | 'ageing' | 'spent' | 'unknown' | 'empty' | 'discarded';

/** How a bath is doing. */
export interface BathState extends BathContents {
  readonly verdict: BathVerdict;
  /** Of its capacity, by each medium and by both; undefined where no capacity is known, and of an empty one. */
  readonly usedByFilm?: number;
  readonly usedByPaper?: number;
  readonly used?: number;
  /** What can still go through it, cm²; 0 when it is used up. */
  readonly leftFilmCm2?: number;
  readonly leftPaperCm2?: number;
  /** Of its keeping time. */
  readonly age?: number;
  /** When that ends if nothing more is taken out, or when it ended; an empty bath keeps nothing. */
  readonly keepsUntilMs?: number;
  /** Tests of which the newest failed. */
  readonly failed: readonly BathTestId[];
}

/**
 * How a bath is doing: what went through it, how old it is, what was tried on it. It warns, and refuses nothing.
 * @param bath as it was mixed: ml, capacity in cm² a litre, keeping times
 * @param entries what happened to it since, in any order of writing
 * @param nowMs the instant asked about
 * @returns shares used and aged, what is left in cm², and a verdict
 * @throws Refusal `volume` unless it had any
 * @source shares add: Σ A/C over film and paper; ageing adds: Σ Δt/K, and what is put into an empty bottle is fresh
 * @example
 * bathState({ volumeMl: 2000, mixedAtMs: 0, filmCm2PerLitre: 4644 }, [{ kind: "film", atMs: 1, areaCm2: 3096 }], 2).used // ≈ 0.3333
 */
export function bathState(
  bath: BathFacts,
  entries: readonly BathEntry[],
  nowMs: number,
): BathState {
  sound({ bath, entries, nowMs });
  if (!(bath.volumeMl > 0)) {
    throw new Refusal('volume', '/volumeMl', 'A bath holds more than 0 ml.');
  }
  const ordered = [...entries].sort((a, b) => a.atMs - b.atMs);
  const gone = ordered.find(({ kind }) => kind === 'discarded');
  const contents = ordered.reduce<BathContents>(afterEntry, {
    ...{ volumeMl: bath.volumeMl, filmCm2: 0, paperCm2: 0 },
  });
  const capacity = capacityOf(bath, contents);
  const age = ageOf(bath, ordered, Math.min(nowMs, gone?.atMs ?? nowMs));
  const failed = failedTests(ordered);
  const shares = [capacity.used, age?.age].filter((share) => share !== undefined);
  const worst = Math.max(failed.length > 0 ? 1 : 0, ...shares);
  const known = shares.length > 0 || ordered.some(({ kind }) => kind === 'tested');
  const verdict = gone
    ? 'discarded'
    : isEmpty(contents)
      ? 'empty'
      : !known
        ? 'unknown'
        : worst >= 1 - 1e-9
          ? 'spent'
          : worst >= AGEING
            ? 'ageing'
            : 'fresh';
  return sound({ ...contents, ...capacity, ...age, failed, verdict });
}

function capacityOf(
  { filmCm2PerLitre, paperCm2PerLitre }: BathFacts,
  contents: BathContents,
): Pick<BathState, 'used' | 'usedByFilm' | 'usedByPaper' | 'leftFilmCm2' | 'leftPaperCm2'> {
  if (isEmpty(contents)) {
    return {
      ...(filmCm2PerLitre && { leftFilmCm2: 0 }),
      ...(paperCm2PerLitre && { leftPaperCm2: 0 }),
    };
  }
  const litres = contents.volumeMl / 1000;
  const film = filmCm2PerLitre && filmCm2PerLitre * litres;
  const paper = paperCm2PerLitre && paperCm2PerLitre * litres;
  const usedByFilm = film ? Math.max(0, contents.filmCm2) / film : undefined;
  const usedByPaper = paper ? Math.max(0, contents.paperCm2) / paper : undefined;
  if (usedByFilm === undefined && usedByPaper === undefined) return {};
  const used = (usedByFilm ?? 0) + (usedByPaper ?? 0);
  const left = Math.max(0, 1 - used);
  return {
    used,
    ...(film && usedByFilm !== undefined && { usedByFilm, leftFilmCm2: left * film }),
    ...(paper && usedByPaper !== undefined && { usedByPaper, leftPaperCm2: left * paper }),
  };
}

function ageOf(
  { volumeMl, mixedAtMs, keeping, bottleMl = volumeMl, trayHours }: BathFacts,
  ordered: readonly BathEntry[],
  nowMs: number,
): Pick<BathState, 'age' | 'keepsUntilMs'> | undefined {
  const inTray = trayHours !== undefined && trayHours > 0;
  if (!inTray && !keeping) return undefined;
  const daysAt = (contents: BathContents) =>
    inTray ? trayHours / 24 : keepsDays(keeping!, Math.min(1, contents.volumeMl / bottleMl));
  let contents: BathContents = { volumeMl, filmCm2: 0, paperCm2: 0 };
  let sinceMs = mixedAtMs;
  let share = 0;
  let endedAtMs: number | undefined;
  const standUntil = (atMs: number) => {
    if (!isEmpty(contents)) {
      const wholeMs = daysAt(contents) * DAY_MS;
      const endMs = sinceMs + (1 - share) * wholeMs;
      if (endedAtMs === undefined && endMs <= atMs) endedAtMs = endMs;
      share += (atMs - sinceMs) / wholeMs;
    }
    sinceMs = atMs;
  };
  for (const entry of ordered) {
    standUntil(Math.max(sinceMs, Math.min(nowMs, entry.atMs)));
    contents = afterEntry(contents, entry);
    // What is put into an empty bottle is fresh.
    if (isEmpty(contents)) [share, endedAtMs] = [0, undefined];
  }
  standUntil(Math.max(sinceMs, nowMs));
  if (isEmpty(contents)) return undefined;
  return {
    age: share,
    keepsUntilMs: endedAtMs ?? sinceMs + (1 - share) * daysAt(contents) * DAY_MS,
  };
}

/** Of each test the newest counts. */
function failedTests(ordered: readonly BathEntry[]): BathTestId[] {
  const newest = new Map<BathTestId, boolean>();
  for (const entry of ordered) if (entry.kind === 'tested') newest.set(entry.test, entry.passed);
  return [...newest].flatMap(([test, passed]) => (passed ? [] : [test]));
}
