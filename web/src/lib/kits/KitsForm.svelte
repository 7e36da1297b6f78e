<!-- How kits are handed out: their kind, spares and demo sets, and which months share a packet. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitKinds, kitTitle, monthTitle, wayOf, type Change } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { kits } = $derived(programme);
  const file = $derived(bench.saver.document.kits ?? {});

  function save(name: string, key: keyof typeof file, to: unknown) {
    const change: Change = { path: `/kits/${key}`, from: file[key], to };
    if (JSON.stringify(change.from) !== JSON.stringify(to)) bench.saver.do(words.kits2(name), [change]);
  }
  const number = (text: string, whole: boolean) =>
    /^\d+([.]\d+)?$/.test(text) && Number(text) <= 1000 && (!whole || Number.isInteger(Number(text)))
      ? ''
      : words.aNumberFrom0To(whole ? words.whole : '');

  /** Whether the ends of strips that later months need are kept whole in a packet, named by its first month. */
  function keep(first: string, whole: boolean) {
    const now = [...kits.keepWhole].filter((id) => id !== first);
    const to = whole ? [...now, first] : now;
    save(words.stripEnds, 'keepWhole', to.length > 0 ? to : undefined);
  }

  /** Puts a month into the packet before it, or begins a packet with it. */
  function join(month: string, joined: boolean) {
    const now = kits.packets.map((p) => p.map((m) => m.id));
    const at = now.findIndex((p) => p.includes(month));
    const place = now[at]!.indexOf(month);
    if (joined) {
      now[at - 1]!.push(...now[at]!);
      now.splice(at, 1);
    } else now.splice(at, 1, now[at]!.slice(0, place), now[at]!.slice(place));
    save('packets', 'packets', now);
  }
</script>

<section class="mt-4" aria-label={words.kits}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.kits}</h2>
  <div class="mt-3 flex flex-col gap-3">
    <label class="block">
      <span class="text-note text-quiet">{words.aKitIs}</span>
      <select class="select" value={kits.kind} onchange={(e) => save('kind', 'kind', e.currentTarget.value)}>
        {#each kitKinds as id (id)}<option value={id}>{kitTitle(id)}</option>{/each}
      </select>
    </label>
    <Setting
      name={words.spareKitsANumberOr}
      value={String(kits.spares)}
      trouble={(text) => number(text, false)}
      onset={(text) => save('spares', 'spares', Number(text))}
    />
    <Setting
      name={words.demoSetsInEachColourway}
      value={String(kits.demoSets)}
      trouble={(text) => number(text, true)}
      onset={(text) => save(words.demoSets, 'demoSets', Number(text))}
    />
  </div>
  <h3 class="mt-4">{words.packets}</h3>
  <ol>
    {#each kits.packets as packet, i (packet[0]!.id)}
      {#each packet as month, j (month.id)}
        <li class="flex items-baseline gap-2 py-1 {j === 0 ? 'border-t border-rule' : ''}">
          <span class="numeral w-6 text-right">{j === 0 ? i + 1 : ''}</span>
          <span class="mr-auto">{monthTitle(month)}</span>
          {#if j === 0 && packet.length > 1 && wayOf[kits.kind] === 'lengths'}
            <button
              class="link text-note"
              aria-pressed={kits.keepWhole.has(month.id)}
              title={words.whatALaterMonthNeeds(
                kits.keepWhole.has(month.id) ? words.keptWholeUntilThen : words.cutNowAndBagged,
              )}
              onclick={() => keep(month.id, !kits.keepWhole.has(month.id))}
              >{kits.keepWhole.has(month.id) ? words.stripEndsKeptWhole : words.stripEndsCutAndBagged}</button
            >
          {/if}
          {#if j > 0}
            <button
              class="link text-note"
              onclick={() => join(month.id, false)}
              aria-label={words.separatePacket(monthTitle(month))}>{words.separate}</button
            >
          {:else if i > 0}
            <button
              class="link text-note"
              onclick={() => join(month.id, true)}
              aria-label={words.combineWithThePreviousPacket(monthTitle(month))}>{words.combineWithPrevious}</button
            >
          {/if}
        </li>
      {/each}
    {/each}
  </ol>
</section>
