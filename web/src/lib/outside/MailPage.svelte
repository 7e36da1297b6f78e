<!-- What arrived at the stand-in for the world's mail: letters as participants would read them. -->
<script lang="ts">
  import { words } from './words';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import Tools from '$lib/frame/Tools.svelte';
  import type { Arrived } from '$lib/server/mail/stand-in';

  let { data }: { data: { mails: Arrived[]; locale: string } } = $props();
  let open = $state('');
  let find = $state('');
  const wanted = $derived(find.trim().toLowerCase());
  const shown = $derived(data.mails.filter((m) => `${m.to} ${m.subject}`.toLowerCase().includes(wanted)));
  const at = (date: Date) => date.toLocaleString(page.data.locale, { dateStyle: 'medium', timeStyle: 'short' });
  /** Addresses in a letter, to be followed; those of this installation as they are here. */
  const parts = (text: string) => text.split(/(https?:\/\/\S+)/);
  const here = (address: string) => new URL(address).pathname;
</script>

<svelte:head><title>{words.demoMailboxAggrega}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-3xl px-6 pb-16">
  <header class="flex items-end gap-4 pt-8">
    <div class="mr-auto">
      <p class="numeral text-quiet">{words.demoMailbox}</p>
      <h1 class="text-title">{words.emailsThatWouldHaveBeen}</h1>
    </div>
    <Tools />
  </header>
  <p class="mt-2 max-w-prose text-quiet">{words.theNewestEmailsThatWould}</p>
  <div class="mt-4 flex items-end gap-3">
    <label class="block w-60"
      ><span class="text-note text-quiet">{words.toOrAbout}</span><input class="input" type="search" bind:value={find} /></label
    >
    <button class="btn" onclick={() => void invalidateAll()}>{words.refresh}</button>
  </div>
  {#if shown.length === 0}<p class="mt-6 text-lead">
      {data.mails.length === 0 ? words.nothingHasArrivedYet : words.noEmailsMatch}
    </p>{/if}
  <ul class="mt-3 border-t-2 border-ink">
    {#each shown as mail (mail.id)}
      <li class="border-b border-rule" data-mail={mail.to}>
        <button
          class="flex w-full cursor-pointer items-baseline gap-4 py-2 text-left hover:bg-edge"
          aria-expanded={open === mail.id}
          onclick={() => (open = open === mail.id ? '' : mail.id)}
        >
          <span class="w-56 shrink-0 truncate">{mail.to}</span>
          <span class="mr-auto font-semibold">{mail.subject}</span>
          <span class="text-note text-quiet">{at(mail.date)}</span>
        </button>
        {#if open === mail.id}
          <div class="mb-4 border-l-4 border-weld pl-4">
            {#if mail.picture}<img class="mb-3 w-50" src={mail.picture} alt={words.theBlockAsTheLetter} />{/if}
            <p class="whitespace-pre-line">
              {#each parts(mail.text) as part, i (i)}{#if i % 2 === 1}<a class="link break-all" href={here(part)}>{part}</a
                  >{:else}{part}{/if}{/each}
            </p>
            {#each mail.attached as a (a.name)}<p class="text-note text-quiet">
                {words.kb(a.name, Math.ceil(a.size / 1024))}
              </p>{/each}
            <p class="mt-2">
              <a class="link text-note" href="/outside/mail/{mail.id}.eml" download>{words.theWholeLetterAsA}</a>
            </p>
          </div>
        {/if}
      </li>
    {/each}
  </ul>
</main>
