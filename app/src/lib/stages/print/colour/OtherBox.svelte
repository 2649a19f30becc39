<script lang="ts">
  import type { ColourHead } from '@katachron/core';
  import Button from '../../../kit/Button.svelte';
  import Field from '../../../kit/Field.svelte';
  import type { ShelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import type { ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import type { NextColour } from './colour-view.ts';
  import { onAnotherBox } from './starts.ts';
  import { readCorrection } from './typed.ts';

  interface Props {
    hand: ShelfInHand<ColourPrintBody>;
    head: ColourHead;
    next: NextColour;
  }
  const { hand, head, next }: Props = $props();
  let box = $state('');
  let says = $state('');
  let trouble = $state<string>();

  async function carry() {
    const carried = attempt(() => {
      const correction = readCorrection(says) ?? { c: 0, m: 0, y: 0, stops: 0 };
      return onAnotherBox(hand.now, box.trim(), correction, next, head);
    });
    trouble = carried.trouble;
    if (!carried.value) return;
    if (!(await hand.write(carried.value))) return;
    box = '';
    says = '';
  }
</script>

<details class="not-printed mt-6">
  <summary class="min-h-11 cursor-pointer py-2 font-[600]">Print it again on another box</summary>
  <div class="mt-1 grid max-w-3xl grid-cols-1 gap-x-10 md:grid-cols-2">
    <Field id="other-box" label="The new box" hint="As box 3." bind:value={box} />
    <Field
      id="other-box-says"
      label="It says to add, C M Y"
      hint="As 0 5 −10; a fourth number is stops more light."
      maxlength={40}
      bind:value={says}
      {trouble}
    />
  </div>
  <Button onclick={() => void carry()}>Carry the pack over</Button>
</details>
