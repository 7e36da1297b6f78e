<!-- The first page of a house: what needs a hand over all its programmes, and how far each of them is. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import Backups from './Backups.svelte';
  import Elsewhere from './Elsewhere.svelte';
  import { organises } from '$lib/look/role-name';
  import Archived from './Archived.svelte';
  import ProgrammeCard from './ProgrammeCard.svelte';
  import Looking from './Looking.svelte';
  import TaskList from './TaskList.svelte';
  import { Tasks, pressing, type HouseTask } from './tasks.svelte';
  import type { BackupState } from '$lib/server/backup/proofs';
  import type { Desk } from '$lib/server/desk/desk';
  import { dayText } from '$lib/look/day-text';
  import Tools from '$lib/frame/Tools.svelte';
  import LayoutGrid from '@lucide/svelte/icons/layout-grid';
  import Plus from '@lucide/svelte/icons/plus';
  import Upload from '@lucide/svelte/icons/upload';
  import UsersRound from '@lucide/svelte/icons/users-round';
  import { onDestroy, onMount } from 'svelte';

  interface Props {
    data: App.PageData & { desk: Desk; backups?: BackupState; feed: string; letter: 'never' | 'pressing' | 'weekly' };
    form: { message: string } | null;
  }
  let { data, form }: Props = $props();
  const { programmes, archived } = $derived(data.desk);
  const looked = new Tasks();
  /** Programmes that are looked through: those that come out soonest. */
  const CHECKED = 4;
  const look = () =>
    looked.look(
      programmes
        .filter((p) => !p.trouble && p.next)
        .sort((a, b) => (a.next!.day < b.next!.day ? -1 : 1))
        .map((p) => p.slug)
        .slice(0, CHECKED),
    );
  onMount(() => void look());
  onDestroy(() => looked.stop());

  const tasks: HouseTask[] = $derived(
    programmes
      .flatMap(({ slug, title, tasks: known }) =>
        (looked.checked.get(slug) ?? known).map((task) => ({ ...task, slug, programme: title })),
      )
      .sort((a, b) => a.days - b.days),
  );
  const next = $derived(
    programmes.flatMap(({ title, next: own }) => (own ? [{ title, ...own }] : [])).sort((a, b) => (a.day < b.day ? -1 : 1))[0],
  );
</script>

<svelte:head><title>{words.deskAggrega}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-[84rem] px-7 pb-16">
  <header class="flex flex-wrap items-end gap-4 pt-8">
    <div class="mr-auto">
      <p class="text-quiet"><span class="numeral">{words.aggrega}</span>{data.who?.house ? ` · ${data.who.house}` : ''}</p>
      <h1 class="text-title">{words.desk}</h1>
    </div>
    <span class="no-print flex flex-wrap gap-4"
      ><Tools />
      {#if data.who?.role === 'owner'}<a class="btn" href="/house"><UsersRound size={17} /> {words.team}</a>{/if}
      <a class="btn" href="/programmes/import"><Upload size={17} /> {words.importAProgramme}</a>
      <a class="btn" href="/programmes/new"><Plus size={17} /> {words.newProgramme}</a></span
    >
  </header>
  {#if data.who?.demo}
    <p class="no-print mt-4 text-note text-quiet">
      {words.youreInTheDemoAs(data.who.name)}
      <a class="link" href="/sign-in">{words.signIn}</a>{words.or} <a class="link" href="/begin">{words.setUpYourOwnShop}</a>.
    </p>
  {/if}
  {#if data.backups}<Backups backups={data.backups} />{/if}

  {#if programmes.length === 0}
    <div class="mt-8 max-w-prose">
      <p class="text-lead">{words.noProgrammes}</p>
      <p class="mt-2 text-quiet">{words.noProgrammesMore}</p>
      {#if organises(data.who?.role)}<p class="mt-4">
          <a class="btn btn-primary" href="/programmes/compose"
            ><LayoutGrid size={17} aria-hidden="true" /> {words.composeAYear}</a
          >
        </p>{/if}
    </div>
  {:else}
    <div class="mt-6 grid grid-cols-[minmax(0,1fr)_25rem] gap-x-10 gap-y-8 max-[62.5rem]:grid-cols-1">
      <section aria-label={words.needsAHand} aria-busy={looked.waiting.size > 0}>
        <h2 class="border-b-2 border-ink pb-1 text-head">{words.needsAHand}</h2>
        <Looking {looked} onagain={() => void look()} />
        {#if looked.waiting.size === 0 && looked.failed.size === 0 && !pressing(tasks)}
          <p class="mt-3 text-lead" data-nothing>
            {next
              ? words.nothingPressingNext(next.title, next.name, dayText(next.day, page.data.locale))
              : words.nothingPlanned}
          </p>
        {/if}
        <TaskList {tasks} house={programmes.length > 1} />
      </section>
      <aside aria-label={words.programmes}>
        <h2 class="border-b-2 border-ink pb-1 text-head">{words.programmes}</h2>
        <ul>
          {#each programmes as programme (programme.slug)}<li><ProgrammeCard {programme} /></li>{/each}
        </ul>
        {#if organises(data.who?.role)}<Elsewhere feed={data.feed} letter={data.letter} message={form?.message ?? ''} />{/if}
      </aside>
    </div>
  {/if}
  <Archived {archived} />
</main>
