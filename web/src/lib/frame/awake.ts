import { onMount } from 'svelte';

/** From here on the page answers to keys and clicks; what drives it from outside waits for this. */
export function awake(): void {
  onMount(() => void (document.documentElement.dataset.ready = ''));
}
