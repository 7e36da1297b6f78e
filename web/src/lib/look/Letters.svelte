<!-- The letters of a fabric on its own colour. -->
<script lang="ts">
  import { inkOn } from '@aggrega/core/fabric';

  let { of, large = false }: { of: { colour: string; roles: readonly string[] }; large?: boolean } = $props();
</script>

<span
  class="cloth inline-flex items-center justify-center px-1 font-sans font-semibold {large
    ? 'h-7 min-w-7 text-body'
    : 'h-6 min-w-6 text-note'}"
  style:background={of.colour}
  style:color={inkOn(of.colour)}>{of.roles.join(' ')}</span
>
