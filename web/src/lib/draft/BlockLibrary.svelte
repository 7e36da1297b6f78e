<!-- Drawings to begin with: the starter library, a plain grid, a file, or a photo. -->
<script lang="ts">
  import { words } from './words';
  import { blockDrawing, library, plainBlock, readBlock, readBlockDocument, type Block } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import { readSvg } from '@aggrega/core/svg';
  import Picture from '$lib/look/Picture.svelte';
  import TakeBlock from './TakeBlock.svelte';
  import { Taking, type Source } from './taking.svelte';

  interface Props {
    /** Letters that may be drawn with, each with its fabric's colour and name. */
    cast: ReadonlyMap<string, { colour: string; name: string }>;
    /** `underlay`: an address of the photo that it was drawn from, straight. */
    onchoose: (block: Block, underlay?: string) => void;
  }
  let { cast, onchoose }: Props = $props();
  const colours = $derived(new Map([...cast].map(([letter, { colour }]) => [letter, colour])));
  const names = $derived(new Map([...cast].map(([letter, { name }]) => [letter, name])));
  let taking: Taking | undefined = $state.raw();
  let search = $state('');
  /** Whether a block is read out of a photo. */
  let photo = $state(false);
  let problems: { path: string; message: string }[] = $state.raw([]);
  const all = library.map((file) => ({ file, block: readBlock(file, '').block }));
  const found = $derived(
    all.filter(({ file }) => `${file.name} ${file.note}`.toLowerCase().includes(search.trim().toLowerCase())),
  );
  const size = (b: Block) => [Exact.of(b.grid[0]), Exact.of(b.grid[1])] as const;

  /** Taken at once where nothing is to be decided. */
  function take(source: Source) {
    const next = new Taking(source, colours);
    if (next.plain && next.block) onchoose(next.block);
    else taking = next;
  }

  async function readFile(input: HTMLInputElement) {
    const file = input.files?.[0];
    if (!file) return;
    const name = file.name.replace(/\.(block\.json|json|svg)$/i, '');
    [taking, photo] = [undefined, false];
    problems = [];
    try {
      if (file.size > 2_000_000) throw new SyntaxError(words.largerThanABlockCan);
      const text = await file.text();
      if (/\.svg$/i.test(file.name)) {
        const drawing = readSvg(text);
        if (drawing.shapes.length > 0) take({ drawing, name: drawing.title ?? name });
        else problems = [{ path: '', message: words.nothingStraightIsDrawn }];
      } else {
        const read = readBlockDocument(JSON.parse(text));
        if ('block' in read) take({ block: { ...read.block, name: read.block.name === 'block' ? name : read.block.name } });
        else problems = read.problems;
      }
    } catch (error) {
      problems = [{ path: '', message: words.theFileCannotBeRead((error as Error).message) }];
    }
    input.value = '';
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
  <button class="btn" aria-expanded={photo} onclick={() => ([photo, taking] = [!photo, undefined])}>{words.fromAPhoto}</button>
</div>
{#if photo}
  {#await import('./PictureForm.svelte') then { default: PictureForm }}
    <PictureForm
      {colours}
      {names}
      ontake={(block, underlay) => {
        photo = false;
        onchoose(block, underlay);
      }}
      oncancel={() => (photo = false)}
    />
  {/await}
{/if}
{#if problems.length > 0}
  <div class="mt-3 border-l-4 border-madder pl-3" role="alert">
    <p class="font-semibold text-madder">{words.thatFileIsntABlock}</p>
    {#each problems.slice(0, 5) as p, i (i)}<p>{p.path ? `${p.path}: ` : ''}{p.message}.</p>{/each}
  </div>
{/if}
{#if taking}
  <TakeBlock
    {taking}
    {names}
    ontake={(block) => {
      taking = undefined;
      onchoose(block);
    }}
    oncancel={() => (taking = undefined)}
  />
{/if}
<ul class="mt-4 grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-4">
  {#each found as { file, block } (file.id)}
    <li>
      <button class="block w-full text-left hover:bg-edge" onclick={() => take({ block })}>
        <Picture class="h-28 w-full" drawing={blockDrawing(block, size(block))} {colours} label={file.name} />
        <span class="block font-semibold">{file.name}</span>
        <span class="block text-note leading-snug text-quiet">{file.note}</span>
      </button>
    </li>
  {:else}
    <li class="col-span-full text-quiet">{words.noBlockMatchesClearThe}</li>
  {/each}
</ul>
