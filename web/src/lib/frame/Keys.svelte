<!-- The one list of all keys. -->
<script lang="ts">
  let { open = $bindable() }: { open: boolean } = $props();
  let dialog: HTMLDialogElement;
  const keys: [string, string][] = [
    ['1 to 6', 'Draft, Sew order, Cut, Sheet, Kits, Release'],
    ['[ ]', 'the month before, the month after'],
    ['c', 'the next colourway'],
    ['+ −', 'one more, one fewer in the head count; with Shift ten'],
    ['Home', 'on the dial: back to the number enrolled'],
    ['Enter', 'on the dial: enrol the number tried'],
    ['← →', 'Sew order: the step before, the next one'],
    ['x', 'Sew order: the first of the other readings'],
    ['j', 'Sew order: the next way to put the block together'],
    ['t m Del', 'Quilt: turn the place in hand, mirror it, give it back to the months’ order'],
    ['Shift ← →', 'Quilt: swap the place in hand with the next'],
    ['Shift A', 'Fabrics: take that letter in hand; ← → go through the fabrics by value'],
    ['g', 'Fabrics: all in grey'],
    ['s', 'Fabrics: shuffle the scrappy letters'],
    ['b', 'Cut: one kit, or all kits together'],
    ['/ n', 'Roster: find somebody, add somebody'],
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
  aria-label="Keys"
  onclose={() => (open = false)}
  onclick={(e) => e.target === dialog && dialog.close()}
>
  <div class="modal-box max-w-lg border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">Keys</h2>
    <dl class="mt-4 grid grid-cols-[6rem_1fr] gap-y-2">
      {#each keys as [key, what] (key)}
        <dt class="numeral">{key}</dt>
        <dd>{what}</dd>
      {/each}
    </dl>
    <form method="dialog" class="mt-6 text-right"><button class="act first">Close</button></form>
  </div>
</dialog>
