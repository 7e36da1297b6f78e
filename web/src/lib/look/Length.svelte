<!-- A length or number as it stands on a ruler: whole part, then a real diagonal fraction. -->
<script lang="ts">
  import { lengthParts } from '@aggrega/core/measure';

  let { of }: { of: string } = $props();
  const parts = $derived(lengthParts(of));
</script>

<!-- The gap is a real space made small: copied or read aloud, 9 1⁄2 must not become 91⁄2. -->
<span class="whitespace-nowrap"
  >{#if parts.whole}{parts.whole}{/if}{#if parts.fraction}{#if parts.whole}<span class="gap">&nbsp;</span>{/if}<span
      class="frac">{parts.fraction[0]}&#x2044;{parts.fraction[1]}</span
    >{/if}</span
>
