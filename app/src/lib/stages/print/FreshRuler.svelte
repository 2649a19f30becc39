<script lang="ts">
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import type { EarlierLook, Picks } from './look-again.ts';
  import type { PrintView } from './print-view.ts';
  import StopRuler from './StopRuler.svelte';

  interface Props {
    /** The strip, of which what was picked before is out of sight. */
    strip: EarlierLook;
    set: PrintView['set'];
    timerStep: number;
    picks: Picks;
  }
  let { strip, set, timerStep, picks = $bindable() }: Props = $props();
  const desk = useDesk();
  const highlight = $derived(strip.pickAt(picks.highlight));
  const shadow = $derived(strip.pickAt(picks.shadow));
</script>

<StopRuler
  ruler={strip.ruler}
  view={{ timerStep, set, ...(highlight && { highlight }), ...(shadow && { shadow }) }}
  at={strip.name}
  along={strip.along}
  light={desk.light}
  onpick={(place, position) => (picks = { ...picks, [place]: position })}
/>
