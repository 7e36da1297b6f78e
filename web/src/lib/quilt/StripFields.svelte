<!-- A part of the setting that is there or not: its width, and the letter of its fabric. -->
<script lang="ts">
  import { words } from './words';
  import Setting from '$lib/look/Setting.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    name: string;
    /** What the length is called; none where the part has no width of its own. */
    width?: { name: string; value: string; trouble: (text: string) => string; onset: (text: string) => void };
    /** Undefined while the part is not there. */
    role: string | undefined;
    roles: { role: string; name: string }[];
    onrole: (role: string) => void;
    /** Adds the part, or removes it. */
    onhave: (have: boolean) => void;
    /** Whether it can be removed. */
    needed?: boolean;
    children?: Snippet;
  }
  let { name, width, role, roles, onrole, onhave, needed = false, children }: Props = $props();
</script>

<fieldset class="border-b border-rule py-2">
  <legend class="sr-only">{name}</legend>
  <label class="flex items-baseline gap-2">
    <input
      type="checkbox"
      class="h-4 w-4 translate-y-0.5 accent-ink"
      checked={role !== undefined}
      disabled={needed && role !== undefined}
      onchange={(e) => onhave(e.currentTarget.checked)}
    />
    <span class={role === undefined ? 'text-quiet' : 'font-semibold'}>{name}</span>
  </label>
  {#if role !== undefined}
    <div class="mt-1 grid grid-cols-2 gap-2">
      {#if width}<Setting name={width.name} value={width.value} trouble={width.trouble} onset={width.onset} />{/if}
      <label class="block">
        <span class="text-note text-quiet">{words.fabric}</span>
        <select
          class="select"
          aria-label={words.fabricOfThe(name.toLowerCase())}
          value={role}
          onchange={(e) => onrole(e.currentTarget.value)}
        >
          {#each roles as r (r.role)}<option value={r.role}>{r.role} · {r.name}</option>{/each}
          {#if !roles.some((r) => r.role === role)}<option value={role}>{words.noFabricYet2(role)}</option>{/if}
        </select>
      </label>
    </div>
    {@render children?.()}
  {/if}
</fieldset>
