<!-- What holds for the whole programme: how this shop or guild works, its dies, and the programme as a file. -->
<script lang="ts">
  import { words } from './words';
  import Dies from './Dies.svelte';
  import HouseForm from './HouseForm.svelte';
  import TitleForm from './TitleForm.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Download from '@lucide/svelte/icons/download';

  const bench = useWorkbench();
</script>

<YearFrame about={words.howThisProgrammeIsMade} colourways={false}>
  <div class="mt-4 grid grid-cols-2 gap-x-10 gap-y-8 max-[51.25rem]:grid-cols-1">
    <HouseForm />
    <div>
      <TitleForm />
      <Dies />
    </div>
  </div>
  {#snippet side()}
    <section class="mt-4" aria-label={words.asAFile}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.asAFile}</h2>
      <p class="mt-2">
        <a class="btn" href="/programmes/{bench.slug}/document" download><Download size={17} /> {words.exportAsAFile}</a>
      </p>
    </section>
  {/snippet}
</YearFrame>
