<!-- Measuring help on her own page: what her sizes say of her seam. Nothing of it is sent anywhere. -->
<script lang="ts">
  import { words } from './words';
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import type { WrittenSize } from '@aggrega/core/running';
  import type { LengthUnit } from '@aggrega/core/measure';

  let { seam, unit }: { seam: number; unit: LengthUnit } = $props();
  let sizes: WrittenSize[] = $state([{ what: '', seams: 1, expected: '', measured: '', before: '' }]);
</script>

<section aria-label={words.isMySeamRight} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.isMySeamRight}</h2>
  <p class="mt-2 mb-2 text-quiet">
    {words.sewAndPressARow}
  </p>
  <div class="overflow-x-auto"><MeasureForm bind:sizes {seam} {unit} /></div>
</section>
