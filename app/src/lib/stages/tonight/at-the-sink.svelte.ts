import { goto } from '$app/navigation';
import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
import { lyingAt } from '../../bench/sink/trays.ts';
import { nameInSink, sinkFirst, sinkWords } from './sink-first.ts';
import type { PrintWaiting } from './tonight-view.ts';

/** What is to be done at the sink, as a big button has it. */
export interface AtTheSink {
  /** The same as long as it is the same thing that is to be done. */
  readonly id: string;
  readonly words: string;
  readonly run: () => void;
}

/** What the sink wants before anything else, as a big button has it; call it while a component is made. */
export function atTheSink(prints: () => readonly PrintWaiting[]): {
  readonly first: AtTheSink | undefined;
} {
  const wetSide = useWetSide();
  const first = $derived(sinkFirst(lyingAt(wetSide.runs, wetSide.sheets, wetSide.nowMs)));
  return {
    get first() {
      const item = first;
      if (!item) return undefined;
      const { run, sheet, id } = item;
      return {
        id: `${id} ${item.moment.current!.step.id}`,
        words: sinkWords(item, nameInSink(item, wetSide.fired, prints())),
        run: () => {
          if (run) void goto(`/film/run/${id}`);
          else if (sheet) wetSide.moveOn(sheet);
        },
      };
    },
  };
}
