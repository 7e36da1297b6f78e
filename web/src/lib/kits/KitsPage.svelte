<!-- All kits of the year: how far each sort is, what is to be cut next, what lies about for nobody. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { goto, invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import EveningLists from './EveningLists.svelte';
  import { boardRows, nextCutting, type BoardRow } from './board';
  import { kitStateNames, kitStates, packetName, sortName } from './kit-words';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { KitBoard } from '$lib/server/kits/kits';

  let { data }: { data: { board: KitBoard } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const rows = $derived(boardRows(data.board, programme));
  const next = $derived(nextCutting(rows, programme, page.data.today));
  const total = $derived(next.rows.reduce((n, r) => n + r.kits.planned, 0));
  const loose = $derived(rows.filter((r) => r.loose > 0));
  const waitLoose = $derived(
    loose.filter((r) => r.kits.planned > 0).reduce((n, r) => n + Math.min(r.loose, r.kits.planned), 0),
  );
  let trouble = $state('');
  const releaseOf = (id: string) => dayText(programme.months.find((m) => m.id === id)?.release, page.data.locale);

  async function give() {
    trouble = '';
    const answer = await trySendOnce(`/api/programmes/${bench.slug}/kits`, {
      body: { deed: 'give', months: data.board.packets },
    });
    if (!answer?.ok) trouble = words.weCantReachTheServerNothing;
    await invalidateAll();
  }
  /** To the Cut station, with so many kits tried as are to be cut. */
  function cut(row: BoardRow) {
    const colourway = programme.colourways.find((c) => c.id === row.colourway)!;
    bench.try(colourway, row.kits.planned);
    void goto(`/programmes/${bench.slug}/months/${row.month}/cut?colourway=${row.colourway}`);
  }
</script>

<YearFrame
  about={words.kitsHandedOutToBe(
    rows.reduce((n, r) => n + r.kits.handed, 0),
    rows.reduce((n, r) => n + r.kits.planned, 0),
  )}
  colourways={false}
>
  {#if trouble}<p class="mt-4 text-madder" role="alert">{trouble}</p>{/if}
  {#if rows.length === 0}
    <p class="mt-8 max-w-prose text-lead">
      {words.noKitsYetEveryoneListed} <a class="link" href="/programmes/{bench.slug}/roster">{words.participants}</a>
      {words.getsOneOfEach}
    </p>
  {:else}
    <section class="mt-5" aria-label={words.toBeCutNext}>
      <h2 class="border-b-2 border-ink pb-1 text-head">{words.toBeCutNext}</h2>
      {#if next.rows.length === 0}
        <p class="mt-2 text-lead">{words.nothingToCutEverythingUp}</p>
      {:else}
        <p class="mt-2">
          {total}
          {words.kits3(total)}{#if next.back.length > 0}{words.ofThemForLateJoiners(
              next.back.reduce((n, r) => n + r.kits.planned, 0),
            )}{/if}.
        </p>
        <table class="mt-2 w-full">
          <tbody>
            {#each next.rows as row (row.month + row.colourway + row.size)}
              <tr class="border-b border-rule" data-next="{row.month} {row.colourway}">
                <td class="py-1.5 pr-3">{packetName(programme, row.month)}</td>
                <td class="pr-3">{sortName(programme, row.colourway, row.size)}</td>
                <td class="numeral pr-3 text-right text-lead">{row.kits.planned}</td>
                <td class="no-print text-right"
                  >{#if !next.back.includes(row)}<button class="link text-note" onclick={() => cut(row)}
                      >{words.planTheCuttingOf(row.kits.planned)}</button
                    >{/if}</td
                >
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
    </section>
    {#if next.rows.length > 0}<EveningLists rows={next.rows} />{/if}
    <section class="mt-8" aria-label={words.theYearsKits}>
      <h2 class="text-head">{words.theYearsKits}</h2>
      <table class="mt-1 w-full">
        <thead
          ><tr class="border-b-2 border-ink"
            ><th class="py-1">{words.months}</th><th>{words.colourwayAndSize}</th>{#each kitStates as s (s)}<th
                class="text-right">{kitStateNames[s]}</th
              >{/each}<th class="text-right">{words.unassigned}</th></tr
          ></thead
        >
        <tbody>
          {#each rows as row, i (row.month + row.colourway + row.size)}
            {@const begins = rows[i - 1]?.month !== row.month}
            <tr
              class={begins ? 'border-t border-ink' : 'border-t border-rule'}
              data-row="{row.month} {row.colourway} {row.size}"
            >
              <td class="py-1 pr-3">
                {#if begins}<a
                    class="link font-semibold"
                    href="/programmes/{bench.slug}/months/{row.month}/kits?colourway={row.colourway}"
                    >{packetName(programme, row.month)}</a
                  ><span class="block text-note text-quiet">{releaseOf(row.month)}</span>{/if}
              </td>
              <td class="pr-3">{sortName(programme, row.colourway, row.size)}</td>
              {#each kitStates as s (s)}<td class="numeral text-right {row.kits[s] ? '' : 'font-normal text-quiet'}"
                  >{row.kits[s] || '·'}</td
                >{/each}
              <td class="numeral text-right {row.loose ? '' : 'font-normal text-quiet'}">{row.loose || '·'}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  {/if}
  {#snippet side()}
    <section class="mt-4" aria-label={words.unassignedKits}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.unassignedKits}</h2>
      {#if loose.length === 0}
        <p class="mt-2 text-quiet">{words.noneSparesDemoSetsAnd}</p>
      {:else}
        <p class="mt-2">
          {words.madeAndNotClaimedSpares(loose.reduce((n, r) => n + r.loose, 0))}
        </p>
        {#if waitLoose > 0}
          <p class="mt-2">
            <button class="btn btn-primary" onclick={() => void give()}>{words.assignToPeopleStillWithout(waitLoose)}</button>
          </p>
        {/if}
      {/if}
    </section>
    <p class="mt-6"><a class="btn" href="/programmes/{bench.slug}/pickup">{words.handingOut}</a></p>
  {/snippet}
</YearFrame>
