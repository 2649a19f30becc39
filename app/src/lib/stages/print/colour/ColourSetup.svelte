<script lang="ts">
  import ShelfSlot from '../../../kit/ShelfSlot.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import type { ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
  import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { correctionText, lightText, readCorrection, readLight } from './typed.ts';

  interface Props {
    body: ColourPrintBody;
    enlargers: readonly Enlarger[];
    papers: readonly string[];
    onset: (change: Partial<ColourPrintBody>) => void;
    /** Something was typed that cannot be right. */
    ontrouble: (trouble: string) => void;
  }
  const { body, enlargers, papers, onset, ontrouble }: Props = $props();

  function setRead<Part extends 'correction' | 'light'>(
    part: Part,
    read: (text: string) => ColourPrintBody[Part],
    text: string,
  ) {
    const { value, trouble } = attempt(() => ({ [part]: read(text) }));
    if (trouble === undefined) onset(value as Partial<ColourPrintBody>);
    else ontrouble(trouble);
  }
</script>

<h1 class="heading break-words">
  <SlotOnLeave
    label="Name of the print"
    value={body.name}
    empty="A colour print"
    maxlength={120}
    onset={(name) => onset({ name: name.trim() || 'A colour print' })}
  />
</h1>
<p class="mt-2 text-lg leading-loose text-soft">
  <SlotOnLeave
    label="The negative"
    value={body.negative}
    empty="which negative"
    onset={(negative) => onset({ negative })}
  />
  under
  <ShelfSlot
    label="The enlarger"
    value={body.enlarger}
    empty="which enlarger"
    names={enlargers.map(({ name }) => name)}
    onchoose={(enlarger) => onset({ enlarger })}
  />,
  <SlotOnLeave
    label="Lens, aperture and height"
    value={body.setup}
    empty="lens, aperture, height"
    maxlength={120}
    onset={(setup) => onset({ setup })}
  />, on
  <ShelfSlot
    label="The paper"
    value={body.paper}
    empty="which paper"
    names={papers}
    onchoose={(paper) => onset({ paper })}
  />,
  <SlotOnLeave
    label="The box"
    value={body.box}
    empty="which box"
    onset={(box) => onset({ box })}
  />, which says
  <SlotOnLeave
    label="What the box says to add, C M Y"
    value={correctionText(body.correction)}
    empty="nothing of itself"
    hint="As 0 5 −10; a fourth number is stops more light."
    maxlength={40}
    onset={(text) => setRead('correction', readCorrection, text)}
  />. The negative’s light:
  <SlotOnLeave
    label="Light of the negative, red green blue"
    value={lightText(body.light)}
    empty="not read"
    hint="Through a diffuser, in the white light of the head, as 10 8 5."
    maxlength={40}
    onset={(text) => setRead('light', readLight, text)}
  />.
</p>
