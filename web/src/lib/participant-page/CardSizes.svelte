<!-- What she measured at a checkpoint, and what that says: at once, while she writes. -->
<script lang="ts">
  import { READER } from './words';
  import Say from '$lib/look/Say.svelte';
  import type { LengthUnit } from '@aggrega/core/measure';
  import { readSizes, sayCheckpoint, writtenLength, type WrittenSize } from '@aggrega/core/running';
  import type { Card } from '@aggrega/core/sheet';
  import { MOST_SIZES, type Sewing } from './sewing.svelte';

  interface Props {
    sewing: Sewing;
    card: Card;
    unit: LengthUnit;
    seam: number;
    /** Sends the organiser all that she measured on this sheet; whether it came there. */
    onsend: (sizes: WrittenSize[]) => Promise<boolean>;
  }
  let { sewing, card, unit, seam, onsend }: Props = $props();
  const checkpoint = $derived(card.checkpoint!);
  const two = $derived(checkpoint.sides.length > 1);
  let more = $state(0);
  let sent: 'no' | 'yes' | 'refused' = $state('no');
  const rows = $derived(Math.min(MOST_SIZES, Math.max(1, sewing.measured(card) + more)));

  const sizesOf = (of: Card): WrittenSize[] =>
    Array.from({ length: sewing.measured(of) }, (_, number) =>
      of.checkpoint!.sides.map(({ expected, seams }, side) => ({
        what: of.checkpoint!.what,
        ...{ expected, seams, measured: sewing.size(of.id, number, side), before: '' },
      })),
    )
      .flat()
      .filter(({ measured }) => writtenLength(measured, unit) !== undefined);
  const own = $derived(sizesOf(card));
  const all = $derived(sewing.cards.flatMap((c) => (c.checkpoint ? sizesOf(c) : [])));
  const ahead = $derived(
    sewing.cards.slice(sewing.cards.indexOf(card) + 1).flatMap((c) => {
      const [side] = c.checkpoint?.sides ?? [];
      const expected = side && writtenLength(side.expected, unit);
      // What goes across fewer seams than this tells nothing new.
      return side && expected !== undefined && side.seams >= checkpoint.sides[0]!.seams
        ? [{ what: c.checkpoint!.what, expected, seams: side.seams }]
        : [];
    }),
  );
  const said = $derived(sayCheckpoint(readSizes(own, unit), ahead, { seam, unit }));
  const nameOf = (number: number, side: number) =>
    READER.yourSize(
      checkpoint.what,
      rows > 1 ? READER.ofNumber(number + 1) : '',
      two ? [READER.across, READER.down][side]! : '',
    );
  const isWrong = (written: string) => written !== '' && writtenLength(written, unit) === undefined;

  async function send() {
    sent = (await onsend(all)) ? 'yes' : 'refused';
  }
</script>

<section class="sizes" aria-label={READER.whatYouMeasure}>
  {#each { length: rows }, number (number)}
    <p class="flex flex-wrap items-end gap-3">
      {#each checkpoint.sides as { expected }, side (side)}
        {@const written = sewing.size(card.id, number, side)}
        <label class="block"
          ><span class="block text-note text-quiet">{nameOf(number, side)} <Say text={READER.shouldBe(expected, unit)} /></span>
          <input
            class="input"
            autocomplete="off"
            maxlength="40"
            value={written}
            aria-invalid={isWrong(written)}
            oninput={(e) => sewing.setSize(card.id, number, side, e.currentTarget.value)}
          /></label
        >
      {/each}
    </p>
  {/each}
  <div role="status" data-verdict={said?.verdict}>
    {#each said?.says ?? [] as line, i (i)}<p class="mt-1" class:font-semibold={i === 0}><Say text={line} /></p>{/each}
  </div>
  {#if own.length > 0}
    <p class="mt-2 flex flex-wrap gap-2">
      {#if rows < MOST_SIZES}
        <button class="btn" onclick={() => (more = rows + 1 - sewing.measured(card))}>{READER.measureAnother}</button>
      {/if}
      <button class="btn" onclick={() => void send()}>{READER.sendSizes(all.length)}</button>
    </p>
  {/if}
  <p class="mt-1 text-note text-quiet" role="status">
    {sent === 'yes' ? READER.sizesSent : sent === 'refused' ? READER.sizesNotSent : READER.sizesAreYours}
  </p>
</section>

<style>
  .sizes {
    margin-top: 1rem;
    padding: 0.75rem;
    border: 1px solid #c9d0da;
  }
  /* The card is paper, by night too. */
  .sizes .input {
    background: #fff;
    color: #1c2a4a;
    border-color: #1c2a4a;
  }
</style>
