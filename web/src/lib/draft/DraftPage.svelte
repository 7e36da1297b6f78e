<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { Drafter } from './drafter.svelte';
  import { begun, blockSvg, blockText, castable, freeId, redrawn } from './drawings';
  import { layUnder, underlayOf } from './underlays.svelte';
  import { keepFile } from '$lib/look/keep-file';
  import { coloursOf, doubtsOf, workOut } from '$lib/frame/programme-view';
  import BlocksForm from './BlocksForm.svelte';
  import BlockLibrary from './BlockLibrary.svelte';
  import CutList from './CutList.svelte';
  import Doubts from '$lib/look/Doubts.svelte';
  import DraftBoard from './DraftBoard.svelte';
  import DraftTools from './DraftTools.svelte';
  import GridForm from './GridForm.svelte';
  import Length from '$lib/look/Length.svelte';
  import MonthForm from './MonthForm.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Say from '$lib/look/Say.svelte';
  import { inkOn } from '@aggrega/core/fabric';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { patchAt, roleShares, rolesOf, type Block, type Point } from '@aggrega/core/block';
  import { isLeaf, unitsOf, type Tree } from '@aggrega/core/construction';
  import { constructMonthBlock, isLesson, kitsFor, readLaidKey, type MonthBlock } from '@aggrega/core/programme';
  import { formatLength, listed } from '@aggrega/core/measure';

  const bench = useWorkbench();
  const drafter = new Drafter();
  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const colours = $derived(coloursOf(colourway));
  const roles = $derived(castable(programme));
  const cast = $derived(new Map(roles.map((role) => [role, colourway.fabrics.get(role)!])));
  const doubts = $derived(doubtsOf(programme, month, colourway));
  /** The sheet's own data, so that a number is the same here and there; or why it cannot be had. */
  const worked = $derived(workOut(programme, month, colourway));

  let chosen = $state(0);
  let shelf = $state(false);
  const number = $derived(Math.min(chosen, Math.max(0, month.blocks.length - 1)));
  const entry = $derived(month.blocks[number]);
  const c = $derived(entry && constructMonthBlock(programme, entry, colourway));
  const sheetBlock = $derived(entry && worked.sheet?.blocks.find((b) => readLaidKey(b.key).block === entry.key));
  const elsewhere = $derived(
    entry
      ? programme.months.filter((m) => m !== month && m.blocks.some((b) => b.block.id === entry.block.id)).map((m) => m.name)
      : [],
  );

  /** Lines of the grid, written along the block's edges as on a cutting mat. */
  function marks(of: MonthBlock, axis: 0 | 1) {
    const cells = of.block.grid[axis];
    return Array.from({ length: cells + 1 }, (_, i) => ({
      at: i / cells,
      text: formatLength(of.finished[axis].over(cells).times(i), programme.unit),
    }));
  }
  const light = (cuts: string[]) => (bench.lit = cuts);
  const cutOf = (patch: number) => `${entry!.key}:${sheetBlock?.patches[patch]?.cut}`;

  /** The patches of the unit that covers a point. */
  function unitAt(at: Point): ReadonlySet<number> {
    const patch = patchAt(entry!.block, at);
    const find = (tree: Tree): number[] | undefined => {
      if (!tree.laid.some((p) => p.of.includes(patch))) return undefined;
      if (isLeaf(tree)) return tree.laid.flatMap((p) => [...p.of]);
      return tree.parts.map(find).find(Boolean);
    };
    return new Set(patch < 0 ? [] : (find(c!.tree) ?? []));
  }

  /** What the drawing is made of: '8 half-square triangles, 4 plain patches and 1 …'. */
  const madeOf = $derived.by(() => {
    const count = new Map<string, number>();
    const made = (c ? unitsOf(c.tree) : []).map((leaf) => c!.unitOf.get(leaf)!);
    for (const u of c?.units ?? []) {
      const times = made.filter((m) => m === u).length;
      const { title, plural } = u.kind;
      const key = JSON.stringify([title, plural]);
      if (times > 0) count.set(key, (count.get(key) ?? 0) + times);
    }
    const said = [...count].map(([key, n]) => `${n} ${(JSON.parse(key) as [string, string])[n === 1 ? 0 : 1]}`);
    return listed(said);
  });
  const odd = $derived.by(() => {
    const seams = new Set<string>();
    const visit = (tree: Tree): void => {
      if (isLeaf(tree)) return tree.inside && visit(tree.inside);
      seams.add(tree.seam);
      tree.parts.forEach(visit);
    };
    if (c) visit(c.tree);
    return [seams.has('partial') ? words.aPartialSeam : '', seams.has('set-in') ? words.aSetInSeam : '']
      .filter(Boolean)
      .join(words.and);
  });

  const draw = (block: Block, said: string) => bench.saver.do(`${block.name}, ${said}`, redrawn(bench.saver.document, block));
  let adding = $state(false);
  const underlay = $derived(entry && underlayOf(page.params.programme!, entry.block.id));
  /** The photo that a drawing was read from stays under it; another drawing in its place takes it away. */
  const lay = (block: string, address: string | undefined) =>
    layUnder(page.params.programme!, block, address === undefined ? undefined : { address, share: 0.4 });
  const out = $derived(
    (page.data.releases as { month: string; state: string }[]).some((r) => r.month === month.id && r.state === 'released'),
  );
  /** One block more, after those that there are. */
  function add(block: Block, underlay?: string) {
    adding = false;
    lay(freeId(bench.saver.document, block.name), underlay);
    bench.saver.do(words.begun(month.name, block.name), begun(bench.saver.document, programme, month, block));
    chosen = month.blocks.length;
  }
  function choose(block: Block, underlay?: string) {
    shelf = false;
    lay(entry?.block.id ?? freeId(bench.saver.document, block.name), underlay);
    if (!entry) bench.saver.do(words.begun(month.name, block.name), begun(bench.saver.document, programme, month, block));
    else {
      const changes = redrawn(bench.saver.document, { ...block, id: entry.block.id }, block.name);
      bench.saver.do(words.anotherDrawing(entry.block.name), changes);
    }
  }
  const svg = () =>
    blockSvg(
      entry!.block,
      { width: entry!.finished[0].toNumber(), height: entry!.finished[1].toNumber(), unit: programme.unit },
      colours,
    );
