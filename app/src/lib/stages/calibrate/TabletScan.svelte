<script lang="ts">
  import type { At } from '@katachron/core';
  import Button from '../../kit/Button.svelte';
  import { send } from '../../kit/client.ts';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import Corners from '../../nouns/picture/Corners.svelte';
  import PictureFile from '../../nouns/picture/PictureFile.svelte';
  import type { Picture } from '../../nouns/picture/contract.ts';
  import type { ScanAnswer } from '../../nouns/calibration/scan-contract.ts';
  import { attempt } from '../../words/attempt.ts';
  import { upload } from '../../nouns/picture/upload.ts';
  import { SAMPLE_REFERENCE, sampleScan } from './sample-scan.ts';
  import { readReference, scanWithin, scanWords } from './scan-view.ts';

  interface Props {
    patches: number;
    /** The densities were looked at and are to be taken. */
    ontaken: (densities: readonly number[], within: string) => void;
  }
  const { patches, ontaken }: Props = $props();
  // One reference lies beside every scan: it is typed once.
  const kept = keptState<{ reference: string }>('katachron-reference', { reference: '' });
  const reference = $derived(attempt(() => readReference(kept.reference)));
  let picture = $state.raw<Picture>();
  /** A raw or linear scan has no usual tone curve. */
  let ownTone = $state(false);
  let problem = $state<string>();
  let answer = $state.raw<ScanAnswer>();
  /** The strip whose corners are under the hands. */
  let strip = $state<'tablet' | 'reference'>('tablet');
  let corners = $state<{ tablet: At[]; reference: At[] }>();
  let width = $state(0);
  const height = $derived(picture ? Math.round((width * picture.height) / picture.width) : 0);
  const patchesShown = $derived(
    [answer?.steps ?? [], answer?.reference ?? []].flatMap((row) =>
      row.map(({ x, y }, at) => ({ number: at + 1, across: x * width, down: y * height })),
    ),
  );
  const strips = [
    { id: 'tablet', name: 'the tablet' },
    { id: 'reference', name: 'the reference' },
  ] as const;
  const usualCorners = (top: number): At[] => [
    { x: 0.1, y: top },
    { x: 0.9, y: top },
    { x: 0.9, y: top + 0.2 },
    { x: 0.1, y: top + 0.2 },
  ];

  async function read(byHand: boolean) {
    if (!picture || !reference.value) return;
    const outcome = await send<ScanAnswer>(
      `/api/v1/pictures/${picture.id}/tablet`,
      JSON.stringify({
        patches,
        reference: reference.value,
        ...(ownTone && { ownTone }),
        ...(byHand && corners && { corners: $state.snapshot(corners) }),
      }),
      'application/json',
    );
    problem = outcome.problem?.detail;
    answer = outcome.value;
    corners = outcome.value
      ? {
          tablet: [...outcome.value.corners.tablet],
          reference: [...outcome.value.corners.reference],
        }
      : (corners ?? { tablet: usualCorners(0.2), reference: usualCorners(0.6) });
  }

  /** Somebody who has no scan yet sees how one is read. */
  async function trySample() {
    problem = undefined;
    const outcome = await upload(await sampleScan());
    problem = outcome.problem;
    if (!outcome.picture) return;
    kept.reference = SAMPLE_REFERENCE.map((density) => density.toFixed(2)).join(' ');
    put(outcome.picture);
  }

  function put(given: Picture) {
    picture = given;
    answer = undefined;
    corners = undefined;
    void read(false);
  }
</script>

<div class="mt-3 max-w-2xl">
  <label class="text-soft" for="reference-densities"
    >Densities of the reference, its clearest first</label
  >
  <input
    id="reference-densities"
    class="field w-full text-[17px]"
    maxlength="500"
    autocomplete="off"
    aria-describedby="reference-told"
    aria-invalid={kept.reference.trim() !== '' && reference.trouble !== undefined}
    bind:value={kept.reference}
  />
  <p id="reference-told" class="mt-1 text-[15px] text-soft">
    {kept.reference.trim() === '' || !reference.trouble
      ? 'As 0.05 0.20 0.36 …; the tablet lies above, the reference below it, white around both, every automatic correction off.'
      : reference.trouble}
  </p>
  <label class="flex min-h-11 items-center gap-2"
    ><input
      class="tick"
      type="checkbox"
      bind:checked={ownTone}
      onchange={() => picture && void read(false)}
    />The scan has a tone curve of its own: raw, or linear</label
  >
  <p class="flex flex-wrap gap-x-5">
    {#if reference.value}
      <PictureFile words="The scan or photo" bind:problem onput={put} />
    {/if}
    {#if kept.reference.trim() === ''}
      <button class="slot-in min-h-11" type="button" onclick={() => void trySample()}
        >Try it with the sample scan</button
      >
    {/if}
  </p>
  {#if problem}<p class="mt-1 text-trouble" role="alert">{problem}</p>{/if}
</div>
{#if picture && corners}
  <div class="relative mt-3 w-fit max-w-full touch-none" bind:clientWidth={width}>
    <span class="thumb"
      ><img
        class="max-h-[70dvh] w-auto"
        src="/api/v1/pictures/{picture.id}/preview"
        alt="The tablet and its reference"
        width={picture.width}
        height={picture.height}
      /></span
    >
    <Corners
      bind:corners={() => corners![strip], (moved) => (corners![strip] = moved)}
      {width}
      {height}
      label="Corners of {strip === 'tablet' ? 'the tablet' : 'the reference'}"
    >
      {#each patchesShown as patch, index (index)}
        <text
          x={patch.across}
          y={patch.down}
          class="font-sans text-[14px] font-[650]"
          text-anchor="middle"
          dominant-baseline="central"
          fill="var(--ink)"
          stroke="var(--ground)"
          stroke-width="4"
          paint-order="stroke">{patch.number}</text
        >
      {/each}
    </Corners>
  </div>
  <div
    class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2"
    role="group"
    aria-label="Corners by hand"
  >
    {#each strips as { id, name } (id)}
      <button
        type="button"
        class="min-h-11 border-b-[3px] border-transparent text-soft aria-pressed:border-rim aria-pressed:text-ink"
        aria-pressed={strip === id}
        onclick={() => (strip = id)}>Corners of {name}</button
      >
    {/each}
    <Button onclick={() => void read(true)}>Read it with these corners</Button>
    <Button onclick={() => void read(false)}>Find the strips again</Button>
  </div>
{/if}
{#if answer}
  <section class="mt-3" aria-label="What the scan says" aria-live="polite">
    {#each scanWords(answer) as sentence (sentence)}<p class="reason mt-1">{sentence}</p>{/each}
    <p class="mt-2 break-words text-[15px]" data-testid="scanned">
      {answer.steps.map(({ density }) => density.toFixed(2)).join(' · ')}
    </p>
    <div class="mt-3">
      <Button
        onclick={() =>
          ontaken(
            answer!.steps.map(({ density }) => density),
            scanWithin(answer!),
          )}>Take these densities</Button
      >
    </div>
  </section>
{/if}
