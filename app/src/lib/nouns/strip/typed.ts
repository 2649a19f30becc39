import { stripKinds, type StripChoices } from '@katachron/core';
import { plainStops } from '../../words/fraction.ts';

const typed = (value: number) => String(Number(value.toFixed(2)));

/** A strip as somebody would type it: what a draft holds of it. */
export function typedStrip({ kind, method, firstSeconds, step, patches }: StripChoices) {
  const inStops = stripKinds.find(({ id }) => id === kind)!.step === 'stops';
  return {
    ...{ kind, method, first: typed(firstSeconds), patches: String(patches) },
    step: inStops ? plainStops(step) : typed(step),
  };
}
