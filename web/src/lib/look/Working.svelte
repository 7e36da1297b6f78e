<!-- How far a long piece of work is; a short one shows nothing, and one of which that is not known yet only that it goes on. -->
<script lang="ts">
  let { progress, what }: { progress: number | undefined; what: string } = $props();
</script>

{#if progress !== undefined}
  <p class="mt-3 flex items-center gap-3 text-quiet" role="status">
    {what}
    <progress class="progress w-40" max="1" value={progress || undefined}></progress>
  </p>
{/if}
