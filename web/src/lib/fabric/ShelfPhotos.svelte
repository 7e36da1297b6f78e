<!-- Fabrics by photo: one photo of many pieces, or many photos; a square of each becomes a fabric. The photos themselves stay on this device. -->
<script lang="ts">
  import { words } from './words';
  import { onDestroy } from 'svelte';
  import { Photo } from '$lib/eye/photo.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { ShelfPhotos, type Spot } from './shelf-photos.svelte';

  const bench = useWorkbench();
  const photo = new Photo();
  const photos = new ShelfPhotos(photo);
  onDestroy(() => photo.close());
  let dialog: HTMLDialogElement;
  let held: Spot | undefined;

  async function choose(input: HTMLInputElement) {
    const files = [...(input.files ?? [])];
    input.value = '';
    if (files.length === 0) return;
    if (!dialog.open) dialog.showModal();
    await photos.take(files);
  }
  /** Where a pointer is, as shares of the photo's shorter side. */
  function at(e: PointerEvent | MouseEvent, photo: number): [number, number] {
    const box = (e.currentTarget as HTMLElement).closest('[data-shot]')!.getBoundingClientRect();
    const [w, h] = photos.extent(photo);
    return [((e.clientX - box.left) / box.width) * w, ((e.clientY - box.top) / box.height) * h];
  }
  function onkeydown(e: KeyboardEvent, spot: Spot) {
    const step = 0.02;
    const moves: Record<string, [number, number]> = {
      ...{ ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] },
    };
    const move = moves[e.key];
    if (move) photos.move(spot, spot.x + move[0], spot.y + move[1]);
    else if (e.key === '+' || e.key === '=') photos.resize(spot, 1.1);
    else if (e.key === '-') photos.resize(spot, 1 / 1.1);
    else if (e.key === 'Delete') photos.remove(spot);
    else return;
    e.preventDefault();
  }
  async function add() {
    const changes = await photos.send(bench.saver.document);
    if (changes.length > 0) bench.saver.do(words.fabricsFromPhotos(changes.length), changes);
    if (photos.spots.length === 0) dialog.close();
  }
  function leave() {
    [photos.spots, photos.shots] = [[], []];
    dialog.close();
  }
  const numberOf = (spot: Spot) => photos.spots.indexOf(spot) + 1;
</script>

<label class="mt-3 block">
  <span class="text-note text-quiet">{words.photosOfFabrics}</span>
  <input
    class="file-input file:mr-2 file:border file:border-ink file:px-2"
    type="file"
    accept="image/jpeg,image/png,image/webp"
    multiple
    onchange={(e) => void choose(e.currentTarget)}
  />
</label>

<dialog bind:this={dialog} class="modal no-print" aria-label={words.fabricsByPhoto} oncancel={leave}>
  <div class="modal-box max-w-4xl border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">{words.fabricsByPhoto}</h2>
    <p class="mt-1 max-w-prose text-quiet">{words.clickOnEachFabric}</p>
    {#if photos.trouble || photo.trouble}<p class="mt-3 text-madder" role="alert">{photos.trouble || photo.trouble}</p>{/if}
    <div class="mt-4 grid grid-cols-[minmax(0,3fr)_minmax(14rem,2fr)] gap-6 max-md:grid-cols-1">
      <div class="flex flex-col gap-4">
        {#each photos.shots as shot, i (i)}
          {@const [w, h] = photos.extent(i)}
          <div>
            <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
            <div
              class="relative cursor-crosshair touch-none select-none"
              data-shot={i}
              onclick={(e) => {
                if (e.target === e.currentTarget || e.target instanceof HTMLImageElement) photos.add(i, ...at(e, i));
              }}
            >
              <img class="block w-full" src={shot.url} alt={shot.name} draggable="false" />
              {#each photos.spots.filter((s) => s.photo === i) as spot (spot.id)}
                <button
                  class="absolute flex cursor-move items-center justify-center border-2 border-white font-semibold text-white outline-2 outline-offset-0 outline-ink"
                  style:left="{(100 * (spot.x - spot.side / 2)) / w}%"
                  style:top="{(100 * (spot.y - spot.side / 2)) / h}%"
                  style:width="{(100 * spot.side) / w}%"
                  style:height="{(100 * spot.side) / h}%"
                  aria-label={words.squareOf(numberOf(spot), spot.name)}
                  onkeydown={(e) => onkeydown(e, spot)}
                  onpointerdown={(e) => {
                    held = spot;
                    e.currentTarget.setPointerCapture(e.pointerId);
                  }}
                  onpointermove={(e) => held === spot && photos.move(spot, ...at(e, i))}
                  onpointerup={() => (held = undefined)}><span class="bg-[#1c2a4a] px-1">{numberOf(spot)}</span></button
                >
              {/each}
            </div>
            <p class="mt-2">
              <button class="btn" onclick={() => photos.add(i, w / 2, h / 2)}>{words.addASquare}</button>
            </p>
          </div>
        {/each}
      </div>
      <ol class="flex flex-col gap-3">
        {#each photos.spots as spot (spot.id)}
          <li class="flex items-start gap-3" data-spot={numberOf(spot)}>
            <img class="cloth size-14 shrink-0" src={photos.swatch(spot).toDataURL('image/jpeg', 0.8)} alt="" />
            <div class="min-w-0 flex-1">
              <label class="block"
                ><span class="text-note text-quiet">{words.fabricNumber(numberOf(spot))}</span>
                <input class="input" maxlength="120" bind:value={spot.name} /></label
              >
              <p class="mt-1 flex flex-wrap gap-x-3 text-note">
                <button class="link" onclick={() => photos.resize(spot, 1.25)}>{words.larger}</button>
                <button class="link" onclick={() => photos.resize(spot, 0.8)}>{words.smaller}</button>
                <button class="link" onclick={() => photos.remove(spot)}>{words.leaveOut}</button>
              </p>
              {#if spot.trouble}<p class="text-madder" role="alert">{spot.trouble}</p>{/if}
            </div>
          </li>
        {:else}
          <li class="text-quiet">{words.noSquareYet}</li>
        {/each}
      </ol>
    </div>
    <p class="mt-6 flex flex-wrap items-center justify-end gap-2">
      {#if photos.sent !== undefined}<span role="status">{words.sentOf(photos.sent, photos.spots.length)}</span>{/if}
      <button class="btn" onclick={leave}>{words.cancel}</button>
      <button
        class="btn btn-primary"
        disabled={photos.spots.length === 0 || photos.sent !== undefined}
        onclick={() => void add()}>{words.addFabrics(photos.spots.length)}</button
      >
    </p>
  </div>
</dialog>
