<!-- The house style: what holds for every month unless the month says otherwise. -->
<script lang="ts">
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { unitKind } from '@aggrega/core/construction';
  import { LengthError, formatLength, parseLength } from '@aggrega/core/measure';
  import { readProgramme, applyChanges, type Change } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  const bench = useWorkbench();
  const { unit, house } = $derived(bench.programme);
  const file = $derived(bench.saver.document.house ?? {});
  const lengths = $derived([
    { key: 'seam', name: `Seam allowance, ${unit}`, value: house.seam },
    { key: 'rounding', name: `Round cut sizes up to the next, ${unit}`, value: house.rounding },
    { key: 'wof', name: `Usable width of fabric, ${unit}`, value: house.wof },
    { key: 'sellingStep', name: `Fabric is sold in steps of, ${unit}`, value: house.sellingStep },
    { key: 'allowance', name: `Allowance for squaring up each cut, ${unit}`, value: house.allowance },
  ] as const);

  function changeOf(key: keyof typeof file, to: unknown): Change {
    return { path: `/house/${key}`, from: file[key], to };
  }
  function save(name: string, change: Change) {
    if (JSON.stringify(change.from) !== JSON.stringify(change.to)) bench.saver.do(`house style, ${name}`, [change]);
  }
  /** What the programme's own checks say of the field with this value. */
  function trouble(key: keyof typeof file, text: string): string {
    try {
      parseLength(text, unit);
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
    const result = applyChanges(bench.saver.document, [changeOf(key, text)]);
    const reading = 'file' in result ? readProgramme(result.file) : undefined;
    return reading?.ok === false ? `${reading.errors[0]!.message}.` : '';
  }
  const HOUSE_KINDS = ['hst', 'qst', 'geese', 'square-in-square', 'folded-corner', 'four-patch'];
  const methodChange = (kind: string, to: string): Change => ({
    path: `/house/methods/${kind}`,
    from: file.methods?.[kind],
    to,
  });
</script>

<section class="mt-6" aria-label="House style">
  <h2 class="border-b border-ink pb-1 text-lead">House style</h2>
  <div class="mt-3 flex flex-col gap-3">
    {#each lengths as { key, name, value } (key)}
      <Setting
        {name}
        value={file[key] === undefined ? formatLength(value, unit) : String(file[key])}
        trouble={(text) => trouble(key, text)}
        onset={(to) => save(name, changeOf(key, to))}
      />
    {/each}
    <label class="block">
      <span class="text-note text-quiet">Units are</span>
      <select class="field" value={house.sizing} onchange={(e) => save('sizing', changeOf('sizing', e.currentTarget.value))}>
        <option value="exact">cut to size, sewn with a scant seam</option>
        <option value="trim-down">cut large and trimmed</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">Press seams</span>
      <select
        class="field"
        value={house.pressing ?? 'nest'}
        onchange={(e) => save('pressing', changeOf('pressing', e.currentTarget.value))}
      >
        <option value="nest">to nest</option>
        <option value="dark">to the dark side</option>
        <option value="open">open</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">Half-square triangles cut large are trimmed</span>
      <select
        class="field"
        value={house.trimming ?? 'opened'}
        onchange={(e) => save('trimming', changeOf('trimming', e.currentTarget.value))}
      >
        <option value="opened">opened and pressed, the 45° line on the seam</option>
        <option value="folded">folded, with a triangle ruler on the stitching</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">Stitch-and-flip corners are</span>
      <select
        class="field"
        value={house.corners ?? 'trimmed-first'}
        onchange={(e) => save('corners', changeOf('corners', e.currentTarget.value))}
      >
        <option value="trimmed-first">trimmed, then pressed out</option>
        <option value="pressed-first">pressed out, then trimmed</option>
      </select>
    </label>
    {#each HOUSE_KINDS as id (id)}
      {@const kind = unitKind(id)}
      {@const name = kind.plural[0]!.toUpperCase() + kind.plural.slice(1)}
      <label class="block">
        <span class="text-note text-quiet">{id === 'four-patch' ? 'Four-patches, nine-patches and other grids' : name}</span>
        <select
          class="field"
          value={house.methods[id] ?? kind.methods[0]!.name}
          onchange={(e) => save(kind.plural, methodChange(id, e.currentTarget.value))}
        >
          {#each kind.methods as m (m.name)}<option value={m.name}>{m.title}</option>{/each}
        </select>
      </label>
    {/each}
  </div>
</section>
