<!-- A paper on the page and in print: the same data as the PDF and the plain text, with numbers that explain themselves and light up. -->
<script lang="ts">
  import { words as spoken } from './words';
  import { plainWords } from '@aggrega/core/sheet';
  import type {
    PictureWithPieces,
    Paper,
    PaperCell,
    PaperColumn,
    PaperPicture,
    PaperPiece,
    Place,
    Words,
  } from '@aggrega/core/sheet';
  import type { Snippet } from 'svelte';
  import PaperDrawing from './PaperDrawing.svelte';
  import Say from './Say.svelte';
  import Why from './Why.svelte';

  interface Props {
    paper: Paper;
    unit: 'in' | 'cm';
    label?: string;
    /** On a card, without the sheet round it. */
    bare?: boolean;
    lit?: (cut: string) => boolean;
    onlight?: (cuts: string[]) => void;
    /** The address of one of the organiser's photos. */
    photoAt?: (photo: string) => string;
    /** Where she writes: what stands round a text in a place of hers. */
    writer?: Snippet<[place: Place, text: Words, step: boolean, children: Snippet]>;
  }
  let {
    paper,
    unit,
    label = spoken.sheet,
    bare = false,
    lit = () => false,
    onlight,
    photoAt = (photo) => `/swatches/${photo}`,
    writer,
  }: Props = $props();
  const sharesOf = (columns: readonly PaperColumn[]) => columns.reduce((sum, c) => sum + c.share, 0);
  const listed = (text: Words) => (typeof text === 'string' ? [text] : text);
  /** The type checker finds a piece that this view would leave out. */
  const unknown = (piece: never): never => piece;
</script>

