<!-- A place of the sheet that the organiser can say in her own words: her text or the computed one, and what she can do about it. -->
<script lang="ts">
  import { words as spoken } from './words';
  import { plainWords, type Place, type Words } from '@aggrega/core/sheet';
  import type { Month, OwnWords } from '@aggrega/core/programme';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Snippet } from 'svelte';
  import { PLACE } from './words';

  interface Props {
    month: Month;
    place: Place;
    text: Words;
    /** A step is always told; another text may be left out. */
    step: boolean;
    children: Snippet;
  }
  let { month, place, text, step, children }: Props = $props();
  const bench = useWorkbench();
  let writing = $state(false);
  let draft = $state('');
  const computed = $derived(place.computed ?? plainWords(text));
  const all = $derived(bench.saver.document.months?.find((m) => m.id === month.id)?.words?.[place.id]);

  function put(name: string, texts: readonly OwnWords[]) {
    bench.saver.do(`${month.name}, ${name}`, [
      { path: `/months/${month.id}/words/${place.id}`, from: all, to: texts.length > 0 ? texts : undefined },
    ]);
    writing = false;
  }
  /** Her words stand here from now on, and no longer what she had here before. */
  function say(to: string) {
    const others = (all ?? [])
      .map((own) => ({ ...own, instead: own.instead.filter((c) => c !== computed) }))
      .filter((own) => own.instead.length > 0);
    const like = others.find((own) => own.text === to);
    const rest = others.filter((own) => own !== like);
    put(to ? spoken.aStepInYourOwn : spoken.aTextLeftOut, [
      ...rest,
      { text: to, instead: [...(like?.instead ?? []), computed] },
    ]);
  }
  const again = () =>
    put(
      spoken.theComputedWordsAgain,
      (all ?? [])
        .map((own) => ({ ...own, instead: own.instead.filter((c) => c !== computed) }))
        .filter((own) => own.instead.length > 0),
    );
  const clean = () =>
    draft
      .replace(/\r\n?/g, '\n')
      .replace(/[^\S\n]+/g, ' ')
      .trim();
  function save() {
    const to = clean();
    if (to === computed || (to === '' && step)) again();
    else say(to);
  }
  function begin() {
    draft = plainWords(text);
    writing = true;
  }
  function onkeydown(e: KeyboardEvent) {
    if (e.key === 'Escape') writing = false;
    else if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) save();
    else return;
    e.preventDefault();
    e.stopPropagation();
  }
  const focus = (field: HTMLTextAreaElement) => field.focus();
</script>

{#if writing}
  <div class="my-1">
    <textarea class="textarea min-h-24" maxlength="4000" aria-label={PLACE.field} bind:value={draft} {onkeydown} use:focus
    ></textarea>
    <p class="mt-1 flex flex-wrap gap-2">
      <button class="btn btn-primary" onclick={save}>{PLACE.save}</button>
      <button class="btn" onclick={() => (writing = false)}>{PLACE.cancel}</button>
      {#if !step}<button class="btn" onclick={() => say('')}>{PLACE.leaveOut}</button>{/if}
    </p>
  </div>
{:else if place.hidden}
  <p class="quiet">{PLACE.hidden}<s>{computed}</s> <button class="link" onclick={again}>{PLACE.putBack}</button></p>
{:else}
  <!-- A paragraph stands in it, which a button may not hold. -->
  <div
    class="place"
    role="button"
    tabindex="0"
    data-place={place.id}
    title={PLACE.begin}
    onclick={begin}
    onkeydown={(e) => {
      if (e.key !== 'Enter' && e.key !== ' ') return;
      e.preventDefault();
      begin();
    }}
  >
    {@render children()}
  </div>
  {#if place.mine}
    <p class="quiet">{PLACE.mine}{computed} <button class="link" onclick={again}>{PLACE.computedAgain}</button></p>
  {:else if place.aside}
    <p class="quiet">
      {PLACE.aside}‘{place.aside}’
      <button class="link" onclick={() => say(place.aside!)}>{PLACE.useHere}</button>
      <button class="link" onclick={() => put(spoken.wordsOfYoursForgotten, [])}>{PLACE.forget}</button>
    </p>
  {/if}
{/if}

<style>
  .place {
    cursor: text;
    outline: 1px dashed #c9d0da;
    outline-offset: 2px;
  }
  .place:hover,
  .place:focus-visible {
    outline: 2px solid #1c2a4a;
  }
  .quiet {
    color: #53607c;
    font-size: 0.9em;
  }
</style>
