<script lang="ts">
  import { words as spoken } from './words';
  import { page } from '$app/state';
  import {
    demandName,
    handsOf,
    lengthList,
    minutesOf,
    roomPlan,
    usualBasis,
    whoFor,
    type LengthRow,
    type RoomStep,
  } from '$lib/plan/room-plan';
  import { keepWork } from '$lib/ask/keep-page';
  import { programmeIn } from '$lib/ask/reading';
  import { shortName } from '$lib/plan/short-name';
  import { Ticks, type ListInHand } from '$lib/plan/ticks.svelte';
  import { kitsText } from '$lib/frame/programme-view';
  import { dayText } from '$lib/look/day-text';
  import Choices from '$lib/look/Choices.svelte';
  import EveningLog from './EveningLog.svelte';
  import LengthsToCut from './LengthsToCut.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import PiecesToCut from './PiecesToCut.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Say from '$lib/look/Say.svelte';
  import StepCard from './StepCard.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { planAims } from '@aggrega/core/cutting';
  import { formatLength } from '@aggrega/core/measure';
  import { asProofed, blocksAsCast, handsOut, kitsFor, monthTitle, packetOfMonth } from '@aggrega/core/programme';
  import { atWork, cautions } from '@aggrega/core/sheet';
  import { untrack } from 'svelte';
  import type { CuttingState } from '$lib/server/cut/cutting-room';
  import type { ProofedMonth } from '$lib/server/sheet/sheet-versions';

  let { data }: { data: { place: string; state: CuttingState; proofed: ProofedMonth | undefined; pace: number } } = $props();
  const bench = useWorkbench();
  /** A month that was proofed is cut as it was proofed, for the people that there are now. */
  const programme = $derived(
    (data.proofed && programmeIn(asProofed(bench.saver.document, data.proofed.document))) ?? bench.programme,
  );
  const { unit } = $derived(programme);
  const month = $derived(programme.months.find((m) => m.id === page.params.month) ?? bench.monthOrEmpty(page.params.month!));
  const askedColourway = $derived(page.url.searchParams.get('colourway'));
  const colourway = $derived(programme.colourways.find((c) => c.id === askedColourway) ?? programme.colourways[0]!);
  /** The address names the number, so that a printed list can be asked for again. */
  const number = $derived(page.url.searchParams.get('people') ?? '');
  const people = $derived(/^\d{1,6}$/.test(number) ? Math.min(100_000, Number(number)) : bench.people(colourway));
  const wanted = $derived(page.url.searchParams.get('basis'));
  const basis: 'kit' | 'batch' = $derived(
    wanted === 'kit' || wanted === 'batch' ? wanted : usualBasis(programme, colourway, people),
  );
  const reading = $derived(planAims.find((r) => r === page.url.searchParams.get('reading')));
  const href = (to: string) => `?colourway=${colourway.id}&people=${people}&basis=${to}${reading ? `&reading=${reading}` : ''}`;
  const enrolled = $derived(bench.enrolled(colourway));
  const blocks = $derived(blocksAsCast(programme, colourway, month));
  const kits = $derived(kitsFor(programme, colourway, people));
  /** Pieces of a packet are cut with its first month. */
  const packet = $derived(packetOfMonth(programme, month));
  const cutBefore = $derived(packet.at > 0 && basis === 'batch' && usualBasis(programme, colourway, people) === 'batch');
  const asked = $derived({ month, colourway, people, reading });

  $effect(() => {
    if (page.url) void keepWork();
  });
  /** Ticks belong to a place; what the page was loaded with is shown until the server tells more. */
  const makeTicks = (place: string) =>
    new Ticks(
      `/api/programmes/${page.params.programme}/cutting/${place}`,
      untrack(() => data.state),
    );
  /** Before the page is awake: what it was loaded with. */
  const loaded = $derived(new Map(data.state.steps.map((s) => [`${s.list} ${s.step}`, s.gives])));
  let ticks: Ticks | undefined = $state.raw();
  $effect(() => {
    const opened = makeTicks(data.place);
    ticks = opened;
    return () => opened.close();
  });
  const done = $derived(ticks?.done ?? loaded);
  const lists = $derived(ticks?.lists ?? data.state.lists);

  /** Set when what was cut meanwhile is to be counted in, though a list of this demand is begun. */
  let anew = $state(false);
  const demand = $derived(demandName(programme, asked));
  const begun = $derived.by(() => {
    const last = lists.at(-1);
    return last?.list.startsWith(`${data.place}~${demand}~`) && !anew ? last : undefined;
  });
  /** Steps of earlier lists that count as cut. */
  const base = $derived(begun?.base ?? [...done.keys()]);
  const cutSoFar = $derived(base.flatMap((key) => done.get(key) ?? []));
  /** The kits that cutting so far was for: those of the last list that any counted step stands in. */
  const before = $derived(lists.findLast((l) => base.some((key) => key.startsWith(`${l.list} `)))?.kits);
  const listId = $derived(`${data.place}~${demand}~${shortName(base.join(';'))}`);

  const plan = $derived(basis === 'batch' ? roomPlan(programme, asked, cutSoFar, before) : undefined);
  const lengths = $derived(basis === 'kit' ? lengthList(programme, asked, cutSoFar) : undefined);
  const problems = $derived([plan, lengths].flatMap((p) => (p && !p.ok ? p.problems : [])));
  const steps = $derived(plan?.ok ? plan.steps : []);
  const estimated = $derived(plan?.ok ? minutesOf(programme, steps) : 0);
  const list: ListInHand = $derived({ list: listId, kits, base: [...base], estimated });
  const ids = $derived(lengths?.ok ? lengths.rows.filter((r) => r.qty > 0).map((r) => r.id) : steps.map((s) => s.id));
  const isDone = (row: { id: string }) => done.has(`${listId} ${row.id}`);
  const doneCount = $derived(ids.filter((id) => done.has(`${listId} ${id}`)).length);
  /** Ticks that neither this list nor what it counts as cut knows of: somebody went on with an earlier list. */
  const meanwhile = $derived(
    [...done.keys()].filter((key) => !base.includes(key) && !ids.some((id) => key === `${listId} ${id}`)).length,
  );
  function set(row: RoomStep | LengthRow, is: boolean) {
    ticks?.set(list, row.id, row.gives, is);
    anew = false;
  }

  let hands = $state(1);
  /** Whose steps are shown; 0 for everybody's. */
  let hand = $state(0);
  const sharing = $derived(hands > 1 ? handsOf(steps, hands) : undefined);
  const mine = (step: RoomStep) => hand === 0 || !sharing || sharing.get(step.id) === hand - 1;
  let oneByOne = $state(false);
  const todo = $derived(steps.filter(mine));
  const at = $derived(todo.find((s) => !isDone(s)));

  /** Takes the newest tick back: the last of the steps shown that is done. */
  function back() {
    const last = todo.findLast(isDone);
    if (last) set(last, false);
  }
  const namesOf = (step: RoomStep) => [...new Set(step.strip.rects.map((r) => r.name))];