{#snippet words(text: Words)}{#each listed(text) as run, i (i)}{#if typeof run === 'string'}<Say text={run} />{:else}<b
        ><Say text={run.bold} /></b
      >{/if}{/each}{/snippet}

{#snippet figure(picture: PaperPicture)}
  <figure style:width="{picture.wide}in">
    <PaperDrawing {picture} {lit} onlight={(cut) => onlight?.(cut ? [cut] : [])} />
    {#if picture.caption}<figcaption>{@render words(picture.caption)}</figcaption>{/if}
  </figure>
{/snippet}

{#snippet beside({ pictures, pieces: own }: PictureWithPieces)}
  <div class="beside">
    <div class="pictures">
      {#each pictures as picture, i (i)}{@render figure(picture)}{/each}
    </div>
    <div class="words">{@render pieces(own)}</div>
  </div>
{/snippet}

{#snippet cell({ text, swatch, numeral, why, picture }: PaperCell, column: PaperColumn | undefined)}
  {@const empty = !plainWords(text) && !picture && !swatch}
  <td class:right={column?.right} class:numeral class:empty data-column={column?.name}>
    {#if swatch}<span class="letter cloth" style:background={swatch.colour || '#fff'} style:color={swatch.ink}
        >{swatch.letter}</span
      >{/if}
    {#if why}<Why {why} {unit} />{:else}{@render words(text)}{/if}
    {#if picture}<span class="block max-w-full" style:width="{picture.wide}in"><PaperDrawing {picture} {lit} /></span>{/if}
  </td>
{/snippet}

{#snippet pieces(all: readonly PaperPiece[])}
  {#each all as piece, i (i)}
    {#if piece.kind === 'title'}
      <header class="title flex items-start gap-6">
        <div class="mr-auto">
          <p class="quiet">{piece.over}</p>
          <h1 aria-label={piece.under ? `${piece.text}: ${piece.under}` : undefined}>
            {piece.text}{#if piece.under}<span class="under">{piece.under}</span>{/if}
          </h1>
          {@render pieces(piece.pieces)}
        </div>
        {#if piece.pictures}
          <div class="pictures">
            {#each piece.pictures as picture, n (n)}{@render figure(picture)}{/each}
          </div>
        {/if}
      </header>
    {:else if piece.kind === 'heading'}
      {#if piece.level === 2}<h2>{piece.text}</h2>{:else}<h3>{piece.text}</h3>{/if}
    {:else if piece.kind === 'text'}
      {#snippet said()}<p class="{piece.tone ?? ''} {piece.place?.mine ? 'own' : ''}">
          {@render words(piece.text)}
        </p>{/snippet}
      {#if writer && piece.place}{@render writer(
          piece.place,
          piece.text,
          false,
          said,
        )}{:else if !piece.place?.hidden}{@render said()}{/if}
    {:else if piece.kind === 'photo'}
      <img class="photo" style:width="{piece.wide}in" src={photoAt(piece.photo)} alt={piece.label} loading="lazy" />
    {:else if piece.kind === 'list'}
      <svelte:element this={piece.ordered ? 'ol' : 'ul'}>
        {#each piece.items as item, n (n)}<li>{@render words(item)}</li>{/each}
      </svelte:element>
    {:else if piece.kind === 'table'}
      <table>
        <thead>
          <tr
            >{#each piece.columns as c, n (n)}<th
                scope="col"
                class:right={c.right}
                style:width="{(100 * c.share) / sharesOf(piece.columns)}%">{c.name}</th
              >{/each}</tr
          >
        </thead>
        {#each piece.groups as rows, g (g)}
          <tbody>
            {#each rows as row, n (n)}
              <tr
                class:lit={row.cut !== undefined && lit(row.cut)}
                data-cut={row.cut}
                onpointerenter={() => row.cut && onlight?.([row.cut])}
                onpointerleave={() => onlight?.([])}
              >
                {#each row.cells as c, at (at)}{@render cell(c, piece.columns[at])}{/each}
              </tr>
            {/each}
          </tbody>
        {/each}
      </table>
    {:else if piece.kind === 'pictures'}
      <div class="row">
        {#each piece.pictures as picture, n (n)}{@render figure(picture)}{/each}
      </div>
    {:else if piece.kind === 'beside'}
      {@render beside(piece)}
    {:else if piece.kind === 'steps'}
      <ol class="steps">
        {#each piece.steps as step, n (n)}
          <li>
            {#if step.picture}{@render figure(step.picture)}{/if}
            {#snippet said()}<p class:own={step.place?.mine}><b>{n + 1}</b> {@render words(step.text)}</p>{/snippet}
            <div>
              {#if writer && step.place}{@render writer(step.place, step.text, true, said)}{:else}{@render said()}{/if}
            </div>
            {#if step.check}<p class="check">{@render words(step.check)}</p>{/if}
          </li>
        {/each}
      </ol>
    {:else if piece.kind === 'page'}<div class="page"></div>{:else}{unknown(piece)}{/if}
  {/each}
{/snippet}

<article class="paper" class:bare class:large={paper.large} aria-label={label}>
  {@render pieces(paper.pieces)}
  {#if !bare}<footer class="quiet">{paper.footer}</footer>{/if}
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
  .paper.bare {
    border: 0;
    padding: 0;
    max-width: none;
    font-size: 1.05rem;
  }
  .large {
    font-size: 1.25rem;
  }
  h1 {
    font-size: 2.2em;
  }
  .under {
    display: block;
    font-size: 0.72em;
  }
  h2 {
    font-size: 1.3em;
    border-top: 2px solid #1c2a4a;
    padding-top: 0.35rem;
    margin: 1.4rem 0 0.4rem;
  }
  h3 {
    font-size: 1.1em;
    margin-top: 0.5rem;
  }
  p {
    margin: 0.25rem 0;
  }
  .lead {
    font-size: 1.1em;
  }
  .quiet {
    color: #53607c;
  }
  .check,
  .own {
    border-left: 4px solid #f2d21b;
    padding-left: 0.6rem;
  }
  .own {
    border-color: #c9d0da;
  }
  .caution {
    font-weight: 600;
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
  td.numeral {
    white-space: nowrap;
  }
  tr.lit {
    background: #f2d21b;
  }
  .letter {
    display: inline-block;
    min-width: 1.5rem;
    min-height: 1.3rem;
    padding: 0 0.3rem;
    margin-right: 0.3rem;
    text-align: center;
    font-weight: 600;
  }
  ol {
    list-style: decimal;
    padding-left: 1.3rem;
  }
  ul {
    list-style: disc;
    padding-left: 1.3rem;
  }
  figure {
    max-width: 100%;
    flex-shrink: 0;
  }
  figcaption {
    font-size: 0.88em;
  }
  .photo {
    display: block;
    max-width: 100%;
    height: auto;
    margin: 0.4rem 0;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.9rem;
    margin: 0.4rem 0;
  }
  .beside {
    display: flex;
    gap: 1.2rem;
    padding: 0.5rem 0;
  }
  .pictures {
    display: flex;
    flex-direction: column;
    gap: 0.4rem;
  }
  .words {
    flex: 1;
    min-width: 0;
  }
  .steps {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 0 1.2rem;
    padding: 0.4rem 0;
    list-style: none;
  }
  /* Pictures of a row stand on one line, the words below them begin on another. */
  .steps > li {
    display: grid;
    grid-row: span 3;
    grid-template-rows: subgrid;
    /* A wide picture shrinks to its column. */
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
    padding-bottom: 0.9rem;
  }
  .steps figure {
    align-self: end;
  }
  .large .steps {
    grid-template-columns: 1fr 1fr;
  }
  footer {
    margin-top: 1.2rem;
    font-size: 0.8em;
  }
  .beside,
  .row,
  li,
  tr {
    break-inside: avoid;
  }
  h2,
  h3,
  thead {
    break-after: avoid;
  }
  .page {
    break-after: page;
  }
  /* On a telephone everything stands one under the other. */
  @media screen and (max-width: 40rem) {
    .paper {
      padding: 1rem;
    }
    .beside,
    .title {
      flex-direction: column;
      align-items: stretch;
    }
    .beside figure,
    .title figure {
      max-width: 100%;
    }
    .steps {
      grid-template-columns: 1fr;
    }
    .steps figure {
      min-width: 60%;
    }
    /* A row of a table is a card, each cell after the name of its column. */
    thead,
    td.empty {
      display: none;
    }
    table,
    tbody,
    tr,
    td {
      display: block;
      text-align: left;
    }
    tr {
      border-bottom: 1px solid #c9d0da;
      padding: 0.4rem 0;
    }
    td,
    td.numeral {
      border: 0;
      padding: 0.1rem 0;
      text-align: left;
      white-space: normal;
    }
    td[data-column]:not([data-column='']):not(:first-child)::before {
      content: attr(data-column) ': ';
      color: #53607c;
      font-weight: 400;
    }
  }
  @media print {
    .paper {
      border: 0;
      padding: 0;
      max-width: none;
      font-size: 10pt;
    }
    .large {
      font-size: 14pt;
    }
    .letter {
      print-color-adjust: exact;
      -webkit-print-color-adjust: exact;
    }
    tr.lit {
      background: none;
    }
  }
</style>
