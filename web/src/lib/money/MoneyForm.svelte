<!-- What a month costs a participant, and what kits cost besides their fabric. -->
<script lang="ts">
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Money } from '@aggrega/core/programme';

  const bench = useWorkbench();
  const { money, currency } = $derived(bench.programme);
  const FIELDS: [keyof Money, string][] = [
    ['price', 'Price per month'],
    ['tax', 'Tax included, %'],
    ['print', 'Printing per kit'],
    ['packing', 'Bag and label per kit'],
    ['postage', 'Postage per posted kit'],
    ['rate', 'Hourly rate for cutting'],
    ['packMinutes', 'Minutes to pack a kit'],
    ['fixed', 'Fixed costs of the whole programme'],
  ];
  function save(key: keyof Money, name: string, text: string) {
    const file = bench.saver.document.money;
    const to = text === '' ? undefined : Number(text);
    const change = file ? { path: `/money/${key}`, from: file[key], to } : { path: '/money', to: { [key]: to } };
    bench.saver.do(`money, ${name}`, [change]);
  }
  const trouble = (key: keyof Money) => (text: string) =>
    (text === '' || /^\d+([.]\d+)?$/.test(text)) && Number(text) <= (key === 'tax' ? 100 : 1e6)
      ? ''
      : 'Type a number, or leave it empty.';
</script>

<section class="mt-4" aria-label="Prices">
  <h2 class="border-b border-ink pb-1 text-lead">Prices{currency ? `, ${currency}` : ''}</h2>
  <div class="mt-3 flex flex-col gap-3">
    {#each FIELDS as [key, name] (key)}
      <Setting
        {name}
        value={money[key] === undefined ? '' : String(money[key])}
        trouble={trouble(key)}
        onset={(text) => save(key, name, text)}
      />
    {/each}
  </div>
  <p class="mt-3 text-note text-quiet">Check your local tax rules; this isn’t tax advice.</p>
</section>
