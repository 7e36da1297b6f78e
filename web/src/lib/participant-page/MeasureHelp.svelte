<!-- Measuring help on her own page: what her sizes say of her seam. Nothing of it is sent anywhere. -->
<script lang="ts">
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import type { WrittenSize } from '@aggrega/core/running';
  import type { Unit } from '@aggrega/core/measure';

  let { seam, unit }: { seam: number; unit: Unit } = $props();
  let sizes: WrittenSize[] = $state([{ what: '', seams: 1, expected: '', measured: '', before: '' }]);
</script>

<section aria-label="Is my seam right?" class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">Is my seam right?</h2>
  <p class="mt-2 mb-2 text-quiet">
    Measure a row: how many seams cross it, what its checkpoint says, what your ruler says. A row of many seams tells most. What
    you write here stays with you.
  </p>
  <div class="overflow-x-auto"><MeasureForm bind:sizes {seam} {unit} /></div>
</section>
