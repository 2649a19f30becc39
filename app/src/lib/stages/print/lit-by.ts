import { headOf, type NegativeLightId } from '@katachron/core';
import type { EnlargerBody } from '../../nouns/enlarger/contract.ts';
import { called } from '../../words/called.ts';

/** How an enlarger lights the negative, by its head; nothing where it stands on no shelf, and then it is asked. */
export function litBy(
  enlargers: readonly EnlargerBody[],
  name: string,
): NegativeLightId | undefined {
  const head = called(enlargers, name)?.head;
  return head && headOf(head).negativeLight;
}
