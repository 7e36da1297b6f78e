<!-- The one list of all keys. -->
<script lang="ts">
  import { MONTH, stationName } from './stations';

  let { open = $bindable() }: { open: boolean } = $props();
  let dialog: HTMLDialogElement;
  const of = Object.fromEntries(['sew', 'quilt', 'fabrics', 'cut', 'roster'].map((id) => [id, stationName(id)]));
  const keys: [string, string][] = [
    [`1 to ${MONTH.length}`, MONTH.map((s) => s.name).join(', ')],
    ['[ ]', 'previous month, next month'],
    ['c', 'next colourway'],
    ['+ −', 'head count: one more, one fewer; with Shift, ten'],
    ['Home', 'head count: back to the number enrolled'],
    ['Enter', 'head count: save this number'],
    ['← →', `${of.sew}: previous step, next step`],
    ['x', `${of.sew}: use the first alternative piecing`],
    ['j', `${of.sew}: next way to put the block together`],
    ['t m Del', `${of.quilt}: rotate the selected block, mirror it, reset it`],
    ['Shift ← →', `${of.quilt}: swap the selected block with the next`],
    ['Shift A', `${of.fabrics}: select that letter; ← → go through the fabrics by value`],
    ['g', `${of.fabrics}: greyscale`],
    ['s', `${of.fabrics}: shuffle the scrappy letters`],
    ['b', `${of.cut}: one kit, or all kits together`],
    ['/ n', `${of.roster}: find a participant, add a participant`],
    ['p', 'print'],
    ['Ctrl Z', 'undo; with Shift redo'],
    ['?', 'this list'],
  ];
  $effect(() => {
    if (open) dialog.showModal();
    else dialog.close();
  });
</script>

<dialog
  bind:this={dialog}
  class="modal no-print"
  aria-label="Keyboard shortcuts"
  onclose={() => (open = false)}
  onclick={(e) => e.target === dialog && dialog.close()}
>
  <div class="modal-box max-w-lg border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">Keyboard shortcuts</h2>
    <dl class="mt-4 grid grid-cols-[6rem_1fr] gap-y-2">
      {#each keys as [key, what] (key)}
        <dt class="numeral">{key}</dt>
        <dd>{what}</dd>
      {/each}
    </dl>
    <form method="dialog" class="mt-6 text-right"><button class="act first">Close</button></form>
  </div>
</dialog>
