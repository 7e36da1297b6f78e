<!-- What follows from something, shown before it is done: each line of it, and a way back. -->
<script lang="ts">
  import { words } from './words';

  interface Asked {
    title: string;
    lines: readonly string[];
    /** What the button that does it says. */
    does: string;
    ondo: () => void;
  }
  let dialog: HTMLDialogElement;
  let asked: Asked | undefined = $state.raw();

  /** Shows what follows; `ondo` is called when somebody agrees. */
  export function show(question: Asked): void {
    asked = question;
    dialog.showModal();
  }
  const MOST = 12;
</script>

<dialog
  bind:this={dialog}
  class="modal no-print"
  aria-label={asked?.title}
  onclick={(e) => e.target === dialog && dialog.close()}
  onclose={() => (asked = undefined)}
>
  {#if asked}
    <div class="modal-box max-w-lg border border-ink bg-ground p-7 shadow-none">
      <h2 class="text-head">{asked.title}</h2>
      {#if asked.lines.length > 0}
        <p class="mt-2 text-quiet">{words.thisFollows}</p>
        <ul class="mt-1 list-disc pl-5">
          {#each asked.lines.slice(0, MOST) as line, i (i)}<li>{line}</li>{/each}
          {#if asked.lines.length > MOST}<li class="text-quiet">{words.andMore(asked.lines.length - MOST)}</li>{/if}
        </ul>
      {/if}
      <p class="mt-5 flex gap-2">
        <button
          class="btn btn-primary"
          onclick={() => {
            const { ondo } = asked!;
            dialog.close();
            ondo();
          }}>{asked.does}</button
        >
        <button class="btn" onclick={() => dialog.close()}>{words.cancel}</button>
      </p>
    </div>
  {/if}
</dialog>
