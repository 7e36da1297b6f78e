<!-- One field that saves itself when it is left or Enter is pressed; what cannot be meant stays here with its reason. -->
<script lang="ts">
  interface Props {
    name: string;
    value: string;
    type?: 'text' | 'date';
    /** Why a text cannot be taken, as a sentence; '' when it can. */
    trouble?: (text: string) => string;
    onset: (text: string) => void;
  }
  let { name, value, type = 'text', trouble, onset }: Props = $props();
  let reason = $state('');

  function take(input: HTMLInputElement) {
    const text = input.value.trim();
    reason = text === value ? '' : (trouble?.(text) ?? '');
    if (!reason && text !== value) onset(text);
  }
</script>

<label class="block">
  <span class="text-note text-quiet">{name}</span>
  <input
    class="input"
    {type}
    {value}
    aria-invalid={reason !== ''}
    onchange={(e) => take(e.currentTarget)}
    onkeydown={(e) => {
      if (e.key !== 'Escape') return;
      e.currentTarget.value = value;
      reason = '';
    }}
  />
  {#if reason}<span class="block text-note text-madder" role="alert">{reason}</span>{/if}
</label>
