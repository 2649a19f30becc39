import type { OwnCurve } from '../own-curves.ts';
import type { Unit } from '../../../words/temperature.ts';
import type { Calibration } from '../contract.ts';
import type { FieldSet, GivenOf } from '../fields/field.ts';
import type { KindGroupId } from './groups.ts';
import type { Change, Things } from '../changes.ts';

/** What a calibration hangs on: when that is changed, it is asked about. */
export const hangsOn = {
  film: 'another batch of the film',
  developer: 'another lot of the developer',
  paper: 'a new box of the paper',
  lamp: 'another lamp in the enlarger',
  head: 'the head or its filters',
  lens: 'another lens',
  meter: 'another meter or camera',
  thermometer: 'another thermometer',
  safelight: 'the safelight, its filter or its place',
  timer: 'another timer',
  fixer: 'another kind of fixer',
  eyes: 'who looks, or in what light',
} as const;
export type HangsOn = keyof typeof hangsOn;

/** A point of a chart. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What a test draws, in its own numbers. */
export interface TestChart {
  readonly label: string;
  readonly across: string;
  readonly up: string;
  readonly series: readonly {
    readonly name: string;
    readonly points: readonly Point[];
    /** The curve that was fitted, as points of a fine line. */
    readonly curve: readonly Point[];
    /** Where it is only carried on. */
    readonly carriedOn?: readonly Point[];
  }[];
  /** The answer, on the chart. */
  readonly marks: readonly (Point & { readonly name: string })[];
  /** What each point is off its curve, where that says anything. */
  readonly residuals?: readonly Point[];
  readonly residualsUp?: string;
  readonly logAcross?: boolean;
}

/** What a test came to, in words. */
export interface Told {
  /** The number first. */
  readonly number: string;
  readonly unit: string;
  readonly sentence: string;
  readonly more?: readonly string[];
  readonly cautions?: readonly string[];
}

/** How far a result may have drifted in a year, in its own unit: judgement, said as such. */
export interface Drift {
  readonly amount: number;
  readonly unit: string;
}

/** What is known of a test's fields without being typed. */
export interface Known {
  readonly fields: Readonly<Record<string, string>>;
  readonly sentence: string;
}

/** A result that the desk goes by from now on. */
export interface DeskChange {
  readonly label: string;
  readonly done: string;
  /** What the clock on the wall shows of so much time, inverted: above 1 it is slow. */
  readonly clockFactor: number;
}

/** A test of the stage, as data: what it asks, what it needs, how it is answered and what it changes. */
export interface TestKind<Fields extends FieldSet = FieldSet, Result = unknown> {
  readonly id: string;
  readonly group: KindGroupId;
  readonly name: string;
  /** Other tests that answer the same: one of them is enough. */
  readonly family?: string;
  /** What it answers, as a question. */
  readonly question: string;
  /** What has to lie ready. */
  readonly list: readonly string[];
  /** What is done, in its order; numbers of exposures where they are known from what was typed. */
  readonly evening: (
    given: Partial<GivenOf<Fields>>,
    unit: Unit,
    /** What other tests found that it can use. */
    found?: readonly Calibration[],
  ) => readonly string[];
  /** The usual caution where it can hurt someone. */
  readonly caution?: string;
  readonly fields: Fields;
  /** What it is called by what was typed: the film, the thermometer. */
  readonly nameOf: (given: GivenOf<Fields>) => string;
  /** What other tests say of a field that is left empty, and how that is told. */
  readonly known?: (
    typed: Readonly<Record<string, string>>,
    curves: readonly OwnCurve[],
  ) => Known | undefined;
  /** Its film is developed in a run of its own: the field that says for how long. */
  readonly developedInto?: keyof Fields & string;
  /** The field that the beeps of the page are counted into. */
  readonly beepsInto?: keyof Fields & string;
  /** It is solved away from the page: what it takes would hold typing up. Its result is plain data. */
  readonly slow?: boolean;
  /** What stands on the shelf for it, where solving it there would take too long. */
  readonly brief?: (given: GivenOf<Fields>) => string;
  /** @throws Refusal where it leads to no answer */
  readonly solve: (given: GivenOf<Fields>) => Result;
  readonly tell: (result: Result, given: GivenOf<Fields>, unit: Unit) => Told;
  readonly chart?: (result: Result, given: GivenOf<Fields>, unit: Unit) => TestChart | undefined;
  readonly changes?: (result: Result, given: GivenOf<Fields>, things: Things) => readonly Change[];
  /** What of it goes with whoever stands at this desk: the clock that they read. */
  readonly desk?: (result: Result, given: GivenOf<Fields>) => DeskChange | undefined;
  /** Where it is used, when that is not something it is written to. */
  readonly usedBy?: string;
  readonly hangsOn: readonly HangsOn[];
  readonly doubtAfterDays: number;
  readonly drift: Drift;
  /** Instead of the whole test, when something was changed. */
  readonly shortCheck: string;
}

/** Ties the types of a test's parts together. */
export const testKind = <Fields extends FieldSet, Result>(
  kind: TestKind<Fields, Result>,
): TestKind<Fields, Result> => kind;
