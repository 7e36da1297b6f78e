<!-- Programmes that were put aside, each to be brought back. -->
<script lang="ts">
  import { words } from './words';
  import { putAside } from './archiving';

  let { archived }: { archived: readonly { slug: string; title: string }[] } = $props();
  let trouble = $state('');
  async function restore(slug: string) {
    trouble = (await putAside(slug, false)) ? '' : words.weCantReachTheServer;
  }
</script>

{#if archived.length > 0}
  <section class="no-print mt-12" aria-label={words.archived}>
    <h2 class="border-b border-rule pb-1 text-lead text-walnut">{words.archived}</h2>
    {#if trouble}<p class="mt-2 text-madder" role="alert">{trouble}</p>{/if}
    <ul>
      {#each archived as { slug, title } (slug)}
        <li class="flex gap-6 border-b border-rule py-2">
          <span class="mr-auto text-walnut">{title}</span>
          <button class="link text-note" onclick={() => void restore(slug)}>{words.restore}</button>
        </li>
      {/each}
    </ul>
  </section>
{/if}
