<script lang="ts">
  import MonthsForm from '$lib/programme/MonthsForm.svelte';
  import ProgrammePage from '$lib/desk/ProgrammePage.svelte';

  let { data } = $props();
</script>

<ProgrammePage {data}>
  {#snippet more()}<MonthsForm />{/snippet}
</ProgrammePage>
