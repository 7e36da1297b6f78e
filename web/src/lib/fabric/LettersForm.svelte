<!-- The letters of the design: one more, another name for one, or one fewer; what follows is shown first. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Follows from '$lib/look/Follows.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import {
    lettersIn,
    usesOfLetter,
    withLetter,
    withLetterRenamed,
    withoutLetter,
    type ProgrammeFile,
  } from '@aggrega/core/programme';

  let { role, onrole }: { role: string; onrole: (role: string) => void } = $props();
  const bench = useWorkbench();
  const file = $derived(bench.saver.document);
  const letters = $derived(lettersIn(file));
  const uses = $derived(usesOfLetter(file, role));
  let trouble = $state('');
  let instead = $state('');
  const other = $derived(letters.includes(instead) && instead !== role ? instead : letters.find((l) => l !== role));
  let follows: Follows;

  function become(said: string, newer: ProgrammeFile, then: string) {
    trouble = bench.become(said, newer);
    if (!trouble) onrole(then);
  }
  /** A new letter begins with the fabric of the one in hand, in each colourway. */
  function add() {
    const { file: newer, letter } = withLetter(
      file,
      (id) => file.colourways?.find((c) => c.id === id)?.fabrics[role] ?? file.fabrics![0]!.id,
    );
    become(words.letterAdded(letter), newer, letter);
  }
  function rename(to: string) {
    const done = () => become(words.letterRenamed(role, to), withLetterRenamed(file, role, to), to);
    if (!letters.includes(to)) return done();
    follows.show({ title: words.exchangeAsk(role, to), does: words.exchange, lines: [words.everyPatchKeeps], ondo: done });
  }
  const counted = $derived([
    ...(uses.patches > 0 ? [words.patchesOf(uses.patches, uses.blocks.join(', '))] : []),
    ...(uses.quilt ? [words.partsOfTheQuilt] : []),
  ]);
  function remove() {
    const to = other!;
    follows.show({
      ...{ title: words.removeLetterAsk(role), does: words.removeIt },
      lines: counted.length > 0 ? counted.map((line) => words.becomes(line, to)) : [words.nothingUsesIt],
      ondo: () => become(words.letterRemoved(role), withoutLetter(file, role, to), to),
    });
  }
</script>

<Follows bind:this={follows} />
<section class="no-print mt-6" aria-label={words.letters}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.letters}</h2>
  <p class="mt-1 text-note text-quiet">
    {words.inHandIs(role)}
    {counted.length > 0 ? words.isUsedFor(counted.join('; ')) : words.nothingUsesIt}
  </p>
  <div class="mt-2 flex flex-wrap items-end gap-3">
    <div class="w-36">
      {#key role}<Setting
          name={words.callItInstead(role)}
          value={role}
          trouble={(t) => (/^[A-Z][A-Z0-9]{0,2}$/.test(t) ? '' : words.aLetterIs)}
          onset={rename}
        />{/key}
    </div>
    {#if letters.length > 1}
      <label class="block"
        ><span class="block text-note text-quiet">{words.replaceItWith(role)}</span>
        <select class="select w-auto" value={other} onchange={(e) => (instead = e.currentTarget.value)}>
          {#each letters.filter((l) => l !== role) as l (l)}<option value={l}>{l}</option>{/each}
        </select></label
      >
      <button class="btn" onclick={remove}>{words.removeLetter(role)}</button>
    {/if}
    <button class="btn" onclick={add}>{words.addALetter}</button>
  </div>
  {#if trouble}<p class="mt-2 text-madder" role="alert">{words.nothingWasChanged(trouble)}</p>{/if}
</section>
