<!-- The colourways as strips of their fabrics; the one in hand is underlined in weld. -->
<script lang="ts">
  import { words } from './words';
  import type { Colourway } from '@aggrega/core/programme';

  let { colourways, chosen, href }: { colourways: Colourway[]; chosen: string; href: (id: string) => string } = $props();
</script>

<nav aria-label={words.colourways} class="flex flex-wrap gap-1">
  {#each colourways as c (c.id)}
    <a
      href={href(c.id)}
      aria-current={c.id === chosen ? 'true' : undefined}
      data-sveltekit-noscroll
      class="block border-b-4 px-2 pt-1 pb-1 hover:bg-edge {c.id === chosen ? 'border-weld' : 'border-transparent'}"
    >
      <span class="flex" aria-hidden="true">
        {#each new Set(c.fabrics.values()) as fabric (fabric.id)}<span class="cloth h-3 w-5" style:background={fabric.colour}
          ></span>{/each}
      </span>
      <span class="text-note {c.id === chosen ? 'font-semibold' : ''}">{c.name}</span>
    </a>
  {/each}
</nav>
