<!-- A password that is to be kept from now on. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';

  let { label = words.password, name = 'password' }: { label?: string; name?: string } = $props();
  let shown = $state(false);
</script>

<div>
  <Field {label} {name} type={shown ? 'text' : 'password'} autocomplete="new-password" minlength={12} />
  <p class="mt-1 flex text-note text-quiet">
    <span class="mr-auto">{words.atLeast12CharactersA}</span>
    <button type="button" class="link" onclick={() => (shown = !shown)}>{shown ? words.hideIt : words.showIt}</button>
  </p>
</div>
