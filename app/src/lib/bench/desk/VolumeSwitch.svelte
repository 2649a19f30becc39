<script lang="ts">
  import { useDesk } from './desk.svelte.ts';
  import type { VolumeUnit } from '../../words/volume.ts';

  interface Props {
    /** What was typed in the old unit is typed anew in the other one. */
    onswitch?: (from: VolumeUnit, to: VolumeUnit) => void;
  }
  const { onswitch }: Props = $props();
  const desk = useDesk();

  function change() {
    const from = desk.volumeUnit;
    const to = from === 'ml' ? 'fl oz' : 'ml';
    onswitch?.(from, to);
    desk.set({ volumeUnit: to });
  }
</script>

<button type="button" class="slot-in" onclick={change}
  >in {desk.volumeUnit === 'ml' ? 'US fl oz' : 'ml'}</button
>
