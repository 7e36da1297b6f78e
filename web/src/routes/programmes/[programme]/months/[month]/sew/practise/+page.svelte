<script lang="ts">
  import ClassPage from '$lib/sew/ClassPage.svelte';

  let { data } = $props();
</script>

<ClassPage seed={data.seed} />
