<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import { put } from '$lib/kit/client.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { bodyOf } from '$lib/nouns/calibration/changes.ts';
  import { hangsOn, type HangsOn } from '$lib/nouns/calibration/kinds/kind.ts';
  import CalibratePages from '$lib/stages/calibrate/CalibratePages.svelte';
  import { hangingOn, nextTest, shelfView } from '$lib/stages/calibrate/shelf-view.ts';

  const { data } = $props();
  const desk = useDesk();
  const groups = $derived(shelfView(data.calibrations, data.nowMs, desk.preferences.unit));
  const next = $derived(nextTest(groups));
  const empty = $derived(data.calibrations.length === 0);
  let changed = $state<HangsOn>('paper');
  let problem = $state<string>();
  let said = $state<string>();

  useKeys([
    { key: ' ', does: 'the next test', run: () => void goto(next.href) },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);

  /** Everything that hangs on what was changed asks for its short check. */
  async function doubtAll() {
    problem = said = undefined;
    const hanging = hangingOn(data.calibrations, changed);
    for (const found of hanging) {
      const outcome = await put(
        `/api/v1/calibrations/${found.id}`,
        { ...bodyOf(found), doubted: { atMs: Date.now(), because: changed } },
        found.version,
      );
      problem ??= outcome.problem?.detail;
    }
    if (!problem) {
      said =
        hanging.length === 0
          ? 'Nothing that was found hangs on it.'
          : `${hanging.length} ${hanging.length === 1 ? 'finding asks' : 'findings ask'} for the short check.`;
    }
    await refresh();
  }
</script>

<svelte:head><title>Calibrate · Katachron</title></svelte:head>

<CalibratePages />
<h1 class="heading">Your film, your paper, your light</h1>
{#if empty}
  <p class="reason mt-2">
    Nothing is tested yet, so usual numbers stand in everywhere. The film’s speed changes the most
    prints: begin with that.
  </p>
{:else}
  <p class="mt-1 text-soft">
    What was changed:
    <SlotChoice
      label="What was changed"
      bind:value={changed}
      options={Object.entries(hangsOn).map(([id, name]) => ({ id: id as HangsOn, name }))}
    />
    <button class="slot-in min-h-11 font-[600]" data-leaves-space onclick={() => void doubtAll()}
      >Ask for its short checks</button
    >
  </p>
  {#if said}<p role="status">{said}</p>{/if}
  {#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
{/if}
<div class="mt-3 grid grid-cols-1 gap-x-14 gap-y-5 lg:grid-cols-3">
  {#each groups as { name, kinds } (name)}
    <section aria-label={name}>
      <h2 class="text-xl font-[620]">{name}</h2>
      <ul>
        {#each kinds as { id, name: kindName, question, found } (id)}
          <li class="border-b border-hair py-2">
            <a
              class="flex min-h-8 items-center font-[560] underline-offset-4 hover:underline max-md:min-h-11"
              href="/calibrate/{id}">{kindName}</a
            >
            {#each found as one (one.found.id)}
              <a
                class="block break-words py-1 underline-offset-4 hover:underline"
                href="/calibrate/found/{one.found.id}"
              >
                <span class="text-lg font-[600]">{one.number}</span>
                <span class="block text-[15px] {one.asks ? 'text-caution' : 'text-soft'}"
                  >{one.line}</span
                >
              </a>
            {:else}
              <p class="text-[15px] text-soft">{question}</p>
            {/each}
          </li>
        {/each}
      </ul>
    </section>
  {/each}
</div>
<div class="in-sight mt-4">
  <Button main keyHint="Space" href={next.href}>{next.words}</Button>
</div>
