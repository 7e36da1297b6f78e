<!-- How the quilt is set: kind, rows, what lies between and round the blocks. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import StripFields from './StripFields.svelte';
  import { fieldChange, settingAt } from './places';
  import { LengthError, formatLength, parseLength } from '@aggrega/core/measure';
  import { applyChanges, lettersOf, readProgramme, type Colourway, type SettingFile } from '@aggrega/core/programme';
  import { settingKind, settingKinds, type SettingKind } from '@aggrega/core/setting';

  let { size, colourway }: { size: string; colourway: Colourway } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit } = $derived(programme);
  const document = $derived(bench.saver.document);
  const file = $derived(settingAt(document, size).all);
  const read = $derived(size ? programme.sizes.find((s) => s.id === size)?.setting : programme.setting);
  const roles = $derived(lettersOf(colourway).map(([role, fabric]) => ({ role, name: fabric.name })));
  const usual = $derived(
    unit === 'in'
      ? { strip: '2', frame: '1/2', border: '4', binding: '2 1/4' }
      : { strip: '5', frame: '1.5', border: '10', binding: '6' },
  );

  const kind = $derived(settingKind(file.kind ?? 'straight'));

  function save<Key extends keyof SettingFile>(name: string, key: Key, to: SettingFile[Key] | undefined) {
    const change = fieldChange(document, size, key, to);
    if (JSON.stringify(change.from) !== JSON.stringify(to)) bench.saver.do(words.theQuilt(name), [change]);
  }
  /** What the programme's own checks say of that value. */
  function trouble<Key extends keyof SettingFile>(key: Key, to: SettingFile[Key], text: string): string {
    try {
      parseLength(text, unit);
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
    const result = applyChanges(document, [fieldChange(document, size, key, to)]);
    const reading = 'file' in result ? readProgramme(result.file) : undefined;
    return reading?.ok === false ? `${reading.errors[0]!.message}.` : '';
  }
  const count = (text: string) =>
    /^\d{1,2}$/.test(text) && Number(text) >= 1 && Number(text) <= 60 ? '' : words.typeAWholeNumberFrom1;
  const first = $derived(roles[0]?.role ?? 'A');
  const second = $derived(roles[1]?.role ?? first);
  const borders = $derived(file.borders ?? []);
  const rounds = $derived(file.rounds ?? []);
  const replaced = <T,>(list: readonly T[], i: number, to: T | undefined) =>
    to === undefined ? list.toSpliced(i, 1) : list.with(i, to);
  const stripWidth = <Key extends 'sashing' | 'frame'>(key: Key, name: string) => ({
    name: words.finishedWidth(unit),
    value: String(file[key]?.finished ?? ''),
    trouble: (text: string) => trouble(key, { ...file[key]!, finished: text }, text),
    onset: (text: string) => save(name, key, { ...file[key]!, finished: text }),
  });
</script>

<section aria-label={words.setting}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.setting}</h2>
  <div class="mt-2 flex flex-col gap-2 border-b border-rule pb-3">
    <label class="block">
      <span class="text-note text-quiet">{words.layout}</span>
      <select
        class="select"
        value={file.kind ?? 'straight'}
        onchange={(e) => {
          const to = e.currentTarget.value as SettingKind;
          // What the kind cannot do without comes with it, in one deed.
          const missing = (['triangles', 'alternate'] as const).filter(
            (part) => settingKind(to).needs.includes(part) && !file[part],
          );
          const more = missing.map((part) => fieldChange(document, size, part, { role: first }));
          bench.saver.do(words.theQuiltLayout, [fieldChange(document, size, 'kind', to), ...more]);
        }}
      >
        {#each settingKinds as id (id)}<option value={id}>{settingKind(id).title}</option>{/each}
      </select>
    </label>
    <div class="grid grid-cols-2 gap-2">
      <Setting
        name={words.across}
        value={String(read?.across ?? '')}
        trouble={count}
        onset={(n) => save('across', 'across', Number(n))}
      />
      <Setting
        name={words.down}
        value={String(read?.down ?? '')}
        trouble={count}
        onset={(n) => save('down', 'down', Number(n))}
      />
    </div>
  </div>
  {#if kind.lie === 'on point' || file.triangles}
    <StripFields
      name={words.settingTrianglesSideAndCorner}
      needed={kind.needs.includes('triangles')}
      role={file.triangles?.role}
      {roles}
      width={{
        name: words.floatIn(unit),
        value: String(file.triangles?.float ?? '0'),
        trouble: (text) => trouble('triangles', { ...file.triangles!, float: text }, text),
        onset: (text) => save('float', 'triangles', { ...file.triangles!, float: text }),
      }}
      onrole={(role) => save('triangles', 'triangles', { ...file.triangles, role })}
      onhave={(have) => save('triangles', 'triangles', have ? { role: first } : undefined)}
    />
  {/if}
  {#if kind.plain !== 'none'}
    <StripFields
      name={words.plainBlocksBetween}
      needed={kind.needs.includes('alternate')}
      role={file.alternate?.role}
      {roles}
      onrole={(role) => save(words.plainBlocks2, 'alternate', { role })}
      onhave={(have) => save(words.plainBlocks2, 'alternate', have ? { role: first } : undefined)}
    />
  {/if}
  {#if kind.sashed}
    <StripFields
      name={words.sashing}
      width={stripWidth('sashing', 'sashing')}
      role={file.sashing?.role}
      {roles}
      onrole={(role) => save('sashing', 'sashing', { ...file.sashing!, role })}
      onhave={(have) => save('sashing', 'sashing', have ? { finished: usual.strip, role: first } : undefined)}
    >
      <label class="mt-2 flex items-baseline gap-2">
        <input
          type="checkbox"
          class="h-4 w-4 translate-y-0.5 accent-ink"
          checked={file.sashing?.outer ?? true}
          onchange={(e) => save(words.outerSashing, 'sashing', { ...file.sashing!, outer: e.currentTarget.checked })}
        />{words.roundTheOutsideToo}
      </label>
    </StripFields>
    {#if file.sashing}
      <StripFields
        name={words.cornerstones}
        role={file.cornerstone?.role}
        {roles}
        onrole={(role) => save('cornerstones', 'cornerstone', { role })}
        onhave={(have) => save('cornerstones', 'cornerstone', have ? { role: second } : undefined)}
      />
    {/if}
  {/if}
  <StripFields
    name={words.frameRoundEachBlock}
    width={stripWidth('frame', 'frame')}
    role={file.frame?.role}
    {roles}
    onrole={(role) => save('frame', 'frame', { ...file.frame!, role })}
    onhave={(have) => save('frame', 'frame', have ? { finished: usual.frame, role: second } : undefined)}
  />
  <StripFields
    name={words.copingStripsRoundSmallerBlocks}
    role={file.coping?.role}
    {roles}
    onrole={(role) => save('coping', 'coping', { role })}
    onhave={(have) => save('coping', 'coping', have ? { role: first } : undefined)}
  />
  {#if kind.lie === 'rounds'}
    {#each rounds as round, i (i)}
      <StripFields
        name={words.roundPlain(i + 1)}
        role={round.role}
        {roles}
        width={{
          name: words.finishedWidth(unit),
          value: String(round.finished),
          trouble: (text) => trouble('rounds', replaced(rounds, i, { ...round, finished: text }), text),
          onset: (text) => save('round', 'rounds', replaced(rounds, i, { ...round, finished: text })),
        }}
        onrole={(role) => save('round', 'rounds', replaced(rounds, i, { ...round, role }))}
        onhave={(have) =>
          save('round', 'rounds', replaced(rounds, i, { finished: round.finished, ...(have && { role: first }) }))}
      />
      {#if round.role === undefined}<p class="text-note text-quiet">{words.ofBlocksFinished(round.finished, unit)}</p>{/if}
      <button class="link text-note" onclick={() => save(words.roundRemoved, 'rounds', replaced(rounds, i, undefined))}
        >{words.removeRound(i + 1)}</button
      >
    {/each}
    <p class="mt-2">
      <button class="btn" onclick={() => save('round', 'rounds', [...rounds, { finished: usual.strip, role: second }])}
        >{words.addARound}</button
      >
    </p>
  {/if}
</section>

<section class="mt-6" aria-label={words.borders}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.borders}</h2>
  {#each borders as border, i (i)}
    {@const set = (change: Partial<typeof border>) =>
      save(words.border(i + 1), 'borders', replaced(borders, i, { ...border, ...change }))}
    <StripFields
      name={words.border2(i + 1)}
      role={border.role}
      {roles}
      width={{
        name: words.finishedWidth(unit),
        value: String(border.finished),
        trouble: (text) => trouble('borders', replaced(borders, i, { ...border, finished: text }), text),
        onset: (text) => set({ finished: text }),
      }}
      onrole={(role) => set({ role })}
      onhave={() => save(words.borderRemoved(i + 1), 'borders', replaced(borders, i, undefined))}
    >
      <div class="mt-2 grid grid-cols-2 gap-2">
        <select
          class="select"
          aria-label={words.cornersOfBorder(i + 1)}
          value={border.corners ?? 'butted'}
          onchange={(e) => set({ corners: e.currentTarget.value as 'butted' })}
        >
          <option value="butted">{words.butted}</option>
          <option value="mitred">{words.mitred2}</option>
        </select>
        <select
          class="select"
          aria-label={words.stripsOfBorder(i + 1)}
          value={border.strips ?? 'whole'}
          onchange={(e) => set({ strips: e.currentTarget.value as 'whole' })}
        >
          <option value="whole">{words.cutInOneLength}</option>
          <option value="joined">{words.piecedFromStrips2}</option>
        </select>
      </div>
    </StripFields>
  {/each}
  <p class="mt-2">
    <button class="btn" onclick={() => save('border', 'borders', [...borders, { finished: usual.border, role: second }])}
      >{words.addABorder}</button
    >
  </p>
</section>

<section class="mt-6" aria-label={words.edgeAndBack}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.edgeAndBack}</h2>
  <StripFields
    name={words.binding2}
    width={{
      name: words.stripWidthIn(unit),
      value: String(file.binding?.cut ?? ''),
      trouble: (text) => trouble('binding', { ...file.binding!, cut: text }, text),
      onset: (text) => save('binding', 'binding', { ...file.binding!, cut: text }),
    }}
    role={file.binding?.role}
    {roles}
    onrole={(role) => save('binding', 'binding', { ...file.binding!, role })}
    onhave={(have) => save('binding', 'binding', have ? { cut: usual.binding, role: second } : undefined)}
  />
  <StripFields
    name={words.backing2}
    width={{
      name: words.extraOnEachSide(unit),
      value: read?.backing ? formatLength(read.backing.overage, unit) : '',
      trouble: (text) => trouble('backing', { ...file.backing!, overage: text }, text),
      onset: (text) => save('backing', 'backing', { ...file.backing!, overage: text }),
    }}
    role={file.backing?.role}
    {roles}
    onrole={(role) => save('backing', 'backing', { ...file.backing!, role })}
    onhave={(have) => save('backing', 'backing', have ? { role: first } : undefined)}
  >
    <div class="mt-2 grid grid-cols-2 gap-2">
      <label class="block">
        <span class="text-note text-quiet">{words.seams2}</span>
        <select
          class="select"
          value={file.backing?.seams ?? 'least'}
          onchange={(e) => save('backing', 'backing', { ...file.backing!, seams: e.currentTarget.value as 'least' })}
        >
          <option value="least">{words.leastFabric}</option>
          <option value="upright">{words.vertical}</option>
          <option value="level">{words.horizontal}</option>
        </select>
      </label>
      <Setting
        name={words.widthOfTheBackingFabric(unit)}
        value={String(file.backing?.width ?? '')}
        trouble={(text) => (text === '' ? '' : trouble('backing', { ...file.backing!, width: text }, text))}
        onset={(text) => {
          const to = { ...file.backing!, width: text };
          if (text === '') delete (to as Partial<typeof to>).width;
          save('backing', 'backing', to);
        }}
      />
    </div>
  </StripFields>
  <label class="mt-4 block border-t border-rule pt-3">
    <span class="text-note text-quiet">{words.wadding2}</span>
    <select
      class="select"
      value={file.wadding?.fabric ?? ''}
      onchange={(e) => save('wadding', 'wadding', e.currentTarget.value ? { fabric: e.currentTarget.value } : undefined)}
    >
      <option value="">{words.participantsFindTheirOwn}</option>
      {#each programme.fabrics.filter((f) => f.form === 'yardage') as f (f.id)}<option value={f.id}
          >{words.cutFrom(f.name)}</option
        >{/each}
    </select>
  </label>
  <div class="mt-3">
    <Setting
      name={words.blocksPerKitLeftOver}
      value={String(file.leftOver ?? 0)}
      trouble={(text) => (/^\d{1,3}$/.test(text) && Number(text) <= 400 ? '' : words.typeAWholeNumberFrom)}
      onset={(text) => save(words.blocksLeftOver, 'leftOver', Number(text) || undefined)}
    />
  </div>
</section>
