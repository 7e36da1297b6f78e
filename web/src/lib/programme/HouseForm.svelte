<!-- The house style: what holds for every month unless the month says otherwise. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { unitKind, unitKinds } from '@aggrega/core/construction';
  import { LengthError, formatLength, parseLength, stepText } from '@aggrega/core/measure';
  import { readProgramme, applyChanges, type Change } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  const bench = useWorkbench();
  const { unit, house } = $derived(bench.programme);
  const file = $derived(bench.saver.document.house ?? {});
  const lengths = $derived([
    { key: 'seam', name: words.seamAllowance(unit), value: house.seam },
    { key: 'rounding', name: words.roundCutSizesUpTo(unit), value: house.rounding },
    { key: 'wof', name: words.usableWidthOfFabric(unit), value: house.wof },
    { key: 'sellingStep', name: words.fabricIsSoldInSteps, value: house.sellingStep },
    { key: 'allowance', name: words.allowanceForSquaringUpEach(unit), value: house.allowance },
  ] as const);

  function changeOf(key: keyof typeof file, to: unknown): Change {
    return { path: `/house/${key}`, from: file[key], to };
  }
  function save(name: string, change: Change) {
    if (JSON.stringify(change.from) !== JSON.stringify(change.to)) bench.saver.do(words.houseStyle3(name), [change]);
  }
  /** Steps of the one are no steps of the other. */
  function sellBy(to: string) {
    const step = changeOf('sellingStep', undefined);
    bench.saver.do(words.houseStyle3(words.soldBy), [
      changeOf('soldBy', to),
      ...(file.sellingStep === undefined ? [] : [step]),
    ]);
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
  const methodChange = (kind: string, to: string): Change => ({
    path: `/house/methods/${kind}`,
    from: file.methods?.[kind],
    to,
  });
</script>

<section class="mt-6" aria-label={words.houseStyle2}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.houseStyle2}</h2>
  <div class="mt-3 flex flex-col gap-3">
    {#each lengths as { key, name, value } (key)}
      <Setting
        {name}
        value={file[key] !== undefined
          ? String(file[key])
          : key === 'sellingStep'
            ? stepText(value, house)
            : formatLength(value, unit)}
        trouble={(text) => trouble(key, text)}
        onset={(to) => save(name, changeOf(key, to))}
      />
    {/each}
    <label class="block">
      <span class="text-note text-quiet">{words.fabricIsSoldBy}</span>
      <select class="select" value={house.soldBy} onchange={(e) => sellBy(e.currentTarget.value)}>
        <option value="yd">{words.theYard}</option><option value="m">{words.theMetre}</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">{words.unitsAre}</span>
      <select class="select" value={house.sizing} onchange={(e) => save('sizing', changeOf('sizing', e.currentTarget.value))}>
        <option value="exact">{words.cutToSizeSewnWith}</option>
        <option value="trim-down">{words.cutLargeAndTrimmed}</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">{words.pressSeams}</span>
      <select
        class="select"
        value={house.pressing ?? 'nest'}
        onchange={(e) => save('pressing', changeOf('pressing', e.currentTarget.value))}
      >
        <option value="nest">{words.toNest}</option>
        <option value="dark">{words.toTheDarkSide}</option>
        <option value="open">{words.open}</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">{words.halfSquareTrianglesCutLarge}</span>
      <select
        class="select"
        value={house.trimming ?? 'opened'}
        onchange={(e) => save('trimming', changeOf('trimming', e.currentTarget.value))}
      >
        <option value="opened">{words.openedAndPressedThe45}</option>
        <option value="folded">{words.foldedWithATriangleRuler}</option>
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">{words.stitchAndFlipCornersAre}</span>
      <select
        class="select"
        value={house.corners ?? 'trimmed-first'}
        onchange={(e) => save('corners', changeOf('corners', e.currentTarget.value))}
      >
        <option value="trimmed-first">{words.trimmedThenPressedOut}</option>
        <option value="pressed-first">{words.pressedOutThenTrimmed}</option>
      </select>
    </label>
    {#each unitKinds.filter((kind) => kind.choosable) as { kind: id } (id)}
      {@const kind = unitKind(id)}
      {@const name = kind.plural[0]!.toUpperCase() + kind.plural.slice(1)}
      <label class="block">
        <span class="text-note text-quiet">{id === 'four-patch' ? words.fourPatchesNinePatchesAnd : name}</span>
        <select
          class="select"
          value={house.methods[id] ?? kind.methods[0]!.name}
          onchange={(e) => save(kind.plural, methodChange(id, e.currentTarget.value))}
        >
          {#each kind.methods as m (m.name)}<option value={m.name}>{m.title}</option>{/each}
        </select>
      </label>
    {/each}
  </div>
</section>
