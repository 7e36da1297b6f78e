<script lang="ts">
  import ProofPage from '$lib/proof/ProofPage.svelte';
</script>

<ProofPage />
