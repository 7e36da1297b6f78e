<!-- Adds one person; where all places are taken she is put on the waiting list, and the form says so. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { blankPerson } from '@aggrega/core/running';
  import type { Roster } from './roster.svelte';

  interface Props {
    roster: Roster;
    /** Places that are free; undefined where there is no end of them. */
    free: number | undefined;
    onadded: (id: string) => void;
  }
  let { roster, free, onadded }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  let dialog: HTMLDialogElement;
  let [name, email, colourway, size] = $state(['', '', '', '']);
  let trouble = $state('');
  const waits = $derived(free !== undefined && free <= 0);

  export function show() {
    [name, email, trouble] = ['', '', ''];
    dialog.showModal();
  }

  async function add(e: SubmitEvent) {
    e.preventDefault();
    const id = crypto.randomUUID();
    const fields = { name: name.trim(), email: email.trim(), colourway: colourway || programme.colourways[0]!.id, size };
    const to = { ...blankPerson, ...fields, state: waits ? ('waiting' as const) : ('in' as const), joined: page.data.today };
    if (await roster.do(`${to.name} ${waits ? words.onTheWaitingList : 'added'}`, [{ id, to }])) {
      dialog.close();
      onadded(id);
    } else trouble = roster.faults[0]?.message ?? roster.trouble;
  }
</script>

<dialog bind:this={dialog} class="modal no-print" aria-label={words.addAParticipant}>
  <form class="modal-box max-w-md border border-ink bg-ground p-7 shadow-none" onsubmit={(e) => void add(e)}>
    <h2 class="text-head">{words.addAParticipant}</h2>
    {#if waits}<p class="mt-2">{words.allPlacesAreTakenSo(programme.kits.most)}</p>{/if}
    <div class="mt-4 flex flex-col gap-3">
      <label class="block"
        ><span class="text-note text-quiet">{words.name}</span><input
          class="input"
          bind:value={name}
          required
          maxlength="200"
        /></label
      >
      <label class="block"
        ><span class="text-note text-quiet">{words.emailNeededToSendSheets}</span><input
          class="input"
          type="email"
          bind:value={email}
          maxlength="200"
        /></label
      >
      <div class="flex gap-3">
        <label class="block flex-1"
          ><span class="text-note text-quiet">{words.colourway}</span>
          <select
            class="select"
            value={colourway || programme.colourways[0]?.id}
            onchange={(e) => (colourway = e.currentTarget.value)}
            >{#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option>{/each}</select
          ></label
        >
        {#if programme.sizes.length > 0}
          <label class="block flex-1"
            ><span class="text-note text-quiet">{words.quilt2}</span>
            <select class="select" bind:value={size}
              ><option value="">{words.standardSize}</option>{#each programme.sizes as s (s.id)}<option value={s.id}
                  >{s.name}</option
                >{/each}</select
            ></label
          >
        {/if}
      </div>
    </div>
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}.</p>{/if}
    <p class="mt-6 flex justify-end gap-2">
      <button type="button" class="btn" onclick={() => dialog.close()}>{words.cancel}</button>
      <button class="btn btn-primary" disabled={roster.working}>{waits ? words.addToWaitingList : words.add}</button>
    </p>
  </form>
</dialog>
