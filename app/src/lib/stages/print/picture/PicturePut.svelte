<script lang="ts">
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import SlotText from '../../../kit/SlotText.svelte';
  import type { Picture, ShownPicture } from '../../../nouns/picture/contract.ts';
  import { outlines, pictureKinds } from '../../../nouns/picture/kinds.ts';
  import PictureFile from '../../../nouns/picture/PictureFile.svelte';
  import type { PrintInHand } from '../print-in-hand.svelte.ts';
  import { straightNow } from './question.ts';

  interface Props {
    print: PrintInHand;
    /** What its tones are taken to stand for while nobody has said. */
    usual: { readonly whiteCode: number; readonly highlightCode: number } | undefined;
    onsquare: () => void;
  }
  const { print, usual, onsquare }: Props = $props();
  const { draft } = $derived(print);
  const picture = $derived(draft.picture);
  let problem = $state<string>();
  /** The one that was taken off last: it can be put back. */
  let before = $state.raw<ShownPicture>();
  /** A picture is kept small and grey; its file only where that is wanted. */
  let keepFile = $state(false);

  function put({ id, width, height }: Picture) {
    draft.picture = {
      ...{ id, of: 'print', width, height, ...straightNow(print.view()) },
      ...(keepFile && { original: true }),
    };
  }

  function takeOff() {
    before = $state.snapshot(draft.picture) as ShownPicture;
    delete draft.picture;
  }

  /** An empty slot goes by what is usual. */
  function setCode(which: 'whiteCode' | 'highlightCode', text: string) {
    if (!draft.picture) return;
    const code = Number(text);
    if (text.trim() === '') delete draft.picture[which];
    else if (Number.isInteger(code) && code >= 1 && code <= 255) draft.picture[which] = code;
  }
</script>

<p class="text-[15px] leading-[2.6] text-soft">
  {#if picture}
    A picture of
    <SlotChoice
      label="What the picture is of"
      bind:value={() => picture.of, (of) => draft.picture && (draft.picture.of = of)}
      options={pictureKinds}
    />, {picture.of === 'print' ? 'paper white' : 'clear film'} at
    <SlotText
      label={picture.of === 'print' ? 'Code of paper white' : 'Code of clear film'}
      bind:value={
        () => String(picture.whiteCode ?? ''), (text: string) => setCode('whiteCode', text)
      }
      empty={String(usual?.whiteCode ?? '…')}
      numeric
      maxlength={3}
      hint="0 is black, 255 white. Touch the picture to read it."
    />{#if picture.of === 'negative'}, its highlight at
      <SlotText
        label="Code of the highlight"
        bind:value={
          () => String(picture.highlightCode ?? ''),
          (text: string) => setCode('highlightCode', text)
        }
        empty={String(usual?.highlightCode ?? '…')}
        numeric
        maxlength={3}
        hint="The densest place that keeps its texture: it becomes the highlight’s tone."
      />{/if},
    <SlotChoice
      label="Which way round"
      bind:value={
        () => (picture.mirrored ? 'mirrored' : 'as-it-is'),
        (way) => draft.picture && (draft.picture.mirrored = way === 'mirrored')
      }
      options={[
        { id: 'as-it-is', name: 'as it is' },
        { id: 'mirrored', name: 'mirrored' },
      ]}
    />.
    <button class="slot-in min-h-11" onclick={onsquare}
      >{picture.corners ? 'Squared up: change it' : 'Square it up'}</button
    >
    <button class="slot-in min-h-11" onclick={takeOff}>Take it off</button>
  {:else}
    No picture yet: the outline is
    <SlotChoice
      label="The outline"
      bind:value={() => draft.outline ?? '4:3', (outline) => (draft.outline = outline)}
      options={outlines}
    />.
    {#if before}<button class="slot-in min-h-11" onclick={() => (draft.picture = before)}
        >Put it back</button
      >{/if}
  {/if}
  <PictureFile
    words={picture ? 'Another picture' : 'Put a picture to it: the straight print, or the negative'}
    {keepFile}
    bind:problem
    onput={put}
  />, its file
  <SlotChoice
    label="What becomes of the file"
    bind:value={() => (keepFile ? 'kept' : 'not-kept'), (what) => (keepFile = what === 'kept')}
    options={[
      {
        id: 'not-kept',
        name: 'not kept',
        more: 'Only a small grey picture is: it says nothing of where and when.',
      },
      { id: 'kept', name: 'kept as well', more: 'As it is, in the database and in every backup.' },
    ]}
  />.
  {#if picture?.original}
    <a class="slot-in" href="/api/v1/pictures/{picture.id}/original" download>The file as it was</a>
  {/if}
</p>
{#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
