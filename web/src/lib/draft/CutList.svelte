<!-- What one kit of a block is cut and made from, beside its drawing. -->
<script lang="ts">
  import { words } from './words';
  import type { UnitPlan } from '@aggrega/core/construction';
  import { listed } from '@aggrega/core/measure';
  import type { MonthBlock } from '@aggrega/core/programme';
  import type { MonthSheet } from '@aggrega/core/sheet';
  import Why from '$lib/look/Why.svelte';

  interface Props {
    entry: MonthBlock;
    units: readonly UnitPlan[];
    sheet: MonthSheet | undefined;
    unit: 'in' | 'cm';
    lit: (cut: string) => boolean;
    onlight: (cuts: string[]) => void;
  }
  let { entry, units, sheet, unit, lit, onlight }: Props = $props();
  const cuts = $derived(
    sheet?.fabrics.flatMap((fabric) => fabric.cuts.filter((c) => c.block === entry.key).map((cut) => ({ cut, fabric }))) ?? [],
  );
</script>

{#if cuts.length > 0}
  <h3 class="text-lead">{words.cutsForOneKit}</h3>
  <table class="mt-1 w-full">
    <thead>
      <tr class="border-b border-ink">
        <th class="pb-1">{words.cut}</th>
        <th class="pb-1 text-right">{words.howMany}</th>
        <th class="pb-1 pl-4 text-right">{words.size(unit)}</th>
        <th class="pb-1 pl-4">{words.for}</th>
      </tr>
    </thead>
    <tbody>
      {#each cuts as { cut, fabric } (cut.label)}
        {@const id = `${entry.key}:${cut.label}`}
        <tr
          class="border-b border-rule {lit(id) ? 'bg-weld text-primary-content' : ''}"
          data-cut={id}
          onpointerenter={() => onlight([id])}
          onpointerleave={() => onlight([])}
        >
          <td class="py-1.5 whitespace-nowrap">
            <span class="cloth mr-1 inline-block h-3.5 w-3.5 align-[-1px]" style:background={fabric.colour} aria-hidden="true"
            ></span>
            <b>{cut.label}</b>
          </td>
          <td class="py-1.5 text-right">{cut.qty}</td>
          <td class="numeral py-1.5 pl-4 text-right"><Why why={cut.why} {unit} /></td>
          <td class="py-1.5 pl-4 leading-tight"
            >{cut.for.join(', ')}{cut.then ? `${cut.for.length > 0 ? ', ' : ''}${cut.then}` : ''}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
{#if units.length > 0}
  <h3 class="text-lead {cuts.length > 0 ? 'mt-6' : ''}">{words.units}</h3>
  <ul class="border-t border-ink">
    {#each units as u (u.label)}
      <li class="border-b border-rule py-1.5">
        <b>{u.label}</b>
        {words.of(
          u.make,
          u.mirrored && u.twin ? words.mirrored : '',
          u.make === 1 ? u.kind.title : u.kind.plural,
          listed([...new Set(u.roles)]),
        )}
        <span class="text-quiet"
          >{u.pooled ? words.anyOfAPool : u.method.title}{u.extra > 0 ? words.leftOver(u.extra) : ''}</span
        >
      </li>
    {/each}
  </ul>
{/if}
