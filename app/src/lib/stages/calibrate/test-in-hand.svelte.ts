import { onMount } from 'svelte';
import { isUntouched, readTest, type TestForm } from '../../nouns/calibration/given.ts';
import type { TestKind, Told } from '../../nouns/calibration/kinds/kind.ts';
import type { Attempt } from '../../words/attempt.ts';
import type { Unit } from '../../words/temperature.ts';
import { solvedBy, type SolveMessage, type SolvedMessage } from './solve.ts';

interface Sources {
  readonly kind: () => TestKind;
  readonly form: () => TestForm;
  readonly unit: () => Unit;
}

/** A test as it is typed, with what it leads to. Call it while a component is made. */
export function testInHand({ kind, form, unit }: Sources) {
  const read = $derived(readTest(kind().fields, form(), unit()));
  const untouched = $derived(isUntouched(kind().fields, form()));
  /** What the worker answered last, and to what. */
  let away = $state.raw<{ readonly given: object; readonly solved: Attempt<unknown> }>();
  let worker = $state.raw<Worker>();
  let number = 0;
  const asked = new Map<number, object>();
  const solved = $derived.by((): Attempt<unknown> | undefined => {
    if (!read.given) return undefined;
    if (!kind().slow) return solvedBy(kind(), read.given, unit());
    return away?.given === read.given ? away.solved : undefined;
  });
  const told = $derived.by((): Told | undefined =>
    read.given && solved?.value !== undefined
      ? kind().tell(solved.value as never, read.given as never, unit())
      : undefined,
  );
  const chart = $derived(
    read.given && solved?.value !== undefined
      ? kind().chart?.(solved.value as never, read.given as never, unit())
      : undefined,
  );

  onMount(() => {
    if (!kind().slow) return;
    const made = new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<SolvedMessage>) => {
      const given = asked.get(data.number);
      asked.delete(data.number);
      if (given && data.number === number) away = { given, solved: data.solved };
    };
    worker = made;
    return () => made.terminate();
  });
  $effect(() => {
    const { given } = read;
    if (!worker || !given) return;
    number += 1;
    asked.set(number, given);
    const message: SolveMessage = { number, kind: kind().id, given, unit: unit() };
    worker.postMessage(message);
  });

  return {
    get given() {
      return read.given as Readonly<Record<string, unknown>> | undefined;
    },
    /** What of it can be read already. */
    get partly(): Readonly<Record<string, unknown>> {
      return read.partly;
    },
    get troubles(): Readonly<Record<string, string>> {
      return read.troubles ?? {};
    },
    get untouched() {
      return untouched;
    },
    /** The sentence why what was given leads nowhere. */
    get trouble() {
      return solved?.trouble;
    },
    get solving() {
      return read.given !== undefined && kind().slow === true && solved === undefined;
    },
    get result() {
      return solved?.value;
    },
    get told() {
      return told;
    },
    /** The number it found, with its unit. */
    get shown() {
      return told && [told.number, told.unit].filter(Boolean).join(' ');
    },
    get chart() {
      return chart;
    },
  };
}
