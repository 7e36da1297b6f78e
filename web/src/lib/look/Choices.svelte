<!-- A few ways to look at the same thing, one under the other, each with an address of its own. -->
<script lang="ts">
  interface Props {
    /** What is chosen, for those who do not see it. */
    name: string;
    choices: { id: string; name: string; href: string }[];
    chosen: string;
  }
  let { name: of, choices, chosen }: Props = $props();
</script>

<nav aria-label={of} class="mb-4 flex flex-col">
  {#each choices as { id, name, href } (id)}
    <a
      {href}
      data-sveltekit-noscroll
      aria-current={id === chosen ? 'true' : undefined}
      class="border-l-4 px-3 py-1.5 hover:bg-edge {id === chosen ? 'border-weld font-semibold' : 'border-transparent'}"
      >{name}</a
    >
  {/each}
</nav>
