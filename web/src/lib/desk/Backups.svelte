<!-- How it stands with the installation's backups, for owners. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import type { BackupState } from '$lib/server/backup/proofs';

  let { backups }: { backups: BackupState } = $props();
  const day = (iso: string) => dayText(iso, page.data.locale, 'plain');
</script>

{#if backups.kind === 'proved'}
  <p class="no-print mt-4 text-note text-quiet" data-backups>
    {words.backupProved(day(backups.day), backups.rows.toLocaleString(page.data.locale))}
  </p>
{:else}
  <p class="no-print mt-4 border-l-4 border-madder pl-4" role="alert" data-backups>
    {#if backups.kind === 'none'}{words.noBackup}
    {:else if backups.kind === 'late'}{words.backupLate(day(backups.day))}
    {:else}{words.backupFailed(day(backups.day), backups.trouble)}
      {backups.good ? words.lastGoodBackup(day(backups.good)) : words.noGoodBackup}{/if}
  </p>
{/if}
