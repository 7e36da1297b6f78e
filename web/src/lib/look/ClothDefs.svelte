<!-- The prints of a cast as patterns, at each of the angles at which pieces of them lie. -->
<script lang="ts">
  import PrintPattern from './PrintPattern.svelte';
  import type { View } from '@aggrega/core/fabric';
  import { patterned, type Cast } from './cast';

  let {
    uid,
    cast,
    view = 'colour',
    angles = [0],
  }: { uid: string; cast: Cast; view?: View; angles?: readonly number[] } = $props();
</script>

{#each [...cast] as [role, fabric] (role)}
  {#if patterned(fabric, view)}
    {#each angles as angle (angle)}
      <PrintPattern id="{uid}-{role}-{angle}" cloth={fabric} {view} turned={angle} />
    {/each}
  {/if}
{/each}
