<!-- Where a photo comes in: chosen, taken, dropped or pasted. -->
<script lang="ts">
  import { words } from './words';

  interface Props {
    onphoto: (file: File) => void;
    /** Whether files that are pasted anywhere on the page are meant for it. */
    pasting?: boolean;
    /** For a telephone: the camera first. */
    camera?: boolean;
    /** What becomes of the photo. */
    stays?: string;
  }
  let { onphoto, pasting = true, camera = false, stays = words.staysHere }: Props = $props();
  let over = $state(false);

  function first(files: FileList | undefined | null, e?: Event) {
    const file = files?.[0];
    if (!file) return;
    e?.preventDefault();
    onphoto(file);
  }
  function chosen(input: HTMLInputElement) {
    first(input.files);
    input.value = '';
  }
</script>

<svelte:window onpaste={(e) => pasting && first(e.clipboardData?.files, e)} />

{#snippet way(text: string, primary: boolean, capture: boolean)}
  <label class="btn {primary ? 'btn-primary' : ''} {capture && !camera ? 'not-pointer-coarse:hidden' : ''}"
    >{text}<input
      class="sr-only"
      type="file"
      accept="image/jpeg,image/png,image/webp"
      capture={capture ? 'environment' : undefined}
      onchange={(e) => chosen(e.currentTarget)}
    /></label
  >
{/snippet}

<div
  class="border border-dashed p-5 {over ? 'border-ink bg-edge' : 'border-rule'}"
  role="group"
  aria-label={words.photo}
  ondragover={(e) => {
    e.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(e) => {
    over = false;
    first(e.dataTransfer?.files, e);
  }}
>
  {#if !camera}<p>{pasting ? words.dropAPhoto : words.dropOne}</p>{/if}
  <div class="mt-2 flex flex-wrap gap-2">
    {@render way(words.takeAPhoto, camera, true)}
    {@render way(words.chooseAPhoto, !camera, false)}
  </div>
  <p class="mt-2 text-note text-quiet">{stays}</p>
</div>
