<!-- The plan for the cutting room, and as files. -->
<script lang="ts">
  import { words } from './words';
  import Printer from '@lucide/svelte/icons/printer';

  interface Props {
    fabric: { id: string; name: string };
    /** Colourway, head count and basis, as an address carries them. */
    asked: string;
  }
  let { fabric, asked }: Props = $props();
  const file = (name: string) => `cut/files/${name}?${asked}`;
</script>

<p class="mt-3">
  <a class="btn" href="cutting-room?{asked}"><Printer size={17} /> {words.cuttingRoomList}</a>
</p>
<p class="mt-3 text-note">
  {words.download} <a class="link" href={file('cut-list.csv')} download>{words.cutList}</a>,
  <a class="link" href={file('order.csv')} download>{words.orderList}</a>,
  <a class="link" href={file(`layout-${fabric.id}.svg`)} download>{words.layoutOf(fabric.name)}</a>
  ·
  <a class="link" href="cutter?{asked}">{words.filesForTheCuttingMachine}</a>
</p>
