<!-- Templates of pieces that no ruler cuts, each to be kept as a file at full size. -->
<script lang="ts">
  import { words } from './words';
  import { keepFile } from '$lib/look/keep-file';
  import TemplatePicture from './TemplatePicture.svelte';
  import type { Block } from '@aggrega/core/block';
  import { templateDrawing, templateSvg, type Construction, type Cut } from '@aggrega/core/construction';
  import type { LengthUnit } from '@aggrega/core/measure';

  let { c, block, unit }: { c: Construction; block: Block; unit: LengthUnit } = $props();
  const templates = $derived(
    c.cuts.flatMap((cut) => {
      const drawing = templateDrawing(cut);
      return drawing ? [{ cut, drawing }] : [];
    }),
  );
  const keepTemplate = (cut: Cut) =>
    keepFile(`${block.id}-${cut.label}.svg`, templateSvg(cut, `${block.name}, ${cut.label}`, unit), 'image/svg+xml');
</script>

{#if templates.length > 0}
  <section class="mt-8 border-t border-rule pt-4" aria-label={words.templates}>
    <h2 class="text-head">{words.templates}</h2>
    <p class="max-w-prose">
      {words.printAt100AndCheck}
    </p>
    <div class="mt-3 flex flex-wrap gap-6">
      {#each templates as { cut, drawing } (cut.label)}
        <figure class="w-40">
          <TemplatePicture class="h-32 w-full" {drawing} label={words.templateOf(cut.label)} />
          <figcaption>
            <b>{cut.label}</b>, {cut.qty}{cut.reversed ? words.paperTurnedOver : ''}
            <button class="link block" onclick={() => keepTemplate(cut)}>{words.downloadAtFullSizeSvg}</button>
          </figcaption>
        </figure>
      {/each}
    </div>
  </section>
{/if}
