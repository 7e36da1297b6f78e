<!-- A sheet read one thing at a time at the machine: a large picture, its words, a tick, next. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import PaperDrawing from '$lib/look/PaperDrawing.svelte';
  import PaperView from '$lib/look/PaperView.svelte';
  import Say from '$lib/look/Say.svelte';
  import type { WrittenSize } from '@aggrega/core/running';
  import { cardsOf, plainWords, type Card, type Paper, type PaperPiece, type Words } from '@aggrega/core/sheet';
  import { spokenTag } from '@aggrega/core/words';
  import Back from '@lucide/svelte/icons/arrow-left';
  import Next from '@lucide/svelte/icons/arrow-right';
  import Less from '@lucide/svelte/icons/minus';
  import More from '@lucide/svelte/icons/plus';
  import { onMount, untrack } from 'svelte';
  import { Aloud } from './aloud.svelte';
  import CardSizes from './CardSizes.svelte';
  import { Sewing, type SewnSheet } from './sewing.svelte';
  import { keepScreenOn } from './screen-on';
  import { READER } from './words';

  interface Props {
    paper: Paper;
    unit: 'in' | 'cm';
    /** The seam allowance. */
    seam: number;
    /** Whose sheet it is, and how far she is. */
    sheet: Omit<SewnSheet, 'cards'>;
    photoAt: (photo: string) => string;
  }
  let { paper, unit, seam, sheet, photoAt }: Props = $props();
  const cards = untrack(() => cardsOf(paper));
  const sewing = new Sewing(untrack(() => ({ ...sheet, cards })));
  const aloud = new Aloud(spokenTag(), (said) => {
    if (said === READER.spokenNext) next();
    else if (said === READER.spokenBack) back();
  });
  let awake = $state(false);
  let top: HTMLElement | undefined = $state();
  const card = $derived(cards[sewing.at]!);
  const last = $derived(sewing.at === cards.length - 1);
  const ticked = $derived(cards.filter(sewing.isDone).length);
  const listed = (text: Words) => (typeof text === 'string' ? [text] : text);
  /** Rows that are read as sentences, each with a tick of its own. */
  const rowsOf = (piece: PaperPiece) =>
    piece.kind === 'table' && piece.groups.flat().every((row) => row.said) ? piece.groups.flat() : undefined;

  onMount(() => {
    sewing.resume();
    const ends = [keepScreenOn((on) => (awake = on)), aloud.begin()];
    return () => ends.forEach((end) => end());
  });
  function turn(deed: () => void) {
    deed();
    top?.focus({ preventScroll: true });
    window.scrollTo(0, 0);
    aloud.read(textOf(card));
  }
  /** A card as it is read aloud. */
  const textOf = ({ part, of, step, pieces }: Card) =>
    step
      ? [plainWords(step.text), step.check && plainWords(step.check)].filter(Boolean).join(' ')
      : plainPieces([part, of], pieces);
  const plainPieces = (heads: string[], pieces: readonly PaperPiece[]) =>
    [...new Set(heads.filter(Boolean)), ...pieces.flatMap((p) => (p.kind === 'text' ? [plainWords(p.text)] : []))].join('. ');
  const next = () => turn(() => (last ? sewing.setDone(card.id, card.times) : sewing.next()));
  const back = () => turn(() => sewing.go(sewing.at - 1));
  async function sendSizes(sizes: WrittenSize[]): Promise<boolean> {
    const body = { deed: 'measured', month: sheet.month, sizes: sizes.slice(0, 40) };
    return (await trySendOnce(`/p/${sheet.key}/own`, { body }))?.ok ?? false;
  }
  function onkeydown(e: KeyboardEvent) {
    if (e.ctrlKey || e.metaKey || e.altKey || (e.target as HTMLElement).closest?.('input, select, a')) return;
    const onButton = (e.target as HTMLElement).closest?.('button, label');
    // A foot pedal presses one of these.
    if (e.key === 'ArrowRight' || e.key === 'PageDown' || (!onButton && (e.key === 'Enter' || e.key === ' '))) next();
    else if (e.key === 'ArrowLeft' || e.key === 'PageUp') back();
    else return;
    e.preventDefault();
  }
</script>

<svelte:window {onkeydown} ononline={() => void sewing.send()} />

