<!-- A cutting list that somebody wrote, beside what each of its lines is worth against the drawing. -->
<script lang="ts">
  import { page } from '$app/state';
  import Tools from '$lib/frame/Tools.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import ListField from './ListField.svelte';
  import { ProofDesk } from './proof-desk.svelte';
  import ProofLines from './ProofLines.svelte';
  import ProofMeaning from './ProofMeaning.svelte';
  import ProofWords from './ProofWords.svelte';
  import { faultLetter } from './fault-letter';
  import { words } from './words';
  import { formatLength } from '@aggrega/core/measure';
  import { monthTitle } from '@aggrega/core/programme';
  import { onDestroy } from 'svelte';

  const bench = useWorkbench();
  const desk = new ProofDesk();
  onDestroy(() => desk.close());
  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const fabrics = $derived([...colourway.fabrics].map(([role, { name }]) => ({ role, name })));
  const several = $derived(month.blocks.length > 1);
  const { proof } = $derived(desk);
  let copied: 'yes' | 'no' | undefined = $state();

  $effect(() => {
    if (month.blocks.length > 0) desk.ask({ programme, document: bench.saver.document, month, colourway });
  });
  const held = $derived(desk.block === undefined ? month.blocks : [month.blocks[desk.block]!]);
  const summary = $derived.by(() => {
    if (!proof) return '';
    const { right, of, missing } = proof;
    if (of === 0) return words.noCutsInIt;
    const lines = right < of ? words.someRight(right, of) : of === 1 ? words.theOneIsRight : words.allRight(of);
    return missing.length > 0 ? `${lines} ${words.missingToo(missing.length)}` : lines;
  });
  const good = $derived(proof !== undefined && proof.of > 0 && proof.right === proof.of && proof.missing.length === 0);

  const name = $derived(held.map(({ block }) => block.name).join(', '));
  const size = $derived(held[0] ? `${formatLength(held[0].finished[0], programme.unit)} ${programme.unit}` : '');

  async function copy() {
    copied = await navigator.clipboard.writeText(faultLetter(proof!, name, size, fabrics)).then(
      () => 'yes' as const,
      () => 'no' as const,
    );
  }
</script>

<svelte:head><title>{words.title(monthTitle(month))}</title></svelte:head>

<main id="page" tabindex="-1" class="px-8 pb-16 max-md:px-4">
  <header class="flex flex-wrap items-center gap-2 pt-4 pb-3">
    <h1 class="mr-auto text-title">{words.title(monthTitle(month))}</h1>
    <a class="btn no-print" href="../cut{page.url.search}">{words.backToCutting}</a>
    <Tools saver={bench.saver} />
  </header>
  {#if month.blocks.length === 0}
    <p class="max-w-prose text-lead">
      {words.nothingToHoldItAgainst} <a class="link" href="../draft{page.url.search}">{words.drawOneFirst}</a>.
    </p>
  {:else}
    <p class="no-print max-w-prose text-quiet">{words.whatItDoes}</p>
    <div class="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-[minmax(18rem,2fr)_3fr] print:block">
      <div class="no-print">
        <ListField {desk} {month} colourway={colourway.id} />
        {#if several}
          <label class="mt-4 block max-w-72"
            ><span class="text-note text-quiet">{words.against}</span>
            <select
              class="select"
              value={desk.block === undefined ? '' : String(desk.block)}
              onchange={(e) => (desk.block = e.currentTarget.value === '' ? undefined : Number(e.currentTarget.value))}
            >
              <option value="">{words.allBlocks}</option>
              {#each month.blocks as entry, i (entry.path)}<option value={String(i)}>{i + 1} · {entry.block.name}</option
                >{/each}
            </select></label
          >
        {/if}
      </div>
      <section aria-label={words.lineByLine} data-proof={desk.checking ? 'busy' : proof ? `${proof.right} of ${proof.of}` : ''}>
        {#if desk.checking && !proof}
          <p role="status">{words.checking}</p>
        {:else if proof}
          <p class="hidden print:block">{words.letterHead(name, size)}</p>
          <p role="status" class="text-lead font-semibold {good ? '' : 'text-madder'} {desk.checking ? 'opacity-60' : ''}">
            {summary}
          </p>
          <ProofLines {proof} {fabrics} />
          <div class="no-print">
            <ProofMeaning {desk} {proof} {month} {fabrics} blocks={held} />
            {#if !bench.saver.looksOnly}<ProofWords {proof} {month} />{/if}
            {#if proof.of > 0 && !good}
              <h2 class="mt-8 border-b border-ink pb-1 text-lead">{words.forTheAuthor}</h2>
              <div class="mt-2 flex flex-wrap items-center gap-2">
                <button class="btn" onclick={() => window.print()}>{words.print}</button>
                <button class="btn" onclick={() => void copy()}>{words.copyFaults}</button>
                <span role="status">{copied === 'yes' ? words.copied : copied === 'no' ? words.cantCopy : ''}</span>
              </div>
            {/if}
          </div>
        {/if}
      </section>
    </div>
  {/if}
</main>
