<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import Choices from '$lib/look/Choices.svelte';
  import MachineMat from './MachineMat.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { invalidateAll } from '$app/navigation';
  import { tryOnMachine } from '@aggrega/core/cutting';
  import { LengthError, formatLength, parseLength } from '@aggrega/core/measure';
  import Download from '@lucide/svelte/icons/download';
  import type { MatsShown } from '$lib/server/cut/cutter';

  let { data }: { data: MatsShown } = $props();
  const bench = useWorkbench();
  const { unit, house } = $derived(bench.programme);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const basis = $derived(page.url.searchParams.get('basis') === 'batch' ? 'batch' : 'kit');
  const people = $derived(bench.people(colourway));
  const asked = $derived(`colourway=${colourway.id}&basis=${basis}${basis === 'batch' ? `&people=${people}` : ''}`);
  let chosen: string | undefined = $state();
  /** A file of one's own, tried on the machine. */
  let own: { name: string; svg: string } | undefined = $state.raw();
  const keyOf = (mat: { fabric: string; number: number }) => `${mat.fabric}-${mat.number}`;
  const mat = $derived(data.mats.find((m) => keyOf(m) === chosen) ?? data.mats[0]);
  const run = $derived(own ? tryOnMachine(own.svg) : mat && tryOnMachine(mat.svg));
  const sheets = $derived(data.mats.reduce((n, m) => n + m.repeat, 0));

  async function read(e: Event & { currentTarget: HTMLInputElement }) {
    const file = e.currentTarget.files?.[0];
    if (file) own = { name: file.name, svg: file.size > 2e6 ? '' : await file.text() };
  }

  // What is saved changes the files, so they are asked for again.
  const saved = $derived(bench.saver.revision);
  let seen: number | undefined;
  $effect(() => {
    if (seen !== undefined && seen !== saved) void invalidateAll();
    seen = saved;
  });

  const sides = [
    ['width', words.matWidth],
    ['length', words.matLength],
    ['gap', words.betweenPieces],
  ] as const;
  const file = $derived(bench.saver.document.house?.mat ?? {});
  function wrong(text: string) {
    try {
      parseLength(text, unit);
      return '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
  }
</script>

<MonthFrame>
  {#if month.blocks.length === 0}
    <p class="max-w-prose pt-6 text-lead">
      {words.thereIsNothingToCutFor(month.name)}
    </p>
  {:else}
    <h2 class="text-head">{words.forTheCuttingMachine}</h2>
    <p class="max-w-prose text-quiet">
      {words.oneFilePerMatSeam}
    </p>
    {#if data.problems.length > 0 && !own}
      <Problems problems={data.problems} document={bench.saver.document} title={words.thesePiecesCantBeCut} />
    {:else if run}
      <div class="mt-4 grid grid-cols-[minmax(0,1fr)_16rem] gap-x-6 max-[50rem]:block">
        <div>
          <h3 class="mb-2">
            {#if own}{own.name}{:else}{words.mat(
                mat!.name,
                mat!.number,
                mat!.repeat > 1 ? words.ofTheSame(mat!.repeat) : '',
              )}{/if}
          </h3>
          {#if run.file.paths.length > 0}{#key own?.svg ?? mat?.svg}<MachineMat
                {run}
                colour={own ? '#7c8db5' : mat!.colour}
              />{/key}{/if}
        </div>
        <div>
          {#if run.faults.length > 0}
            <div class="border-l-4 border-madder bg-edge px-3 py-2" role="alert">
              <h3>{words.theMachineStops}</h3>
              <ul>
                {#each run.faults.slice(0, 12) as fault (fault)}<li>{fault}</li>{/each}
              </ul>
              {#if run.faults.length > 12}<p>{words.andMore(run.faults.length - 12)}</p>{/if}
            </div>
          {:else}
            <p class="border-l-4 border-weld bg-edge px-3 py-2" data-machine="ready">
              <b>{words.readyToCut}</b>
              {words.everyShapeIsClosedFits}
            </p>
          {/if}
          <dl class="mt-3">
            {#each [[words.mat2, `${run.file.width} × ${run.file.height} ${run.file.unit}`], [words.pieces3, String(run.file.paths.length)], [words.bladeCuts, `${run.cut.toFixed(1)} ${run.file.unit}`], [words.bladeTravel, `${run.carried.toFixed(1)} ${run.file.unit}`], [words.about, words.min(run.minutes.toFixed(1))]] as [name, value] (name)}
              <div class="flex border-b border-rule py-1">
                <dt class="mr-auto text-quiet">{name}</dt>
                <dd class="tabular">{value}</dd>
              </div>
            {/each}
          </dl>
          {#if mat && !own}
            <p class="mt-3">
              <a class="btn" href="cutter/files/{keyOf(mat)}.svg?{asked}" download
                ><Download size={17} /> {words.downloadThisMat}</a
              >
            </p>
          {/if}
          {#if own}<p class="mt-3">
              <button class="btn" onclick={() => (own = undefined)}>{words.backToThisMonth}</button>
            </p>{/if}
        </div>
      </div>
    {:else}
      <p class="mt-4 text-lead">{words.noOneIsEnrolledYetChoose}</p>
    {/if}
  {/if}
  {#snippet side()}
    <Choices
      name={words.whatIsCut}
      chosen={basis}
      choices={[
        { id: 'kit', name: words.oneKit, href: `?colourway=${colourway.id}&basis=kit` },
        { id: 'batch', name: words.allKitsTogether2, href: `?colourway=${colourway.id}&basis=batch&people=${people}` },
      ]}
    />
    {#if data.mats.length > 0}
      <h2 class="mt-4 border-b border-ink pb-1 text-lead">{sheets === 1 ? words.oneMat : words.mats(sheets)}</h2>
      <ul>
        {#each data.mats as m (keyOf(m))}
          <li class="border-b border-rule">
            <button
              class="flex w-full cursor-pointer items-center gap-2 py-1.5 text-left hover:bg-edge"
              aria-pressed={m === mat && !own}
              onclick={() => ((chosen = keyOf(m)), (own = undefined))}
            >
              <span class="cloth inline-block h-5 w-5" style:background={m.colour} aria-hidden="true"></span>
              <span class="mr-auto {m === mat && !own ? 'font-semibold' : ''}">{m.name} {m.number}</span>
              <span class="tabular text-note text-quiet">{m.repeat} ×, {m.pieces} {words.pieces6(m.pieces)}</span>
            </button>
          </li>
        {/each}
      </ul>
    {/if}
    <section class="mt-5 flex flex-col gap-3" aria-label={words.theMachine}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.theMachine}</h2>
      {#each sides as [key, name] (key)}
        <Setting
          name="{name}, {unit}"
          value={file[key] === undefined ? formatLength(house.mat[key], unit) : String(file[key])}
          trouble={wrong}
          onset={(to) => bench.saver.do(words.cuttingMachine(name), [{ path: `/house/mat/${key}`, from: file[key], to }])}
        />
      {/each}
      <label class="block"
        ><span class="text-note text-quiet">{words.tryAFileOfYour}</span>
        <input type="file" accept=".svg,image/svg+xml" class="block w-full text-note" onchange={read} /></label
      >
    </section>
    <p class="mt-4"><a class="link" href="cut?colourway={colourway.id}">{words.backToCutting}</a></p>
  {/snippet}
</MonthFrame>
