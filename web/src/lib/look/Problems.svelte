<!-- Everything that is wrong, each with its place and reason. -->
<script lang="ts">
  import { placeName } from './place-name';
  import Say from './Say.svelte';

  let { problems, document, title }: { problems: { path: string; message: string }[]; document: unknown; title: string } =
    $props();
</script>

<section aria-label={title}>
  <h2 class="text-head">{title}</h2>
  <ul class="mt-3 border-t border-ink">
    {#each problems as p (p.path + p.message)}
      <li class="border-b border-rule py-2">
        <b>{placeName(document, p.path)}</b> <code class="text-note text-quiet">{p.path}</code><br />
        <Say text={p.message} />
      </li>
    {/each}
  </ul>
</section>
