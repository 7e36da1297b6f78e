<!-- A field that has to be filled in, with its name above it; whatever else an input takes goes to it. -->
<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  interface Props extends HTMLInputAttributes {
    label: string;
    /** Of its place in the form. */
    class?: string;
    /** In the figures of the house. */
    numeral?: boolean;
  }
  let { label, class: place = '', numeral = false, value = $bindable(), ...rest }: Props = $props();
</script>

<label class={['block', place]}
  ><span class="block text-note text-quiet">{label}</span><input
    class={['input', numeral && 'numeral']}
    required
    maxlength="200"
    {...rest}
    bind:value
  /></label
>
