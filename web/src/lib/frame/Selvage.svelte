<!-- The selvage: a dot for each instalment in its dominant fabric, its state in the dot's shape. The way from month to month. -->
<script lang="ts">
  import { releaseStates, words } from './words';
  import MonthDot from './MonthDot.svelte';
  import { SIDES } from './stations';

  export interface Dot {
    id: string;
    number: number;
    name: string;
    href: string;
    /** Dominant fabric; undefined while nothing is drawn. */
    colour?: string;
    state: 'draft' | 'proofed' | 'scheduled' | 'released';
  }
  interface Props {
    dots: Dot[];
    current?: string;
    home: string;
    /** Where the programme is planned, and where it is run. */
    plan: string;
    run: string;
    /** Which of the two is shown, when no month is. */
    at?: 'plan' | 'run';
  }
  let { dots, current, home, plan, run, at }: Props = $props();

  const state = (dot: Dot) => (dot.colour === undefined ? words.notDrawnYet : releaseStates[dot.state]);
</script>

<nav aria-label={words.months} class="selvage no-print">
  <a
    href={home}
    class="numeral flex h-16 items-center justify-center text-xl"
    aria-label={words.allProgrammes}
    title={words.allProgrammes}>{words.a}</a
  >
  <ol class="flex flex-1 flex-col items-stretch">
    {#each dots as dot (dot.id)}
      <li>
        <a
          href={dot.href}
          class="dot relative flex h-12 items-center"
          aria-current={dot.id === current ? 'page' : undefined}
          aria-label="{dot.name}, {state(dot)}"
          title="{dot.name} ({state(dot)})"
        >
          {#if dot.id === current}
            <svg
              class="absolute inset-y-0 left-0 h-full w-[64px]"
              viewBox="0 0 72 48"
              preserveAspectRatio="none"
              aria-hidden="true"
            >
              <path d="M0 0h56l16 24-16 24H0z" fill="var(--color-weld)" />
            </svg>
          {/if}
          <MonthDot
            class="relative ml-2 h-8 w-8 shrink-0 max-[43.75rem]:ml-1 max-[43.75rem]:h-7 max-[43.75rem]:w-7"
            colour={dot.colour}
            state={dot.state}
            current={dot.id === current}
          />
          <span class="numeral relative ml-0.5 text-xs whitespace-nowrap" class:current={dot.id === current}>{dot.number}</span>
        </a>
      </li>
    {/each}
  </ol>
  {#each [{ id: 'plan', name: SIDES.plan, href: plan }, { id: 'run', name: SIDES.run, href: run }] as { id, name, href } (id)}
    <a
      {href}
      class="foot px-1 text-center text-xs text-quiet underline underline-offset-2"
      aria-current={at === id ? 'page' : undefined}>{name}</a
    >
  {/each}
</nav>

<style>
  .selvage {
    display: flex;
    flex-direction: column;
    width: 64px;
    position: sticky;
    top: 0;
    height: 100vh;
    overflow: hidden auto;
    scrollbar-width: none;
    background: var(--color-edge);
    /* Ticks printed along the cloth's edge. */
    border-right: 1px solid var(--color-rule);
    background-image: repeating-linear-gradient(to bottom, var(--color-rule) 0 1px, transparent 1px 8px);
    background-size: 5px 100%;
    background-position: right top;
    background-repeat: no-repeat;
  }
  .dot:hover {
    background: var(--color-ground);
  }
  .foot {
    padding-block: 0.45rem;
  }
  .foot:last-child {
    padding-bottom: 1rem;
  }
  .foot[aria-current] {
    font-weight: 700;
    color: var(--color-ink);
  }
  .current {
    color: var(--color-primary-content);
  }
  @media (max-width: 43.75rem) {
    .selvage {
      width: 52px;
    }
  }
</style>
