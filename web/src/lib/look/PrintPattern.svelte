<!-- A fabric as a pattern to fill shapes with: its photo, or ground and one repeat of its print, at true scale. -->
<script lang="ts">
  import { asSeen, printShapes, type View } from '@aggrega/core/fabric';
  import type { FabricLook } from './cast';

  interface Props {
    id: string;
    cloth: FabricLook;
    view?: View;
    /** Of the drawing to an inch or centimetre. */
    scale?: number;
    /** Degrees, clockwise: the print turns with its block. */
    turned?: number;
  }
  let { id, cloth, view = 'colour', scale = 1, turned = 0 }: Props = $props();
  const side = $derived((cloth.photo?.side ?? cloth.print?.repeat ?? 1) * scale);
</script>

<pattern {id} width={side} height={side} patternUnits="userSpaceOnUse" patternTransform="rotate({turned})">
  <rect width={side} height={side} fill={asSeen(cloth.colour, view)} />
  {#if cloth.photo}
    <image href="/swatches/{cloth.photo.id}" width={side} height={side} preserveAspectRatio="none" />
  {:else if cloth.print}
    {#each printShapes(cloth.print.pattern) as shape, i (i)}
      <path d={shape.path} transform="scale({side})" fill={asSeen(cloth.print.ink, view)} fill-opacity={shape.strength} />
    {/each}
  {/if}
</pattern>
