import type { LampSwitchId } from '@katachron/core';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { TrayBaths } from './tray-baths.ts';
import type { KeptFiring } from './kept-firing.svelte.ts';

/** What is alike in all that is fired and kept in this browser until the server has it: no record of trays. */
export abstract class FireOfKept<Entry extends { readonly id: string }> {
  readonly also = [];
  readonly inRecord = false;

  constructor(
    protected readonly kept: KeptFiring<Entry>,
    /** The baths of the trays, where it goes into trays. */
    protected readonly trays?: () => TrayBaths,
  ) {}

  get through() {
    return this.trays?.().through ?? [];
  }

  get bathCautions() {
    return this.trays?.().cautions ?? [];
  }

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
