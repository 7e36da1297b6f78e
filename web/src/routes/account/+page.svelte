<script lang="ts">
  import AccountPage from '$lib/team/AccountPage.svelte';

  let { data, form } = $props();
</script>

<AccountPage {data} {form} />
