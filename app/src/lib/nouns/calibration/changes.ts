import type { Enlarger } from '../enlarger/contract.ts';
import type { PaperThing } from '../paper/contract.ts';
import type { Recipe } from '../recipe/contract.ts';

/** What stands on the shelves, that a result may be written to. */
export interface Things {
  readonly recipes: readonly Recipe[];
  readonly papers: readonly PaperThing[];
  readonly enlargers: readonly Enlarger[];
}

/** A result written to something: a thing of a shelf changed, or a new one. */
export interface Change {
  /** "Write it on the tall enlarger". */
  readonly label: string;
  /** "The tall enlarger has a lag of 0.20 s." */
  readonly done: string;
  readonly shelf: 'recipes' | 'papers' | 'enlargers';
  /** The thing that is changed; nothing for a new one. */
  readonly thing?: { readonly id: string; readonly version: number };
  readonly name: string;
  readonly body: object;
}

/** A thing without its id and version: what is written back. */
export const bodyOf = <Thing extends { readonly id: string; readonly version: number }>({
  id: _id,
  version: _version,
  ...body
}: Thing): Omit<Thing, 'id' | 'version'> => body;