</script>

<MonthFrame tableFirst>
  {#if !entry || !c}
    <div class="pt-4">
      {#if isLesson(programme, month)}
        <h2 class="text-head">{words.aLesson}</h2>
        <p class="mt-1 mb-4 max-w-prose text-lead">
          {words.aLessonIsItsNotes}
          <a class="link" href="sheet{page.url.search}">{words.writeItUnder}</a>.
        </p>
        <p class="mb-4 max-w-prose">{words.elseStartWith}</p>
      {:else}
        <h2 class="text-head">{words.noBlockYet}</h2>
        <p class="mt-1 mb-4 max-w-prose text-lead">{words.startWithOneOfThese}</p>
      {/if}
      <BlockLibrary {cast} onchoose={choose} />
    </div>
  {:else}
    <BlocksForm
      {month}
      chosen={number}
      {out}
      onchoose={(at) => ((chosen = at), (adding = false))}
      onadd={() => (adding = !adding)}
    />
    {#if adding}
      <section class="no-print mb-6 border-y border-rule py-4" aria-label={words.addABlockHeading}>
        <h2 class="mb-3 text-head">{words.addABlockHeading}</h2>
        <BlockLibrary {cast} onchoose={add} />
      </section>
    {/if}
    <section class="grid grid-cols-[minmax(16rem,28rem)_minmax(18rem,1fr)] gap-x-8 gap-y-6 max-md:grid-cols-1">
      <div>
        <div class="grid grid-cols-[2.2rem_1fr] grid-rows-[1.6rem_1fr]">
          <div></div>
          {#each [0, 1] as const as axis (axis)}
            <div class="relative text-xs text-quiet" aria-hidden="true">
              {#each marks(entry, axis) as m (m.at)}
                <span
                  class="absolute {axis === 0 ? 'bottom-1 -translate-x-1/2' : 'right-2 -translate-y-1/2'}"
                  style="{axis === 0 ? 'left' : 'top'}: {m.at * 100}%"><Length of={m.text} /></span
                >
              {/each}
            </div>
          {/each}
          <DraftBoard
            block={entry.block}
            {drafter}
            {colours}
            {underlay}
            label={words.finished(entry.block.name, sheetBlock?.finished ?? '')}
            lit={(patch) => bench.isLit(cutOf(patch))}
            onpatch={(patch) => light(patch === undefined || !sheetBlock ? [] : [cutOf(patch)])}
            {unitAt}
            onchange={draw}
          />
        </div>
        {#if underlay}
          <div class="no-print mt-2 flex flex-wrap items-center gap-3 pl-9">
            <label class="flex flex-1 items-center gap-2"
              ><span class="text-note text-quiet">{words.photoUnderneath}</span>
              <input
                class="min-w-24 flex-1 accent-ink"
                type="range"
                min="0"
                max="1"
                step="0.05"
                value={underlay.share}
                oninput={(e) =>
                  layUnder(page.params.programme!, entry.block.id, { ...underlay, share: e.currentTarget.valueAsNumber })}
              /></label
            >
            <button class="link" onclick={() => lay(entry.block.id, undefined)}>{words.takeItAway}</button>
          </div>
        {/if}
        <p class="mt-2 pl-9" role="status">
          <b>{words.complete}</b>
          {words.patchesFabricsNoGapsOr(
            entry.block.patches.length,
            rolesOf(entry.block).length,
            madeOf,
            odd ? words.sewnWith(odd) : '',
          )}
        </p>
        <p class="mt-1 pl-9">
          {#if sheetBlock}
            {words.finished2} <b class="numeral"><Say text={sheetBlock.finished} /></b>
            {words.unfinished(programme.unit)} <b class="numeral"><Say text={sheetBlock.unfinished} /></b>
            {programme.unit}. {sheetBlock.make > 1 ? words.ofThemInAKit(sheetBlock.make) : ''}
            <span class="text-quiet">{sheetBlock.nesting}</span>
          {/if}
        </p>
        {#if elsewhere.length > 0}<p class="mt-1 pl-9 text-quiet">
            {words.useThisDrawingTooChanges(elsewhere.join(', '), elsewhere.length)}
          </p>{/if}
        <ul class="mt-3 pl-9">
          {#each roleShares(entry.block) as { role, share } (role)}
            {@const fabric = colourway.fabrics.get(role)}
            <li class="flex items-center gap-2 py-0.5">
              <span
                class="cloth inline-flex h-6 w-6 items-center justify-center text-note font-semibold"
                style:background={fabric?.colour}
                style:color={inkOn(fabric?.colour ?? '#ffffff')}>{role}</span
              >
              {fabric?.name} <span class="text-quiet">{Math.round(share * 100)}%</span>
            </li>
          {/each}
        </ul>
      </div>
      <div class="min-w-0">
        <DraftTools
          {drafter}
          roles={roles.map((r) => [r, colours.get(r)!] as const)}
          square={entry.block.grid[0] === entry.block.grid[1]}
        />
        <div class="mt-5">
          <CutList
            {entry}
            units={c.units}
            sheet={worked.sheet}
            unit={programme.unit}
            lit={(id) => bench.isLit(id)}
            onlight={light}
          />
        </div>
        <GridForm block={entry.block} role={drafter.role} onchange={draw} />
        <div class="no-print mt-5 flex flex-wrap gap-2">
          <button
            class="btn"
            onclick={() => keepFile(`${entry.block.id}.block.json`, blockText(entry.block), 'application/json')}
            >{words.saveAsBlockFile}</button
          >
          <button class="btn" onclick={() => keepFile(`${entry.block.id}.svg`, svg(), 'image/svg+xml')}
            >{words.saveAsSvg}</button
          >
          <button class="btn" aria-expanded={shelf} onclick={() => (shelf = !shelf)}>{words.replaceDrawing}</button>
        </div>
      </div>
    </section>
    {#if shelf}
      <section class="no-print mt-6 border-t border-rule pt-4" aria-label={words.replaceDrawing2}>
        <h2 class="text-head">{words.replaceTheDrawing}</h2>
        <p class="mb-3 text-quiet">{words.theNewDrawingReplacesThe}</p>
        <BlockLibrary {cast} onchoose={choose} />
      </section>
    {/if}
  {/if}
  {#if worked.problems.length > 0}
    <Problems problems={worked.problems} document={bench.saver.document} title={words.thisMonthCantBeWorked} />
  {/if}
  {#snippet side()}
    <MonthForm {month} />
    <div class="mt-6"><Doubts {doubts} kits={kitsFor(programme, colourway, bench.people(colourway))} /></div>
  {/snippet}
</MonthFrame>
