<!-- One year: its quilt, its months with what they teach, what everyone is handed, and the proof. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import type { Offer } from './composer.svelte';
  import { svgAddress } from './svg-address';

  interface Props {
    offer: Offer;
    /** Ids of the months that stay when the others are asked for anew. */
    keep: string[];
  }
  let { offer, keep = $bindable() }: Props = $props();
  let colourway = $state('');
  const picture = $derived(offer.pictures.find((p) => p.id === colourway) ?? offer.pictures[0]!);
  const { proof } = $derived(offer);
  const hours = (minutes: number) => words.hours(Math.round(minutes / 30) / 2);
  const money = (amount: number) =>
    new Intl.NumberFormat(page.data.locale as string, {
      ...(offer.year.file.currency ? { style: 'currency', currency: offer.year.file.currency } : {}),
      maximumFractionDigits: 0,
    }).format(amount);
  const amountsOf = (month: string) => proof?.packets.find((p) => p.months.includes(month))?.amounts ?? [];
</script>

<div class="mt-6 grid grid-cols-[minmax(0,15rem)_1fr] gap-x-8 gap-y-4 border-t border-rule pt-5 max-[43.75rem]:grid-cols-1">
  <div>
    <img class="max-h-96 w-full object-contain object-top" src={svgAddress(picture.svg)} alt={words.theQuiltIn(picture.name)} />
    {#if offer.pictures.length > 1}
      <p class="mt-2 flex flex-wrap gap-x-3">
        {#each offer.pictures as { id, name } (id)}<button
            class={id === picture.id ? 'border-b-2 border-weld' : 'link'}
            aria-pressed={id === picture.id}
            onclick={() => (colourway = id)}>{name}</button
          >{/each}
      </p>
    {/if}
  </div>
  <div>
    {#if !proof}
      <p class="flex items-center gap-3 text-quiet" role="status">
        {words.checking}
        <progress class="progress w-40" max="1" value={offer.progress ?? 0}></progress>
      </p>
    {:else if proof.broken.length > 0}
      <p class="text-madder">{words.thisYearDoesNotKeep}</p>
      <ul class="list-disc pl-5 text-madder">
        {#each proof.broken as what (what)}<li>{what}</li>{/each}
      </ul>
    {:else}
      <h2 class="text-lead">{words.everythingFits}</h2>
      <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5">
        <dt class="text-quiet">{words.finishedQuilt}</dt>
        <dd>{words.sizeText(offer.size.w, offer.size.h, offer.year.file.unit)}</dd>
        <dt class="text-quiet">{words.longestMonth}</dt>
        <dd>{hours(proof.longest * 60)}</dd>
        {#if proof.cost}
          <dt class="text-quiet">{words.fabricCosts}</dt>
          <dd>{words.costEach(money(proof.cost.each), money(proof.cost.all))}</dd>
        {/if}
      </dl>
      <table class="mt-3">
        <thead>
          <tr class="border-b border-rule text-left text-note text-quiet">
            <th class="pr-6 font-normal" colspan="2">{words.fabric}</th><th class="pr-6 font-normal">{words.forOne}</th><th
              class="font-normal">{words.forPeople(proof.people)}</th
            >
          </tr>
        </thead>
        <tbody>
          {#each proof.bundle as { letter, name, colour, text, takes, holds } (letter)}
            <tr>
              <td class="py-0.5 pr-2"><span class="cloth block h-4 w-6" style:background={colour}></span></td>
              <td class="pr-6">{words.letterName(letter, name)}</td>
              <td colspan="2"
                >{text}{#if holds > takes}<span class="text-quiet">{words.ofThemLeftWhole(holds - takes)}</span>{/if}</td
              >
            </tr>
          {/each}
          {#each proof.all as { letter, name, colour, text }, i (letter)}
            <tr>
              <td class="py-0.5 pr-2"><span class="cloth block h-4 w-6" style:background={colour}></span></td>
              <td class="pr-6">{words.letterName(letter, name)}</td>
              <td class="pr-6">{proof.one[i]!.text}</td>
              <td>{text}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  </div>
</div>

<table class="mt-6 w-full border-t-2 border-ink">
  <thead>
    <tr class="border-b border-rule text-left text-note whitespace-nowrap text-quiet">
      <th class="py-1 pr-3 font-normal">{words.keep}</th><th class="pr-3 font-normal">{words.month}</th><th
        class="pr-3 font-normal">{words.blocks}</th
      ><th class="pr-3 font-normal">{words.teaches}</th><th class="pr-3 text-right font-normal">{words.hoursHead}</th><th
        class="font-normal max-[56.25rem]:hidden">{words.fabricEach}</th
      >
    </tr>
  </thead>
  <tbody>
    {#each offer.months as { id, name, blocks, introduces, practises, minutes } (id)}
      <tr class="border-b border-rule align-top">
        <td class="py-2 pr-3"
          >{#if blocks.length > 0}<input
              type="checkbox"
              class="h-5 w-5"
              value={id}
              bind:group={keep}
              aria-label={words.keepMonth(name)}
            />{/if}</td
        >
        <td class="py-2 pr-3">{name}</td>
        <td class="py-2 pr-3">
          {#each blocks as block (block.name)}
            <span class="mr-4 inline-flex items-center gap-2"
              ><img class="h-10 w-10" src={svgAddress(block.picture)} alt="" />{block.make > 1
                ? words.makeOf(block.make, block.name)
                : block.name}</span
            >
          {:else}<span class="text-quiet">{words.settingAndFinishing}</span>{/each}
        </td>
        <td class="py-2 pr-3">
          {#if introduces}<span class="block">{words.new(introduces)}</span>{/if}
          {#if practises.length > 0}<span class="block text-note text-quiet">{words.practised(practises.join(', '))}</span>{/if}
        </td>
        <td class="numeral py-2 pr-3 text-right">{minutes > 0 ? Math.round(minutes / 30) / 2 : ''}</td>
        <td class="py-2 text-note max-[56.25rem]:hidden"
          >{amountsOf(name)
            .map((a) => words.amountOf(a.text, a.letter))
            .join(', ')}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
