<!-- Whether the organiser is told what lay wrong. -->
<script lang="ts">
  import type { Telling } from './telling.svelte';
  import { LAYOUT } from './words';

  let { telling }: { telling: Telling } = $props();
</script>

<div class="mt-4 border-t border-rule pt-3">
  <label class="flex items-baseline gap-2"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm self-center"
      bind:checked={() => telling.tells, (tells) => void telling.choose(tells)}
    />
    <span>{LAYOUT.tell}</span></label
  >
  <p class="mt-1 text-note text-quiet">{LAYOUT.tellWhat}</p>
  {#if telling.trouble}<p class="mt-1 font-semibold text-madder" role="alert">{telling.trouble}</p>{/if}
</div>