{#snippet words(text: Words)}{#each listed(text) as run, i (i)}{#if typeof run === 'string'}<Say text={run} />{:else}<b
        ><Say text={run.bold} /></b
      >{/if}{/each}{/snippet}

<section class="reader" aria-label={READER.title}>
  <p class="flex items-baseline gap-3 text-quiet">
    <label class="mr-auto min-w-0 flex-1"
      ><span class="sr-only">{READER.goTo}</span>
      <select class="select" value={String(sewing.at)} onchange={(e) => turn(() => sewing.go(Number(e.currentTarget.value)))}>
        {#each cards as c, i (c.id)}
          <option value={String(i)}
            >{sewing.isDone(c) ? '✓ ' : ''}{[c.of || c.part || READER.start, c.step ? READER.step(c.step) : '']
              .filter(Boolean)
              .join(', ')}</option
          >
        {/each}
      </select></label
    >
    <span>{READER.count(ticked, cards.length)}</span>
  </p>
  <progress class="progress" value={ticked} max={cards.length} aria-label={READER.progress}></progress>
  <div class="card" bind:this={top} tabindex="-1" aria-live="polite" data-card={card.id}>
    {#if card.part}<p class="text-quiet">{card.part}</p>{/if}
    {#if card.of}<h2 class="text-head">{card.of}</h2>{:else if card.part}<h2 class="sr-only">{card.part}</h2>{/if}
    {#if card.step}
      {#if card.step.picture}<div class="picture"><PaperDrawing picture={card.step.picture} /></div>{/if}
      <p class="say" class:mine={card.step.mine}>
        <span class="text-quiet">{READER.step(card.step)}</span><br />{@render words(card.step.text)}
      </p>
      {#if card.step.check}<p class="say check">{@render words(card.step.check)}</p>{/if}
    {:else}
      {#each card.pieces as piece, i (i)}
        {@const rows = rowsOf(piece)}
        {#if rows}
          <ul>
            {#each rows as row, n (n)}
              {@const id = `${card.id} row ${i} ${n}`}
              {@const swatch = row.cells[0]?.swatch}
              <li>
                <label class="row">
                  <input
                    type="checkbox"
                    class="h-7 w-7 shrink-0 accent-ink"
                    checked={sewing.done(id) > 0}
                    onchange={(e) => sewing.setDone(id, Number(e.currentTarget.checked))}
                  />
                  {#if swatch}<span class="cloth h-7 w-7 shrink-0" style:background={swatch.colour || '#fff'}></span>{/if}
                  <span><Say text={row.said!} /></span>
                </label>
              </li>
            {/each}
          </ul>
        {:else}<PaperView
            bare
            {unit}
            {photoAt}
            paper={{ ...paper, pieces: [piece] }}
            label={plainWords(card.of || card.part)}
          />{/if}
      {/each}
    {/if}
    {#if card.checkpoint}
      {#key card.id}<CardSizes {sewing} {card} {unit} {seam} onsend={sendSizes} />{/key}
    {/if}
  </div>
  <p class="bar">
    <button class="btn" disabled={sewing.at === 0} onclick={back}><Back size={20} /> {READER.back}</button>
    {#if card.times > 1}
      {@const done = sewing.done(card.id)}
      <span class="times" role="group" aria-label={READER.done}>
        <button class="btn" aria-label={READER.oneLess} disabled={done === 0} onclick={() => sewing.setDone(card.id, done - 1)}
          ><Less size={20} /></button
        >
        <span role="status">{READER.blocksDone(done, card.times)}</span>
        <button
          class="btn"
          aria-label={READER.oneMore}
          disabled={done >= card.times}
          onclick={() => sewing.setDone(card.id, done + 1)}><More size={20} /></button
        >
      </span>
    {:else}
      <label class="btn"
        ><input
          type="checkbox"
          class="h-6 w-6 accent-ink"
          checked={sewing.isDone(card)}
          onchange={(e) => sewing.setDone(card.id, Number(e.currentTarget.checked))}
        />
        {READER.done}</label
      >
    {/if}
    <button class="btn btn-primary" onclick={next}>{last ? READER.finish : READER.next} <Next size={20} /></button>
  </p>
  {#if aloud.canSpeak || aloud.canListen}
    <p class="flex flex-wrap gap-2 pb-2">
      {#if aloud.canSpeak}
        <button
          class="btn"
          aria-pressed={aloud.speaking}
          onclick={() => (aloud.speaking ? aloud.quiet() : aloud.speak(textOf(card)))}
          >{aloud.speaking ? READER.stopReading : READER.readAloud}</button
        >
      {/if}
      {#if aloud.canListen}
        <button
          class="btn"
          aria-pressed={aloud.listening}
          onclick={() => (aloud.listening ? aloud.deafen() : void aloud.listen())}
          >{aloud.listening ? READER.stopListening : READER.listen}</button
        >
      {/if}
    </p>
  {/if}
  <p class="text-note text-quiet" data-kept={sewing.kept}>
    {awake ? READER.awake : READER.asleep}
    {#if aloud.listening}{READER.sayNext}{/if}
    {#if !sewing.kept}{READER.notKeptYet}{/if}
  </p>
</section>

<style>
  .reader {
    max-width: 46rem;
    margin: 0 auto;
  }
  .progress {
    width: 100%;
    height: 0.5rem;
    margin: 0.5rem 0;
  }
  .card {
    background: #fff;
    color: #1c2a4a;
    --color-ink: #1c2a4a;
    --color-quiet: #53607c;
    border: 1px solid var(--color-base-300);
    padding: 1rem;
    min-height: 50vh;
    outline: none;
  }
  .picture {
    max-width: 30rem;
    margin: 0.5rem auto;
  }
  .picture :global(svg) {
    max-height: 46vh;
  }
  .say {
    font-size: 1.25rem;
    line-height: 1.45;
    margin-top: 0.75rem;
  }
  .check {
    border-left: 4px solid #f2d21b;
    padding-left: 0.6rem;
  }
  .mine {
    border-left: 4px solid #c9d0da;
    padding-left: 0.6rem;
  }
  .row {
    display: flex;
    align-items: center;
    gap: 0.75rem;
    min-height: 3.25rem;
    border-bottom: 1px solid #c9d0da;
    padding: 0.4rem 0;
    cursor: pointer;
    font-size: 1.1rem;
  }
  /* Within reach of a thumb, whatever is on the card. */
  .bar {
    position: sticky;
    bottom: 0;
    display: flex;
    justify-content: space-between;
    gap: 0.5rem;
    padding: 0.6rem 0;
    background: var(--color-base-100);
  }
  .bar .btn {
    min-height: 3.25rem;
  }
  .times {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
</style>
