<!-- What the setting is cut from, each part with the month that hands it out; binding, backing and wadding. -->
<script lang="ts">
  import { packagedName, partName } from '@aggrega/core/setting';
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Length from '$lib/look/Length.svelte';
  import Letters from '$lib/look/Letters.svelte';
  import Say from '$lib/look/Say.svelte';
  import Why from '$lib/look/Why.svelte';
  import BackingPanels from './BackingPanels.svelte';
  import { fieldChange, settingAt } from './places';
  import { lengthToBuy } from '@aggrega/core/cutting';
  import { formatLength, type Rational, soldText } from '@aggrega/core/measure';
  import {
    PlanError,
    backingCloth,
    settingPieces,
    waddingOf,
    type Colourway,
    type Quilt,
    type SizeOption,
  } from '@aggrega/core/programme';
  import type { PartGroup } from '@aggrega/core/setting';
  import { whyCut } from '@aggrega/core/sheet';

  let { quilt, size, colourway }: { quilt: Quilt; size: SizeOption | undefined; colourway: Colourway } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit, house } = $derived(programme);
  const write = (x: Rational) => formatLength(x, unit);
  const yards = (x: Rational) => soldText(x, house);
  const letters = (role: string) => ({ colour: colourway.fabrics.get(role)?.colour ?? '#ffffff', roles: [role] });
  const nameOf = (role: string) => colourway.fabrics.get(role)?.name ?? words.noFabricYet;

  const several = $derived(new Set(quilt.parts.map((p) => p.number).filter((n) => n !== undefined)).size > 1);
  const GROUPS: [PartGroup, string][] = [
    ['sashing', words.sashingAndCornerstones],
    ['triangles', words.settingTrianglesSideAndCorner],
    ['alternate', words.plainBlocks],
    ['rounds', words.rounds],
    ['borders', words.borders],
  ];
  const groups = $derived(
    [
      { group: undefined, name: words.roundEachBlock, parts: quilt.parts.filter((p) => !p.group) },
      ...GROUPS.map(([group, name]) => ({ group, name, parts: quilt.parts.filter((p) => p.group === group) })),
    ].filter((g) => g.parts.length > 0),
  );
  /** Strips that are joined, and what cannot be cut because a letter is not cast. */
  const strips = $derived.by(() => {
    try {
      return { pieces: settingPieces(programme, colourway, size), problem: '' };
    } catch (error) {
      if (error instanceof PlanError) return { pieces: [], problem: error.problems[0]!.message };
      throw error;
    }
  });
  const binding = $derived(strips.pieces.find((p) => p.name.startsWith('binding')));
  const joined = $derived(strips.pieces.filter((p) => p.name.startsWith('border strip')));
  const cloth = $derived(strips.problem ? undefined : backingCloth(programme, colourway, size));
  const wadding = $derived(strips.problem ? undefined : waddingOf(programme, colourway, size));
  const file = $derived(settingAt(bench.saver.document, size?.id ?? '').all);

  const none = (group: PartGroup) => (group === 'wadding' ? words.withTheBacking : words.notChosenYet);
  function handOut(group: PartGroup, month: string) {
    const to = { ...file.months };
    if (month) to[group] = month;
    else delete to[group];
    bench.saver.do(words.theQuiltMonthOfA, [fieldChange(bench.saver.document, size?.id ?? '', 'months', to)]);
  }
</script>

