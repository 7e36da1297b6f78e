<!-- How a list is understood: for how many blocks, which of its fabrics is which, and the methods that it means, to be taken over. -->
<script lang="ts">
  import { entryPath } from '$lib/ask/entry-path';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { NamedFabric } from './fault-letter';
  import type { ProofDesk } from './proof-desk.svelte';
  import { words } from './words';
  import type { Change, Month, MonthBlock } from '@aggrega/core/programme';
  import type { ProofText } from '@aggrega/core/proof';
  import { kindOfName } from '@aggrega/core/construction';
  import { parseLength } from '@aggrega/core/measure';

  interface Props {
    desk: ProofDesk;
    proof: ProofText;
    month: Month;
    fabrics: readonly NamedFabric[];
    /** Those that the list is held against. */
    blocks: readonly MonthBlock[];
  }
  let { desk, proof, month, fabrics, blocks }: Props = $props();
  const bench = useWorkbench();
  const MOST_BLOCKS = 500;
  /** A name as the list has it, without the mark that a letter is known by. */
  const named = (key: string) => key.replace(/^fabric (?=[A-Z]$)/, '');
  const takes = $derived(!bench.saver.looksOnly && (proof.methods.length > 0 || Object.keys(proof.readings).length > 0));
  let taken = $state(false);

  function say(key: string, role: string) {
    desk.roles = { ...desk.roles, [key]: role === '' ? null : role };
  }
  function forget(key: string) {
    desk.roles = Object.fromEntries(Object.entries(desk.roles).filter(([other]) => other !== key));
  }
  function forBlocks(field: HTMLInputElement) {
    const n = field.valueAsNumber;
    desk.blocks = Number.isInteger(n) && n >= 1 && n <= MOST_BLOCKS ? n : undefined;
    if (desk.blocks === undefined) field.value = String(proof.make);
  }

  /** Each block is sewn as the list means it: methods and forms of its units, cut large where the house's own margin is meant. */
  function take() {
    const changes = blocks.flatMap((entry): Change[] => {
      const row = bench.saver.document.months!.find((m) => m.id === month.id)!.blocks![month.blocks.indexOf(entry)]!;
      const path = entryPath(month, entry);
      const large = proof.methods.some(
        ({ name, oversize }) =>
          oversize !== '0' && entry.style.oversize[kindOfName(name)]?.equals(parseLength(oversize, proof.unit)) === true,
      );
      return [
        ...proof.methods.map(({ name, method }) => ({
          path: `${path}/methods/${name}`,
          from: row.methods?.[name],
          to: method,
        })),
        ...Object.entries(proof.readings).map(([name, to]) => ({
          path: `${path}/readings/${name}`,
          from: row.readings?.[name],
          to,
        })),
        ...(large && entry.style.sizing === 'exact' ? [{ path: `${path}/sizing`, from: row.sizing, to: 'trim-down' }] : []),
      ];
    });
    bench.saver.do(words.methodsTaken(blocks.map(({ block }) => block.name).join(', ')), changes);
    taken = true;
  }
</script>

{#if proof.of > 0}
  <h2 class="mt-8 border-b border-ink pb-1 text-lead">{words.howItIsRead}</h2>
  {#if blocks.length === 1}
    {#key proof.make}
      <label class="mt-3 flex items-center gap-3"
        >{words.forBlocks}
        <input
          class="input w-24"
          type="number"
          min="1"
          max={MOST_BLOCKS}
          value={proof.make}
          onchange={(e) => forBlocks(e.currentTarget)}
        /></label
      >
    {/key}
  {/if}
  {#if proof.fabrics.length > 0}
    <h3 class="mt-4 font-semibold">{words.itsFabrics}</h3>
    <ul>
      {#each proof.fabrics as { key, role, by } (key)}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
          <label class="flex flex-wrap items-center gap-2"
            >{words.isFabric(named(key))}
            <select class="select w-56" value={role ?? ''} onchange={(e) => say(key, e.currentTarget.value)}>
              {#each fabrics as fabric (fabric.role)}<option value={fabric.role}>{fabric.role} · {fabric.name}</option>{/each}
              <option value="">{words.noneOfThese}</option>
            </select></label
          >
          {#if by === 'pieces'}<span class="text-note text-quiet">{words.byPieces}</span>{/if}
          {#if by === 'said'}
            <span class="text-note text-quiet">{words.setByYou}</span>
            <button class="link" onclick={() => forget(key)}>{words.asItFinds}</button>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#if takes}
    <h3 class="mt-4 font-semibold">{words.itsMethods}</h3>
    <ul>
      {#each proof.methods as { name, unit, kind, title, oversize } (name)}
        <li class="py-0.5">
          {words.otherMethod(unit, kind, title)}{oversize === '0' ? '' : words.cutLarge(oversize, proof.unit)}
        </li>
      {/each}
    </ul>
    <button class="btn btn-primary mt-2" onclick={take}>{words.takeMethods}</button>
  {:else if taken}
    <p class="mt-4" role="status">{words.takenOver}</p>
  {/if}
{/if}
