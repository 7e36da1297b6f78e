<script lang="ts">
  import SettingsPage from '$lib/programme/SettingsPage.svelte';
</script>

<SettingsPage />
