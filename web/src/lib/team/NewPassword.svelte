<!-- A password that is to be kept from now on. -->
<script lang="ts">
  import Field from '$lib/look/Field.svelte';

  let { label = 'Password', name = 'password' }: { label?: string; name?: string } = $props();
  let shown = $state(false);
</script>

<div>
  <Field {label} {name} type={shown ? 'text' : 'password'} autocomplete="new-password" minlength={12} />
  <p class="mt-1 flex text-note text-quiet">
    <span class="mr-auto">At least 12 characters. A short sentence is easy to remember.</span>
    <button type="button" class="plain" onclick={() => (shown = !shown)}>{shown ? 'hide it' : 'show it'}</button>
  </p>
</div>
