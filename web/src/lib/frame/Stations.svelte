<!-- The stations of a month as a ruler: in the order of the work, with what is still open at each. -->
<script lang="ts">
  import { words } from './words';
  export interface Station {
    id: string;
    name: string;
    href: string;
    open: number;
  }
  let { stations, current, name = words.stations }: { stations: Station[]; current: string; name?: string } = $props();
</script>

<nav aria-label={name} class="no-print">
  <ol class="flex overflow-x-auto border-t-2 border-ink">
    {#each stations as { id, name, href, open } (id)}
      <li class="flex-auto">
        <a
          {href}
          aria-current={id === current ? 'page' : undefined}
          class="relative flex h-13 items-end gap-2 px-2.5 pb-1.5 whitespace-nowrap {id === current
            ? 'bg-weld text-primary-content'
            : 'hover:bg-edge'}"
        >
          <svg class="absolute top-0 left-0 h-4 w-full" preserveAspectRatio="none" viewBox="0 0 80 16" aria-hidden="true">
            {#each { length: 8 }, i (i)}
              <line
                x1={i * 10 + (i ? 0 : 0.4)}
                x2={i * 10 + (i ? 0 : 0.4)}
                y1="0"
                y2={i === 0 ? 16 : i === 4 ? 11 : i % 2 === 0 ? 8 : 5}
                stroke="currentColor"
                stroke-width={i === 0 ? 2.5 : 1}
                vector-effect="non-scaling-stroke"
              />
            {/each}
          </svg>
          <span class="text-lead {id === current ? 'font-semibold' : ''}">{name}</span>
          {#if open > 0}<span class="ml-auto text-note {id === current ? '' : 'text-quiet'}">{words.toFix(open)}</span>{/if}
        </a>
      </li>
    {/each}
  </ol>
</nav>
