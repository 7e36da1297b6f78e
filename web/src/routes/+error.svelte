<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Aggrega</title></svelte:head>
<main class="mx-auto max-w-xl px-6 py-24">
  <p class="text-quiet">{page.status}</p>
  <h1 class="mt-1 text-title">{page.error?.message ?? 'This page could not be shown.'}</h1>
  <p class="mt-6 flex gap-4">
    <a class="act first" href={page.url.pathname + page.url.search} data-sveltekit-reload>Try again</a>
    <a class="act" href="/" data-sveltekit-reload>All programmes</a>
  </p>
</main>
