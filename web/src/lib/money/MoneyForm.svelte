<!-- What a month costs a participant, and what kits cost besides their fabric. -->
<script lang="ts">
  import { words } from './words';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Money } from '@aggrega/core/programme';

  const bench = useWorkbench();
  const { money, currency } = $derived(bench.programme);
  const FIELDS: [keyof Money, string][] = [
    ['price', words.pricePerMonth],
    ['tax', words.taxIncluded],
    ['print', words.printingPerKit],
    ['packing', words.bagAndLabelPerKit],
    ['postage', words.postagePerPostedKit],
    ['rate', words.hourlyRateForCutting],
    ['packMinutes', words.minutesToPackAKit],
    ['fixed', words.fixedCostsOfTheWhole],
  ];
  function save(key: keyof Money, name: string, text: string) {
    const file = bench.saver.document.money;
    const to = text === '' ? undefined : Number(text);
    const change = file ? { path: `/money/${key}`, from: file[key], to } : { path: '/money', to: { [key]: to } };
    bench.saver.do(words.money(name), [change]);
  }
  const trouble = (key: keyof Money) => (text: string) =>
    (text === '' || /^\d+([.]\d+)?$/.test(text)) && Number(text) <= (key === 'tax' ? 100 : 1e6) ? '' : words.typeANumberOrLeave;
</script>

<section class="mt-4" aria-label={words.prices}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.prices2(currency ? `, ${currency}` : '')}</h2>
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
  <p class="mt-3 text-note text-quiet">{words.checkYourLocalTaxRules}</p>
</section>
