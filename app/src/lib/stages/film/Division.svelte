<script lang="ts">
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import SlotText from '../../kit/SlotText.svelte';
  import { attempt } from '../../words/attempt.ts';
  import { readVolume, typedVolume } from '../../words/volume.ts';

  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  const divisionMl = $derived(desk.preferences.divisionMl ?? 1);
  let text = $derived(typedVolume(divisionMl, unit));
  const read = $derived(
    attempt(() =>
      readVolume(text, {
        ...{ unit, what: 'its smallest mark', usualMl: 1 },
        ...{ leastMl: 0.01, mostMl: 100, keptMl: divisionMl },
      }),
    ),
  );
</script>

Measured in steps of
<SlotText
  label="The vessel is divided in, {unit}"
  bind:value={text}
  empty="?"
  after={/[a-z]/i.test(text) ? '' : ` ${unit}`}
  numeric
  maxlength={12}
  trouble={read.trouble}
  hint="The smallest mark on your graduate or syringe."
  onclose={() => read.value !== undefined && desk.set({ divisionMl: read.value })}
/>.
