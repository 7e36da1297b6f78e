<!-- What a forecast stands on: how people usually sew, or what the group has measured. -->
<script lang="ts">
  import { words } from './words';
  import type { Group } from './forecasts';

  /** `told`: how many have measured stands beside it. */
  let { group, told = false }: { group: Group | undefined; told?: boolean } = $props();
</script>

<p class="text-note text-quiet">
  {#if group}
    {told ? '' : words.reckonedWith(group.measures, group.persons)}
    {words.theMoreTheyMeasure}
  {:else}
    {words.whatTheForecastTakes}
  {/if}
</p>
