<script lang="ts">
  import { onMount } from 'svelte';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import type { PictureMessage, ShownTones } from './messages.ts';
  import type { AskedPicture } from './question.ts';

  interface Props {
    asked: AskedPicture;
    width: number;
    height: number;
    label: string;
    /** What is shown, for whoever asks for the tone of a spot. */
    onshown?: (shown: ShownTones) => void;
  }
  const { asked, width, height, label, onshown }: Props = $props();
  const desk = useDesk();
  let canvas = $state<HTMLCanvasElement>();
  let worker = $state.raw<Worker>();
  let trouble = $state<string>();
  let done = $state(0);
  let number = 0;
  /** What takes longer than this says that it is under way, ms. */
  const LONG_MS = 500;
  let late = $state(false);
  let waiting: ReturnType<typeof setTimeout> | undefined;

  onMount(() => {
    const made = new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<ShownTones>) => show(data);
    worker = made;
    return () => {
      clearTimeout(waiting);
      made.terminate();
    };
  });

  /** Only the last that was asked for counts. */
  function show(shown: ShownTones) {
    if (shown.number !== number) return;
    clearTimeout(waiting);
    late = false;
    trouble = shown.trouble;
    if (!shown.rgba || !canvas) return;
    canvas.width = shown.width!;
    canvas.height = shown.height!;
    canvas
      .getContext('2d')!
      .putImageData(new ImageData(shown.rgba, shown.width!, shown.height!), 0, 0);
    done = shown.number;
    onshown?.(shown);
  }

  $effect(() => {
    if (!worker || width < 1) return;
    const { light, preferences } = desk;
    number += 1;
    const red = light === 'white' ? undefined : brightness(preferences.brightness);
    const message: PictureMessage = {
      ...{ number, asked: $state.snapshot(asked) as AskedPicture },
      ...{ width: Math.round(width) },
      ...(red !== undefined && { red }),
    };
    worker.postMessage(message);
    clearTimeout(waiting);
    waiting = setTimeout(() => (late = true), LONG_MS);
  });

  /** As bright as everything else is in red light; the setting is only what makes it be asked anew. */
  function brightness(_setting: number): number {
    return Number(getComputedStyle(document.documentElement).getPropertyValue('--lit')) || 1;
  }
</script>

<div class="relative" role="img" aria-label={label} data-shown={done}>
  <canvas bind:this={canvas} class="block h-auto w-full" {width} {height} aria-hidden="true"
  ></canvas>
  {#if late}
    <div class="absolute inset-x-0 top-0 h-1.5 overflow-hidden bg-ground" data-testid="under-way">
      <div class="h-full w-1/3 animate-[pulse_1s_infinite] bg-rim"></div>
    </div>
  {/if}
</div>
<p class="sr-only" role="status">{late ? 'The picture is being worked out.' : ''}</p>
{#if trouble}<p class="mt-2 text-trouble" role="alert">{trouble}</p>{/if}
