<!-- A photo of the fabric: laid straight and evenly lit on the device, then sent, read, and taken for the fabric when its maker says so. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onDestroy } from 'svelte';
  import CornersPicture from '$lib/eye/CornersPicture.svelte';
  import PhotoDrop from '$lib/eye/PhotoDrop.svelte';
  import { Photo } from '$lib/eye/photo.svelte';
  import { sendSwatch, SWATCH } from './swatch';
  import Setting from '$lib/look/Setting.svelte';
  import { bandName, bandOf, type PhotoReading } from '@aggrega/core/fabric';
  import { LengthError, parseLength } from '@aggrega/core/measure';
  import type { Change, Fabric, FabricFile } from '@aggrega/core/programme';

  let { fabric, file }: { fabric: Fabric; file: FabricFile } = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  let read: (PhotoReading & { photo: string }) | undefined = $state.raw();

  const photo = new Photo();
  let trouble = $state('');
  let looking = $state(false);
  onDestroy(() => photo.close());

  async function open(chosen: File) {
    [read, trouble, looking] = [undefined, '', false];
    if (await photo.open(chosen)) photo.aroundCloth();
  }
  async function look() {
    [looking, trouble] = [true, ''];
    const cloth = photo.corners && (await photo.eye.cloth(photo.corners, SWATCH));
    const answer = cloth ? await sendSwatch(cloth) : { message: words.cornersMakeNone };
    looking = false;
    if ('message' in answer) trouble = answer.message;
    else {
      read = answer;
      photo.forget();
    }
  }

  const change = (key: keyof FabricFile, to: unknown): Change => ({
    path: `/fabrics/${fabric.id}/${key}`,
    from: file[key],
    to,
  });
  const tenth = (n: number) => Math.round(n * 10) / 10;
  function take() {
    if (!read) return;
    bench.saver.do(words.itsPhoto(fabric.name), [
      change('photo', read.photo),
      change('colour', read.average),
      change('value', tenth(read.value)),
      change('volume', Math.min(60, tenth(read.volume))),
    ]);
    read = undefined;
  }
  function lengthTrouble(text: string): string {
    try {
      return parseLength(text, unit).equals(0) ? words.aPhotoShowsSomeCloth : '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
  }
</script>

<div class="border-t border-rule pt-2">
  <p class="text-note text-quiet">{words.photo}</p>
  {#if photo.trouble || trouble}<p class="mt-1 text-note text-madder" role="alert">{photo.trouble || trouble}</p>{/if}
  {#if photo.address}
    <div class="mt-1"><CornersPicture {photo} onset={() => undefined} /></div>
    <p class="mt-1 text-note text-quiet">{words.putTheHandles}</p>
    <p class="mt-2 flex gap-2">
      <button class="btn btn-primary" disabled={looking} onclick={() => void look()}>{words.lookAtThisCloth}</button>
      <button class="btn" onclick={() => photo.forget()}>{words.cancel}</button>
    </p>
    {#if looking && !photo.trouble}<p class="mt-1 text-note text-quiet" role="status">{words.lookingAtThePhoto}</p>{/if}
  {:else if !read}
    <div class="mt-1"><PhotoDrop pasting={false} stays={words.onlyTheCloth} onphoto={(chosen) => void open(chosen)} /></div>
  {/if}
  {#if read}
    <section class="mt-2" aria-label={words.whatThePhotoTells}>
      <div class="flex gap-3">
        <img class="cloth h-24 w-24" src="/swatches/{read.photo}" alt={words.itsMiddleSquare} />
        <div>
          <p>
            {words.aValue(bandName(bandOf(read.value)))} <b>{Math.round(read.value)}</b>{words.itsPrintIs(
              read.volume < 4 ? words.quiet : read.volume < 12 ? words.clearToSee : words.busy,
            )} <b>{tenth(read.volume)}</b>.
          </p>
          <p class="mt-1 flex" aria-label={words.mainColours}>
            {#each read.colours as c (c.colour)}<span
                class="cloth inline-block h-6"
                style:background={c.colour}
                style:width="{Math.max(8, c.share * 120)}px"
                title="{c.colour}, {Math.round(c.share * 100)} %"
              ></span>{/each}
          </p>
        </div>
      </div>
      <p class="mt-1 text-note text-quiet">
        {words.photographTheFabricFlatIn}
      </p>
      <p class="mt-2 flex gap-2">
        <button class="btn btn-primary" onclick={take}>{words.useThisPhoto}</button>
        <button class="btn" onclick={() => (read = undefined)}>{words.cancel}</button>
      </p>
    </section>
  {/if}
  {#if file.photo}
    <Setting
      name={words.widthOfFabricInThe(unit)}
      value={String(file.photoSide ?? (unit === 'in' ? '4' : '10'))}
      trouble={lengthTrouble}
      onset={(to) => bench.saver.do(words.sizeOfItsPhoto(fabric.name), [change('photoSide', to)])}
    />
    <p class="mt-1">
      <button
        class="link text-note"
        onclick={() => bench.saver.do(words.photoTakenOff(fabric.name), [change('photo', undefined)])}
        >{words.removeThePhotoColourAnd}</button
      >
    </p>
  {/if}
</div>
