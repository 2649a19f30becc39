<script lang="ts">
  interface Props {
    /** Places that are cut, 1 to 8 from the left. */
    notches: readonly number[];
  }
  const { notches }: Props = $props();
  const PLACES = 8;
  const STEP = 11;
  const WIDTH = PLACES * STEP + 4;
  const EDGE = 2;
  const places = $derived([...new Set(notches)].sort());
  /** The bite of each notch. */
  const bites = $derived(
    places.map((place) => ({
      place,
      path: `M${EDGE + (place - 1) * STEP + 1} 14 v-9 h${STEP - 2} v9`,
    })),
  );
  const label = $derived(places.length === 0 ? 'no notch' : `notches at ${places.join(', ')}`);
</script>

<!-- The edge of the flap, with a bite taken out at each notch. -->
<svg width={WIDTH} height="18" role="img" aria-label={label}>
  <line x1={EDGE} x2={WIDTH - EDGE} y1="14" y2="14" stroke-width="2" class="stroke-soft" />
  {#each bites as { place, path } (place)}
    <path d={path} stroke-width="2" class="fill-ground stroke-ink" />
  {/each}
</svg>
