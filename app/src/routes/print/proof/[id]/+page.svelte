<script lang="ts">
  import { goto } from '$app/navigation';
  import { put } from '$lib/kit/client.ts';
  import type { Proof, ProofBody, ProofPicture } from '$lib/nouns/proof/contract.ts';
  import { frameRatings, type FrameRating } from '$lib/nouns/proof/ratings.ts';
  import Thumb from '$lib/nouns/picture/Thumb.svelte';
  import { frameParts } from '$lib/nouns/proof/cells.ts';
  import ProofPicturePut from '$lib/stages/print/ProofPicturePut.svelte';
  import ProofSheets from '$lib/stages/print/ProofSheets.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import {
    frameLine,
    framesOf,
    readError,
    toPrint,
    withFrame,
    type Frame,
  } from '$lib/nouns/proof/frames.ts';
  import { negativeName } from '$lib/nouns/negative/name.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import { putInHand } from '$lib/nouns/in-hand/held.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotOnLeave from '$lib/kit/SlotOnLeave.svelte';

  const { data } = $props();
  const bodyOf = ({ id: _id, version: _version, ...body }: Proof): ProofBody => body;
  // What is rated here is this page's own from here on.
  /* svelte-ignore state_referenced_locally */
  let proof = $state.raw<ProofBody>(
    data.proof ? bodyOf(data.proof) : { name: data.roll.title, frames: [] },
  );
  /* svelte-ignore state_referenced_locally */
  let version = data.proof?.version;
  let before = $state.raw<readonly ProofBody[]>([]);
  let selected = $state(1);
  let problem = $state<string>();
  let typedError = $state<string>();
  /** Writes go one after the other, each on the version of the one before. */
  let writing: Promise<void> = Promise.resolve();

  /** The picture that is being cut now. */
  let cutting = $state.raw<ProofPicture>();
  const parts = $derived(frameParts(proof.picture));
  const frames = $derived(framesOf(data.roll, proof));
  const frame = $derived(frames.find(({ number }) => number === selected) ?? frames[0]);
  const list = $derived(toPrint(frames));
  const errorTrouble = $derived(
    typedError === undefined ? undefined : readError(typedError).trouble,
  );
  /** So many stand in a row on a wide screen; up and down go by it. */
  const ROW = 12;
  const words: Record<FrameRating, string> = { pick: 'pick', maybe: 'maybe', no: 'no' };

  useKeys([
    { key: 'ArrowRight', does: 'next frame', run: () => go(1) },
    { key: 'ArrowLeft', does: 'frame before', run: () => go(-1) },
    { key: 'ArrowDown', does: 'frame below', run: () => go(ROW) },
    { key: 'ArrowUp', does: 'frame above', run: () => go(-ROW) },
    { key: 'p', does: 'pick', run: () => rate('pick') },
    { key: 'm', does: 'maybe', run: () => rate('maybe') },
    { key: 'n', does: 'no', run: () => rate('no') },
    { key: 'z', does: 'take the last change back', run: undo },
    { key: 'Escape', does: 'back to the proof', run: () => void goto('/print/proof') },
  ]);

  function go(by: number) {
    selected = Math.min(frames.length, Math.max(1, selected + by));
    typedError = undefined;
  }

  function change(part: Partial<Frame>) {
    if (!frame) return;
    before = [...before, proof];
    keep(withFrame(proof, { ...frame, ...part }));
  }

  /** The same rating again takes it away. */
  function rate(rating: FrameRating) {
    const { rating: _rating, ...rest } = frame!;
    before = [...before, proof];
    keep(withFrame(proof, frame!.rating === rating ? rest : { ...rest, rating }));
  }

  function setError(text: string) {
    typedError = text;
    const read = readError(text);
    if (read.trouble !== undefined) return;
    const { errorStops: _error, ...rest } = frame!;
    before = [...before, proof];
    keep(withFrame(proof, read.value === undefined ? rest : { ...rest, errorStops: read.value }));
    typedError = undefined;
  }

  function setPicture(picture: ProofPicture | undefined) {
    const { picture: _picture, ...rest } = proof;
    before = [...before, proof];
    keep({ ...rest, ...(picture && { picture }) });
  }

  function cut(picture?: ProofPicture) {
    cutting = undefined;
    if (picture) setPicture(picture);
  }

  function undo() {
    const last = before.at(-1);
    if (!last) return;
    before = before.slice(0, -1);
    keep(last);
  }

  function keep(body: ProofBody) {
    proof = body;
    writing = writing.then(async () => {
      const outcome = await put<Proof>(`/api/v1/proofs/${data.roll.id}`, body, version);
      problem = outcome.problem?.detail;
      if (outcome.value) ({ version } = outcome.value);
    });
  }

  /** A print begins with this frame. */
  async function print({ number }: Frame) {
    const negative = negativeName(data.roll, number);
    const id = newId();
    const outcome = await putInHand(id, { ...data.begun, negative });
    problem = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/${id}`);
  }
</script>

<svelte:head><title>Frames of {data.roll.title} · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading break-words">Frames of {data.roll.title}</h1>
{#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
<div class="mt-4 grid grid-cols-1 gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_340px]">
  <section aria-label="Frames">
    {#if cutting}
      {#await import('$lib/stages/print/ProofCut.svelte') then { default: ProofCut }}
        <ProofCut picture={cutting} ondone={cut} />
      {/await}
    {:else}
      <div class="grid grid-cols-6 gap-2 md:grid-cols-12">
        {#each frames as one (one.number)}
          {@const part = parts.get(one.number)}
          <button
            type="button"
            class="flex min-h-16 flex-col items-center {part
              ? ''
              : 'justify-center'} rounded-sm border-2 {one.number === selected
              ? 'border-rim'
              : 'border-hair'} {one.rating === 'pick' ? 'bg-rim text-on-rim' : ''}"
            aria-label="Frame {one.number}{one.rating ? `, ${words[one.rating]}` : ''}"
            aria-pressed={one.number === selected}
            onclick={() => {
              selected = one.number;
              typedError = undefined;
            }}
          >
            {#if part}<Thumb of={part} class="w-full" />{/if}
            <span class="font-[620] {one.rating === 'no' ? 'line-through' : ''}">{one.number}</span>
            <span class="text-[14px]">{one.rating ?? ''}</span>
          </button>
        {/each}
      </div>
      {#if frame}
        {@const part = parts.get(frame.number)}
        <div class="mt-5 flow-root" aria-live="polite">
          {#if part}<Thumb of={part} class="mr-6 mb-3 w-60 md:float-left" />{/if}
          <p class="text-lg font-[600]">
            Frame {frame.number}{frame.subject ? `: ${frame.subject}` : ''}
          </p>
          <div class="mt-2 flex flex-wrap gap-3" role="group" aria-label="Rating">
            {#each frameRatings as rating (rating)}
              <button
                type="button"
                class="inline-flex min-h-14 items-center gap-4 rounded-xl border-2 px-6 font-[600] {frame.rating ===
                rating
                  ? 'border-rim'
                  : 'border-hair'}"
                aria-pressed={frame.rating === rating}
                onclick={() => rate(rating)}
                >{words[rating]}<kbd class="hidden font-sans text-[14px] font-normal md:inline"
                  >{words[rating][0]!.toUpperCase()}</kbd
                ></button
              >
            {/each}
          </div>
          <p class="mt-3 text-lg leading-loose text-soft">
            Exposure
            <SlotOnLeave
              label="Exposure error, stops"
              value={typedError ?? (frame.errorStops === undefined ? '' : String(frame.errorStops))}
              onset={setError}
              empty="as it should be"
              after=" stop"
              maxlength={8}
              trouble={errorTrouble}
              hint="Too light on the proof is an overexposed negative: +1. Too dark: −1."
            />, crop
            <SlotOnLeave
              label="Crop idea"
              value={frame.crop ?? ''}
              onset={(crop) => change({ crop })}
              empty="none yet"
              maxlength={120}
              hint="In words: square, without the door."
            />.
          </p>
          {#if errorTrouble}<p class="text-trouble" role="alert">{errorTrouble}</p>{/if}
        </div>
      {/if}
      <ProofPicturePut
        picture={proof.picture}
        frames={frames.length}
        onput={(picture) => (cutting = picture)}
        onchange={() => (cutting = proof.picture)}
        onoff={() => setPicture(undefined)}
      />
    {/if}
    {#if before.length > 0}
      <button class="min-h-11 text-[15px] text-soft underline decoration-hair" onclick={undo}
        >Take the last change back</button
      >
    {/if}
  </section>
  <section aria-label="To print">
    <h2 class="heading">To print</h2>
    <ul class="mt-2">
      {#each list as one (one.number)}
        {@const part = parts.get(one.number)}
        <li class="flex items-center gap-3 border-b border-hair py-1.5">
          {#if part}<Thumb of={part} class="h-12 w-16 shrink-0 text-center" />{/if}
          <p class="min-w-0 flex-1 break-words">
            <b class="font-[560]">Frame {one.number}</b>{one.rating === 'maybe' ? ', maybe' : ''}
            <span class="block text-[15px] text-soft">{frameLine(one)}</span>
          </p>
          <button class="min-h-11 underline decoration-hair" onclick={() => print(one)}
            >Print it</button
          >
        </li>
      {:else}
        <li class="reason">
          Pick frames, and they stand here in the order in which to print them.
        </li>
      {/each}
    </ul>
    <ProofSheets sheets={proof.sheets ?? []} trays={data.trays} />
  </section>
</div>