{#snippet month(group: PartGroup, name: string)}
  <select
    class="select no-print max-w-44"
    aria-label={words.handedOutIn(name)}
    value={file.months?.[group] ?? ''}
    onchange={(e) => handOut(group, e.currentTarget.value)}
  >
    <option value="">{none(group)}</option>
    {#each programme.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
  </select>
  <span class="hidden print:inline">{programme.months.find((m) => m.id === file.months?.[group])?.name ?? none(group)}</span>
{/snippet}

<section class="mt-6" aria-label={words.partsOfTheQuilt}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.whatIsCutForOne}</h2>
  {#if strips.problem}<p class="mt-2 text-madder">{words.chooseAnotherLetterOrChoose(strips.problem)}</p>{/if}
  <table class="mt-1 w-full">
    <thead>
      <tr class="border-b border-ink">
        <th class="py-1">{words.part}</th>
        <th class="py-1">{words.fabric}</th>
        <th class="py-1 text-right">{words.howMany}</th>
        <th class="py-1 pl-5 text-right">{words.cut(unit)}</th>
        <th class="py-1 pl-5">{words.handedOutIn2}</th>
      </tr>
    </thead>
    {#each groups as { group, name, parts } (name)}
      <tbody class="break-inside-avoid">
        {#each parts as part, i (i)}
          <tr class="border-b border-rule">
            <td class="py-1.5 pr-3">
              {partName(part.name)}{#if several && part.number}&nbsp;{part.number}{/if}{#if part.sub !== 'none'}<span
                  class="text-quiet">{part.sub === 'once' ? words.fromSquaresCutOnce : words.fromSquaresCutTwice}</span
                >{/if}{#if part.mitred}<span class="text-quiet">{words.mitred}</span>{/if}{#if part.joined}<span
                  class="text-quiet">{words.piecedFromStrips}</span
                >{/if}
            </td>
            <td class="py-1.5 pr-3 whitespace-nowrap"><Letters of={letters(part.role)} /> {nameOf(part.role)}</td>
            <td class="numeral py-1.5 text-right">{part.qty}</td>
            <td class="numeral py-1.5 pl-5 text-right whitespace-nowrap">
              <Why why={whyCut({ ...part, label: partName(part.name) }, house)} {unit} />
            </td>
            {#if i === 0}
              <td class="py-1 pl-5 align-top" rowspan={parts.length}>
                {#if group}{@render month(group, name)}{:else}<span class="text-quiet">{words.itsBlocksMonth}</span>{/if}
              </td>
            {/if}
          </tr>
        {/each}
      </tbody>
    {/each}
    <tbody class="break-inside-avoid">
      {#each joined as strip, i (i)}
        <tr class="border-b border-rule">
          <td class="py-1.5 pr-3">{words.stripsForBorders}<span class="text-quiet">{words.joinedWithDiagonalSeams}</span></td>
          <td class="py-1.5 pr-3 whitespace-nowrap"><Letters of={letters(strip.role)} /> {nameOf(strip.role)}</td>
          <td class="numeral py-1.5 text-right">{strip.qty}</td>
          <td class="numeral py-1.5 pl-5 text-right"><Length of={write(strip.h)} /> {words.wof}</td>
          <td></td>
        </tr>
      {/each}
      {#if quilt.binding}
        <tr class="border-b border-rule">
          <td class="py-1.5 pr-3"
            >{words.binding}<span class="text-quiet"
              >{words.aboutWhenJoined(Math.round(quilt.binding.length.valueOf()), unit)}</span
            ></td
          >
          <td class="py-1.5 pr-3 whitespace-nowrap"
            ><Letters of={letters(quilt.binding.role)} /> {nameOf(quilt.binding.role)}</td
          >
          <td class="numeral py-1.5 text-right">{binding?.qty ?? '–'}</td>
          <td class="numeral py-1.5 pl-5 text-right whitespace-nowrap"><Length of={write(quilt.binding.cut)} /> {words.wof}</td>
          <td class="py-1 pl-5">{@render month('binding', words.binding2)}</td>
        </tr>
      {/if}
      {#if cloth}
        <tr class="border-b border-rule">
          <td class="py-1.5 pr-3"
            >{words.backing}<span class="text-quiet"
              >, {cloth.panels === 1
                ? words.oneWidth
                : words.widthsSeams(cloth.panels, cloth.seams === 'upright' ? words.vertical : words.horizontal)}</span
            ></td
          >
          <td class="py-1.5 pr-3 whitespace-nowrap"><Letters of={letters(cloth.role)} /> {nameOf(cloth.role)}</td>
          <td class="numeral py-1.5 text-right"><Say text={yards(lengthToBuy(cloth.length, house))} /></td>
          <td class="numeral py-1.5 pl-5 text-right whitespace-nowrap"
            ><Say text={words.by(write(cloth.w), write(cloth.h))} /></td
          >
          <td class="py-1 pl-5">{@render month('backing', words.backing2)}</td>
        </tr>
      {/if}
      {#if wadding}
        <tr class="border-b border-rule">
          <td class="py-1.5 pr-3"
            >{words.wadding}<span class="text-quiet"
              >, {wadding.cloth
                ? wadding.cloth.fabric.name
                : wadding.packaged
                  ? words.packagedBy(packagedName(wadding.packaged.name), write(wadding.packaged.w), write(wadding.packaged.h))
                  : words.largerThanAnyPackagedSize}</span
            ></td
          >
          <td></td>
          <td class="numeral py-1.5 text-right"
            >{#if wadding.cloth}<Say text={yards(lengthToBuy(wadding.cloth.length, house))} />{:else}1{/if}</td
          >
          <td class="numeral py-1.5 pl-5 text-right whitespace-nowrap"
            ><Say text={words.by(write(wadding.w), write(wadding.h))} /></td
          >
          <td class="py-1 pl-5">{@render month('wadding', words.wadding2)}</td>
        </tr>
      {/if}
    </tbody>
  </table>
  {#if cloth && cloth.panels > 1}<BackingPanels {cloth} colour={letters(cloth.role).colour} {unit} />{/if}
</section>
