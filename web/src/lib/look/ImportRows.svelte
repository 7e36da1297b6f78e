<!-- What a file would change, line by line: new, changed or refused, and why. -->
<script lang="ts">
  import { words } from './words';
  interface Row {
    line: number;
    name: string;
    state: string;
    says: readonly string[];
  }
  interface Props {
    rows: readonly Row[];
    /** What a line is about: 'Fabric'. */
    what: string;
    /** Said where no line would change anything. */
    none: string;
  }
  let { rows, what, none }: Props = $props();
  const STATES: Record<Row['state'], string> = {
    new: words.isNew,
    changed: words.changes,
    'as it is': '',
    refused: words.refused,
  };
</script>

<table class="w-full">
  <thead
    ><tr class="border-b border-ink"
      ><th class="pb-1">{words.line}</th><th class="pb-1">{what}</th><th class="pb-1"></th><th class="pb-1">{words.what}</th
      ></tr
    ></thead
  >
  <tbody>
    {#each rows.filter((r) => r.state !== 'as it is') as row (row.line)}
      <tr class="border-b border-rule align-baseline">
        <td class="py-1 pr-3">{row.line}</td>
        <td class="py-1 pr-3">{row.name}</td>
        <td class="py-1 pr-3 {row.state === 'refused' ? 'text-madder' : ''}">{STATES[row.state]}</td>
        <td class="py-1">{row.says.join('; ')}</td>
      </tr>
    {:else}
      <tr><td colspan="4" class="py-2 text-quiet">{none}</td></tr>
    {/each}
  </tbody>
</table>
