<!-- What is asked of a year: the programme, the quilt, what is learnt, and what participants get. -->
<script lang="ts">
  import { givingWords, sizeWords, words } from './words';
  import Field from '$lib/look/Field.svelte';
  import { givings, quiltSizes } from '@aggrega/core/compose';
  import { skillTitle, skills, techniqueTitle, techniques, type Technique } from '@aggrega/core/construction';
  import CastChoice from './CastChoice.svelte';
  import type { WishDraft } from './wish-draft.svelte';
  import YearFields from './YearFields.svelte';

  interface Props {
    wish: WishDraft;
    working: boolean;
    onask: () => void;
    onstop: () => void;
  }
  let { wish, working, onask, onstop }: Props = $props();
  const { year } = $derived(wish);

  function teach(technique: Technique, on: boolean) {
    wish.teach = techniques.map((t) => t.id).filter((t) => (t === technique ? on : wish.teach.includes(t)));
    for (const { id, skill } of techniques) if (wish.teach.includes(id) && skill > wish.to) wish.to = skill;
  }
</script>

<form
  onsubmit={(e) => {
    e.preventDefault();
    onask();
  }}
>
  <Field label={words.name} bind:value={year.title} />
  <Field class="mt-3" label={words.participants} type="number" min="1" max="2000" bind:value={wish.people} />

  <fieldset class="mt-5 border-t border-rule pt-2">
    <legend class="pr-2 font-semibold">{words.theQuilt}</legend>
    <div class="grid grid-cols-2 gap-x-4 gap-y-3">
      <label class="block"
        ><span class="block text-note text-quiet">{words.finishedSize}</span>
        <select class="select" bind:value={wish.size}>
          {#each quiltSizes as size (size.id)}<option value={size.id}
              >{sizeWords[size.id]} · {words.sizeBy(size[year.unit][0], size[year.unit][1], year.unit)}</option
            >{/each}
          <option value="own">{words.anotherSize}</option>
        </select></label
      >
      <label class="block"
        ><span class="block text-note text-quiet">{words.blocksFinishAt(year.unit)}</span><input
          class="input"
          bind:value={() => wish.blockOr, (typed) => (wish.block = typed)}
          maxlength="20"
        /></label
      >
      {#if wish.size === 'own'}
        <Field label={words.width(year.unit)} bind:value={wish.width} maxlength={20} />
        <Field label={words.height(year.unit)} bind:value={wish.height} maxlength={20} />
      {/if}
    </div>
    <div class="mt-3"><CastChoice bind:cast={year.cast} letters={year.letters} greys={false} /></div>
    {#if year.names.length > 1}<p class="mt-1 text-note text-quiet">{words.eachFurtherColourway}</p>{/if}
  </fieldset>

  <fieldset class="mt-5 border-t border-rule pt-2">
    <legend class="pr-2 font-semibold">{words.learning}</legend>
    <div class="grid grid-cols-2 gap-x-4 gap-y-3">
      <label class="block"
        ><span class="block text-note text-quiet">{words.startsAt}</span>
        <select class="select" bind:value={wish.from}
          >{#each skills as skill (skill)}<option value={skill}>{skillTitle(skill)}</option>{/each}</select
        ></label
      >
      <label class="block"
        ><span class="block text-note text-quiet">{words.leadsTo}</span>
        <select class="select" bind:value={wish.to}
          >{#each skills.filter((s) => s >= wish.from) as skill (skill)}<option value={skill}>{skillTitle(skill)}</option
            >{/each}</select
        ></label
      >
      <Field label={words.hoursAMonth} type="number" min="1" max="40" bind:value={wish.hours} />
    </div>
    <details class="mt-3">
      <summary class="cursor-pointer"
        >{wish.teach.length === 0 ? words.chooseTechniques : words.techniquesChosen(wish.teach.length)}</summary
      >
      <p class="mt-1 text-note text-quiet">{words.eachIsIntroduced}</p>
      <ul class="mt-1">
        {#each techniques.filter((t) => t.id !== 'squares') as { id } (id)}
          <li>
            <label class="flex items-center gap-2 py-0.5"
              ><input
                type="checkbox"
                checked={wish.teach.includes(id)}
                onchange={(e) => teach(id, e.currentTarget.checked)}
              />{techniqueTitle(id)}</label
            >
          </li>
        {/each}
      </ul>
    </details>
  </fieldset>

  <fieldset class="mt-5 border-t border-rule pt-2">
    <legend class="pr-2 font-semibold">{words.participantsGet}</legend>
    {#each givings as id (id)}
      <label class="flex items-center gap-2 py-0.5"
        ><input type="radio" name="giving" value={id} bind:group={wish.giving} />{givingWords[id]}</label
      >
    {/each}
    <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-3">
      {#if wish.giving === 'bundle'}
        <Field label={words.fatQuartersEach} type="number" min="2" max="60" bind:value={wish.fatQuarters} />
      {/if}
      <label class="block"
        ><span class="block text-note text-quiet">{year.unit === 'in' ? words.pricePerYard : words.pricePerMetre}</span><input
          class="input"
          type="number"
          min="0"
          step="0.01"
          bind:value={wish.price}
        /></label
      >
    </div>
    <label class="mt-3 flex items-center gap-2"
      ><input type="checkbox" bind:checked={wish.mystery} />{words.keepItAMystery}</label
    >
  </fieldset>

  <details class="mt-5 border-t border-rule pt-2">
    <summary class="cursor-pointer font-semibold">{words.datesAndColourways}</summary>
    <div class="mt-2 grid grid-cols-2 items-end gap-x-4 gap-y-3">
      <YearFields {year} most={24} />
      <label class="col-span-full flex items-center gap-2"
        ><input type="checkbox" bind:checked={wish.finishing} />{words.lastForFinishing}</label
      >
    </div>
  </details>

  <p class="mt-6 flex gap-2">
    <button class="btn btn-primary" disabled={working}>{words.compose}</button>
    {#if working}<button class="btn" type="button" onclick={onstop}>{words.stop}</button>{/if}
  </p>
</form>
