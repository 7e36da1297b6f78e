<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import PlaceForm from './PlaceForm.svelte';
  import QuiltTop from '$lib/look/QuiltTop.svelte';
  import QuiltForeseen from './QuiltForeseen.svelte';
  import QuiltParts from './QuiltParts.svelte';
  import SettingForm from './SettingForm.svelte';
  import { fieldChange, placesChange, settingAt, swapped } from './places';
  import { dayText } from '$lib/look/day-text';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Say from '$lib/look/Say.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { SizeBySeams } from '@aggrega/core/foresee';
  import { formatLength, toRuler } from '@aggrega/core/measure';
  import {
    PlanError,
    castPicture,
    lettersOf,
    quiltAsCast,
    quiltPicture,
    quiltWith,
    scatteredOf,
    type Month,
    type PicturePlace,
    type Quilt,
  } from '@aggrega/core/programme';
  import { turnings, type Turning } from '@aggrega/core/setting';
  import Download from '@lucide/svelte/icons/download';

  let { sizes }: { sizes: readonly SizeBySeams[] } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit, house } = $derived(programme);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const size = $derived(programme.sizes.find((s) => s.id === page.url.searchParams.get('size')));
  const sizeId = $derived(size?.id ?? '');
  /** A day from which participants look at it; '' for the organiser's own view. */
  const seenOn = $derived(page.url.searchParams.get('seen') ?? '');
  const covered = $derived((month: Month) => seenOn !== '' && (month.release === undefined || month.release > seenOn));
  let held: string | undefined = $state();

  const made: { quilt?: Quilt; problems: PlanError['problems'] } = $derived.by(() => {
    try {
      return { quilt: quiltAsCast(programme, colourway, size), problems: [] };
    } catch (error) {
      if (error instanceof PlanError) return { problems: error.problems };
      throw error;
    }
  });
  const scattered = $derived(scatteredOf(programme, colourway, size));
  const picture = $derived(made.quilt && castPicture(quiltPicture(made.quilt, programme, covered), scattered));
  const inHand = $derived(picture?.places.find((p) => p.at === held));
  const drawn = $derived(programme.months.some((m) => m.blocks.length > 0));
  const blocks = $derived(made.quilt?.top.places.length ?? 0);
  const write = (side: Quilt['top']['w']) =>
    formatLength(side.isRational ? side.rational : toRuler(side, house.rounding), unit);
  /** The size that no ruler shows; '' where it is shown as it is. */
  const exactly = $derived.by(() => {
    const top = made.quilt?.top;
    if (!top || (top.w.isRational && top.h.isRational)) return '';
    return top.w.equals(top.h) ? words.exactlyEachWay(`${top.w}`) : words.exactlyBy(`${top.w}`, `${top.h}`);
  });
  const address = (change: Record<string, string>) => {
    const asked = Object.fromEntries(page.url.searchParams);
    const query = Object.entries({ ...asked, ...change }).filter(([, v]) => v !== '');
    return `?${new URLSearchParams(query)}`;
  };
  const TURNINGS: Record<Turning, string> = {
    'one-way': words.allOneWay,
    'pairs-facing': words.pairsFacing,
    fans: words.fans,
    pinwheel: words.pinwheelOfFour,
    alternating: words.alternating,
  };
  const turning = $derived(settingAt(bench.saver.document, sizeId).all.turning ?? 'one-way');
  /** The quilt in each turning, places that were chosen by hand as they are. */
  const turned = $derived.by(() => {
    const { quilt } = made;
    if (!quilt) return [];
    return turnings.map((way) => ({
      way,
      picture: castPicture(
        quiltPicture(quiltWith(programme, { ...quilt.setting, turning: way }), programme, covered),
        scattered,
      ),
    }));
  });

  function swap(a: PicturePlace, b: PicturePlace) {
    bench.saver.do(words.andSwapped(a.month.name, b.month.name), [placesChange(bench.saver.document, sizeId, swapped(a, b))]);
  }
  function onkey(key: string, place: PicturePlace): boolean {
    const chosen = settingAt(bench.saver.document, sizeId).all.places?.[place.at];
    const square = place.block === undefined || place.block.grid[0] === place.block.grid[1];
    const choice =
      key === 't'
        ? { ...chosen, turn: (place.turn + (square ? 1 : 2)) % 4 }
        : key === 'm'
          ? { ...chosen, mirrored: !place.mirrored }
          : key === 'Delete' || key === 'Backspace'
            ? {}
            : undefined;
    if (!choice) return false;
    bench.saver.do(words.place3(place.at), [placesChange(bench.saver.document, sizeId, { [place.at]: choice })]);
    return true;
  }
  function begin() {
    const role = lettersOf(colourway).map(([letter]) => letter);
    const usual = unit === 'in' ? ['2', '4', '2 1/4'] : ['5', '10', '6'];
    bench.saver.do(words.settingStarted, [
      {
        path: '/setting',
        from: bench.saver.document.setting,
        to: {
          kind: 'straight',
          sashing: { finished: usual[0], role: role[0] ?? 'A' },
          borders: [{ finished: usual[1], role: role[1] ?? role[0] ?? 'A' }],
          binding: { cut: usual[2], role: role[1] ?? role[0] ?? 'A' },
          backing: { role: role[0] ?? 'A' },
        },
      },
    ]);
  }