</script>

<MonthFrame>
  {#if problems.length > 0}
    <Problems {problems} document={bench.saver.document} title={spoken.thisMonthCantBeCut} />
  {:else if cutBefore}
    <p class="pt-6 text-lead">
      {spoken.thePiecesOfThisMonth(packet.months[0]!.name)}
      <a class="link" href="/programmes/{bench.slug}/months/{packet.months[0]!.id}/cutting-room?colourway={colourway.id}"
        >{spoken.goToThatList}</a
      >.
    </p>
  {:else if !handsOut(programme, month) || people === 0}
    <p class="pt-6 text-lead">
      {spoken.thereIsNothingToCut2(!handsOut(programme, month) ? spoken.noBlockIsDrawnFor : spoken.noOneIsEnrolledIn)}
    </p>
  {:else}
    <header>
      <h1 class="text-title">{spoken.cuttingRoom(monthTitle(month))}</h1>
      <p class="text-lead">
        <b>{colourway.name}</b>{spoken.forPeople(
          kitsText(programme, colourway, people),
          people,
          people === enrolled ? '' : spoken.triedEnrolled(enrolled),
          blocks.length > 1
            ? `${blocks.map((entry, i) => spoken.is2(i + 1, entry.block.name, formatLength(entry.finished[0], unit))).join('; ')}. `
            : '',
          programme.title,
          month.release ? spoken.shownOn(dayText(month.release, page.data.locale)) : '',
        )}
      </p>
    </header>

    {#if data.proofed}<p class="mt-1">{spoken.cutAsItWasProofed(data.proofed.version)}</p>{/if}
    {#if plan?.ok && plan.words.length > 0}
      <section class="mt-3 border-l-4 border-weld bg-edge px-4 py-2" aria-label={spoken.whatHasChanged}>
        <p><Say text={plan.words.join(' ')} /></p>
      </section>
    {/if}
    {#if meanwhile > 0}
      <p class="no-print mt-3 border-l-4 border-madder bg-edge px-4 py-2" role="alert">
        {spoken.cutFromAnotherListSince(meanwhile === 1 ? spoken.oneStepWas : spoken.stepsWere(meanwhile))}
        <button class="btn ml-2" onclick={() => (anew = true)}>{spoken.updateThisList}</button>
      </p>
    {/if}

    <div class="no-print mt-3 flex flex-wrap items-center gap-x-6 gap-y-2" data-progress>
      <p role="status">
        <b class="tabular">{doneCount}</b>
        {spoken.ofStepsCut(ids.length)}{#if ticks && ticks.away && ticks.waiting.size > 0}
          <span class="text-quiet">{spoken.weCantReachTheServerYour}</span>{/if}
      </p>
      {#if basis === 'batch'}
        <button class="btn" aria-pressed={oneByOne} onclick={() => (oneByOne = !oneByOne)}
          >{oneByOne ? spoken.showTheWholeList : spoken.oneStepAtATime}</button
        >
        <label class="flex items-center gap-2"
          >{spoken.peopleCutting}
          <select class="select w-16" bind:value={hands} onchange={() => (hand = 0)}>
            {#each [1, 2, 3, 4, 5, 6] as n (n)}<option value={n}>{n}</option>{/each}
          </select></label
        >
        {#if sharing}
          <label class="flex items-center gap-2"
            >{spoken.show}
            <select class="select w-32" bind:value={hand}>
              <option value={0}>{spoken.everyone}</option>
              {#each { length: hands }, i (i)}<option value={i + 1}
                  >{spoken.personMin(
                    i + 1,
                    Math.round(steps.filter((s) => sharing.get(s.id) === i).reduce((n, s) => n + s.minutes, 0) * data.pace),
                  )}</option
                >{/each}
            </select></label
          >
        {/if}
      {/if}
    </div>

    {#if plan?.ok}
      {#if oneByOne}
        <div class="no-print">
          {#if at}
            <StepCard
              fabric={at.fabric}
              strip={at.strip}
              {unit}
              layers={programme.house.layers}
              who={whoFor(plan.shares, at.fabric.id, namesOf(at))}
              onback={() => back()}
              backable={todo.some(isDone)}
              ondone={() => set(at, true)}
            />
          {:else}
            <p class="mt-6 text-lead">{spoken.everythingOnThisListIs}</p>
          {/if}
        </div>
      {/if}
      <!-- Paper always has the whole list. -->
      <div class={oneByOne ? 'hidden print:block' : ''}>
        <PiecesToCut
          {plan}
          {unit}
          shown={mine}
          handOf={sharing ? (s) => spoken.person(sharing.get(s.id)! + 1) : undefined}
          {isDone}
          onset={set}
        />
      </div>
    {:else if lengths?.ok}
      <LengthsToCut list={lengths} {unit} soldBy={programme.house.soldBy} {isDone} onset={set} />
    {/if}
    <section class="mt-6 border-t border-ink pt-2 text-note">
      <h2 class="font-sans">{spoken.safety}</h2>
      <p>{cautions().join(' ')} {atWork()}</p>
    </section>
  {/if}
  {#snippet side()}
    {#if problems.length === 0 && handsOut(programme, month)}
      <Choices
        name={spoken.whatIsCut}
        chosen={basis}
        choices={[
          { id: 'batch', name: spoken.piecesAllKitsTogether, href: href('batch') },
          { id: 'kit', name: spoken.aLengthForEachKit, href: href('kit') },
        ]}
      />
      <PaperChoice what={spoken.printTheList} />
      {#if begun && basis === 'batch'}
        <EveningLog
          expected={begun.estimated * data.pace}
          minutes={begun.minutes}
          pace={data.pace}
          onlog={async (minutes) => (await ticks?.log(begun.list, minutes)) ?? false}
        />
      {:else if plan?.ok && people > 0}
        <p class="mt-5 text-note text-quiet">
          {spoken.estimateMinutesInTotalAt(Math.round(estimated * data.pace), data.pace)}
        </p>
      {/if}
      <p class="mt-4"><a class="link" href="cut?colourway={colourway.id}">{spoken.backToCutting}</a></p>
    {/if}
  {/snippet}
</MonthFrame>
