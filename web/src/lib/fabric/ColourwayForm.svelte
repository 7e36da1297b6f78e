<!-- The colourway in hand: its name; another one like it; and the way out, as long as nobody is in it. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import type { Colourway } from '@aggrega/core/programme';

  interface Props {
    colourway: Colourway;
    /** The roster counts the people. */
    rostered: boolean;
  }
  let { colourway, rostered }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const file = $derived(bench.saver.document.colourways?.find((c) => c.id === colourway.id));
  const people = $derived(bench.enrolled(colourway));

  function add() {
    if (!file) return;
    const taken = new Set(programme.colourways.map((c) => c.id));
    let n = programme.colourways.length + 1;
    while (taken.has(`colourway-${n}`)) n += 1;
    const to = { ...structuredClone(file), id: `colourway-${n}`, name: words.colourway(n) };
    const { participants } = bench.saver.document;
    // A document without head counts has one person in every colourway; with them, a new one begins empty.
    const count = participants ? [{ path: `/participants/${to.id}`, to: 0 }] : [];
    bench.saver.do(words.added(to.name), [{ path: `/colourways/${to.id}`, to }, ...(rostered ? [] : count)]);
    void goto(`?colourway=${to.id}`, { noScroll: true });
  }
  function remove() {
    const { participants, sizes } = bench.saver.document;
    const counts = rostered
      ? []
      : [
          ...(participants && colourway.id in participants
            ? [{ path: `/participants/${colourway.id}`, from: participants[colourway.id] }]
            : []),
          ...(sizes ?? []).flatMap((s) =>
            s.participants && colourway.id in s.participants
              ? [{ path: `/sizes/${s.id}/participants/${colourway.id}`, from: s.participants[colourway.id] }]
              : [],
          ),
        ];
    bench.saver.do(words.takenOut(colourway.name), [{ path: `/colourways/${colourway.id}`, from: file }, ...counts]);
    void goto('?', { noScroll: true });
  }
</script>

{#if file}
  <section aria-label={words.theColourway} class="mb-6">
    <h2 class="border-b border-ink pb-1 text-lead">{words.theColourway}</h2>
    <div class="mt-2">
      <Setting
        name={words.name}
        value={colourway.name}
        trouble={(t) => (t ? '' : words.aColourwayNeedsAName)}
        onset={(to) =>
          bench.saver.do(words.theName(colourway.name), [{ path: `/colourways/${colourway.id}/name`, from: file.name, to }])}
      />
    </div>
    <p class="mt-2 flex flex-wrap items-center gap-2">
      <button class="btn" onclick={add}>{words.duplicateColourway}</button>
      {#if programme.colourways.length > 1 && people === 0}
        <button class="link text-note text-quiet" onclick={remove}>{words.delete(colourway.name)}</button>
      {/if}
    </p>
  </section>
{/if}
