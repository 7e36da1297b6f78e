<!-- The whole list of steps by fabric, for the screen and for paper. -->
<script lang="ts">
  import { words } from './words';
  import Letters from '$lib/look/Letters.svelte';
  import { whoFor, type RoomPlan, type RoomStep } from '$lib/plan/room-plan';
  import Length from '$lib/look/Length.svelte';
  import Say from '$lib/look/Say.svelte';
  import SubCuts from './SubCuts.svelte';
  import TickBox from '$lib/look/TickBox.svelte';

  interface Props {
    plan: RoomPlan;
    unit: 'in' | 'cm';
    /** Only these steps are shown; a fabric without any is left out. */
    shown: (step: RoomStep) => boolean;
    /** Who takes a step, where several hands share the list: 'hand 2'. */
    handOf?: (step: RoomStep) => string;
    isDone: (step: RoomStep) => boolean;
    onset: (step: RoomStep, done: boolean) => void;
  }
  let { plan, unit, shown, handOf, isDone, onset }: Props = $props();

  const cutsOf = (steps: RoomStep[]) => {
    const count = new Map<string, number>();
    for (const { strip } of steps) for (const r of strip.rects) count.set(r.name, (count.get(r.name) ?? 0) + strip.repeat);
    return [...count].sort();
  };
</script>

{#each plan.view.fabrics as f (f.id)}
  {@const all = plan.steps.filter((s) => s.fabric.id === f.id)}
  {@const steps = all.filter(shown)}
  {#if steps.length > 0}
    <section class="fabric">
      <h2 class="flex items-center gap-3 text-head">
        <Letters of={f} large />
        {f.name} <span class="font-sans text-body font-normal text-quiet">{f.sku}</span>
        <span class="ml-auto font-sans text-body font-normal"
          >{words.pull} <b class="numeral"><Say text={f.ask} /></b>{#if f.sheet}, <Length of={f.width} /> × <Length
              of={f.sheet.length}
            />
            {unit}{:else}{words.uses}
            <Length of={f.needed} />
            {words.usableWidth2(unit)}
            <Length of={f.width} />
            {unit}{/if}</span
        >
      </h2>
      <table class="w-full">
        <thead
          ><tr class="border-b border-ink"
            ><th class="w-[2.6rem]"></th><th class="w-28 text-right">{f.sheet ? words.pieces3 : words.stripWidth(unit)}</th><th
              class="w-24 pl-4">{f.sheet ? '' : words.numberOfStrips}</th
            ><th class="pl-4">{words.subcutEachTotalPieces}</th></tr
          ></thead
        >
        <tbody>
          {#each steps as step, i (step.id)}
            {@const s = step.strip}
            <tr class="border-b border-rule align-top">
              <td><TickBox what="{f.name}, strip {i + 1}" checked={isDone(step)} onset={(done) => onset(step, done)} /></td>
              <td class="numeral py-1.5 text-right text-head leading-tight"
                >{#if f.sheet}{s.repeat}{:else}<Length of={s.length} />{/if}</td
              >
              <td class="py-1.5 pl-4 text-lead"
                >{f.sheet ? '' : s.repeat}{#if handOf}<span class="block text-note text-quiet">{handOf(step)}</span>{/if}</td
              >
              <td class="py-1.5 pl-4"><SubCuts strip={s} all /></td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="text-note text-quiet">
        {words.totalPerKit(
          cutsOf(all)
            .map(([cut, n]) => `${n} ${cut}`)
            .join(', '),
          whoFor(
            plan.shares,
            f.id,
            cutsOf(all).map(([cut]) => cut),
          ),
        )}
        {#if f.keep.length > 0}<span
            >{words.leftOverWorthKeeping}
            {#each f.keep.slice(0, 4) as k, i (i)}{i > 0 ? ', ' : ''}{k.qty === 1 ? words.onePiece : words.pieces4(k.qty)}
              <Length of={k.w} /> × <Length of={k.h} />
              {unit}{/each}.</span
          >{/if}
      </p>
    </section>
  {/if}
{/each}

<style>
  .fabric {
    margin-top: 1.6rem;
  }
  .fabric h2 {
    break-after: avoid;
    padding-bottom: 0.3rem;
  }
  tr {
    break-inside: avoid;
  }
  th {
    padding-bottom: 0.2rem;
  }
</style>
