<script lang="ts">
  import CalendarPage from '$lib/calendar/CalendarPage.svelte';

  let { data } = $props();
</script>

<CalendarPage {data} />
