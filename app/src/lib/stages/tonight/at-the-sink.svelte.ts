import { goto } from '$app/navigation';
import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
import { lyingAt } from '../../bench/sink/trays.ts';
import { nameInSink, sinkFirst, sinkWords } from './sink-first.ts';
import type { PrintWaiting } from './tonight-view.ts';

/** What the sink wants before anything else, as a big button has it; call it while a component is made. */
export function atTheSink(prints: () => readonly PrintWaiting[]): {
  readonly first: { words: string; run: () => void } | undefined;
} {
  const wetSide = useWetSide();
  const first = $derived(sinkFirst(lyingAt(wetSide.runs, wetSide.sheets, wetSide.nowMs)));
  return {
    get first() {
      const item = first;
      if (!item) return undefined;
      const { run, sheet, id } = item;
      return {
        words: sinkWords(item, nameInSink(item, wetSide.fired, prints())),
        run: () => {
          if (run) void goto(`/film/run/${id}`);
          else if (sheet) wetSide.moveOn(sheet);
        },
      };
    },
  };
}
