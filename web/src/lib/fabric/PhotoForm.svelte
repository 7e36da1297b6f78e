<!-- A photo of the fabric: sent, read, and taken for the fabric when its maker says so. -->
<script lang="ts">
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import PhotoField from '$lib/look/PhotoField.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import { bandOf, type PhotoReading } from '@aggrega/core/fabric';
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
    bench.saver.do(`${fabric.name}, its photo`, [
      change('photo', read.photo),
      change('colour', read.average),
      change('value', tenth(read.value)),
      change('volume', Math.min(60, tenth(read.volume))),
    ]);
    read = undefined;
  }
  function lengthTrouble(text: string): string {
    try {
      return parseLength(text, unit).equals(0) ? 'A photo shows some cloth.' : '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
  }
</script>

<div class="border-t border-rule pt-2">
  <PhotoField
    label="Photo"
    address="/api/swatches"
    working="Looking at the photo…"
    onbegin={() => (read = undefined)}
    onkept={(kept: PhotoReading & { photo: string }) => (read = kept)}
  />
  {#if read}
    <section class="mt-2" aria-label="What the photo tells">
      <div class="flex gap-3">
        <img class="cloth h-24 w-24" src="/swatches/{read.photo}" alt="Its middle square" />
        <div>
          <p>
            A {bandOf(read.value)}, value <b>{Math.round(read.value)}</b>; its print is {read.volume < 4
              ? 'quiet'
              : read.volume < 12
                ? 'clear to see'
                : 'busy'}, <b>{tenth(read.volume)}</b>.
          </p>
          <p class="mt-1 flex" aria-label="Main colours">
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
        Photograph the fabric flat, in daylight, without flash or shadows, filling the frame.
      </p>
      <p class="mt-2 flex gap-2">
        <button class="act first" onclick={take}>Use this photo</button>
        <button class="act" onclick={() => (read = undefined)}>Cancel</button>
      </p>
    </section>
  {/if}
  {#if file.photo}
    <Setting
      name="Width of fabric in the photo, {unit}"
      value={String(file.photoSide ?? (unit === 'in' ? '4' : '10'))}
      trouble={lengthTrouble}
      onset={(to) => bench.saver.do(`${fabric.name}, size of its photo`, [change('photoSide', to)])}
    />
    <p class="mt-1">
      <button
        class="plain text-note"
        onclick={() => bench.saver.do(`${fabric.name}, photo taken off`, [change('photo', undefined)])}
        >Remove the photo (colour and value stay)</button
      >
    </p>
  {/if}
</div>
