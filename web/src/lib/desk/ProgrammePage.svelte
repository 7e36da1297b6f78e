<!-- A programme's own first page: what needs doing, its months, its quilt. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import MonthRow from './MonthRow.svelte';
  import Looking from './Looking.svelte';
  import TaskList from './TaskList.svelte';
  import { Tasks, pressing } from './tasks.svelte';
  import type { DeskProgramme } from '$lib/server/desk/desk';
  import { dayText } from '$lib/look/day-text';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onDestroy, untrack, type Snippet } from 'svelte';

  interface Props {
    data: { desk: DeskProgramme };
    /** What is done to the list of months. */
    more: Snippet;
  }
  let { data, more }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const people = $derived([...programme.participants.values()].reduce((a, b) => a + b, 0));
  const drawn = $derived(programme.months.filter((m) => m.blocks.length > 0).length);
  const { desk } = $derived(data);

  const looked = new Tasks();
  const look = () => looked.look([bench.slug]);
  // Whatever is saved here may change what needs doing.
  $effect(() => {
    void bench.saver.revision;
    untrack(() => void look());
  });
  onDestroy(() => looked.stop());
  const tasks = $derived(
    (looked.checked.get(bench.slug) ?? desk.tasks).map((task) => ({ ...task, slug: bench.slug, programme: desk.title })),
  );
</script>

<YearFrame about={words.monthsOfWhich(programme.months.length, drawn, people)}>
  <section class="mt-5" aria-label={words.needsAHand} aria-busy={looked.waiting.size > 0}>
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.needsAHand}</h2>
    <Looking {looked} onagain={() => void look()} />
    {#if looked.waiting.size === 0 && looked.failed.size === 0 && !pressing(tasks)}
      <p class="mt-3 text-lead" data-nothing>
        {desk.next ? words.nothingPressingHere(desk.next.name, dayText(desk.next.day, page.data.locale)) : words.nothingPlanned}
      </p>
    {/if}
    <TaskList {tasks} />
  </section>
  <section class="mt-9" aria-label={words.months}>
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.months}</h2>
    {#if programme.months.length === 0}
      <p class="mt-3 max-w-prose text-lead">{words.noMonths}</p>
    {/if}
    <ol>
      {#each programme.months as month, i (month.id)}
        <li class="border-b border-rule">
          <MonthRow {month} number={i + 1} {colourway} state={desk.months.find((m) => m.id === month.id)?.state ?? 'draft'} />
        </li>
      {/each}
    </ol>
    {@render more()}
  </section>
  {#snippet side()}
    {#if desk.quilt}
      <a class="mt-4 block" href="/programmes/{bench.slug}/quilt{page.url.search}">
        <img
          class="w-full"
          src="/programmes/{bench.slug}/quilt/files/quilt.svg?colourway={colourway.id}"
          alt={words.theQuilt(programme.title)}
          loading="lazy"
        />
      </a>
    {/if}
    <section class="mt-5" aria-label={words.headCounts}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.headCounts}</h2>
      <dl>
        {#each programme.colourways as c (c.id)}
          <div class="flex border-b border-rule py-1.5">
            <dt class="mr-auto">{c.name}</dt>
            <dd class="numeral text-lead">{bench.enrolled(c)}</dd>
          </div>
        {/each}
      </dl>
    </section>
  {/snippet}
</YearFrame>
