<!-- Drawings to begin with: the starter library, a plain grid, or a file. -->
<script lang="ts">
  import { words } from './words';
  import {
    blockDrawing,
    library,
    plainBlock,
    readBlock,
    readBlockDocument,
    readBlockSvg,
    type Block,
  } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import Picture from '$lib/look/Picture.svelte';

  interface Props {
    colours: ReadonlyMap<string, string>;
    onchoose: (block: Block) => void;
  }
  let { colours, onchoose }: Props = $props();
  let search = $state('');
  let problems: { path: string; message: string }[] = $state.raw([]);
  const all = library.map((file) => ({ file, block: readBlock(file, '').block }));
  const found = $derived(
    all.filter(({ file }) => `${file.name} ${file.note}`.toLowerCase().includes(search.trim().toLowerCase())),
  );
  const size = (b: Block) => [Exact.of(b.grid[0]), Exact.of(b.grid[1])] as const;

  async function readFile(input: HTMLInputElement) {
    const file = input.files?.[0];
    if (!file) return;
    const name = file.name.replace(/\.(block\.json|json|svg)$/i, '');
    let read;
    try {
      if (file.size > 2_000_000) throw new SyntaxError(words.largerThanABlockCan);
      const text = await file.text();
      read = /\.svg$/i.test(file.name) ? readBlockSvg(text, name) : readBlockDocument(JSON.parse(text));
    } catch (error) {
      read = { problems: [{ path: '', message: words.theFileCannotBeRead((error as Error).message) }] };
    }
    input.value = '';
    problems = 'problems' in read ? read.problems : [];
    if ('block' in read) onchoose({ ...read.block, name: read.block.name === 'block' ? name : read.block.name });
  }
</script>

<div class="flex flex-wrap items-end gap-4">
  <label class="block w-56"
    ><span class="text-note text-quiet">{words.searchBlocks}</span>
    <input class="input" type="search" bind:value={search} placeholder={words.starGeesePartialSeam} /></label
  >
  <button class="btn" onclick={() => onchoose(plainBlock('plain', words.newBlock, [4, 4]))}>{words.aPlain4By4}</button>
  <label class="btn"
    >{words.fromAFile}<input
      class="sr-only"
      type="file"
      accept=".json,.svg,application/json,image/svg+xml"
      onchange={(e) => void readFile(e.currentTarget)}
    /></label
  >
</div>
{#if problems.length > 0}
  <div class="mt-3 border-l-4 border-madder pl-3" role="alert">
    <p class="font-semibold text-madder">{words.thatFileIsntABlock}</p>
    {#each problems.slice(0, 5) as p, i (i)}<p>{p.path ? `${p.path}: ` : ''}{p.message}.</p>{/each}
  </div>
{/if}
<ul class="mt-4 grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-4">
  {#each found as { file, block } (file.id)}
    <li>
      <button class="block w-full text-left hover:bg-edge" onclick={() => onchoose(block)}>
        <Picture class="h-28 w-full" drawing={blockDrawing(block, size(block))} {colours} label={file.name} />
        <span class="block font-semibold">{file.name}</span>
        <span class="block text-note leading-snug text-quiet">{file.note}</span>
      </button>
    </li>
  {:else}
    <li class="col-span-full text-quiet">{words.noBlockMatchesClearThe}</li>
  {/each}
</ul>
