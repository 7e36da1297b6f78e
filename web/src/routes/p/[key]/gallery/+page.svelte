<!-- The blocks of those who agreed to show them, month by month. -->
<script lang="ts">
  import { words } from '$lib/participant-page/words';
  let { data } = $props();
  const { months, pictures } = $derived(data.gallery);
</script>

<svelte:head><title>{words.theGroupsBlocks}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-4xl px-4 pb-16">
  <p class="pt-4"><a class="btn" href="/p/{data.key}">{words.backToYourPage}</a></p>
  <h1 class="mt-4 text-title">{words.theGroupsBlocks}</h1>
  {#if pictures.length === 0}<p class="mt-3">{words.noOneHasSharedA}</p>{/if}
  {#each [...months].reverse() as month (month.id)}
    {@const own = pictures.filter((p) => p.month === month.id)}
    {#if own.length > 0}
      <section class="mt-6" aria-label={month.name}>
        <h2 class="border-b-2 border-ink pb-1 text-head">{month.name}</h2>
        <ul class="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-4">
          {#each own as p (p.id)}
            <li>
              <img
                class="cloth aspect-square w-full object-cover"
                src="/p/{data.key}/pictures/{p.id}"
                alt={words.sOf(p.name, month.name)}
                loading="lazy"
              />
              <p class="text-note">{p.name}</p>
            </li>
          {/each}
        </ul>
      </section>
    {/if}
  {/each}
</main>
