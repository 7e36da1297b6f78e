<!-- A first programme, step by step: what comes next and what is missing for it, where she is. Never in the way, and gone when she says so. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { organises } from '$lib/look/role-name';
  import { firstSteps, nextStep, type FirstStep } from '@aggrega/core/running';
  import { MONTH, PLAN, RUN } from './stations';
  import { useWorkbench } from './workbench.svelte';
  import { onMount } from 'svelte';
  import Check from '@lucide/svelte/icons/check';

  const bench = useWorkbench();
  const first = $derived(page.data.first as { cut: boolean } | undefined);
  const releases = $derived(page.data.releases as { month: string; state: string }[]);
  const key = $derived(`aggrega-first-steps ${bench.slug}`);
  // What this device knows is known only once the page is there.
  let ready = $state(false);
  onMount(() => (ready = true));
  let skipped = $derived(ready && localStorage.getItem(key) === 'skipped');
  const steps = $derived(
    first && organises(page.data.who?.role)
      ? firstSteps(bench.programme, {
          proofed: new Set(releases.map((r) => r.month)),
          released: new Set(releases.filter((r) => r.state === 'released').map((r) => r.month)),
          counted: Boolean(page.data.rostered) || Object.values(bench.saver.document.participants ?? {}).some((n) => n > 0),
          cut: first.cut,
        })
      : [],
  );
  const next = $derived(nextStep(steps));
  const done = $derived(steps.filter((s) => s.done).length);
  const pathOf = ({ station, month }: FirstStep) => {
    const { path } = (month ? MONTH : [...PLAN, ...RUN]).find((s) => s.id === station)!;
    return `/programmes/${bench.slug}${month ? `/months/${month}` : ''}${path}`;
  };
  const here = $derived(next && pathOf(next) === page.url.pathname);

  function skip(on: boolean) {
    skipped = on;
    if (on) localStorage.setItem(key, 'skipped');
    else localStorage.removeItem(key);
  }
</script>

{#if next && skipped}
  <p class="no-print mt-3 text-note"><button class="link" onclick={() => skip(false)}>{words.showTheFirstSteps}</button></p>
{:else if next}
  <section
    class="no-print mt-4 border-l-4 border-weld bg-base-200 py-2 pr-3 pl-4"
    aria-label={words.firstSteps}
    data-first-steps={next.id}
  >
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <p class="mr-auto">
        <span class="text-note text-quiet">{words.firstStepsDone(done, steps.length)}</span>
        <b>{next.title}</b>
      </p>
      {#if !here}<a class="btn btn-primary" href="{pathOf(next)}{page.url.search}">{words.goThere}</a>{/if}
      <button class="link text-note" onclick={() => skip(true)}>{words.skipTheseSteps}</button>
    </div>
    <p class="max-w-prose">{next.say}</p>
    <details class="mt-1">
      <summary class="cursor-pointer text-note">{words.allSteps}</summary>
      <ol class="mt-1">
        {#each steps as step (step.id)}
          <li class="flex items-baseline gap-2 py-1">
            <span class="w-5 shrink-0"
              >{#if step.done}<Check size={16} aria-label={words.stepDone} />{/if}</span
            >
            <span>
              <a class="link" href="{pathOf(step)}{page.url.search}">{step.title}</a>
              {#if !step.done && step.canWait}<span class="text-note text-quiet">{words.stepCanWait}</span>{/if}
            </span>
          </li>
        {/each}
      </ol>
    </details>
  </section>
{/if}
