<!-- What is looked at before a month goes out: each point ticked by somebody who looked. -->
<script lang="ts">
  import { words } from './words';
  import Say from '$lib/look/Say.svelte';
  import type { ProofPoint } from '@aggrega/core/sheet';

  interface Props {
    points: ProofPoint[];
    working: boolean;
    onproofed: (checks: string[]) => void;
  }
  let { points, working, onproofed }: Props = $props();
  let ticked: string[] = $state([]);
  const left = $derived(points.filter((p) => p.stops || !ticked.includes(p.id)).length);
</script>

<form
  onsubmit={(e) => {
    e.preventDefault();
    onproofed(ticked);
  }}
>
  <ol class="border-t-2 border-ink">
    {#each points as point (point.id)}
      <li class="flex gap-3 border-b border-rule py-3" data-point={point.id}>
        {#if point.stops}
          <span class="mt-0.5 block h-6 w-6 shrink-0 border-2 border-madder" aria-hidden="true"></span>
        {:else}
          <input
            type="checkbox"
            id="point-{point.id}"
            class="mt-0.5 h-6 w-6 shrink-0 accent-ink"
            value={point.id}
            bind:group={ticked}
          />
        {/if}
        <div>
          <label for="point-{point.id}" class="text-lead {point.stops ? 'text-madder' : 'cursor-pointer'}"
            >{point.asks}{point.stops ? words.notYet : ''}</label
          >
          {#if point.says.length > 0}
            <ul class="mt-1 max-w-prose text-quiet">
              {#each point.says as line (line)}<li><Say text={line} /></li>{/each}
            </ul>
          {/if}
        </div>
      </li>
    {/each}
  </ol>
  <p class="mt-4 flex items-center gap-3">
    <button class="btn btn-primary" disabled={working || left > 0}>{words.markAsProofedAndLock}</button>
    {#if left > 0}<span class="text-quiet">{words.checksLeft(left)}</span>{/if}
  </p>
</form>
