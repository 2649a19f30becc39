import type { LampSwitchId, PaperBase, SheetExtraId } from '@katachron/core';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { FiredOf } from '../../bench/clock/fired.ts';
import type { Through } from '../../nouns/bath/through.ts';
import type { GivenFiring } from '../../nouns/print/sheet.ts';
import type { FiringLine } from './firing-lines.ts';

/** What is done with paper that goes somewhere else than into the developer. */
export interface AfterFiring {
  readonly words: string;
  /** On the big button. */
  readonly button: string;
  /** What begins with it. */
  readonly begin?: () => void;
  /** The page that is next. */
  readonly to: string;
}

/** Paper that is to be fired: a strip, a print, a proof. What is kept of it, and where, is its own affair. */
export interface Fireable {
  /** What it is of, for the evening's plan. */
  readonly work: FiredOf;
  /** As it is called on the screen and in the tray. */
  readonly name: string;
  /** The page that it belongs to. */
  readonly back: string;
  /** What is missing where there is nothing to fire. */
  readonly nothing: string;
  readonly lines: readonly FiringLine[];
  readonly timerStep: number;
  readonly lagSeconds: number;
  /** Through which trays it goes, and on which base. */
  readonly tray: 'strip' | 'print';
  readonly base: PaperBase | undefined;
  /** Trays that it goes through besides. */
  readonly also: readonly SheetExtraId[];
  /** So many sheets are exposed before the first goes into the developer. */
  readonly copies: number;
  /** What is written on the back of the sheet that is exposed next, and of one that was. */
  readonly nextMark: string | undefined;
  markOf(sheetId: string): string | undefined;
  /** The sheet of a record that it is, once it was exposed. */
  readonly sheetId: string | undefined;
  /** It bears no light at all, red neither. */
  readonly dark?: boolean;
  /** What happens to it in the trays is written to that record. */
  readonly inRecord: boolean;
  /** Where it goes once all was given, where that is not the developer. */
  readonly then?: AfterFiring | undefined;
  /** The baths that stand in its trays, and what to be told before it is laid into them. */
  readonly through: Through;
  readonly bathCautions: readonly string[];
  /** Which of its page's things it is. */
  readonly what: Firing['what'];
  /** How far it came, kept so that a reload loses no light that was given. */
  firing: Firing | undefined;
  lampBy: LampSwitchId;
  /** All was given: only now was it exposed, at that instant. */
  exposed(given: readonly GivenFiring[], sheetId: string, atMs: number): void;
}
