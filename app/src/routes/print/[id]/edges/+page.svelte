<script lang="ts">
  import { goto } from '$app/navigation';
  import AskedPart from '$lib/kit/AskedPart.svelte';
  import Button from '$lib/kit/Button.svelte';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import Field from '$lib/kit/Field.svelte';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { MOST_AREAS } from '$lib/nouns/print/limits.ts';
  import { edgesView, usualEdges, type EdgesForm } from '$lib/stages/print/edges-view.ts';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { enlargerSeconds } from '$lib/words/duration.ts';
  import { plainStops } from '$lib/words/fraction.ts';

  const print = usePrint();
  const form = keptState<EdgesForm>('katachron-edges', usualEdges);
  const answer = $derived(print.view().printSeconds);
  const lamp = $derived({
    lagSeconds: print.view().lagSeconds,
    timerStepSeconds: print.view().timerStep,
  });
  const view = $derived(edgesView(form, answer, lamp, print.keptFallOff));
  /** What went into the plan, said where it was asked for. */
  let told = $state<{ readonly id: 'corners' | 'key'; readonly words: string }>();
  type Line = FieldLine<keyof EdgesForm & string>;

  interface Part {
    readonly id: 'corners' | 'key' | 'burn';
    readonly name: string;
    readonly lines: readonly Line[];
  }
  const parts: readonly Part[] = [
    {
      id: 'corners',
      name: 'Corners',
      lines: [
        { name: 'fallOff', label: 'They lack, stops', hint: 'As ½: by a strip, or by eye.' },
        { name: 'focal', label: 'Focal length, mm', hint: 'What the lens alone takes …' },
        { name: 'magnification', label: 'Enlarged, times', hint: '… needs these three.' },
        { name: 'radius', label: 'Corner from the middle, mm', hint: 'On the negative.' },
      ],
    },
    {
      id: 'key',
      name: 'A key line',
      lines: [
        { name: 'black', label: 'Maximum black, s', hint: 'Its minimum time, through clear film.' },
        { name: 'density', label: 'Clear film, density', hint: 'As 0.28: base and fog.' },
      ],
    },
    {
      id: 'burn',
      name: 'A long burn, the lens opened',
      lines: [
        { name: 'burn', label: 'The burn, stops', hint: 'As 1½.' },
        { name: 'wider', label: 'Opened by, stops', hint: 'As 1.' },
      ],
    },
  ];

  useKeys([
    { key: 'c', does: 'the corners into the plan', run: intoPlan },
    { key: 'm', does: 'keep the corners with the enlarger', run: () => void keepCorners() },
    { key: 'k', does: 'the key line into the plan', run: keyLineIntoPlan },
    { key: 'Escape', does: 'back to the print', run: () => void goto(print.path) },
  ]);

  /** The corners are one of the print's burns: the same name again is the same burn. */
  function intoPlan() {
    const { cornerStops } = view;
    if (cornerStops === undefined) return;
    const others = print.draft.areas.filter(({ name }) => name !== 'Corners');
    if (others.length >= MOST_AREAS) {
      told = {
        id: 'corners',
        words: `A print has up to ${MOST_AREAS} burns and dodges: leave one out first.`,
      };
      return;
    }
    const stops = `+${plainStops(cornerStops)}`;
    print.draft.areas = [...others, { name: 'Corners', stops, shape: { kind: 'corners' } }];
    told = { id: 'corners', words: `Corners ${stops} stop is one of the print’s burns now.` };
  }

  async function keepCorners() {
    const { cornerStops } = view;
    if (cornerStops === undefined) return;
    const trouble = await print.keepFallOff(cornerStops);
    const { enlarger, aperture = '' } = print.draft;
    told = {
      id: 'corners',
      words:
        trouble ??
        `Kept: the corners of ${enlarger.trim()} lack ${plainStops(cornerStops)} stop at f/${aperture.trim()}.`,
    };
  }

  function keyLineIntoPlan() {
    const { keyLineSeconds } = view;
    if (keyLineSeconds === undefined) return;
    print.draft.keyLine = String(Number(keyLineSeconds.toFixed(2)));
    told = {
      id: 'key',
      words: `The key line is the plan’s last firing now: ${print.draft.keyLine} s of light.`,
    };
  }
</script>

<svelte:head><title>Edges · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading">Edges and long burns</h1>
<div class="mt-3 max-w-[260px]">
  <Field
    id="base"
    label="The sheet gets, s"
    hint={answer === undefined
      ? 'A strip that was read fills it in.'
      : `Left empty: the answer, ${enlargerSeconds(answer, lamp.timerStepSeconds)} s.`}
    maxlength={12}
    numeric
    bind:value={form.base}
    trouble={view.troubles.base}
  />
</div>
{#each parts as { id, name, lines } (id)}
  <AskedPart
    {id}
    {name}
    {lines}
    {form}
    troubles={view.troubles}
    said={view[id]}
    empty="How long stands here once it is typed."
  >
    {#if id === 'key' && view.keyLineSeconds !== undefined}
      <p class="mt-3"><Button keyHint="K" onclick={keyLineIntoPlan}>Into the plan</Button></p>
      {#if told?.id === id}<p class="mt-2" role="status">{told.words}</p>{/if}
    {/if}
    {#if id === 'corners' && view.cornerStops !== undefined}
      {#if form.fallOff.trim() === '' && print.keptFallOff !== undefined}
        <p class="mt-2 text-soft">
          {plainStops(print.keptFallOff)} stop, as {print.draft.enlarger.trim()} has it at f/{print.draft.aperture?.trim()}.
        </p>
      {/if}
      <p class="mt-3 flex flex-wrap gap-3">
        <Button keyHint="C" onclick={intoPlan}>Into the plan</Button>
        {#if form.fallOff.trim() !== ''}
          <Button keyHint="M" onclick={() => void keepCorners()}>Keep it with the enlarger</Button>
        {/if}
      </p>
      {#if told?.id === id}<p class="mt-2" role="status">{told.words}</p>{/if}
    {/if}
  </AskedPart>
{/each}
