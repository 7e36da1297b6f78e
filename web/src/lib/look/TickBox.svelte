<!-- A box to tick at the cutting table: large enough for a thumb. -->
<script lang="ts">
  import { words } from './words';
  let { what, checked, onset }: { what: string; checked: boolean; onset: (done: boolean) => void } = $props();
</script>

<label class="box"
  ><input
    type="checkbox"
    class="sr-only"
    aria-label={words.isCut(what)}
    {checked}
    onchange={(e) => onset(e.currentTarget.checked)}
  /><svg viewBox="0 0 18 18" aria-hidden="true"
    ><rect x="1" y="1" width="16" height="16" /><path d="M4 9.5 8 13.5 14.5 4.5" /></svg
  ></label
>

<style>
  .box {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 2.75rem;
    height: 2.75rem;
    margin-left: -0.6rem;
    cursor: pointer;
  }
  svg {
    width: 1.3rem;
    height: 1.3rem;
    fill: none;
    stroke: currentColor;
    stroke-width: 1.5;
  }
  path {
    visibility: hidden;
    stroke-width: 3;
  }
  input:checked + svg path {
    visibility: visible;
  }
  input:checked + svg rect {
    fill: var(--color-weld);
  }
  input:focus-visible + svg {
    outline: 3px solid currentColor;
    outline-offset: 3px;
  }
</style>
