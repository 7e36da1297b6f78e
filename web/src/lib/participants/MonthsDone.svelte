<!-- The months that are out: how many have cut, sewn the units and finished, by their own ticks. -->
<script lang="ts">
  import { words } from './words';
  import { progressSteps } from '@aggrega/core/running';
  import type { ProgressView } from '$lib/server/participants/progress';

  interface Props {
    months: ProgressView['months'];
    people: number;
    chosen: string;
    onchoose: (month: string) => void;
  }
  let { months, people, chosen, onchoose }: Props = $props();
  const names = { cut: words.piecesCut, units: words.unitsSewn, block: words.blockFinished };
</script>

<section class="mt-5" aria-label={words.byMonth}>
  <h2 class="text-head">{words.byMonth}</h2>
  <table class="mt-2 w-full max-w-3xl">
    <thead
      ><tr class="border-b-2 border-ink"
        ><th class="py-1">{words.month}</th>{#each progressSteps as step (step)}<th>{names[step]}</th>{/each}</tr
      ></thead
    >
    <tbody>
      {#each months as m (m.id)}
        <tr class="border-b border-rule {m.id === chosen ? 'bg-weld/30' : ''}" data-month-done={m.id}>
          <td class="py-1.5 pr-3"
            ><button class="link text-left" aria-pressed={m.id === chosen} onclick={() => onchoose(m.id === chosen ? '' : m.id)}
              >{m.name}</button
            ></td
          >
          {#each progressSteps as step (step)}
            <td class="pr-4">
              <span class="flex items-center gap-2">
                <span class="numeral w-20 shrink-0 whitespace-nowrap max-md:w-auto">{words.ofPeople(m.done[step], people)}</span
                >
                <span class="h-2 w-24 bg-edge max-md:hidden" aria-hidden="true"
                  ><span class="block h-2 bg-ink" style:width="{people > 0 ? (100 * m.done[step]) / people : 0}%"></span></span
                >
              </span>
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</section>
