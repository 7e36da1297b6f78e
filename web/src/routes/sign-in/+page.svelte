<script lang="ts">
  import SignInPage from '$lib/team/SignInPage.svelte';

  let { data, form } = $props();
</script>

<SignInPage {data} {form} />
