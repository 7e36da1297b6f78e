<!-- The cast of a colourway: a letter a row, with what it needs and what lies on the shelf. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { clothQuestion } from '$lib/plan/year-questions';
  import Say from '$lib/look/Say.svelte';
  import Swatch from './Swatch.svelte';
  import { bandName, bandOf, type View } from '@aggrega/core/fabric';
  import PoolRow from './PoolRow.svelte';
  import {
    castChanges,
    choiceChanges,
    copyChanges,
    lettersOf,
    poolChanges,
    swapChanges,
    type Change,
    type Colourway,
    type Fabric,
  } from '@aggrega/core/programme';
  import Lock from '@lucide/svelte/icons/lock';
  import LockOpen from '@lucide/svelte/icons/lock-open';
  import { dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
  import { onDestroy, untrack } from 'svelte';

  interface Props {
    colourway: Colourway;
    view: View;
    role: string;
    onrole: (role: string) => void;
    oncast: (fabric: Fabric, role: string) => void;
    /** How often the fabrics of scrappy letters are used. */
    used?: ReadonlyMap<string, { fabric: string; times: number }[]>;
    /** What everybody's packets take, as the page was sent with it. */
    cloth?: Ready<'stock'>;
  }
  let { colourway, view, role, onrole, oncast, used, cloth }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const roles = $derived(lettersOf(colourway));
  const others = $derived(programme.colourways.filter((c) => c !== colourway));
  let over: string | undefined = $state();
  /** The value of one fabric, or from the darkest to the lightest of several. */
  function valuesOf(fabrics: readonly Fabric[]): string {
    const values = fabrics.map((f) => Math.round(f.value));
    const [low, high] = [Math.min(...values), Math.max(...values)];
    return low === high ? `${low}` : `${low}–${high}`;
  }

  /** What everybody's packets take of each fabric, worked out beside the page. */
  const asker = new YearAsker<'stock'>(untrack(() => cloth));
  onDestroy(() => asker.close());
  $effect(() => {
    const question = clothQuestion(programme);
    untrack(() => asker.ask(bench, question));
  });
  const stockOf = (fabric: Fabric) => asker.answer?.find((s) => s.id === fabric.id);

  const save = (name: string, changes: Change[]) => bench.saver.do(`${colourway.name}, ${name}`, changes);
  function lock(letter: string) {
    const from = bench.saver.document.colourways?.find((c) => c.id === colourway.id)?.locked;
    const to = colourway.locked.has(letter) ? (from ?? []).filter((r) => r !== letter) : [...(from ?? []), letter];
    save(`${letter} ${colourway.locked.has(letter) ? 'free' : 'locked'}`, [
      { path: `/colourways/${colourway.id}/locked`, from, to },
    ]);
  }
  function choose(letter: string, value: string) {
    if (value === 'light' || value === 'medium' || value === 'dark')
      save(words.isEverybodysChoice(letter), choiceChanges(bench.saver.document, colourway.id, letter, value));
    else if (value === 'scrappy')
      save(words.isScrappy(letter), poolChanges(bench.saver.document, colourway.id, letter, { fabrics: [firstOf(letter)] }));
    else if (value === 'one')
      save(words.isOneFabric(letter), castChanges(bench.saver.document, colourway.id, letter, firstOf(letter)));
    else if (value.startsWith('swap '))
      save(words.andSwapped(letter, value.slice(5)), swapChanges(bench.saver.document, colourway.id, letter, value.slice(5)));
    else if (value)
      oncast(
        programme.fabrics.find((f) => f.id === value)!,
        letter,
      );
  }
  /** The fabric that stands for a letter, or the first of the programme where everybody chooses her own. */
  function firstOf(letter: string): string {
    const fabric = colourway.fabrics.get(letter)!;
    return fabric.own ? programme.fabrics[0]!.id : fabric.id;
  }
  /** A row that takes a fabric from the rack. */
  const takes = (letter: string) => (element: HTMLElement) =>
    dropTargetForElements({
      element,
      canDrop: ({ source }) => typeof source.data.fabric === 'string' && !colourway.locked.has(letter),
      onDragEnter: () => (over = letter),
      onDragLeave: () => (over = undefined),
      onDrop: ({ source }) => {
        over = undefined;
        const fabric = programme.fabrics.find((f) => f.id === source.data.fabric);
        if (fabric) oncast(fabric, letter);
      },
    });
</script>

<section aria-label={words.fabricsOf(colourway.name)}>
  <table class="w-full">
    <thead>
      <tr class="border-b border-ink">
        <th class="pb-1"><span class="sr-only">{words.letter}</span></th>
        <th class="pb-1">{words.fabric}</th>
        <th class="pb-1 text-right">{words.value}</th>
        <th></th>
      </tr>
    </thead>
    <tbody>
      {#each roles as [letter, fabric] (letter)}
        {@const stock = stockOf(fabric)}
        {@const locked = colourway.locked.has(letter)}
        {@const pool = colourway.pools.get(letter)}
        <tr
          class="border-b border-rule {over === letter ? 'bg-weld text-primary-content' : letter === role ? 'bg-edge' : ''}"
          data-cast={letter}
          {@attach takes(letter)}
        >
          <td class="py-1.5">
            <button
              class="numeral w-9 cursor-pointer border-b-4 py-1 text-lead {letter === role
                ? 'border-weld'
                : 'border-transparent hover:border-rule'}"
              aria-pressed={letter === role}
              aria-label={words.select(letter)}
              onclick={() => onrole(letter)}>{letter}</button
            >
          </td>
          <td class="py-1.5">
            {#if pool}<PoolRow {letter} {pool} {colourway} {view} used={used?.get(letter)} />{/if}
            <div class="flex items-center gap-2 {pool ? 'mt-1' : ''}">
              {#if !pool}<Swatch {fabric} unit={programme.unit} {view} width={48} height={34} />{/if}
              <select
                class="select min-w-0"
                aria-label={words.fabricOf(letter)}
                disabled={locked}
                value={pool ? 'scrappy' : fabric.own ? bandOf(fabric.value) : fabric.id}
                onchange={(e) => choose(letter, e.currentTarget.value)}
              >
                <optgroup label={words.fabrics}>
                  {#each programme.fabrics as f (f.id)}<option value={f.id}>{f.name}</option>{/each}
                </optgroup>
                <optgroup label={words.severalFabrics}>
                  <option value="scrappy"
                    >{pool ? words.scrappyAPoolOf(pool.fabrics.length) : words.scrappyAPoolOfFabrics}</option
                  >
                  {#if pool}<option value="one">{words.oneFabricAgain}</option>{/if}
                </optgroup>
                <optgroup label={words.participantsOwnChoice}>
                  {#each ['light', 'medium', 'dark'] as const as band (band)}<option value={band}
                      >{words.yourChoice(bandName(band))}</option
                    >{/each}
                </optgroup>
                <optgroup label={words.swap}>
                  {#each roles.filter(([r]) => r !== letter && !colourway.locked.has(r)) as [r] (r)}<option value="swap {r}"
                      >{words.swapWith(r)}</option
                    >{/each}
                </optgroup>
              </select>
            </div>
            {#if pool}
              {@const short = pool.fabrics.filter((f) => stockOf(f)?.order)}
              <p class="mt-1 text-note text-quiet" data-stock={letter}>
                {#if pool.fabrics.length === 1}{words.selectThenClickFabricsTo(
                    letter,
                  )}{:else if short.length > 0}{words.shortBy}
                  <b class="text-ink"><Say text={short.map((f) => `${f.name} ${stockOf(f)!.order!.ask}`).join(', ')} /></b
                  >.{:else if asker.answer}{words.thereIsEnoughOfAll}{:else if asker.progress !== undefined}{words.workingOutWhatTheyNeed}{/if}
              </p>
            {:else}
              <p class="mt-1 text-note text-quiet" data-stock={fabric.id}>
                {#if stock}
                  {words.everyoneTogetherNeeds}
                  <Say text={stock.wanted} />; <Say text={stock.shelf} />
                  {words.inStock}{#if stock.order}, <b class="text-ink">{words.shortBy2} <Say text={stock.order.ask} /></b
                    >{:else if stock.free}, <Say text={stock.free} /> {words.ofItFree}{/if}.
                {:else if fabric.own}{words.participantsBringTheirOwn}
                {:else if asker.progress !== undefined}{words.workingOutWhatItNeeds}{:else}{words.notUsedInAnyBlock}{/if}
              </p>
            {/if}
          </td>
          <td class="numeral py-1.5 pl-3 text-right whitespace-nowrap">{valuesOf(pool?.fabrics ?? [fabric])}</td>
          <td class="py-1.5 pl-2 text-right">
            <button
              class="cursor-pointer p-1.5"
              aria-pressed={locked}
              aria-label={locked ? words.unlock(letter) : words.lock(letter)}
              title={locked ? words.unlock2 : words.lock2}
              onclick={() => lock(letter)}
              >{#if locked}<Lock size={17} />{:else}<LockOpen size={17} class="text-quiet" />{/if}</button
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  {#if others.length > 0}
    <p class="mt-3 flex flex-wrap items-center gap-2">
      <span class="text-note text-quiet">{words.copyFabricsFrom}</span>
      {#each others as c (c.id)}
        <button
          class="btn"
          onclick={() => save(words.fabricsCopiedFrom(c.name), copyChanges(bench.saver.document, colourway.id, c.id))}
          >{c.name}</button
        >
      {/each}
      <span class="text-note text-quiet">{words.lockedLettersKeepTheirFabric}</span>
    </p>
  {/if}
  <p class="mt-2 text-note text-quiet">
    {words.dragAFabricOntoA}
    <kbd>{words.g}</kbd>
    {words.showsEverythingInGreyscale}
  </p>
</section>
