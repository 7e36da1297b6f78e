<!-- The fabric in hand: name, number, colour, print, value. Each field saves itself. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import PhotoForm from './PhotoForm.svelte';
  import Swatch from './Swatch.svelte';
  import { bandName, bandOf, printPatterns, type PrintPattern } from '@aggrega/core/fabric';
  import { LengthError, parseLength, priceSold, pricePerYard } from '@aggrega/core/measure';
  import type { Fabric } from '@aggrega/core/programme';

  let { fabric }: { fabric: Fabric } = $props();
  const bench = useWorkbench();
  const { unit, house } = $derived(bench.programme);
  const file = $derived(bench.saver.document.fabrics?.find((f) => f.id === fabric.id));
  const used = $derived(bench.programme.colourways.filter((c) => [...c.fabrics.values()].includes(fabric)).map((c) => c.name));
  const lies = $derived(bench.programme.shelf.some((s) => s.fabric === fabric) || bench.programme.kits.bundle.has(fabric.id));

  function save<Key extends keyof NonNullable<typeof file>>(
    name: string,
    key: Key,
    to: NonNullable<typeof file>[Key] | undefined,
  ) {
    if (!file || JSON.stringify(file[key]) === JSON.stringify(to)) return;
    bench.saver.do(`${fabric.name}, ${name}`, [{ path: `/fabrics/${fabric.id}/${key}`, from: file[key], to }]);
  }
  const number = (most: number, text: string) =>
    text === '' || (/^\d+([.]\d+)?$/.test(text) && Number(text) <= most) ? '' : words.typeANumberFrom0(most);
  function repeatTrouble(text: string): string {
    try {
      return parseLength(text, unit).equals(0) ? words.aRepeatHasALength : '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
  }
  const print = $derived(file?.print);
</script>

{#if file}
  <section aria-label={words.fabric2(fabric.name)}>
    <h2 class="flex items-center gap-3 border-b border-ink pb-1 text-lead">
      <Swatch {fabric} {unit} width={56} height={40} />{fabric.name}
    </h2>
    <div class="mt-2 flex flex-col gap-2">
      <Setting
        name={words.name}
        value={fabric.name}
        trouble={(text) => (text === '' ? words.aFabricNeedsAName : '')}
        onset={(to) => save('name', 'name', to)}
      />
      <div class="grid grid-cols-2 gap-2">
        <Setting name={words.codeSku} value={fabric.sku} onset={(to) => save('number', 'sku', to)} />
        <Setting
          name={words.pricePer(house.soldBy)}
          value={fabric.pricePerYard === undefined ? '' : String(priceSold(fabric.pricePerYard, house))}
          trouble={(text) => number(10000, text)}
          onset={(to) => save('price', 'pricePerYard', to === '' ? undefined : pricePerYard(Number(to), house))}
        />
        <label class="block">
          <span class="text-note text-quiet">{words.backgroundColour}</span>
          <input
            class="input p-0.5"
            type="color"
            value={fabric.colour}
            onchange={(e) => save('colour', 'colour', e.currentTarget.value)}
          />
        </label>
        <label class="block">
          <span class="text-note text-quiet">{words.print}</span>
          <select
            class="select"
            value={print?.pattern ?? ''}
            onchange={(e) => {
              const pattern = e.currentTarget.value as PrintPattern | '';
              save(
                'print',
                'print',
                pattern ? { ink: fabric.value > 55 ? '#1c2a4a' : '#ffffff', ...print, pattern } : undefined,
              );
            }}
          >
            <option value="">{words.plain}</option>
            {#each printPatterns as p (p)}<option value={p}>{p}</option>{/each}
          </select>
        </label>
        {#if print}
          <label class="block">
            <span class="text-note text-quiet">{words.printColour}</span>
            <input
              class="input p-0.5"
              type="color"
              value={print.ink}
              onchange={(e) => save(words.printColour2, 'print', { ...print, ink: e.currentTarget.value })}
            />
          </label>
          <Setting
            name={words.repeatsEvery(unit)}
            value={String(print.repeat ?? (unit === 'in' ? '1' : '2.5'))}
            trouble={repeatTrouble}
            onset={(to) => save('repeat', 'print', { ...print, repeat: to })}
          />
        {/if}
        <Setting
          name={words.valueL}
          value={String(Math.round(fabric.value * 10) / 10)}
          trouble={(text) => number(100, text)}
          onset={(to) => save('value', 'value', to === '' ? undefined : pricePerYard(Number(to), house))}
        />
        <Setting
          name={words.howBusyThePrintIs}
          value={String(Math.round(fabric.volume * 10) / 10)}
          trouble={(text) => number(60, text)}
          onset={(to) => save('loudness', 'volume', to === '' ? undefined : pricePerYard(Number(to), house))}
        />
      </div>
      <PhotoForm {fabric} {file} />
      <p class="text-note text-quiet">
        {words.a(
          bandName(bandOf(fabric.value)),
          file.value === undefined ? words.workedOutFromBackgroundAnd : words.asMeasuredClearTheField,
        )}
      </p>
      <label class="flex items-baseline gap-2">
        <input
          type="checkbox"
          class="h-4 w-4 translate-y-0.5 accent-ink"
          checked={fabric.directional}
          onchange={(e) => save('direction', 'directional', e.currentTarget.checked || undefined)}
        />{words.directionalPrintNeverRotatePieces}
      </label>
      {#if used.length === 0 && !lies}
        <p>
          <button
            class="link text-note"
            onclick={() => bench.saver.do(words.takenOut(fabric.name), [{ path: `/fabrics/${fabric.id}`, from: file }])}
            >{words.delete(fabric.name)}</button
          >
        </p>
      {:else}
        <p class="text-note text-quiet">{used.length > 0 ? words.usedIn(used.join(', ')) : words.itIsInStock}</p>
      {/if}
    </div>
  </section>
{/if}
