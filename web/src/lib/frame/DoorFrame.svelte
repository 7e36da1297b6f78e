<!-- What stands before the bench: signing in, invitations, one's own account. A narrow page with one thing to do. -->
<script lang="ts">
  import { words } from './words';
  import Tools from './Tools.svelte';
  import type { Snippet } from 'svelte';

  let { title, about, children }: { title: string; about: string; children: Snippet } = $props();
</script>

<svelte:head><title>{words.aggrega(title)}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-xl px-7 pb-16">
  <header class="flex items-end gap-4 border-b-2 border-ink pt-10 pb-3">
    <div class="mr-auto">
      <p class="text-quiet"><a class="hover:underline" href="/">{words.aggrega2}</a> · {about}</p>
      <h1 class="text-title">{title}</h1>
    </div>
    <Tools />
  </header>
  {@render children()}
</main>
