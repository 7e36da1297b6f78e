<!-- Person by person, month by month: how many of the three steps are ticked. Whoever has ticked least comes first. -->
<script lang="ts">
  import { words } from './words';
  import { progressSteps } from '@aggrega/core/running';
  import type { ProgressView } from '$lib/server/participants/progress';

  interface Props {
    rows: ProgressView['rows'];
    months: ProgressView['months'];
    people: number;
    at: number;
    onperson: (id: string) => void;
    onpage: (page: number) => void;
  }
  let { rows, months, people, at, onperson, onpage }: Props = $props();
  const PAGE = 60;
  const said = [words.notBegun, words.piecesCut, words.unitsSewn, words.blockFinished];
</script>

<section class="mt-8" aria-label={words.personByPerson}>
  <h2 class="text-head">{words.personByPerson}</h2>
  <p class="text-quiet">{words.leastFirst}</p>
  {#if rows.length === 0}<p class="mt-2 text-quiet">{words.nobodyTakesPartYet}</p>{/if}
  <div class="overflow-x-auto">
    <table class="mt-2">
      <thead
        ><tr class="border-b-2 border-ink align-bottom"
          ><th class="py-1 pr-4">{words.name}</th>{#each months as m (m.id)}<th class="px-1.5 font-normal">{m.name}</th
            >{/each}</tr
        ></thead
      >
      <tbody>
        {#each rows as row (row.id)}
          <tr class="border-b border-rule" data-person-done={row.name}>
            <td class="py-1 pr-4 whitespace-nowrap"
              ><button class="link" onclick={() => onperson(row.id)}>{row.name}</button></td
            >
            {#each months as m (m.id)}
              {@const steps = Math.min(progressSteps.length, row.done[m.id] ?? 0)}
              <td class="px-1.5">
                <span class="flex gap-0.5" role="img" aria-label={said[steps]} title={said[steps]}>
                  {#each progressSteps as step, i (step)}
                    <span class="h-4 w-3 border border-ink {i < steps ? 'bg-ink' : 'border-rule'}"></span>
                  {/each}
                </span>
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if people > PAGE}
    <nav class="no-print mt-3 flex items-center gap-3" aria-label={words.pagesOfPeople}>
      <button class="btn" disabled={at === 0} onclick={() => onpage(at - 1)}>{words.earlierPeople}</button>
      <span class="tabular">{words.toOf(at * PAGE + 1, Math.min(people, (at + 1) * PAGE), people)}</span>
      <button class="btn" disabled={(at + 1) * PAGE >= people} onclick={() => onpage(at + 1)}>{words.laterPeople}</button>
    </nav>
  {/if}
</section>
