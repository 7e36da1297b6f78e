<!-- Who has which version of the sheet, and how they got it. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Holder } from '$lib/server/db/held';

  interface Props {
    holders: Holder[];
    /** The version that is out. */
    version: number;
    onhand: (participant: string) => void;
    /** Writes to whoever joined since it went out. */
    onlate: () => void;
  }
  let { holders, version, onhand, onlate }: Props = $props();
  const late = $derived(holders.filter((h) => h.late));
  const bench = useWorkbench();
  type Which = 'all' | 'old' | 'none';
  let which: Which = $state('all');
  let find = $state('');
  const MOST = 80;
  const groups = $derived<{ id: Which; name: string; of: Holder[] }[]>([
    { id: 'all', name: 'everyone', of: holders },
    { id: 'old', name: words.oldVersion, of: holders.filter((h) => h.version > 0 && h.version < version) },
    { id: 'none', name: words.notSent, of: holders.filter((h) => h.version === 0) },
  ]);
  const shown = $derived(
    groups.find((g) => g.id === which)!.of.filter((h) => h.name.toLowerCase().includes(find.trim().toLowerCase())),
  );
  const WAYS = { mail: words.byEmail, page: words.onTheirPage, hand: words.givenByHand };
  const colourway = (id: string) => bench.programme.colourways.find((c) => c.id === id)?.name ?? id;
</script>

<section aria-label={words.whoHasWhichVersion} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.whoHasWhichVersion}</h2>
  <div class="no-print mt-2 flex flex-wrap items-end gap-4">
    <fieldset class="flex" aria-label={words.show}>
      {#each groups as g (g.id)}
        <label
          class="cursor-pointer border-b-4 px-3 py-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {which ===
          g.id
            ? ''
            : 'border-transparent'}"
          ><input type="radio" class="sr-only" name="holders" value={g.id} bind:group={which} />{g.name}
          <span class="tabular text-quiet">{g.of.length}</span></label
        >
      {/each}
    </fieldset>
    <label class="block w-44"
      ><span class="text-note text-quiet">{words.name}</span><input class="input" type="search" bind:value={find} /></label
    >
  </div>
  {#if late.length > 0}
    <p class="no-print mt-3 flex flex-wrap items-center gap-3 border-l-4 border-weld pl-4">
      <span class="mr-auto max-w-prose"
        >{words.hadThisSheet(
          late.length === 1 ? words.joinedAfterReleaseAndHasnt(late[0]!.name) : words.peopleJoinedAfterReleaseAnd(late.length),
        )}</span
      >
      <button class="btn btn-primary" onclick={onlate}>{words.emailItToThem}</button>
    </p>
  {/if}
  <table class="mt-2 w-full">
    <thead
      ><tr class="border-b border-ink"
        ><th class="py-1">{words.name}</th><th>{words.colourway}</th><th>{words.version}</th><th>{words.how}</th><th
          >{words.when}</th
        ><th class="no-print"></th></tr
      ></thead
    >
    <tbody>
      {#each shown.slice(0, MOST) as h (h.participant)}
        <tr class="border-b border-rule {h.state === 'left' ? 'text-walnut' : ''}" data-holder={h.name}>
          <td class="py-1.5 pr-3">{h.name}{h.state === 'left' ? words.left : ''}</td>
          <td class="pr-3">{colourway(h.colourway)}</td>
          <td class="numeral pr-3 {h.version > 0 && h.version < version ? 'bg-weld text-primary-content' : ''}"
            >{h.version || '–'}</td
          >
          <td class="pr-3">{h.way ? WAYS[h.way] : h.email ? '' : words.noEmailAddress}</td>
          <td class="pr-3">{h.held ? dayText(h.held.toISOString().slice(0, 10), page.data.locale) : ''}</td>
          <td class="no-print text-right"
            >{#if h.version < version}<button
                class="link text-note"
                aria-label={words.markVersionAsGivenTo(version, h.name)}
                onclick={() => onhand(h.participant)}>{words.markAsGiven}</button
              >{/if}</td
          >
        </tr>
      {:else}
        <tr><td colspan="6" class="py-2 text-quiet">{words.noOne}</td></tr>
      {/each}
    </tbody>
  </table>
  {#if shown.length > MOST}<p class="mt-2 text-note text-quiet">{words.moreSearchByNameTo(shown.length - MOST)}</p>{/if}
</section>
