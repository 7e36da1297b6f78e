<!-- A fabric as a pattern to fill shapes with: its ground, and one repeat of its print at true scale. -->
<script lang="ts">
  import { asSeen, printShapes, type Print, type View } from '@aggrega/core/fabric';

  interface Props {
    id: string;
    colour: string;
    print: Print;
    view?: View;
    /** Of the drawing to an inch or centimetre. */
    scale?: number;
    /** Degrees, clockwise: the print turns with its block. */
    turned?: number;
  }
  let { id, colour, print, view = 'colour', scale = 1, turned = 0 }: Props = $props();
  const side = $derived(print.repeat * scale);
</script>

<pattern {id} width={side} height={side} patternUnits="userSpaceOnUse" patternTransform="rotate({turned})">
  <rect width={side} height={side} fill={asSeen(colour, view)} />
  {#each printShapes(print.pattern) as shape, i (i)}
    <path d={shape.path} transform="scale({side})" fill={asSeen(print.ink, view)} fill-opacity={shape.strength} />
  {/each}
</pattern>
