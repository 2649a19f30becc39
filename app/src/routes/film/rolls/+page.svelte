<script lang="ts">
  import { goto } from '$app/navigation';
  import { filmFormat } from '@katachron/core';
  import { filmOf } from '$lib/nouns/roll/film-of.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { attempt } from '$lib/words/attempt.ts';
  import { pushSentence } from '$lib/words/push.ts';

  const { data } = $props();

  useKeys([
    { key: ' ', does: 'write a roll down', run: () => void goto('/film/rolls/new') },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);
</script>

<svelte:head><title>Exposed rolls · Katachron</title></svelte:head>

<FilmPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Exposed rolls</h1>
  <Button main keyHint="Space" href="/film/rolls/new">New roll</Button>
</div>
<p class="reason mt-2 text-soft">
  They wait for the sink. What was written down with the camera in hand goes with the roll to its
  times, its verdict and its proof.
</p>
<ul class="mt-5">
  {#each data.waiting as roll (roll.id)}
    {@const { film, boxSpeed } = filmOf(roll)}
    <li class="flex flex-wrap items-center gap-x-8 border-b border-hair py-2">
      <div class="min-w-0 flex-1 basis-80">
        <p class="break-words font-[560]">
          <a
            class="underline-offset-4 hover:underline"
            href={roll.exposed ? `/film/rolls/${roll.id}` : `/film/run/${roll.id}`}>{roll.title}</a
          >
        </p>
        <p class="break-words text-[15px] text-soft">
          {[
            film,
            attempt(() => pushSentence(boxSpeed, roll.exposureIndex)).value,
            roll.exposed && filmFormat(roll.exposed.format).name,
            roll.exposed?.camera,
            roll.exposed?.subject,
            roll.exposed?.exposedOn,
          ]
            .filter(Boolean)
            .join('; ')}
        </p>
      </div>
      <p class="flex gap-x-5 text-[15px] text-soft">
        <a
          class="flex min-h-11 items-center font-[600] text-ink"
          href="/film?roll={roll.id}"
          aria-label="Develop {roll.title}">Develop</a
        >
        {#if roll.state === 'planned'}
          <a class="flex min-h-11 items-center" href="/film/run/{roll.id}">To its run</a>
        {/if}
        <a
          class="flex min-h-11 items-center"
          href="/api/v1/rolls/{roll.id}/label.pdf"
          download
          aria-label="Label for a lab, {roll.title}">Label (PDF)</a
        >
      </p>
    </li>
  {:else}
    <li class="reason">No roll waits for the sink.</li>
  {/each}
</ul>
