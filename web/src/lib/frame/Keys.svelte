<!-- The one list of all keys. -->
<script lang="ts">
  import { words } from './words';
  import { MONTH, stationName } from './stations';

  let { open = $bindable() }: { open: boolean } = $props();
  let dialog: HTMLDialogElement;
  const of = Object.fromEntries(['sew', 'quilt', 'fabrics', 'cut', 'roster'].map((id) => [id, stationName(id)]));
  const keys: [string, string][] = [
    [words.oneTo(MONTH.length), MONTH.map((s) => s.name).join(', ')],
    ['[ ]', words.previousMonthNextMonth],
    ['c', words.nextColourway],
    ['+ −', words.headCountOneMoreOne],
    ['Home', words.headCountBackToThe],
    ['Enter', words.headCountSaveThisNumber],
    ['← →', words.previousStepNextStep(of.sew)],
    ['x', words.useTheFirstAlternativePiecing(of.sew)],
    ['j', words.nextWayToPutThe(of.sew)],
    ['t m Del', words.rotateTheSelectedBlockMirror(of.quilt)],
    [words.shift, words.swapTheSelectedBlockWith(of.quilt)],
    [words.shiftA, words.selectThatLetterGoThrough(of.fabrics)],
    ['g', words.greyscale(of.fabrics)],
    ['s', words.shuffleTheScrappyLetters(of.fabrics)],
    ['b', words.oneKitOrAllKits(of.cut)],
    ['/ n', words.findAParticipantAddA(of.roster)],
    ['p', words.print],
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
    <form method="dialog" class="mt-6 text-right"><button class="btn btn-primary">{words.close}</button></form>
  </div>
</dialog>
