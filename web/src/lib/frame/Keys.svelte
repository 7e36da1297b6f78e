<!-- The one list of all keys. -->
<script lang="ts">
  import { words } from './words';
  import { MONTH, stationName } from './stations';

  let { open = $bindable() }: { open: boolean } = $props();
  let dialog: HTMLDialogElement;
  const of = Object.fromEntries(['sew', 'quilt', 'fabrics', 'cut', 'roster'].map((id) => [id, stationName(id)]));
  const keys: [string, string][] = [
    [`1 to ${MONTH.length}`, MONTH.map((s) => s.name).join(', ')],
    ['[ ]', words.previousMonthNextMonth],
    ['c', words.nextColourway],
    ['+ −', words.headCountOneMoreOne],
    ['Home', 'head count: back to the number enrolled'],
    ['Enter', 'head count: save this number'],
    ['← →', `${of.sew}: previous step, next step`],
    ['x', `${of.sew}: use the first alternative piecing`],
    ['j', `${of.sew}: next way to put the block together`],
    ['t m Del', `${of.quilt}: rotate the selected block, mirror it, reset it`],
    [words.shift, `${of.quilt}: swap the selected block with the next`],
    [words.shiftA, words.selectThatLetterGoThrough(of.fabrics)],
    ['g', `${of.fabrics}: greyscale`],
    ['s', `${of.fabrics}: shuffle the scrappy letters`],
    ['b', `${of.cut}: one kit, or all kits together`],
    ['/ n', `${of.roster}: find a participant, add a participant`],
    ['p', 'print'],
    [words.ctrlZ, words.undoWithShiftRedo],
    ['?', words.thisList],
  ];
  $effect(() => {
    if (open) dialog.showModal();
    else dialog.close();
  });
</script>

<dialog
  bind:this={dialog}
  class="modal no-print"
  aria-label={words.keyboardShortcuts}
  onclose={() => (open = false)}
  onclick={(e) => e.target === dialog && dialog.close()}
>
  <div class="modal-box max-w-lg border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">{words.keyboardShortcuts}</h2>
    <dl class="mt-4 grid grid-cols-[6rem_1fr] gap-y-2">
      {#each keys as [key, what] (key)}
        <dt class="numeral">{key}</dt>
        <dd>{what}</dd>
      {/each}
    </dl>
    <form method="dialog" class="mt-6 text-right"><button class="act first">{words.close}</button></form>
  </div>
</dialog>
