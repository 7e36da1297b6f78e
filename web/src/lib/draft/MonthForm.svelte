<!-- What the organiser decides about a month. Every field saves itself when it is left; undo takes it back. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { UnitKind } from '@aggrega/core/construction';
  import { LengthError, parseLength } from '@aggrega/core/measure';
  import { entryPath } from '$lib/ask/entry-path';
  import {
    constructMonthBlock,
    handsOut,
    madeAhead,
    usefulLeftovers,
    type Month,
    type MonthBlock,
  } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  let { month }: { month: Month } = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  const file = $derived(bench.saver.document.months!.find((m) => m.id === month.id)!);

  const inFile = (entry: MonthBlock) => file.blocks![month.blocks.indexOf(entry)]!;

  function save(name: string, path: string, from: unknown, to: unknown) {
    if (JSON.stringify(from) !== JSON.stringify(to)) bench.saver.do(`${month.name}, ${name}`, [{ path, from, to }]);
  }

  /** What is wrong with a length, as a sentence; '' when nothing is. */
  function lengthTrouble(text: string): string {
    try {
      const length = parseLength(text, unit);
      if (length.equals(0)) return words.aBlockNeedsASize;
      return length.compare(unit === 'in' ? 400 : 1000) > 0 ? words.aBlockCanBeAt(unit === 'in' ? '400 in' : '1000 cm') : '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message[0]!.toUpperCase()}${error.message.slice(1)}.`;
      throw error;
    }
  }
  const makeTrouble = (text: string) =>
    /^\d{1,4}$/.test(text) && Number(text) >= 1 && Number(text) <= 1000 ? '' : words.aWholeNumberFrom1;
  /** Kinds of units in the block that can be made in more than one way. */
  const kindsOf = (entry: MonthBlock) => [
    ...new Set(
      constructMonthBlock(bench.programme, entry)
        .units.map((u) => u.kind)
        .filter((k) => k.methods.length > 1),
    ),
  ];
  /** Earlier months that have nothing of their own to make: units of this one can be made with them, to be revealed later. */
  const before = $derived(
    bench.programme.months
      .slice(0, bench.programme.months.indexOf(month))
      .filter((m) => !handsOut(bench.programme, m) && [undefined, month].includes(madeAhead(bench.programme, m))),
  );
  const leftovers = $derived(usefulLeftovers(bench.programme, month));
  function uses(id: string, wanted: boolean) {
    const to = [...month.uses.filter((u) => u !== id), ...(wanted ? [id] : [])];
    save(words.leftOverUnits, `/months/${month.id}/uses`, file.uses, to.length > 0 ? to : undefined);
  }
  const houseMethod = ({ kind, methods }: UnitKind) =>
    (methods.find((m) => m.name === bench.programme.house.methods[kind]) ?? methods[0]!).title;
</script>

<section aria-label={words.thisMonth}>
  <h2 class="text-lead">{words.thisMonth}</h2>
  <div class="mt-2 flex flex-col gap-3 border-t border-ink pt-3">
    <Setting
      name={words.name}
      value={file.name ?? ''}
      onset={(to) => save('name', `/months/${month.id}/name`, file.name, to)}
      trouble={(t) => (t.trim() ? '' : words.aMonthNeedsAName)}
    />
    <Setting
      name={words.release}
      type="date"
      value={file.release ?? ''}
      onset={(to) => save('release', `/months/${month.id}/release`, file.release, to || undefined)}
    />
    {#if month.blocks.length > 0 && (before.length > 0 || month.unitsWith !== undefined)}
      <label class="block"
        ><span class="text-note text-quiet">{words.itsUnitsAreMade}</span>
        <select
          class="select"
          value={month.unitsWith ?? ''}
          onchange={(e) =>
            save(
              words.whereItsUnitsAreMade,
              `/months/${month.id}/unitsWith`,
              file.unitsWith,
              e.currentTarget.value || undefined,
            )}
        >
          <option value="">{words.withThisMonth}</option>
          {#each before as { id, name } (id)}<option value={id}>{words.aheadWith(name)}</option>{/each}
        </select></label
      >
    {/if}
    {#if leftovers.length > 0}
      <fieldset>
        <legend class="text-note text-quiet">{words.useUnitsThatAreLeft}</legend>
        {#each leftovers as { month: earlier, units } (earlier.id)}
          <label class="flex items-center gap-2 py-0.5"
            ><input
              type="checkbox"
              class="h-4 w-4 accent-ink"
              checked={month.uses.includes(earlier.id)}
              onchange={(e) => uses(earlier.id, e.currentTarget.checked)}
            />{earlier.name}: {units}</label
          >
        {/each}
      </fieldset>
    {/if}
    {#each month.blocks as entry, number (entry.key)}
      {@const row = inFile(entry)}
      {#if month.blocks.length > 1}<h3 class="-mb-2 font-sans text-body">{number + 1} · {entry.block.name}</h3>{/if}
      {#if !Array.isArray(row.finished)}
        <Setting
          name={words.finishedSize2(unit)}
          value={String(row.finished)}
          trouble={lengthTrouble}
          onset={(to) => save(words.finishedSize, `${entryPath(month, entry)}/finished`, row.finished, to)}
        />
      {/if}
      <Setting
        name={words.blocksInAKit2}
        value={String(row.make ?? 1)}
        trouble={makeTrouble}
        onset={(to) => save(words.blocksInAKit, `${entryPath(month, entry)}/make`, row.make, Number(to))}
      />
      <label class="block">
        <span class="text-note text-quiet">{words.unitsAre}</span>
        <select
          class="select"
          value={row.sizing ?? ''}
          onchange={(e) => save('sizing', `${entryPath(month, entry)}/sizing`, row.sizing, e.currentTarget.value || undefined)}
        >
          <option value=""
            >{words.houseStyle(bench.programme.house.sizing === 'exact' ? words.cutToSize : words.cutLarge)}</option
          >
          <option value="exact">{words.cutToSizeSewnWith}</option>
          <option value="trim-down">{words.cutLargeAndTrimmed}</option>
        </select>
      </label>
      {#each kindsOf(entry) as kind (kind.kind)}
        <label class="block">
          <span class="text-note text-quiet">{kind.plural[0]!.toUpperCase()}{kind.plural.slice(1)}</span>
          <select
            class="select"
            value={row.methods?.[kind.kind] ?? ''}
            onchange={(e) =>
              save(
                kind.plural,
                `${entryPath(month, entry)}/methods/${kind.kind}`,
                row.methods?.[kind.kind],
                e.currentTarget.value || undefined,
              )}
          >
            <option value="">{words.houseStyle2(houseMethod(kind))}</option>
            {#each kind.methods as m (m.name)}<option value={m.name}>{m.title}</option>{/each}
          </select>
        </label>
      {/each}
    {/each}
  </div>
</section>
