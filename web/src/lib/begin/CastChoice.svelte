<!-- The fabrics that a programme's first colourway starts with. -->
<script lang="ts">
  import { words } from './words';
  import { castTitle, fabricsOfCast, readyCasts } from '@aggrega/core/fabric';

  interface Props {
    /** '' for greys. */
    cast: string;
    letters: number;
    /** Whether greys may be chosen: they tell nothing apart by hue. */
    greys?: boolean;
  }
  let { cast = $bindable(), letters, greys = true }: Props = $props();
  const ids = $derived([...readyCasts.map((c) => c.id as string), ...(greys ? [''] : [])]);
</script>

<div class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-2">
  {#each ids as id (id)}
    {@const ready = readyCasts.find((c) => c.id === id)}
    <label
      class="cursor-pointer border-b-4 px-1 pt-1 pb-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {cast ===
      id
        ? ''
        : 'border-transparent'}"
    >
      <input type="radio" class="sr-only" name="cast" value={id} bind:group={cast} />
      <span class="flex h-6" aria-hidden="true">
        {#each ready ? fabricsOfCast(ready, letters >= 2 && letters <= 8 ? letters : 4) : [] as [name, colour] (name)}
          <span class="cloth flex-1" style:background={colour}></span>
        {:else}<span class="cloth flex-1" style:background="#b9c4cf"></span><span
            class="cloth flex-1"
            style:background="#53708c"
          ></span>{/each}
      </span>
      {ready ? castTitle(ready) : words.plainGreys}
    </label>
  {/each}
</div>
