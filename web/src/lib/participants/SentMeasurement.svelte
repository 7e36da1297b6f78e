<!-- Sizes as a participant sent them, and what they say of her seam. -->
<script lang="ts">
  import { words } from './words';
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import Say from '$lib/look/Say.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { WrittenSize } from '@aggrega/core/running';

  let { sizes }: { sizes: WrittenSize[] } = $props();
  const { programme } = $derived(useWorkbench());
</script>

<ul>
  {#each sizes as size, i (i)}
    <li>
      <Say
        text={words.measuredSize(size.what || words.aSize, size.seams, size.measured, size.expected, programme.unit)}
      />{#if size.before}<span class="text-quiet">{words.beforePressing} <Say text={size.before} /></span>{/if}
    </li>
  {/each}
</ul>
<MeasureForm {sizes} seam={programme.house.seam.valueOf()} unit={programme.unit} fixed />
