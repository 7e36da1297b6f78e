<!-- The participant's sheet on paper: every number from the sheet's data, nothing typed here. -->
<script lang="ts">
  import { page } from '$app/state';
  import { longDate } from '$lib/programme-view';
  import { inkOn } from '$lib/ink';
  import type { MonthSheet } from '@aggrega/core/sheet';
  import Length from './Length.svelte';
  import Picture from './Picture.svelte';
  import Say from './Say.svelte';
  import Why from './Why.svelte';

  interface Props {
    sheet: MonthSheet;
    colours: ReadonlyMap<string, string>;
    version: string;
    lit: (cut: string) => boolean;
    onlight: (cuts: string[]) => void;
  }
  let { sheet, colours, version, lit, onlight }: Props = $props();

  const several = $derived(sheet.blocks.length > 1);

  const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);
  const lightPatch = (block: MonthSheet['blocks'][number]) => (patch: number | undefined) =>
    onlight(patch === undefined ? [] : [`${block.key}:${block.patches[patch]!.cut}`]);
</script>

<article class="paper" aria-label="Sheet">
  <header class="flex items-start gap-6">
    <div class="mr-auto">
      <p class="quiet">
        {sheet.programme} · {sheet.colourway}{sheet.release ? ` · ${longDate(sheet.release, page.data.locale)}` : ''}
      </p>
      <h1>{sheet.month}</h1>
      {#each sheet.blocks as block (block.key)}
        <p class="lead">
          {several ? `${block.number} · ${block.name}: ` : ''}{block.make > 1 ? `${block.make} blocks. ` : ''}Finished
          <b><Say text={block.finished} /></b>
          {sheet.unit}; your block measures <b><Say text={block.unfinished} /></b> before it is sewn to others.
          {#if block.mirrored > 0}<b
              >{block.mirrored} of {block.make}
              {block.mirrored === 1 ? 'stands' : 'stand'} mirrored in the quilt: sew {block.mirrored === 1 ? 'it' : 'them'} with left
              and right exchanged.</b
            >{/if}
        </p>
      {/each}
      <p><Say text={sheet.sizing} /></p>
    </div>
    <div class="flex shrink-0 flex-col gap-2">
      {#each sheet.blocks as block (block.key)}
        <Picture
          class={several ? 'w-24' : 'w-40'}
          drawing={block.drawing}
          {colours}
          label={block.name}
          lit={(patch) => lit(`${block.key}:${block.patches[patch]?.cut}`)}
          onpatch={lightPatch(block)}
        />
      {/each}
    </div>
  </header>

  <section>
    <h2>What you need</h2>
    <table>
      <thead
        ><tr
          ><th>Letter</th><th>Fabric</th><th>Number</th><th class="right">Length, {sheet.unit}</th><th class="right">Ask for</th
          ></tr
        ></thead
      >
      <tbody>
        {#each sheet.fabrics as f (f.name)}
          <tr>
            <td
              ><span class="letter cloth" style:background={f.colour} style:color={inkOn(f.colour)}>{f.roles.join(' ')}</span
              ></td
            >
            <td>{f.name}</td>
            <td>{f.sku}</td>
            <td class="right"><Say text={f.length} /></td>
            <td class="right"><b><Say text={f.amount} /></b></td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="quiet">And: <Say text={sheet.tools.join('; ')} />.</p>
  </section>

  <section>
    <h2>Cut</h2>
    <p class="quiet">From each fabric, the largest first.</p>
    <table>
      <thead
        ><tr
          ><th>Fabric</th><th>Cut</th><th class="right">How many</th><th class="right">Size, {sheet.unit}</th><th
            >On the ruler</th
          ><th>For</th></tr
        ></thead
      >
      {#each sheet.fabrics as f (f.name)}
        <tbody>
          {#each f.cuts as cut, i (cut.block + cut.label + cut.size)}
            {@const id = `${cut.block}:${cut.label}`}
            <tr class:lit={lit(id)} data-cut={id} onpointerenter={() => onlight([id])} onpointerleave={() => onlight([])}>
              <td
                >{#if i === 0}<span class="chip cloth" style:background={f.colour}></span>{f.name}{/if}</td
              >
              <td><b>{cut.number === undefined ? '' : `${cut.number}·`}{cut.label}</b></td>
              <td class="right">{cut.qty}</td>
              <td class="right size"><Why why={cut.why} unit={sheet.unit} /></td>
              <td><Say text={cut.ruler} /></td>
              <td>{cut.for.join(', ')}{cut.then ? `; ${cut.then}` : ''}</td>
            </tr>
          {/each}
        </tbody>
      {/each}
    </table>
  </section>

  {#each sheet.blocks as block (block.key)}
    {#if several}<h2 class="block-name">{block.number} · {block.name}</h2>{/if}
    {#if block.units.length > 0}
      <section class="flow">
        <h2>Make the units</h2>
        {#each block.units as unit (unit.label)}
          <div class="unit">
            <Picture class="w-24 shrink-0" drawing={unit.drawing} {colours} label={unit.title} />
            <div>
              <h3>{unit.label}: make {unit.make} {unit.mirrorOf ? 'mirrored ' : ''}{unit.title}, {unit.method}</h3>
              <p>
                {#if unit.mirrorOf}They come with {unit.mirrorOf}, from the same batches.
                {:else if unit.yields === 1}Each takes {unit.from}.
                {:else}Each batch takes {unit.from} and makes {unit.yields}; {unit.batches === 1
                    ? 'one batch is enough'
                    : `${unit.batches} batches`}.{/if}
              </p>
              {#if unit.caution}<p class="caution">{unit.caution}</p>{/if}
              <ol>
                {#each unit.steps as step, i (i)}<li><Say text={step} /></li>{/each}
                <li>{unit.press}</li>
              </ol>
              <p class="check">
                <b>Measure: <Say text={unit.size} />{unit.square ? ' square' : ''}.</b>
                <Say text={unit.look.map((l) => `${capital(l)}.`).join(' ')} />
              </p>
              {#if unit.over}<p>{unit.over}</p>{/if}
            </div>
          </div>
        {/each}
      </section>
    {/if}

    <section>
      <h2>Lay out</h2>
      <div class="flex gap-6">
        <Picture
          class="w-72 shrink-0"
          drawing={block.drawing}
          {colours}
          label="Layout of {block.name}"
          lit={(patch) => lit(`${block.key}:${block.patches[patch]?.cut}`)}
          onpatch={lightPatch(block)}
        >
          {#snippet over()}
            {#each block.marks as mark, i (i)}
              <text
                x={mark.x}
                y={mark.y}
                class="mark"
                font-size={block.drawing.width / 20}
                text-anchor="middle"
                dominant-baseline="central"
                pointer-events="none">{mark.label}</text
              >
            {/each}
          {/snippet}
        </Picture>
        <div>
          <p>
            Lay all pieces out as in the picture before you sew any of them together{block.make > 1
              ? ', one block at a time'
              : ''}.
          </p>
          {#each block.plain as { label, cut, make } (label)}
            <p><b>{label}</b> is {make === 1 ? 'one plain patch' : `${make} plain patches`}, {cut}.</p>
          {/each}
          {#if block.units.length > 0}
            <p class="check">
              <b>Check:</b> step back and compare each triangle with the picture, one row at a time, before you sew.
            </p>
          {/if}
        </div>
      </div>
    </section>

    {#if block.joins.length > 0}
      <section class="flow">
        <h2>Join and press</h2>
        <p>
          Set each seam with the iron before you press it to its side. Keep the rows joined by their chain threads, so that none
          can be flipped. {block.nesting}
        </p>
        <div class="joins">
          {#each block.joins as join (join.name)}
            <div class="join">
              <Picture class="max-h-24 w-28 shrink-0" drawing={join.drawing} {colours} label={join.name} />
              <p>
                <b>{join.name}.</b>
                {join.alike.length > 1 ? `Make ${join.alike.length} alike.` : ''}
                {join.text}
                {join.press}
                <span class="measure">Measure <b><Say text={join.size[0]} /></b> by <b><Say text={join.size[1]} /></b>.</span>
              </p>
            </div>
          {/each}
        </div>
      </section>
    {/if}

    <section>
      <h2>Check the block</h2>
      <p>
        <b>{several ? `${block.name} measures` : 'It measures'} <Say text={block.unfinished} /> {sheet.unit}</b>, edge to edge
        through the middle. Within <Length of={sheet.unit === 'in' ? '1/16' : '0.15'} /> is fine; <Length
          of={sheet.unit === 'in' ? '1/8' : '0.3'}
        /> can be eased if the outer edges are matched first; more than that, look at the seams before you go on.
      </p>
    </section>
  {/each}

  <section class="cautions">
    <h2>Take care</h2>
    <p>{sheet.cautions.join(' ')}</p>
  </section>
  <footer class="quiet">{sheet.programme}, {sheet.month}, {sheet.colourway}. {version}.</footer>
</article>

<style>
  .paper {
    background: #fff;
    color: #1c2a4a;
    /* Paper is white by night too, and so is what opens on it. */
    --color-ground: #fff;
    --color-edge: #fff;
    --color-ink: #1c2a4a;
    --color-quiet: #53607c;
    --color-rule: #c9d0da;
    padding: 14mm 15mm;
    width: 100%;
    max-width: 210mm;
    border: 1px solid var(--color-base-300);
    font-size: 0.9rem;
  }
  h1 {
    font-size: 2rem;
  }
  h2 {
    font-size: 1.15rem;
    border-top: 2px solid #1c2a4a;
    padding-top: 0.35rem;
    margin: 1.4rem 0 0.4rem;
  }
  .block-name {
    font-size: 1.5rem;
    border: 0;
  }
  h3 {
    font-size: 1rem;
  }
  p {
    margin: 0.25rem 0;
  }
  .lead {
    font-size: 1.05rem;
  }
  .quiet {
    color: #53607c;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  td,
  th {
    padding: 0.25rem 0.8rem 0.25rem 0;
    border-bottom: 1px solid #c9d0da;
    vertical-align: top;
  }
  th {
    color: #53607c;
  }
  .right {
    text-align: right;
  }
  .size {
    font-family: var(--font-title);
    font-weight: 700;
    white-space: nowrap;
  }
  tr.lit {
    background: #f2d21b;
  }
  .letter {
    display: inline-block;
    min-width: 1.5rem;
    padding: 0 0.3rem;
    text-align: center;
    font-weight: 600;
  }
  .chip {
    display: inline-block;
    width: 0.8rem;
    height: 0.8rem;
    margin-right: 0.4rem;
    vertical-align: -0.05rem;
  }
  ol {
    list-style: decimal;
    padding-left: 1.3rem;
  }
  .unit {
    display: flex;
    gap: 1.2rem;
    padding: 0.6rem 0;
  }
  .mark {
    font-weight: 600;
    fill: #1c2a4a;
    stroke: #fff;
    stroke-width: 0.18px;
    paint-order: stroke;
  }
  .check {
    border-left: 4px solid #f2d21b;
    padding-left: 0.6rem;
  }
  .caution {
    font-weight: 600;
  }
  .joins {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem 1.5rem;
  }
  .join {
    display: flex;
    gap: 0.9rem;
    align-items: center;
  }
  .measure {
    display: block;
  }
  .cautions p {
    font-size: 0.8rem;
  }
  footer {
    margin-top: 1.2rem;
    font-size: 0.8rem;
  }
  section,
  .unit,
  .join,
  tr {
    break-inside: avoid;
  }
  /* A long part may run over the page, but never starts with its heading alone. */
  .flow {
    break-inside: auto;
  }
  h2,
  h3 {
    break-after: avoid;
  }
  @media print {
    .paper {
      border: 0;
      padding: 0;
      max-width: none;
      font-size: 10pt;
    }
    .paper :global(svg polygon),
    .letter,
    .chip {
      print-color-adjust: exact;
      -webkit-print-color-adjust: exact;
    }
    tr.lit {
      background: none;
    }
  }
</style>
