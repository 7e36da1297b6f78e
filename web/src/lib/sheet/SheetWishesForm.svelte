<!-- What kind of sheet is looked at: for which quilt, kit and hands. Nothing here is saved; the address carries it. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { levels, otherWays } from './sheet-wishes';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitKinds, kitTitle } from '@aggrega/core/programme';

  /** Kinds of units on the sheet. */
  let { used }: { used: ReadonlySet<string> } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const asked = $derived(page.url.searchParams);
  const ways = $derived(otherWays.filter((k) => used.has(k.kind)));
  const LEVELS = {
    new: words.beginnerEveryWordAndRuler,
    usual: words.standard,
    versed: words.experiencedNumbersAndDiagrams,
  };
  const FLAGS = {
    large: words.largePrint,
    left: words.leftHandedCutting,
    rulers: words.everySizeOnADrawn,
    uncoloured: words.picturesToColourIn,
  };

  function ask(name: string, value: string) {
    const next = new URLSearchParams(asked);
    if (value) next.set(name, value);
    else next.delete(name);
    void goto(`?${next}`, { noScroll: true, keepFocus: true, replaceState: true });
  }
</script>

<fieldset class="flex flex-col gap-2">
  <legend class="w-full border-b border-ink pb-1 font-title text-lead font-bold">{words.thisSheetIsFor}</legend>
  {#if programme.sizes.length > 0}
    <label class="block"
      ><span class="text-note text-quiet">{words.quilt}</span>
      <select class="select" value={asked.get('size') ?? ''} onchange={(e) => ask('size', e.currentTarget.value)}>
        <option value="">{words.standardSize}</option>
        {#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
      </select></label
    >
  {/if}
  <label class="block"
    ><span class="text-note text-quiet">{words.kit}</span>
    <select
      class="select"
      value={asked.get('kind') ?? programme.kits.kind}
      onchange={(e) => ask('kind', e.currentTarget.value === programme.kits.kind ? '' : e.currentTarget.value)}
    >
      {#each kitKinds as kind (kind)}<option value={kind}>{kitTitle(kind)}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-note text-quiet">{words.detail}</span>
    <select
      class="select"
      value={asked.get('level') ?? 'usual'}
      onchange={(e) => ask('level', e.currentTarget.value === 'usual' ? '' : e.currentTarget.value)}
    >
      {#each levels as level (level)}<option value={level}>{LEVELS[level]}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-note text-quiet">{words.units}</span>
    <select class="select" value={asked.get('sizing') ?? ''} onchange={(e) => ask('sizing', e.currentTarget.value)}>
      <option value="">{words.asSetForTheMonth}</option>
      <option value="exact">{words.cutToSize}</option>
      <option value="trim-down">{words.cutLargeAndTrimmed}</option>
    </select></label
  >
  {#if programme.kits.packets.some((p) => p.length > 1)}
    <label class="block"
      ><span class="text-note text-quiet">{words.stripEndsThatALater}</span>
      <select class="select" value={asked.get('keep') ?? ''} onchange={(e) => ask('keep', e.currentTarget.value)}>
        <option value="">{words.asSetForTheKit}</option>
        <option value="cut">{words.cutNowAndBagged}</option>
        <option value="whole">{words.keptWhole}</option>
      </select></label
    >
  {/if}
  {#each ways as { kind, plural, methods } (kind)}
    <label class="block"
      ><span class="text-note text-quiet">{plural[0]!.toUpperCase()}{plural.slice(1)}</span>
      <select class="select" value={asked.get(kind) ?? ''} onchange={(e) => ask(kind, e.currentTarget.value)}>
        <option value="">{words.asSetForTheMonth}</option>
        {#each methods as { name, title } (name)}<option value={name}>{title}</option>{/each}
      </select></label
    >
  {/each}
  {#each Object.entries(FLAGS) as [name, says] (name)}
    <label class="flex cursor-pointer items-center gap-2">
      <input
        type="checkbox"
        class="h-5 w-5 accent-[var(--color-ink)]"
        checked={asked.get(name) === '1'}
        onchange={(e) => ask(name, e.currentTarget.checked ? '1' : '')}
      />
      {says}
    </label>
  {/each}
</fieldset>
