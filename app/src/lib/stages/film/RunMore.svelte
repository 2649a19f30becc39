<script lang="ts">
  import { Popover } from 'bits-ui';
  import { onMount } from 'svelte';
  import { Voice } from '../../bench/clock/voice.ts';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { LEAST_VOLUME, MOST_VOLUME, USUAL_VOLUME } from '../../bench/desk/choices.ts';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import { onEnter } from '../../kit/on-enter.ts';
  import DriftPlot from '../../nouns/roll/DriftPlot.svelte';
  import { driftPlot } from '../../nouns/roll/drift-plot.ts';
  import { quickNotes } from './quick-notes.ts';
  import type { Entry, Run } from './run.svelte.ts';

  interface Props {
    run: Run;
    /** What the panel opens above. */
    controls: HTMLElement | undefined;
  }
  const { run, controls }: Props = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const unit = $derived(desk.preferences.unit);
  const volume = $derived(desk.preferences.volume ?? USUAL_VOLUME);
  let canSpeak = $state(false);
  onMount(() => {
    canSpeak = Voice.available;
  });
  const plot = $derived(
    run.opened === 'plot' && run.plotFacts ? driftPlot(run.plotFacts) : undefined,
  );

  /** What is typed during a run: its question, and what becomes of the answer. */
  const entries: Record<Entry, { label: string; hint: string; keep: () => void }> = $derived({
    temperature: {
      label: run.beforeDeveloper
        ? `Just before you pour: developer reads, °${unit}`
        : `Developer or bath reads, °${unit}`,
      hint: [
        run.beforeDeveloper ? 'The plan changes with it.' : 'Kept with the roll.',
        desk.thermometer && `By ${desk.thermometer.name}, corrected.`,
      ]
        .filter(Boolean)
        .join(' '),
      keep: () => run.keepTemperature(),
    },
    late: {
      label: 'I poured this long ago',
      hint: 'Seconds, or 1:20. Moves the start of this bath.',
      keep: () => run.keepLate(),
    },
    note: { label: 'What happened', hint: 'Kept with the roll.', keep: () => run.keepNote() },
  });
  const entry = $derived(
    run.opened === 'plot' || run.opened === 'more' || !run.opened ? undefined : run.opened,
  );

  function louder(by: number) {
    desk.set({ volume: Math.min(MOST_VOLUME, Math.max(LEAST_VOLUME, volume + by)) });
    wetSide.tryOut();
  }

  const item = 'flex min-h-14 items-center justify-between gap-4 text-left text-[22px]';
</script>

{#snippet key(letter: string)}
  <kbd class="hidden font-sans text-[14px] text-soft md:inline pointer-coarse:hidden">{letter}</kbd>
{/snippet}

<Popover.Root
  bind:open={
    () => run.opened !== undefined && (run.opened !== 'plot' || run.plotFacts !== undefined),
    (wanted) => (wanted ? (run.opened = 'more') : run.close())
  }
>
  <Popover.Trigger
    class="inline-flex min-h-14 items-center justify-center rounded-xl border-2 border-hair px-5 text-[22px] font-[600] max-md:flex-1 max-md:px-2 max-md:[font-stretch:80%] low:min-h-11 low:px-2 low:text-[17px] tiny:min-h-11 tiny:text-[17px]"
    >More</Popover.Trigger
  >
  <Popover.Portal>
    <Popover.Content
      side="top"
      sideOffset={10}
      collisionPadding={12}
      customAnchor={entry ? controls : null}
      class="z-30 max-h-[min(calc(100dvh-24px),var(--bits-popover-content-available-height))] {run.opened ===
      'plot'
        ? 'w-[min(560px,calc(100vw-24px))]'
        : 'w-[min(400px,calc(100vw-24px))]'} overflow-auto rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-5"
    >
      {#if entry}
        <label class="block text-[17px] text-soft" for="run-{entry}">{entries[entry].label}</label>
        <input
          id="run-{entry}"
          class="field w-full {entry === 'note' ? 'text-[22px]' : 'numeral text-[44px]'}"
          bind:value={run.typed}
          inputmode={entry === 'note' ? 'text' : 'decimal'}
          maxlength={entry === 'note' ? 1000 : 12}
          autocomplete="off"
          spellcheck="false"
          aria-invalid={run.trouble !== undefined}
          aria-describedby="run-told"
          onkeydown={onEnter(entries[entry].keep)}
        />
        <p
          id="run-told"
          class="mt-2 {run.trouble ? 'text-trouble' : 'text-soft'}"
          role={run.trouble ? 'alert' : undefined}
        >
          {run.trouble ?? entries[entry].hint}
        </p>
        <div class="mt-3 flex gap-3">
          <Button main onclick={entries[entry].keep}>Save</Button>
          <Button onclick={() => run.close()}>Cancel</Button>
        </div>
      {:else if plot}
        <DriftPlot {plot} label="Temperature of the developer, planned and read" />
      {:else}
        <div class="grid">
          <button class={item} onclick={() => run.open('late')}
            >I poured earlier{@render key('L')}</button
          >
          <button class={item} onclick={() => run.open('note')}>Note{@render key('N')}</button>
          {#if run.running}
            {#each quickNotes as { key: letter, word, note } (letter)}
              <button
                class={item}
                onclick={() => {
                  run.close();
                  run.quickNote(note);
                }}>{word}{@render key(letter)}</button
              >
            {/each}
            <span class="contents md:hidden">
              <button
                class={item}
                onclick={() => {
                  run.close();
                  run.minuteMore();
                }}>+ 1:00, a minute more</button
              >
              {#if run.moment.next}
                <button
                  class={item}
                  onclick={() => {
                    run.close();
                    run.leaveOut();
                  }}>Skip the next bath</button
                >
              {/if}
            </span>
          {/if}
          {#if run.plotFacts}
            <button class={item} onclick={() => (run.opened = 'plot')}
              >Drift, drawn{@render key('G')}</button
            >
          {/if}
          <div class={item}>
            <button
              class="min-h-14 flex-1 text-left"
              aria-pressed={desk.preferences.soundOn}
              onclick={() => desk.set({ soundOn: !desk.preferences.soundOn })}
              >Sound {desk.preferences.soundOn ? 'on' : 'off'}</button
            >
            {#if desk.preferences.soundOn}
              <span class="flex items-center" role="group" aria-label="Volume">
                <button class="min-h-14 min-w-14" aria-label="Quieter" onclick={() => louder(-1)}
                  >−</button
                >
                <span aria-live="polite">{volume}</span>
                <button class="min-h-14 min-w-14" aria-label="Louder" onclick={() => louder(1)}
                  >+</button
                >
              </span>
            {/if}
            {@render key('S')}
          </div>
          {#if desk.preferences.soundOn && canSpeak}
            <button
              class={item}
              aria-pressed={desk.preferences.spoken ?? false}
              onclick={() => desk.set({ spoken: !(desk.preferences.spoken ?? false) })}
              >Voice {desk.preferences.spoken ? 'on' : 'off'}</button
            >
          {/if}
          {#if run.running}
            <button class={item} onclick={() => run.stop()}>Stop this run{@render key('E')}</button>
          {/if}
          <a class={item} href="/film">Close (the clock goes on){@render key('Esc')}</a>
        </div>
      {/if}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
