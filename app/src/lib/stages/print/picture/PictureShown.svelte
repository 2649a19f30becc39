<script lang="ts">
  import SlotChoice from '../../../kit/SlotChoice.svelte';

  interface Props {
    /** What is shown beside it: nothing, the straight print, or a version by its number. */
    beside: string;
    versions: readonly number[];
    /** As it dries, not as it lies in the tray; and what is known of that, where anything is. */
    dry: boolean;
    dries: string | undefined;
    flashed: boolean;
  }
  let { beside = $bindable(), versions, dry = $bindable(), dries, flashed }: Props = $props();
</script>

<p class="text-[15px] leading-[2.6] text-soft">
  Beside it
  <SlotChoice
    label="What is shown beside it"
    bind:value={beside}
    options={[
      { id: 'none', name: 'nothing' },
      { id: 'straight', name: 'the straight print' },
      ...versions.map((number) => ({ id: String(number), name: `version ${number}` })),
    ]}
  />{#if dries},
    <SlotChoice
      label="Wet or dry"
      bind:value={() => (dry ? 'dry' : 'wet'), (id) => (dry = id === 'dry')}
      options={[
        { id: 'wet', name: 'as it lies wet' },
        { id: 'dry', name: 'as it dries', more: dries },
      ]}
    />{/if}{flashed ? ', its flash in it' : ''}. A likeness by the paper model, not a proof: a
  phone’s picture has tones of its own.
</p>
