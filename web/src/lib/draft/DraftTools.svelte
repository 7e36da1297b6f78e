<!-- The tools of the drafting table: what to do, in which fabric, how it repeats. -->
<script lang="ts">
  import { words } from './words';
  import { TOOLS, type Drafter } from './drafter.svelte';
  import { inkOn } from '@aggrega/core/fabric';
  import { laidStamp, stamps, type Symmetry } from '@aggrega/core/block';

  interface Props {
    drafter: Drafter;
    /** Letters that every colourway gives a fabric, with the colour in hand. */
    roles: readonly (readonly [string, string])[];
    square: boolean;
  }
  let { drafter, roles, square }: Props = $props();

  const colour = (role: string) => roles.find(([r]) => r === role)?.[1] ?? '#ffffff';
  const symmetries: [Symmetry, string][] = $derived([
    ['none', 'once'],
    ['left-right', words.mirroredLeftRight],
    ['top-bottom', words.mirroredTopBottom],
    ['both', words.inAllFourCornersMirrored],
    ...(square ? ([['four-fold', words.rotatedFourTimes]] as [Symmetry, string][]) : []),
  ]);
  const tool = $derived(TOOLS.find((t) => t.id === drafter.tool)!);

  function onkeydown(e: KeyboardEvent) {
    if (e.target instanceof HTMLElement && e.target.closest('input:not([type=radio]), select, textarea, dialog[open]')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const found = TOOLS.find((t) => t.key === e.key || (t.key === 'Esc' && e.key === 'Escape'));
    if (drafter.tool === 'unit' && e.key === 'r') drafter.quarters = (drafter.quarters + 1) % 4;
    else if (drafter.tool === 'unit' && e.key === 'm') drafter.mirrored = !drafter.mirrored;
    else if (found) drafter.take(found.id);
    else if (/^[A-Z]$/.test(e.key) && roles.some(([r]) => r === e.key)) drafter.cast(e.key);
    else return;
    e.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

<div class="no-print" role="toolbar" aria-label={words.draftingTools}>
  <div class="flex flex-wrap gap-1.5">
    {#each TOOLS as t (t.id)}
      <button
        class="btn {t.id === drafter.tool ? 'btn-primary' : ''}"
        aria-pressed={t.id === drafter.tool}
        onclick={() => drafter.take(t.id)}
        >{t.name}<kbd class="text-note {t.id === drafter.tool ? '' : 'text-quiet'}">{t.key}</kbd></button
      >
    {/each}
  </div>
  <p class="mt-2 min-h-6 {drafter.trouble ? 'text-madder' : 'text-quiet'}" role="status">{drafter.trouble || tool.help}</p>

  {#if drafter.tool !== 'look'}
    <div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-3">
      {#if drafter.tool === 'fabric' || drafter.tool === 'unit'}
        <div role="group" aria-label={words.letter}>
          <span class="block text-note text-quiet">{drafter.tool === 'unit' ? words.twoLetters : words.letter}</span>
          <div class="mt-1 flex gap-1">
            {#each roles as [role, fabric] (role)}
              <button
                class="cloth relative h-9 w-9 font-semibold"
                style:background={fabric}
                style:color={inkOn(fabric)}
                aria-pressed={role === drafter.role}
                aria-label={words.letter2(
                  role,
                  role === drafter.role ? words.selected : role === drafter.second ? words.second : '',
                )}
                onclick={() => drafter.cast(role)}
                >{role}{#if role === drafter.role || (drafter.tool === 'unit' && role === drafter.second)}<span
                    class="absolute right-0 -bottom-2 left-0 h-1.5 {role === drafter.role ? 'bg-weld' : 'bg-quiet'}"
                  ></span>{/if}</button
              >
            {/each}
          </div>
        </div>
      {/if}
      {#if drafter.tool === 'seam' || drafter.tool === 'unit'}
        <label class="block w-32">
          <span class="text-note text-quiet">{words.snapTo}</span>
          <select class="select" bind:value={drafter.step}>
            <option value={12}>{words.grid}</option>
            <option value={6}>{words.halfSquares}</option>
            <option value={4}>{words.thirds}</option>
            <option value={3}>{words.quarters}</option>
          </select>
        </label>
      {/if}
      {#if drafter.tool !== 'turn'}
        <label class="block w-56">
          <span class="text-note text-quiet">{words.repeatEachChange}</span>
          <select class="select" bind:value={drafter.symmetry}>
            {#each symmetries as [id, name] (id)}<option value={id}>{name}</option>{/each}
          </select>
        </label>
      {/if}
    </div>
  {/if}

  {#if drafter.tool === 'unit'}
    <div class="mt-3 flex flex-wrap gap-1.5" role="group" aria-label={words.unit}>
      {#each stamps as s (s.id)}
        {@const laid = laidStamp(s, 1, [drafter.role, drafter.second], drafter.quarters, drafter.mirrored)}
        <button
          class="p-1.5 {s.id === drafter.stampId ? 'bg-weld' : 'hover:bg-edge'}"
          aria-pressed={s.id === drafter.stampId}
          aria-label={s.name}
          title={s.name}
          onclick={() => (drafter.stampId = s.id)}
        >
          <svg class="h-9" viewBox="-0.5 -0.5 {laid.w + 1} {laid.h + 1}" aria-hidden="true">
            {#each laid.patches as p, i (i)}
              <polygon
                points={p.points.map((q) => q.join(',')).join(' ')}
                fill={colour(p.role)}
                stroke="#1c2a4a"
                stroke-width="0.35"
              />
            {/each}
          </svg>
        </button>
      {/each}
    </div>
    <div class="mt-2 flex flex-wrap items-center gap-2">
      <label class="flex items-center gap-2"
        ><span class="text-note text-quiet">{words.sizeGridSquaresOnThe}</span>
        <select class="select !w-16" bind:value={drafter.size}>
          {#each [0.5, 1, 1.5, 2, 3, 4] as n (n)}<option value={n}>{n}</option>{/each}
        </select></label
      >
      <button class="btn" onclick={() => (drafter.quarters = (drafter.quarters + 1) % 4)}
        >{words.turn}<kbd class="text-note text-quiet">{words.r}</kbd></button
      >
      <button class="btn" onclick={() => (drafter.mirrored = !drafter.mirrored)}
        >{words.mirror}<kbd class="text-note text-quiet">{words.m}</kbd></button
      >
    </div>
  {/if}
</div>
