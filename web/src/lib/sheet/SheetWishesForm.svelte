<!-- What kind of sheet is looked at: for which quilt, kit and hands. Nothing here is saved; the address carries it. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { levels, otherWays } from './sheet-wishes';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitKinds, type KitKind } from '@aggrega/core/programme';

  /** Kinds of units on the sheet. */
  let { used }: { used: ReadonlySet<string> } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const asked = $derived(page.url.searchParams);
  const ways = $derived(otherWays.filter((k) => used.has(k.kind)));
  const KINDS: Record<KitKind, string> = {
    yardage: 'lengths of fabric',
    'pre-cut': 'pieces cut by the shop',
    'die-cut': 'pieces cut with a die',
    bundle: 'a bundle for the whole year',
    list: 'shopping list only (own fabric)',
  };
  const LEVELS = {
    new: 'beginner: every word and ruler explained',
    usual: 'standard',
    versed: 'experienced: numbers and diagrams',
  };
  const FLAGS = {
    large: 'large print',
    left: 'left-handed cutting',
    rulers: 'every size on a drawn ruler',
    uncoloured: 'pictures to colour in',
  };

  function ask(name: string, value: string) {
    const next = new URLSearchParams(asked);
    if (value) next.set(name, value);
    else next.delete(name);
    void goto(`?${next}`, { noScroll: true, keepFocus: true, replaceState: true });
  }
</script>

<fieldset class="flex flex-col gap-2">
  <legend class="w-full border-b border-ink pb-1 font-title text-lead font-bold">This sheet is for</legend>
  {#if programme.sizes.length > 0}
    <label class="block"
      ><span class="text-note text-quiet">Quilt</span>
      <select class="field" value={asked.get('size') ?? ''} onchange={(e) => ask('size', e.currentTarget.value)}>
        <option value="">standard size</option>
        {#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
      </select></label
    >
  {/if}
  <label class="block"
    ><span class="text-note text-quiet">Kit</span>
    <select
      class="field"
      value={asked.get('kind') ?? programme.kits.kind}
      onchange={(e) => ask('kind', e.currentTarget.value === programme.kits.kind ? '' : e.currentTarget.value)}
    >
      {#each kitKinds as kind (kind)}<option value={kind}>{KINDS[kind]}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-note text-quiet">Detail</span>
    <select
      class="field"
      value={asked.get('level') ?? 'usual'}
      onchange={(e) => ask('level', e.currentTarget.value === 'usual' ? '' : e.currentTarget.value)}
    >
      {#each levels as level (level)}<option value={level}>{LEVELS[level]}</option>{/each}
    </select></label
  >
  <label class="block"
    ><span class="text-note text-quiet">Units</span>
    <select class="field" value={asked.get('sizing') ?? ''} onchange={(e) => ask('sizing', e.currentTarget.value)}>
      <option value="">as set for the month</option>
      <option value="exact">cut to size</option>
      <option value="trim-down">cut large and trimmed</option>
    </select></label
  >
  {#if programme.kits.packets.some((p) => p.length > 1)}
    <label class="block"
      ><span class="text-note text-quiet">Strip ends that a later month needs</span>
      <select class="field" value={asked.get('keep') ?? ''} onchange={(e) => ask('keep', e.currentTarget.value)}>
        <option value="">as set for the kit</option>
        <option value="cut">cut now and bagged</option>
        <option value="whole">kept whole</option>
      </select></label
    >
  {/if}
  {#each ways as { kind, plural, methods } (kind)}
    <label class="block"
      ><span class="text-note text-quiet">{plural[0]!.toUpperCase()}{plural.slice(1)}</span>
      <select class="field" value={asked.get(kind) ?? ''} onchange={(e) => ask(kind, e.currentTarget.value)}>
        <option value="">as set for the month</option>
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
