import { onMount } from 'svelte';
import { keepList, keptList } from './kept-list.ts';

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

/**
 * What is typed on a page that no first paint needs: kept in this browser alone, and there again after a reload. Call it while
 * a component is made.
 */
export function keptState<Form extends Record<string, string>>(key: string, usual: Form): Form {
  const form = $state({ ...usual });
  let takenUp = $state(false);
  onMount(() => {
    const [left] = keptList(key, isPlain);
    for (const part of Object.keys(usual) as (keyof Form & string)[]) {
      const kept = left?.[part];
      if (typeof kept === 'string') form[part] = kept as Form[typeof part];
    }
    takenUp = true;
  });
  $effect(() => {
    const whole: unknown = $state.snapshot(form);
    if (takenUp) keepList(key, [whole]);
  });
  return form;
}
