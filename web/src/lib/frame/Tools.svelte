<!-- Small tools that stand in the same corner everywhere: undo, redo, day and night, the list of keys. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import type { Saver } from '$lib/ask/saver.svelte';
  import Keyboard from '@lucide/svelte/icons/keyboard';
  import Moon from '@lucide/svelte/icons/moon';
  import Redo from '@lucide/svelte/icons/redo';
  import Sun from '@lucide/svelte/icons/sun';
  import Undo from '@lucide/svelte/icons/undo';
  import UserRound from '@lucide/svelte/icons/user-round';
  import { onMount } from 'svelte';

  let { saver, onkeys }: { saver?: Saver; onkeys?: () => void } = $props();
  let night = $state(false);
  onMount(() => {
    const chosen = document.documentElement.dataset.theme;
    night = chosen ? chosen === 'night' : matchMedia('(prefers-color-scheme: dark)').matches;
  });

  function switchTheme() {
    night = !night;
    const theme = night ? 'night' : 'day';
    document.documentElement.dataset.theme = theme;
    localStorage.setItem('aggrega-theme', theme);
  }
  const tool =
    'flex h-9 w-9 cursor-pointer items-center justify-center hover:bg-edge disabled:cursor-default disabled:opacity-35';
</script>

<div class="no-print flex">
  {#if saver}
    <button
      class={tool}
      disabled={saver.undoable.length === 0}
      onclick={() => saver.undo()}
      title={words.undoCtrlZ(saver.undoable.at(-1)?.name ?? '')}
      aria-label={words.undo}><Undo size={18} /></button
    >
    <button
      class={tool}
      disabled={saver.redoable.length === 0}
      onclick={() => saver.redo()}
      title={words.redoCtrlShiftZ(saver.redoable.at(-1)?.name ?? '')}
      aria-label={words.redo}><Redo size={18} /></button
    >
  {/if}
  <button
    class={tool}
    onclick={switchTheme}
    title={night ? words.lightMode : words.darkMode}
    aria-label={night ? words.lightMode : words.darkMode}
  >
    {#if night}<Sun size={18} />{:else}<Moon size={18} />{/if}
  </button>
  {#if page.data.who}
    <a class={tool} href="/account" title={page.data.who.name} aria-label={words.yourAccount(page.data.who.name)}
      ><UserRound size={18} /></a
    >
  {/if}
  {#if onkeys}
    <button class={tool} onclick={onkeys} title={words.keyboardShortcuts2} aria-label={words.keyboardShortcuts}
      ><Keyboard size={18} /></button
    >
  {/if}
</div>
