<!-- Measuring help on her own page: what her sizes say of her seam. Nothing of it is sent anywhere. -->
<script lang="ts">
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import type { WrittenSize } from '@aggrega/core/running';
  import type { LengthUnit } from '@aggrega/core/measure';

  let { seam, unit }: { seam: number; unit: LengthUnit } = $props();
  let sizes: WrittenSize[] = $state([{ what: '', seams: 1, expected: '', measured: '', before: '' }]);
</script>

<section aria-label="Is my seam right?" class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">Is my seam right?</h2>
  <p class="mt-2 mb-2 text-quiet">
    Sew and press a row, then measure it. Enter how many seams it has, the size on your sheet and the size you get. The more
    seams, the surer the answer. Nothing you enter here is sent.
  </p>
  <div class="overflow-x-auto"><MeasureForm bind:sizes {seam} {unit} /></div>
</section>