</script>

<YearFrame about={words.howTheMonthsBlocksBecome}>
  <div class="no-print mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
    <nav class="mr-auto flex" aria-label={words.size}>
      {#each [{ id: '', name: words.standardSize }, ...programme.sizes] as s (s.id)}
        <a
          href={address({ size: s.id })}
          data-sveltekit-noscroll
          aria-current={s.id === sizeId ? 'true' : undefined}
          class="border-b-4 px-3 py-1.5 hover:bg-edge {s.id === sizeId ? 'border-weld font-semibold' : 'border-transparent'}"
          >{s.name}</a
        >
      {/each}
    </nav>
    {#if picture}
      <label class="flex items-center gap-2"
        ><span class="text-quiet">{words.previewForParticipantsOn}</span>
        <input
          class="input w-auto"
          type="date"
          value={seenOn}
          onchange={(e) => void goto(address({ seen: e.currentTarget.value }), { noScroll: true, keepFocus: true })}
        /></label
      >
      {#if seenOn}<a class="link" href={address({ seen: '' })} data-sveltekit-noscroll>{words.showEverything}</a>{/if}
      <span class="flex gap-2">
        {#each ['svg', 'png'] as kind (kind)}
          <a class="btn" href="quilt/files/quilt.{kind}{address({ colourway: colourway.id })}" download
            ><Download size={17} /> {kind.toUpperCase()}</a
          >
        {/each}
      </span>
    {/if}
  </div>
  {#if made.problems.length > 0}
    <div class="mt-5">
      <Problems problems={made.problems} document={bench.saver.document} title={words.theQuiltCantBeSet} />
    </div>
  {:else if !drawn}
    <p class="mt-6 max-w-prose text-lead">{words.thereAreNoBlocksYet}</p>
  {:else if !picture || !made.quilt}
    <p class="mt-6 max-w-prose text-lead">
      {words.thereIsNoSettingYet}
    </p>
    <p class="mt-4"><button class="btn btn-primary" onclick={begin}>{words.setTheBlocksIntoA}</button></p>
  {:else}
    <p class="mt-4 text-lead">
      <b class="numeral text-head" data-finished
        ><Say text={write(made.quilt.top.w)} /> × <Say text={write(made.quilt.top.h)} /> {unit}</b
      >
      {words.finished}<span class="text-quiet">{words.blocks(blocks, exactly)}</span>
    </p>
    {#if seenOn}<p class="text-quiet">
        {words.previewForParticipantsOnLater(dayText(seenOn, page.data.locale))}
      </p>{/if}
    <QuiltTop
      class="mt-3 max-h-[36rem] w-full print:max-h-[13cm]"
      {picture}
      cast={colourway.fabrics}
      label={words.theQuiltIn(colourway.name)}
      {held}
      onhold={(at) => (held = at)}
      onswap={swap}
      {onkey}
    />
    <QuiltParts quilt={made.quilt} {size} {colourway} />
    <QuiltForeseen {colourway} size={sizeId} {sizes} />
    <section class="no-print mt-8" aria-label={words.waysOfTurningTheBlocks}>
      <h2 class="border-b-2 border-ink pb-1 text-head">{words.tryTheBlocksTurnedOther}</h2>
      <div class="mt-3 grid grid-cols-5 gap-4 max-[60rem]:grid-cols-3">
        {#each turned as { way, picture: other } (way)}
          <button
            class="cursor-pointer border-b-4 pb-1 text-left hover:bg-edge {way === turning
              ? 'border-weld font-semibold'
              : 'border-transparent'}"
            aria-pressed={way === turning}
            onclick={() =>
              bench.saver.do(words.blocksTurned(TURNINGS[way]), [fieldChange(bench.saver.document, sizeId, 'turning', way)])}
          >
            <QuiltTop class="w-full" picture={other} cast={colourway.fabrics} label={words.turned(TURNINGS[way])} />
            <span class="mt-1 block">{TURNINGS[way]}</span>
          </button>
        {/each}
      </div>
    </section>
  {/if}
  {#snippet side()}
    <div class="mt-4 flex flex-col gap-6">
      {#if picture && inHand}<PlaceForm size={sizeId} place={inHand} />{/if}
      {#if bench.saver.document.setting || size}<div><SettingForm size={sizeId} {colourway} /></div>{/if}
      <PaperChoice what={words.printTheQuilt} />
    </div>
  {/snippet}
</YearFrame>
