<!-- What forty people's units, parts and block measure, one below the other; with what was measured, where something was. -->
<script lang="ts">
  import { words } from './words';
  import PeopleDots from './PeopleDots.svelte';
  import Say from '$lib/look/Say.svelte';
  import { amongForty, type ForeseenPart } from '@aggrega/core/foresee';
  import type { LengthUnit } from '@aggrega/core/measure';

  interface Row {
    name: string;
    part: ForeseenPart;
    /** Sizes as written, and what they are beyond what they should be. */
    measured?: readonly { written: string; off: number }[];
  }
  let { rows, unit }: { rows: readonly Row[]; unit: LengthUnit } = $props();

  const eased = (part: ForeseenPart) => Math.round(part.eased * 40);
  function sizeText({ sides }: ForeseenPart): string {
    const [across, down] = sides.map(({ size }) => size) as [string, string];
    return across === down ? across : words.by(across, down);
  }
  function placed({ written, off }: { written: string; off: number }, part: ForeseenPart): string {
    const { smaller, larger } = amongForty(off, part);
    if (smaller > larger && smaller > USUAL) return words.largerThan(written, smaller);
    return larger > USUAL ? words.smallerThan(written, larger) : words.amongTheForty(written);
  }
  /** More than three quarters. */
  const USUAL = 30;
</script>

<table class="mt-2 w-full max-w-3xl">
  <thead>
    <tr class="border-b border-ink text-note">
      <th class="py-1 pr-4 align-bottom max-md:pr-2">{words.checkpoint}</th>
      <th class="min-w-18 py-1 pr-4 align-bottom max-md:pr-2">{words.shouldMeasure(unit)}</th>
      <th class="py-1 pr-4 align-bottom max-md:pr-2">{words.fortyPeople}</th>
      <th class="py-1 text-right align-bottom">{unit === 'in' ? words.withinASixteenth : words.withinOneAndAHalfMm}</th>
    </tr>
  </thead>
  <tbody>
    {#each rows as { name, part, measured = [] }, i (i)}
      <tr class="break-inside-avoid border-b border-rule align-middle" data-checkpoint={eased(part)}>
        <td class="min-w-24 py-1.5 pr-4 max-md:pr-2">
          {name}
          {#each measured as one, k (k)}<span class="block text-note" data-placed>{placed(one, part)}</span>{/each}
        </td>
        <td class="numeral py-1.5 pr-4 max-md:pr-2"><Say text={sizeText(part)} /></td>
        <td class="w-56 py-1.5 pr-4 max-md:w-24 max-md:pr-2">
          <PeopleDots
            people={part.people}
            {unit}
            strip
            label={words.fortyAt(name, eased(part))}
            measured={measured.map(({ off }) => off)}
          />
        </td>
        <td class="numeral py-1.5 text-right whitespace-nowrap">{words.ofForty(eased(part))}</td>
      </tr>
    {/each}
  </tbody>
</table>
