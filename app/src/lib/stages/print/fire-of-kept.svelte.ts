import type { LampSwitchId } from '@katachron/core';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { KeptFiring } from './kept-firing.svelte.ts';

/** What is alike in all that is fired and kept in this browser until the server has it: no record of trays, no baths of a print. */
export abstract class FireOfKept<Entry extends { readonly id: string }> {
  readonly also = [];
  readonly inRecord = false;
  readonly through = [];
  readonly bathCautions = [];

  constructor(protected readonly kept: KeptFiring<Entry>) {}

  get sheetId(): string | undefined {
    return this.kept.lastId;
  }

  get firing(): Firing | undefined {
    return this.kept.firing;
  }
  set firing(firing) {
    this.kept.firing = firing;
  }

  get lampBy(): LampSwitchId {
    return this.kept.lampBy;
  }
  set lampBy(by) {
    this.kept.lampBy = by;
  }
}
