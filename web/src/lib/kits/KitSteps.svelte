<!-- How far a kit is, as four steps on one line; a step is set by choosing it. -->
<script lang="ts">
  import { words } from './words';
  import type { KitState } from '$lib/server/db/kits';
  import { kitStateNames, kitStates } from './kit-words';

  interface Props {
    state: KitState;
    /** Whose kit, for those who do not see it. */
    name: string;
    onset: (state: KitState) => void;
  }
  let { state, name, onset }: Props = $props();
  const at = $derived(kitStates.indexOf(state));
</script>

<span class="inline-flex" role="group" aria-label={words.howFarTheKitOf(name)}>
  {#each kitStates as s, i (s)}
    <button
      class="min-h-9 cursor-pointer border-b-4 px-2 text-note hover:bg-edge {i === at
        ? 'border-weld font-semibold'
        : i < at
          ? 'border-walnut text-walnut'
          : 'border-rule text-quiet'}"
      aria-pressed={i === at}
      onclick={() => onset(s)}>{kitStateNames[s]}</button
    >
  {/each}
</span>
