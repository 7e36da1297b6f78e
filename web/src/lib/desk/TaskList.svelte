<!-- What needs doing, most pressing first, each with its one next step. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { WHENS, whenOf, type HouseTask, type When } from './tasks.svelte';
  import { dayText } from '$lib/look/day-text';
  import { stationName } from '$lib/frame/stations';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';

  interface Props {
    tasks: readonly HouseTask[];
    /** Whether each names its programme. */
    house?: boolean;
  }
  let { tasks, house = false }: Props = $props();

  /** Rows that are shown before somebody asks for all. */
  const FIRST = 12;
  const NAMES: Record<When, string> = { late: words.late, today: words.today, week: words.thisWeek, later: words.later };
  let all = $state(false);
  const shown = $derived(all ? tasks : tasks.slice(0, FIRST));
  const groups = $derived(
    WHENS.map((when) => ({ when, tasks: shown.filter((t) => whenOf(t) === when) })).filter((g) => g.tasks.length > 0),
  );
  function day({ days, due }: HouseTask): string {
    if (days < 0) return words.daysLate(-days);
    if (days === 0) return '';
    return days === 1 ? words.tomorrow : dayText(due, page.data.locale, 'weekday');
  }
  /** Who owes most comes first where payments are asked for. */
  const address = ({ slug, month, station, kind }: HouseTask) =>
    `/programmes/${slug}${month ? `/months/${month}` : ''}/${station}${kind === 'unpaid' ? '?sort=paid' : ''}`;
</script>

{#each groups as { when, tasks: own } (when)}
  <section class="mt-5" aria-label={NAMES[when]}>
    <h3 class="border-b border-ink pb-1 text-lead {when === 'late' ? 'text-madder' : ''}">{NAMES[when]}</h3>
    <ul>
      {#each own as task (`${task.slug} ${task.id}`)}
        <li
          class="grid grid-cols-[6.5rem_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-rule py-2.5 max-[40rem]:grid-cols-1"
          data-task={task.id}
        >
          <span class="tabular text-note {when === 'late' ? 'text-madder' : 'text-quiet'}">{day(task)}</span>
          <span class="min-w-0">
            <b class="font-semibold">{task.title}</b>
            {#if house}<span class="text-quiet"> · {task.programme}</span>{/if}
            {#if task.why}<span class="block text-note text-quiet">{task.why}</span>{/if}
          </span>
          <a class="btn no-print max-[40rem]:mt-1.5 max-[40rem]:justify-self-start" href={address(task)}
            >{words.openStation(stationName(task.station))} <ArrowRight size={16} aria-hidden="true" /></a
          >
        </li>
      {/each}
    </ul>
  </section>
{/each}
{#if tasks.length > FIRST}
  <p class="no-print mt-3">
    <button class="link" onclick={() => (all = !all)}>{all ? words.showFewer : words.showAll(tasks.length)}</button>
  </p>
{/if}
