<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import { goto } from '$app/navigation';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';
  import { MOST_COPIES } from '$lib/nouns/in-hand/limits.ts';
  import { MOST_AREAS } from '$lib/nouns/print/limits.ts';
  import { firingLines, versionNow } from '$lib/stages/print/firing-lines.ts';
  import { planWords } from '$lib/stages/print/plan-words.ts';
  import PlanFiles from '$lib/stages/print/PlanFiles.svelte';
  import PlanPicture from '$lib/stages/print/picture/PlanPicture.svelte';
  import OtherPlans from '$lib/stages/print/OtherPlans.svelte';
  import PlanArea from '$lib/stages/print/PlanArea.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import TestPieces from '$lib/stages/print/TestPieces.svelte';
  import { versionChange } from '$lib/stages/print/version-words.ts';

  const print = usePrint();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const lines = $derived(firingLines(draft, view, 'print'));
  const words = $derived(planWords(draft, view));
  const now = $derived(versionNow(draft, view));
  /** What it is a change of. */
  const before = $derived(draft.versions?.findLast(({ number }) => number < (now?.number ?? 0)));
  let selected = $state<number>();
  const held = $derived(view.areas.some(({ stops = 0 }) => stops < 0));

  useKeys([
    { key: ' ', does: 'fire the print', run: fire },
    { key: 'a', does: 'add an area', run: add },
    {
      key: 't',
      does: 'fire the test pieces',
      run: () => draft.pieces?.length && print.fire('pieces'),
    },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  function add() {
    if (draft.areas.length >= MOST_AREAS) return;
    draft.areas = [...draft.areas, { name: '', stops: '+½' }];
    selected = draft.areas.length - 1;
  }

  let copiesTrouble = $state<string>();
  /** What cannot be read stays as it was typed. */
  let copiesTyped = $state<string>();
  function setCopies(text: string) {
    const many = Number(text.trim() === '' ? 1 : text);
    const sound = Number.isInteger(many) && many >= 1 && many <= MOST_COPIES;
    copiesTrouble = sound ? undefined : `Type how many sheets, 1 to ${MOST_COPIES}.`;
    copiesTyped = sound ? undefined : text;
    if (!sound) return;
    if (many > 1) draft.copies = many;
    else delete draft.copies;
  }

  function fire() {
    if (lines.length > 0) print.fire('print');
    else void goto(print.path);
  }
</script>

<svelte:head><title>Plan · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading">The plan</h1>
<p class="mt-1 text-soft">
  {#if now}Version {now.number}{draft.paper && ` on ${draft.paper}`}{before
      ? `: ${versionChange(before, now, view.set)} against version ${before.number}`
      : ''}.{:else}A print needs a time first: read a strip, and all of this becomes seconds.{/if}
</p>

<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
  <section aria-label="The picture">
    <PlanPicture {print} bind:selected />
  </section>

  <section aria-label="Areas">
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
      {#if now}
        <p class="numeral text-[72px] md:text-[84px]" data-testid="base" {@attach watchNumbers}>
          {view.dial}<span class="text-[0.36em]"> s</span>
          <span class="ml-4">{view.reading?.setting.name}</span>
        </p>
      {/if}
      <Button
        main
        keyHint="Space"
        answer={now && `${view.dial} s, ${view.reading?.setting.name}`}
        onclick={fire}
      >
        {now ? `Fire version ${now.number}` : 'To the strips'}
      </Button>
    </div>
    <ol class="mt-3">
      {#each draft.areas as _, index (index)}
        <PlanArea
          {print}
          {index}
          chosen={selected === index}
          onchoose={() => (selected = selected === index ? undefined : index)}
        />
      {/each}
    </ol>
    <div class="mt-1 flex flex-wrap gap-x-6">
      <button
        class="slot-in min-h-11 text-soft"
        onclick={add}
        disabled={draft.areas.length >= MOST_AREAS}>Add an area</button
      >
      <OtherPlans {print} />
    </div>
    <p class="mt-3 text-[15px] leading-[2.6] text-soft">
      {#if held}
        Held back by
        <SlotChoice
          label="How many hold back"
          bind:value={() => draft.hands ?? 'two', (hands) => (draft.hands = hands)}
          options={[
            { id: 'one', name: 'one hand', more: 'the other one is needed elsewhere' },
            { id: 'two', name: 'two hands' },
          ]}
        />.
      {/if}
      A key line:
      <SlotText
        label="Its light, seconds"
        bind:value={() => draft.keyLine ?? '', (text) => (draft.keyLine = text)}
        empty="none"
        after=" s"
        numeric
        maxlength={8}
        trouble={view.plan.keyLineTrouble}
        hint="A black border by a firing of its own; Edges works it out."
      />. Copies in one go:
      <SlotText
        label="How many copies in one go"
        bind:value={() => copiesTyped ?? String(draft.copies ?? ''), setCopies}
        empty="one"
        numeric
        maxlength={2}
        trouble={copiesTrouble}
        hint="All are exposed before the first goes into the developer."
      />.
      {#if view.flash?.threshold}
        The flash comes
        <SlotChoice
          label="When it is flashed"
          bind:value={
            () => (draft.flashAfter ? 'after' : 'before'),
            (when) => (draft.flashAfter = when === 'after')
          }
          options={[
            { id: 'before', name: 'before the rest' },
            { id: 'after', name: 'after the rest' },
          ]}
        />.
      {/if}
    </p>
    <div role="group" aria-label="What it takes" class="mt-4">
      {#if lines.length > 0}
        <ol data-testid="sequence">
          {#each lines as line, index (index)}
            {@const earlier = lines[index - 1]}
            <li class="flex items-baseline justify-between gap-4 border-b border-hair py-2">
              <span class="min-w-0 break-words">
                {earlier && earlier.filter !== line.filter ? `${line.filter}: ` : ''}{line.hands}
              </span>
              <b class="numeral whitespace-nowrap text-2xl">{line.dial} s</b>
            </li>
          {/each}
        </ol>
      {/if}
      {#each words.sentences as sentence (sentence)}<p class="reason mt-3">{sentence}</p>{/each}
      {#each words.cautions as caution (caution)}
        <p class="reason mt-3 text-caution" role="alert">{caution}</p>
      {/each}
      <TestPieces {print} />
      <PlanFiles {print} />
    </div>
  </section>
</div>
