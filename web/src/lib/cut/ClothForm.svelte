<!-- How a fabric is sold: off the bolt or in pre-cuts, what of it can be used, and whether it is handed out as a bundle. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { LengthError, formatLength, parseLength } from '@aggrega/core/measure';
  import { applyChanges, formName, readProgramme, type Change, type Fabric } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  let { fabric }: { fabric: Fabric } = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  const file = $derived(bench.saver.document.fabrics?.find((f) => f.id === fabric.id));
  const bundle = $derived(bench.saver.document.kits?.bundle?.[fabric.id]);
  const FORMS = ['yardage', 'half-yard', 'fat-quarter', 'fat-eighth', 'strip', 'square-10', 'square-5', 'panel', 'scrap'];
  const said = (form: string) => (form === 'yardage' ? words.offTheBolt : words.as(formName(form, 2)));

  const at = (key: string) => `/fabrics/${fabric.id}/${key}`;
  function change(key: 'form' | 'usableWidth' | 'usableLength', to: unknown): Change[] {
    return JSON.stringify(file?.[key]) === JSON.stringify(to) ? [] : [{ path: at(key), from: file?.[key], to }];
  }
  /** Another form has other sizes; what nobody can know starts with a size to be measured. */
  function choose(form: string) {
    const measured = form === 'panel' ? ['24', '42'] : form === 'scrap' ? ['10', '10'] : [undefined, undefined];
    bench.saver.do(`${fabric.name}, ${said(form)}`, [
      ...change('form', form),
      ...change('usableWidth', measured[1]),
      ...change('usableLength', measured[0]),
      ...(form === 'yardage' && bundle !== undefined ? [bundleChange(undefined)] : []),
    ]);
  }
  const bundleChange = (to: number | undefined): Change => ({ path: `/kits/bundle/${fabric.id}`, from: bundle, to });

  function trouble(key: 'usableWidth' | 'usableLength', text: string): string {
    try {
      parseLength(text, unit);
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
    const result = applyChanges(bench.saver.document, change(key, text));
    const reading = 'file' in result ? readProgramme(result.file) : undefined;
    return reading?.ok === false ? `${reading.errors[0]!.message}.` : '';
  }
  const pieces = (text: string) =>
    text === '' || (/^\d{1,3}$/.test(text) && Number(text) <= 200) ? '' : words.typeAWholeNumberUp;
</script>

{#if file}
  <details class="mt-3" data-comes={fabric.form}>
    <summary class="cursor-pointer border-b border-rule py-1.5">
      {words.sold(fabric.name, said(fabric.form))}
    </summary>
    <div class="flex flex-col gap-3 pt-2 pb-1">
      <label class="block">
        <span class="text-note text-quiet">{words.sold2}</span>
        <select class="select" value={fabric.form} onchange={(e) => choose(e.currentTarget.value)}>
          {#each FORMS as form (form)}<option value={form}>{said(form)}</option>{/each}
        </select>
      </label>
      <Setting
        name={words.usableWidth3(unit)}
        value={file.usableWidth === undefined ? formatLength(fabric.usableWidth, unit) : String(file.usableWidth)}
        trouble={(text) => trouble('usableWidth', text)}
        onset={(to) => bench.saver.do(words.usableWidth(fabric.name), change('usableWidth', to))}
      />
      {#if fabric.form !== 'yardage' && fabric.usableLength}
        <Setting
          name={words.usableLength2(unit)}
          value={file.usableLength === undefined ? formatLength(fabric.usableLength, unit) : String(file.usableLength)}
          trouble={(text) => trouble('usableLength', text)}
          onset={(to) => bench.saver.do(words.usableLength(fabric.name), change('usableLength', to))}
        />
        <Setting
          name={words.piecesInTheStartUp}
          value={bundle === undefined ? '' : String(bundle)}
          trouble={pieces}
          onset={(to) => bench.saver.do(words.theBundle(fabric.name), [bundleChange(to === '' ? undefined : Number(to))])}
        />
      {/if}
    </div>
  </details>
{/if}
