<!-- A month as a dot in its dominant fabric. It grows as the month nears its readers: a disc, notched when proofed, with a pin when scheduled, stitched through when out. -->
<script lang="ts">
  interface Props {
    /** Dominant fabric; undefined while nothing is drawn. */
    colour: string | undefined;
    state: 'draft' | 'proofed' | 'scheduled' | 'released';
    /** Whether it is the month in hand. */
    current?: boolean;
    class?: string;
  }
  let { colour, state, current = false, class: className = '' }: Props = $props();

  const DISC = 'M16 5a11 11 0 1 1 0 22a11 11 0 1 1 0-22z';
  const NOTCHED = 'M16 5a11 11 0 1 1 0 22a11 11 0 1 1 0-22z M16 27l-4 4h8z';
</script>

<svg viewBox="0 0 32 32" class={className} aria-hidden="true">
  {#if colour === undefined}
    <circle cx="16" cy="16" r="10" fill="none" stroke="var(--color-quiet)" stroke-width="2" stroke-dasharray="3 3.3" />
  {:else}
    <path d={state === 'draft' ? DISC : NOTCHED} fill={colour} stroke="color-mix(in srgb, var(--color-ink) 40%, transparent)" />
    {#if state === 'scheduled'}<path d="M16 1v13" stroke="var(--color-ink)" stroke-width="2.5" /><circle
        cx="16"
        cy="3"
        r="2.6"
        fill="var(--color-ink)"
      />{/if}
    {#if state === 'released'}<path d="M1 16h30" stroke="var(--color-walnut)" stroke-width="3" stroke-dasharray="5 3.3" />{/if}
  {/if}
  {#if current}
    <path d="M16 1v6M16 25v6M1 16h6M25 16h6" stroke="var(--color-primary-content)" stroke-width="2" />
  {/if}
</svg>
