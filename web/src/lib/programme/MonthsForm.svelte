<!-- One month more, or one fewer. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { releaseDays } from '@aggrega/core/running';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const last = $derived(programme.months.at(-1));
  const started = $derived((page.data.releases as { month: string }[]).some((r) => r.month === last?.id));
  /** What else in the document names the last month. */
  const named = $derived(
    last !== undefined &&
      ([...(programme.setting?.months ?? [])].some(([, id]) => id === last.id) ||
        programme.kits.stepOuts.some((s) => s.month === last.id)),
  );

  function add() {
    const { months } = bench.saver.document;
    const taken = new Set(programme.months.map((m) => m.id));
    let n = programme.months.length + 1;
    while (taken.has(`m${n}`)) n += 1;
    const day = releaseDays(programme.calendar, programme.months.length + 1).at(-1)?.day;
    const to = { id: `m${n}`, name: words.month(programme.months.length + 1), ...(day && { release: day }) };
    bench.saver.do(words.added(to.name), months ? [{ path: `/months/${to.id}`, to }] : [{ path: '/months', to: [to] }]);
  }
  function remove() {
    const { months = [], kits } = bench.saver.document;
    const entry = months.find((m) => m.id === last!.id);
    const packets = kits?.packets?.map((p) => p.filter((id) => id !== last!.id)).filter((p) => p.length > 0);
    const changes = [
      ...(kits?.packets && JSON.stringify(packets) !== JSON.stringify(kits.packets)
        ? [{ path: '/kits/packets', from: kits.packets, to: packets }]
        : []),
      { path: `/months/${last!.id}`, from: entry },
    ];
    bench.saver.do(words.deleted(last!.name), changes);
  }
</script>

<p class="no-print mt-3 flex flex-wrap items-center gap-2">
  <button class="btn" onclick={add}>{words.addAMonth}</button>
  {#if last && !started && !named}
    <button class="link text-note text-quiet" onclick={remove}>{words.delete(last.name)}</button>
  {/if}
</p>
