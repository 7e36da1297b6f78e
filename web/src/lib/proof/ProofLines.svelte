<!-- The lines of a list with what each is worth, and what the list lacks. -->
<script lang="ts">
  import { missingText, type NamedFabric } from './fault-letter';
  import { words } from './words';
  import type { ProofText } from '@aggrega/core/proof';

  let { proof, fabrics }: { proof: ProofText; fabrics: readonly NamedFabric[] } = $props();
  let faultsOnly = $state(false);
  const isFault = ({ is }: ProofText['lines'][number]) => is === 'wrong' || is === 'doubt';
  const shown = $derived(proof.lines.filter((line) => line.text !== '' && (!faultsOnly || isFault(line))));
  const LOOK = { right: '', wrong: 'border-madder', doubt: 'border-weld', aside: 'border-transparent' } as const;
</script>

{#if proof.lines.some((line) => line.is === 'right' || line.is === 'aside')}
  <label class="no-print mt-2 flex items-center gap-2"
    ><input class="checkbox" type="checkbox" bind:checked={faultsOnly} />{words.showOnlyFaults}</label
  >
{/if}
<ol class="mt-3">
  {#each shown as { line, text, is, verdicts } (line)}
    <li
      class="break-inside-avoid border-b border-l-4 border-b-rule py-1.5 pl-3 {LOOK[is] || 'border-l-rule'} {is === 'aside'
        ? 'text-quiet'
        : ''}"
      data-line={line}
      data-is={is}
    >
      <p class="flex gap-3">
        <span class="w-8 shrink-0 text-right text-note text-quiet tabular-nums" aria-label={words.lineN(line)}>{line}</span>
        <span class="min-w-0 break-words"
          >{text}{#if is === 'aside'}<span class="ml-3 text-note">{words.notAboutCutting}</span>{/if}</span
        >
      </p>
      {#if is !== 'aside'}
        {#each verdicts as { is: kind, says }, i (i)}
          <p class="pl-11 {kind === 'right' ? 'text-quiet' : 'font-semibold'}">{says}</p>
        {/each}
      {/if}
    </li>
  {/each}
</ol>
{#if proof.missing.length > 0 && proof.of > 0}
  <h2 class="mt-6 border-b border-ink pb-1 text-lead">{words.missing}</h2>
  <ul>
    {#each proof.missing as row, i (i)}
      <li class="border-b border-rule py-1.5 font-semibold" data-missing={row.role}>{missingText(row, fabrics)}</li>
    {/each}
  </ul>
  {#if proof.lines.some(({ is }) => is === 'doubt')}<p class="mt-1 text-note text-quiet">{words.perhapsUnread}</p>{/if}
{/if}
