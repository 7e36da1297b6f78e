<!-- A photo of the fabric: sent, read, and taken for the fabric when its maker says so. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import PhotoField from '$lib/look/PhotoField.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import { bandName, bandOf, type PhotoReading } from '@aggrega/core/fabric';
  import { LengthError, parseLength } from '@aggrega/core/measure';
  import type { Change, Fabric, FabricFile } from '@aggrega/core/programme';

  let { fabric, file }: { fabric: Fabric; file: FabricFile } = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  let read: (PhotoReading & { photo: string }) | undefined = $state.raw();

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
  <PhotoField
    label={words.photo}
    address="/api/swatches"
    working={words.lookingAtThePhoto}
    onbegin={() => (read = undefined)}
    onkept={(kept: PhotoReading & { photo: string }) => (read = kept)}
  />
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
