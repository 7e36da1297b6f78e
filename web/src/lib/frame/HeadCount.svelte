<!-- The head count as a dial: wheel, drag, keys or typing try a number; only 'Enrol' saves it. -->
<script lang="ts">
  import { words } from './words';
  interface Props {
    /** The number that is shown and planned for. */
    people: number;
    enrolled: number;
    colourway: string;
    /** What so many people come to: '27 kits with spares and demo set' */
    kits: string;
    onturn: (people: number) => void;
    onenrol: () => void;
    /** Where the people are counted, when they are: then numbers are tried here, and enrolled there. */
    roster?: string;
  }
  let { people, enrolled, colourway, kits, onturn, onenrol, roster }: Props = $props();

  const MOST = 100_000;
  const trying = $derived(people !== enrolled);
  // The scale leaves room to turn up, and changes by whole twenties so that it does not slide under the hand.
  const reach = $derived(Math.max(60, Math.ceil((Math.max(people, enrolled) * 1.2) / 20) * 20));
  const step = $derived(reach <= 120 ? 1 : reach / 60);
  let scale: SVGSVGElement;
  let dragging = false;

  const turn = (to: number) => onturn(Math.max(0, Math.min(MOST, Math.round(to))));

  function onkeydown(e: KeyboardEvent) {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[e.key];
    if (by !== undefined) turn(people + by);
    else if (e.key === 'Home') turn(enrolled);
    else if (e.key === 'Enter' && trying && !roster) onenrol();
    else return;
    e.preventDefault();
  }

  function onwheel(e: WheelEvent) {
    e.preventDefault();
    turn(people - Math.sign(e.deltaY) * (e.shiftKey ? 10 : 1));
  }

  function drag(e: PointerEvent) {
    if (!dragging) return;
    const box = scale.getBoundingClientRect();
    turn(((e.clientX - box.left) / box.width) * reach);
  }

  /** Listens to the wheel itself, since a passive listener could not keep the page from scrolling. */
  function wheel(node: HTMLElement) {
    node.addEventListener('wheel', onwheel, { passive: false });
    return { destroy: () => node.removeEventListener('wheel', onwheel) };
  }
</script>

<section use:wheel aria-label={words.headCount} class="select-none">
  <div class="flex items-end gap-3">
    <input
      class="numeral shrink-0 border-b border-transparent bg-transparent p-0 text-count leading-none hover:border-rule focus:border-ink"
      style:width="{Math.max(2, String(people).length) * 1.06}ch"
      inputmode="numeric"
      aria-label={words.peopleIn(colourway)}
      value={people}
      oninput={(e) => /^\d+$/.test(e.currentTarget.value) && turn(Number(e.currentTarget.value))}
      onblur={(e) => (e.currentTarget.value = String(people))}
      onkeydown={(e) => e.key !== 'ArrowLeft' && e.key !== 'ArrowRight' && onkeydown(e)}
    />
    <p class="pb-1 leading-snug text-quiet">
      {#if trying}{words.tryingIn(people, colourway)}<br />{words.enrolled(enrolled)}{:else}{words.enrolledIn(colourway)}<br
        />{kits}{/if}
    </p>
  </div>

  <div
    class="mt-2 max-w-80 cursor-ew-resize touch-none py-1"
    role="slider"
    tabindex="0"
    aria-label={words.turnTheHeadCountOf(colourway)}
    aria-valuemin={0}
    aria-valuemax={MOST}
    aria-valuenow={people}
    aria-valuetext={words.people(people, trying ? words.enrolled2(enrolled) : '')}
    {onkeydown}
    onpointerdown={(e) => {
      dragging = true;
      e.currentTarget.setPointerCapture(e.pointerId);
      drag(e);
    }}
    onpointermove={drag}
    onpointerup={() => (dragging = false)}
    onpointercancel={() => (dragging = false)}
  >
    <svg bind:this={scale} viewBox="0 0 260 40" class="block w-full overflow-visible" aria-hidden="true">
      <line x1="0" x2="260" y1="1" y2="1" stroke="currentColor" />
      {#each { length: Math.floor(reach / step) + 1 }, i (i)}
        {@const x = ((i * step) / reach) * 260}
        <line
          x1={x}
          x2={x}
          y1="1"
          y2={i % 10 === 0 ? 14 : i % 5 === 0 ? 10 : 6}
          stroke="currentColor"
          stroke-width={i % 10 === 0 ? 1.6 : 0.8}
        />
      {/each}
      <line
        x1={(enrolled / reach) * 260}
        x2={(enrolled / reach) * 260}
        y1="-4"
        y2="20"
        stroke="currentColor"
        stroke-width="3"
      />
      <path
        d="M{(people / reach) * 260 - 8} 34h16l-8 -13z"
        fill="var(--color-weld)"
        stroke="currentColor"
        stroke-width="1.2"
        stroke-linejoin="round"
      />
    </svg>
  </div>

  <div class="mt-1 flex min-h-10 flex-wrap items-center gap-2">
    <button class="btn" aria-label={words.oneFewer} onclick={() => turn(people - 1)}>−</button>
    <button class="btn" aria-label={words.oneMore} onclick={() => turn(people + 1)}>+</button>
    {#if trying}
      {#if !roster}<button class="btn btn-primary" onclick={onenrol}>{words.enrol(people)}</button>{/if}
      <button class="link text-note" onclick={() => turn(enrolled)}>{words.backTo(enrolled)}</button>
      {#if roster}<a class="link text-note" href={roster}>{words.changeItUnderParticipants}</a>{/if}
    {/if}
  </div>
</section>
