<script lang="ts">
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { correctionWords } from '../../words/reading.ts';
  import { useDesk } from './desk.svelte.ts';

  interface Props {
    /** What was read, as it really is; then it is said by how much the thermometer is out. */
    trueC?: number | undefined;
  }
  const { trueC }: Props = $props();
  const desk = useDesk();
  const RIGHT = '';
</script>

{#if desk.thermometers.length > 0}
  <p class="mt-1 text-[15px] text-soft" data-testid="thermometer">
    Read by
    <SlotChoice
      label="The thermometer"
      bind:value={
        () => desk.thermometer?.id ?? RIGHT, (id) => desk.readBy(id === RIGHT ? undefined : id)
      }
      options={[
        { id: RIGHT, name: 'a thermometer that is right' },
        ...desk.thermometers.map(({ id, name }) => ({ id, name, more: 'compared, so corrected' })),
      ]}
    />{#if desk.thermometer && trueC !== undefined}, {correctionWords(
        desk.thermometer,
        trueC,
        desk.preferences.unit,
      )}{/if}.
  </p>
{/if}
