<script lang="ts">
  import { MOST_BRIGHTNESS } from '$lib/bench/desk/choices.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { useDesk } from '../desk/desk.svelte.ts';
  import { hold } from './hold.ts';

  /** Leaving red takes this long a hold, s: white light fogs the paper on the bench. */
  const RED_HOLD = 1;

  /** In run views it is hit with wet hands. */
  interface Props {
    large?: boolean;
    /** The key for Dark, where D is something else. */
    darkKey?: string;
  }
  const { large = false, darkKey = 'd' }: Props = $props();
  const desk = useDesk();
  const { preferences } = $derived(desk);
  const red = $derived(desk.light === 'red');
  const word = $derived(
    [
      'flex items-center justify-center data-[on]:font-[620] data-[on]:text-ink',
      large
        ? 'min-h-14 min-w-14 text-[22px] low:min-h-11 low:text-[17px] tiny:min-h-11 tiny:min-w-11 tiny:text-[17px]'
        : 'min-h-11 px-[5px] md:px-0',
    ].join(' '),
  );
  const sign = $derived(
    `flex items-center justify-center text-xl text-ink disabled:text-hair ${large ? 'size-14 low:size-11 tiny:size-11' : 'size-11'}`,
  );

  useKeys([
    { key: 'r', does: 'red light', run: () => desk.setLight('red') },
    { key: 'w', does: 'white light (from red: hold for a second)', run: whiteByKey },
    // svelte-ignore state_referenced_locally
    { key: darkKey, does: 'dark, for loading film', run: () => desk.setLight('dark') },
  ]);

  function whiteByKey(event?: KeyboardEvent) {
    if (desk.light !== 'red') return;
    if (event?.repeat) return;
    // Let go in another window it was not held.
    const until = new AbortController();
    const timer = setTimeout(() => {
      until.abort();
      desk.setLight('white');
    }, RED_HOLD * 1000);
    until.signal.addEventListener('abort', () => clearTimeout(timer));
    for (const end of ['keyup', 'blur', 'pagehide']) {
      addEventListener(end, () => until.abort(), { signal: until.signal });
    }
  }
</script>

<div class="not-printed flex flex-wrap items-center justify-end gap-x-1 text-soft md:gap-x-[18px]">
  {#if red}
    <span class="flex items-center" role="group" aria-label="Brightness of the red light">
      <button
        class={sign}
        aria-label="Dimmer"
        disabled={preferences.brightness === 1}
        onclick={() => desk.brighter(-1)}>−</button
      >
      <span class="text-soft" aria-live="polite">{preferences.brightness}</span>
      <button
        class={sign}
        aria-label="Brighter"
        disabled={preferences.brightness === MOST_BRIGHTNESS}
        onclick={() => desk.brighter(1)}>+</button
      >
    </span>
  {/if}
  <div class="flex md:gap-x-[18px]" role="group" aria-label="Light">
    {#if red}
      <button
        class="{word} holding-bar"
        aria-pressed="false"
        aria-describedby="hold-for-white"
        {@attach hold(RED_HOLD, () => desk.setLight('white'))}>White</button
      >
      <span id="hold-for-white" class="sr-only">Hold for a second</span>
    {:else}
      <button
        class={word}
        aria-pressed={desk.light === 'white'}
        data-on={desk.light === 'white' || undefined}
        onclick={() => desk.light === 'dark' || desk.setLight('white')}>White</button
      >
    {/if}
    <button
      class={word}
      aria-pressed={red}
      data-on={red || undefined}
      onclick={() => desk.setLight('red')}>Red</button
    >
    <button class={word} aria-pressed="false" onclick={() => desk.setLight('dark')}>Dark</button>
  </div>
</div>
