<script lang="ts">
  import { goto } from '$app/navigation';
  import { beforeLightsOut, filmFormats, type FilmFormatId, type FilmLoad } from '@katachron/core';
  import { onMount } from 'svelte';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { capital } from '../../words/capital.ts';
  import { rollHref } from './ways.ts';

  interface Props {
    /** Of the rolls that were chosen; nothing where it is still to be said. */
    load: readonly FilmLoad[] | undefined;
    /** "R-122 · R-123". */
    name: string;
    rolls: readonly string[];
    /** The holders, in the order in which they are emptied. */
    holders: readonly string[];
    /** Nobody has developed a film here yet. */
    firstTime: boolean;
  }
  const { load, name, rolls, holders, firstTime }: Props = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  /** In the dark a reload must lead back to where the hands are. */
  const kept = keptState('katachron-lights-out', { of: '', at: '', format: 'small-36' });
  const of = $derived(rolls.join());
  const format = $derived(filmFormats.find(({ id }) => id === kept.format)?.id ?? 'small-36');
  const { things, steps } = $derived(beforeLightsOut(load ?? [{ format, count: 1 }]));
  const toTick = $derived([
    ...things,
    ...(holders.length > 0 ? [`holders in this order: ${holders.join(', ')}`] : []),
    ...(firstTime ? ['once in the light, with a spoiled roll: eyes open, then shut'] : []),
  ]);
  let ticked = $state<readonly string[]>([]);
  /** The step that the hands are at; none before the lights are out. */
  const at = $derived(
    kept.of === of && /^\d{1,2}$/.test(kept.at)
      ? Math.min(Number(kept.at), steps.length)
      : undefined,
  );
  let asked = $state(false);
  onMount(() => {
    // In the light nobody is in the middle of it.
    if (desk.light !== 'dark' || kept.of !== of) begin('');
  });
  const step = $derived(at === undefined ? undefined : steps[at]);
  const count = $derived(`${(at ?? 0) + 1} of ${steps.length}`);
  const missing = $derived(toTick.filter((thing) => !ticked.includes(thing)));
  const main = $derived(
    at === undefined
      ? {
          words: asked ? 'Yes, all within reach: lights out' : 'All within reach: lights out',
          run: lightsOut,
        }
      : step
        ? { words: 'Done: the next step', run: next }
        : { words: 'To the film', run: leave },
  );

  useKeys([
    { key: ' ', does: 'all within reach; then the next step', run: () => main.run(), always: true },
    { key: 'z', does: 'the step before once more', run: before },
    { key: 'Escape', does: 'back to Tonight', run: () => void goto('/') },
  ]);

  function begin(step: string) {
    kept.of = of;
    kept.at = step;
  }

  function lightsOut() {
    if (ticked.length === 0 && !asked) {
      asked = true;
      return;
    }
    begin('0');
    desk.setLight('dark');
    speak();
  }

  function next() {
    begin(String((at ?? -1) + 1));
    speak();
  }

  function before() {
    if (at !== undefined && at > 0) begin(String(at - 1));
    speak();
  }

  function leave() {
    begin('');
    const [first] = rolls;
    void goto(first === undefined ? '/film' : rollHref(first));
  }

  /** What is done, and what it feels like: there is nothing to be read. */
  function speak() {
    wetSide.say(
      step
        ? `${step.does} ${step.feel} If it binds: ${step.binds}`
        : 'The tank is closed. Hold anywhere for two seconds to come back.',
    );
  }

  function tick(thing: string, on: boolean) {
    asked = false;
    ticked = on ? [...ticked, thing] : ticked.filter((other) => other !== thing);
  }
</script>

<h1 class="heading break-words">Before the lights go out{name ? `: ${name}` : ''}</h1>
{#if at === undefined}
  {#if !load}
    <p class="mt-2 text-lg text-soft">
      The film is
      <SlotChoice
        label="The format"
        bind:value={() => format, (id: FilmFormatId) => (kept.format = id)}
        options={filmFormats.map(({ id, name: called }) => ({ id, name: called }))}
      />.
    </p>
  {/if}
  <p class="reason mt-2 text-soft">
    Within reach, in the order of the hands. A dark screen still glows, and any light fogs film: the
    phone lies face down, and what is to be done is heard.
  </p>
  <ul class="mt-3 max-w-2xl">
    {#each toTick as thing (thing)}
      <li class="border-b border-hair">
        <label class="flex min-h-14 items-center gap-3 text-lg"
          ><input
            type="checkbox"
            class="tick"
            onclick={(event) => event.detail > 0 && event.currentTarget.blur()}
            bind:checked={() => ticked.includes(thing), (on) => tick(thing, on)}
          />{capital(thing)}</label
        >
      </li>
    {/each}
  </ul>
  {#if asked && ticked.length === 0}
    <p class="reason mt-2 text-caution" role="status">
      Nothing is ticked. What is missed in the dark is not found there: is all of it within reach?
    </p>
  {/if}
  {#if missing.length > 0 && ticked.length > 0}
    <p class="reason mt-2 text-caution" role="status">
      Still to be laid out: {missing.join('; ')}.
    </p>
  {/if}
{:else if step}
  <div data-testid="loading-step" aria-live="polite">
    <p class="mt-4 text-2xl text-soft">{count}</p>
    <p class="mt-2 max-w-3xl text-[38px] font-[600] leading-tight">{step.does}</p>
    <p class="mt-3 text-2xl text-soft">{step.feel}</p>
    <p class="mt-3 text-2xl text-caution">If it binds: {step.binds}</p>
  </div>
{:else}
  <p class="mt-4 text-[38px] font-[600]" data-testid="loading-step">The tank is closed.</p>
{/if}
<div class="in-sight mt-6">
  <div class="flex flex-wrap gap-3">
    <Button main keyHint="Space" onclick={() => main.run()}>{main.words}</Button>
    {#if at !== undefined && at > 0 && step}
      <Button keyHint="Z" onclick={before}>One back</Button>
    {/if}
    <Button href="/">Back to Tonight</Button>
  </div>
</div>
