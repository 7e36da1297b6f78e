<!-- Her pictures of what she has sewn; shown to the others only if she says so. -->
<script lang="ts">
  import { words } from './words';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, key, own }: { view: ParticipantView; key: string; own: Own } = $props();
  let month = $state('');
  const chosen = $derived(month || (view.months.at(-1)?.id ?? ''));
  const nameOf = (id: string) => view.months.find((m) => m.id === id)?.name ?? id;

  async function send(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    if (file) await own.picture(chosen, file);
    input.value = '';
  }
</script>

<section aria-label={words.yourPictures} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.yourPictures}</h2>
  {#if view.months.length > 0}
    <div class="mt-3 flex flex-wrap items-end gap-3">
      <label class="block"
        ><span class="block text-note text-quiet">{words.month}</span>
        <select class="select w-auto" value={chosen} onchange={(e) => (month = e.currentTarget.value)}
          >{#each view.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
        ></label
      >
      <label class="block min-w-0 flex-1"
        ><span class="block text-note text-quiet">{words.aPictureFromYourDevice}</span>
        <input
          class="file-input file:mr-2 file:border file:border-ink file:px-2"
          type="file"
          accept="image/jpeg,image/png,image/webp"
          disabled={own.working}
          onchange={(e) => void send(e.currentTarget)}
        /></label
      >
    </div>
  {/if}
  <ul class="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
    {#each view.pictures as picture (picture.id)}
      <li>
        <img
          class="cloth aspect-square w-full object-cover"
          src="/p/{key}/pictures/{picture.id}"
          alt={words.yoursOf(nameOf(picture.month))}
          loading="lazy"
        />
        <p class="flex text-note">
          <span class="mr-auto">{nameOf(picture.month)}</span>
          <button class="link" onclick={() => void own.do({ deed: 'picture away', picture: picture.id })}>{words.delete}</button
          >
        </p>
      </li>
    {/each}
  </ul>
  <fieldset class="mt-4">
    <legend>{words.whoSeesMyPictures}</legend>
    {#each [['me', words.onlyMe], ['organiser', words.theOrganiserToo], ['group', words.theGroupToo]] as const as [whom, said] (whom)}
      <label class="mt-2 flex min-h-8 cursor-pointer items-start gap-2">
        <input
          type="radio"
          class="radio"
          name="pictures-for"
          checked={view.picturesFor === whom}
          onchange={() => void own.do({ deed: 'pictures for', whom })}
        />
        <span>{said}</span>
      </label>
    {/each}
  </fieldset>
  {#if view.gallery > 0}<p class="mt-2">
      <a class="link" href="/p/{key}/gallery">{words.seeTheGroupsBlocks(view.gallery)}</a>
    </p>{/if}
</section>
