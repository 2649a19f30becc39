<script lang="ts">
  import { tick } from 'svelte';
  import Said from '../../kit/Said.svelte';
  import { readPlaces, readWords } from './read-places.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const read = $derived(draft.readings && readPlaces(draft.readings, draft).read);
  let showsEvidence = $state(false);
  let forgetButton = $state<HTMLElement>();
  let rememberButton = $state<HTMLElement>();

  /** What is pressed goes away: the focus stays where it can be taken back. */
  export async function forget() {
    draft.forgetBeforeMs = Date.now();
    await tick();
    rememberButton?.focus({ preventScroll: true });
  }

  async function remember() {
    delete draft.forgetBeforeMs;
    await tick();
    forgetButton?.focus({ preventScroll: true });
  }
</script>

{#if read}
  <p class="text-[15px] text-soft" data-testid="read">
    <Said words={readWords(draft.readings!, read, view.now.setup)} />
    <a class="slot-in inline-flex min-h-9 items-center" href="{print.path}/readings">See it</a>
    <button
      class="slot-in ml-3 min-h-9"
      onclick={() => (draft.readings!.leftOut = !draft.readings!.leftOut)}
      >{draft.readings?.leftOut ? 'Let it count' : 'Leave it out'}</button
    >
  </p>
{/if}
{#if view.learned}
  <p class="text-[15px] text-soft">
    <Said words={view.learned} />
    <button
      class="slot-in min-h-9"
      aria-expanded={showsEvidence}
      onclick={() => (showsEvidence = !showsEvidence)}>Show it</button
    >
    <a class="slot-in inline-flex min-h-9 items-center" href="/print/practice">Practise</a>
    <button bind:this={forgetButton} class="slot-in min-h-9" onclick={() => void forget()}
      >Forget it</button
    >
  </p>
  {#if showsEvidence}
    <ul class="text-[15px]" aria-label="What it learned from">
      {#each view.taughtBy ?? [] as print (print.id)}
        <li class="flex items-center gap-x-4 border-b border-hair">
          <a
            class="min-w-0 flex-1 break-words underline-offset-4 hover:underline"
            href="/logbook/prints/{print.id}"
            >{print.title}, {print.strips.length}
            {print.strips.length === 1 ? 'strip' : 'strips'}</a
          >
          <button
            class="min-h-9 text-soft"
            aria-label="Leave {print.title} out"
            onclick={() => (draft.leftOut = [...(draft.leftOut ?? []), print.id].slice(-12))}
            >leave out</button
          >
        </li>
      {/each}
    </ul>
  {/if}
{/if}
{#if view.lagFound !== undefined}
  <p class="text-[15px] text-soft">
    <Said
      words={`The strips tell the lamp’s lag: ${view.lagFound} s of light lost at each firing.`}
    />
    <button class="slot-in min-h-9" onclick={() => void print.writeLag(view.lagFound!)}
      >Write it down{view.now.enlarger ? ` for ${view.now.enlarger.name}` : ''}</button
    >
  </p>
{/if}
{#if view.dry}
  <p class="text-[15px] text-soft">
    <Said words={view.dry} />
    <button
      class="slot-in min-h-9"
      onclick={() => (draft.dryDown = view.dryTakenStops === undefined)}
      >{view.dryTakenStops !== undefined
        ? 'It is taken off: judge strips dry'
        : 'Take it off the time'}</button
    >
  </p>
{/if}
{#if draft.leftOut && draft.leftOut.length > 0}
  <p class="text-[15px] text-soft">
    {draft.leftOut.length === 1 ? 'One print is' : `${draft.leftOut.length} prints are`} left out.
    <button class="slot-in min-h-9" onclick={() => delete draft.leftOut}>Take them in again</button>
  </p>
{/if}
{#if !view.learned && draft.forgetBeforeMs !== undefined}
  <p class="text-[15px] text-soft">
    What earlier prints taught is left aside.
    <button bind:this={rememberButton} class="slot-in min-h-9" onclick={() => void remember()}
      >Remember it</button
    >
  </p>
{/if}
