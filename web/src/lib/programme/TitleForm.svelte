<!-- What the programme is called, and whom its participants ask. -->
<script lang="ts">
  import { words } from './words';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';

  const bench = useWorkbench();
  const file = $derived(bench.saver.document);
  function save(name: string, key: 'title' | 'contact', to: string) {
    const from = file[key];
    if ((from ?? '') !== to.trim()) bench.saver.do(name, [{ path: `/${key}`, from, to: to.trim() || undefined }]);
  }
</script>

<section class="mt-4" aria-label={words.theProgramme}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.theProgramme}</h2>
  <div class="mt-3 flex flex-col gap-3">
    <Setting
      name={words.name}
      value={file.title ?? ''}
      trouble={(t) => (t.trim() ? '' : words.aProgrammeNeedsAName)}
      onset={(to) => save(words.nameChanged, 'title', to)}
    />
    <Setting
      name={words.whereParticipantsAsk}
      value={file.contact ?? ''}
      onset={(to) => save(words.whereParticipantsAsk, 'contact', to)}
    />
  </div>
</section>
