<!-- The whole quilt at scale. A place can be taken in hand, by pointer or keys, and dragged onto another. -->
<script lang="ts">
  import { words } from './words';
  import ClothDefs from './ClothDefs.svelte';
  import { castAt, fillOf, paintsOf, type Cast } from './cast';
  import type { View } from '@aggrega/core/fabric';
  import { neighbour } from './neighbour';
  import { laidOnQuilt, type PicturePlace, type QuiltPicture } from '@aggrega/core/programme';

  interface Props {
    picture: QuiltPicture;
    /** Fabrics by letter, and how they are looked at. */
    cast: Cast;
    view?: View;
    label: string;
    /** The place in hand; left out, the quilt is only looked at. */
    held?: string;
    onhold?: (at: string | undefined) => void;
    onswap?: (a: PicturePlace, b: PicturePlace) => void;
    onkey?: (key: string, place: PicturePlace) => boolean;
    /** A patch of the place in hand was pressed. */
    onpatch?: (place: PicturePlace, patch: number) => void;
    /** Patches with a pin in them, as '1,1 5'. */
    pinned?: ReadonlySet<string>;
    class?: string;
  }
  let {
    picture,
    cast: given,
    view = 'colour',
    label,
    held,
    onhold,
    onswap,
    onkey,
    onpatch,
    pinned,
    class: className = '',
  }: Props = $props();

  const uid = $props.id();
  /** How wide it is shown, in points; before that is known prints are drawn as they are. */
  let shown = $state(0);
  const cast = $derived(shown > 0 ? castAt(given, shown / picture.width) : given);
  const line = $derived(Math.max(picture.width, picture.height) / 700);
  const points = (all: readonly (readonly [number, number])[]) => all.map((p) => p.join(',')).join(' ');
  /** How a block lies, in degrees: its prints turn with it. */
  const angleOf = ({ matrix: [a, b] }: PicturePlace) => Math.round((Math.atan2(b, a) * 180) / Math.PI);
  /**
   * A quilt that is only looked at is as few shapes as it has fabrics, each at every angle: thousands of patches are painted anew at once. One that can
   * be taken in hand has its patches one by one.
   */
  const whole = $derived.by(() => {
    const paths = new Map<string, string>();
    for (const place of onhold ? [] : picture.places) {
      if (!place.block || place.covered) continue;
      for (const { role, points: corners } of place.block.patches) {
        const fill = fillOf(role, angleOf(place));
        const outline = `M${corners.map((p) => laidOnQuilt(place, p).join(' ')).join('L')}Z`;
        paths.set(fill, (paths.get(fill) ?? '') + outline);
      }
    }
    return [...paths];
  });
  const angles = $derived([...new Set([0, ...picture.places.map(angleOf)])]);
  const inHand = $derived(picture.places.find((p) => p.at === held));
  const middleOf = (all: readonly (readonly [number, number])[]) =>
    [0, 1].map((i) => all.reduce((sum, q) => sum + q[i]!, 0) / all.length) as [number, number];
  const middle = (p: PicturePlace) => {
    const [x, y] = middleOf(p.outline);
    return { x, y };
  };
  const nameOf = (p: PicturePlace) => `${p.month.name}${p.block ? `, ${p.block.name}` : words.notDrawnYet}`;
  const WAYS: Record<string, readonly [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  };

  let svg: SVGSVGElement;
  let dragged: string | undefined = $state();
  let over: string | undefined = $state();
  const under = (e: PointerEvent) =>
    document.elementFromPoint(e.clientX, e.clientY)?.closest('[data-place]')?.getAttribute('data-place') ?? undefined;

  function take(e: PointerEvent, at: string) {
    if (!onhold) return;
    onhold(at);
    const patch = (e.target as Element).getAttribute('data-patch');
    if (patch !== null)
      onpatch?.(
        picture.places.find((p) => p.at === at)!,
        Number(patch),
      );
    dragged = at;
    svg.setPointerCapture(e.pointerId);
  }
  function drop(e: PointerEvent) {
    const [a, b] = [dragged, under(e)].map((at) => picture.places.find((p) => p.at === at));
    dragged = over = undefined;
    if (a && b && a !== b) {
      onswap?.(a, b);
      onhold?.(b.at);
    }
  }
  function onkeydown(e: KeyboardEvent) {
    if (!onhold || e.ctrlKey || e.metaKey || e.altKey) return;
    const way = WAYS[e.key];
    if (way) {
      const next = inHand ? neighbour(picture, inHand, way) : picture.places[0];
      if (next && inHand && e.shiftKey) onswap?.(inHand, next);
      if (next) onhold(next.at);
    } else if (e.key === 'Escape') onhold(undefined);
    else if (!inHand || !onkey?.(e.key, inHand)) return;
    e.preventDefault();
    e.stopPropagation();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<svg
  bind:this={svg}
  bind:clientWidth={shown}
  class="{className} {onhold ? 'touch-manipulation' : ''} {inHand ? 'outline-none! shadow-none!' : ''}"
  viewBox="{-line} {-line} {picture.width + 2 * line} {picture.height + 2 * line}"
  role={onhold ? 'application' : 'img'}
  aria-label={inHand && onhold ? words.selected(label, nameOf(inHand)) : label}
  tabindex={onhold ? 0 : undefined}
  style={paintsOf(cast, uid, { view, angles })}
  {onkeydown}
  onpointermove={(e) => dragged !== undefined && (over = under(e))}
  onpointerup={drop}
  onpointercancel={() => (dragged = over = undefined)}
>
  <defs>
    <ClothDefs {uid} {cast} {view} {angles} />
    <pattern id="covered-{uid}" width={line * 9} height={line * 9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width={line * 9} height={line * 9} fill="var(--color-edge)" />
      <path d="M0 0V{line * 9}" stroke="var(--color-rule)" stroke-width={line * 2.5} />
    </pattern>
  </defs>
  <g stroke="color-mix(in srgb, var(--color-ink) 30%, transparent)" stroke-width={line} stroke-linejoin="round">
    {#each picture.parts as part, i (i)}
      <polygon
        points={points(part.points)}
        fill={part.covered ? `url(#covered-${uid})` : fillOf(part.role)}
        data-part={part.name}
      />
    {/each}
  </g>
  {#each whole as [fill, d] (fill)}<path class="seamlines" {d} {fill} stroke-width={line} />{/each}
  {#each onhold ? picture.places : picture.places.filter((p) => !p.block || p.covered) as place (place.at)}
    <g
      data-place={place.at}
      data-key={place.key}
      role="presentation"
      class={onhold ? 'cursor-pointer' : ''}
      onpointerdown={(e) => take(e, place.at)}
    >
      {#if place.block && !place.covered}
        <g class="seamlines">
          {#each place.block.patches as patch, i (i)}
            <polygon
              points={points(patch.points.map((p) => laidOnQuilt(place, p)))}
              data-patch={onpatch && i}
              fill={fillOf(patch.role, angleOf(place))}
              stroke-width={line}
            />
          {/each}
          {#each pinned ? place.block.patches : [] as patch, i (i)}
            {#if pinned?.has(`${place.at} ${i}`)}
              {@const [x, y] = laidOnQuilt(place, middleOf(patch.points))}
              <circle
                cx={x}
                cy={y}
                r={line * 5}
                fill="var(--color-weld)"
                stroke="#1c2a4a"
                stroke-width={line * 1.5}
                class="no-print"
              />
            {/if}
          {/each}
        </g>
      {:else}
        <polygon points={points(place.outline)} fill="url(#covered-{uid})" stroke="var(--color-rule)" stroke-width={line} />
        <text
          {...middle(place)}
          class="numeral"
          text-anchor="middle"
          dominant-baseline="central"
          fill="var(--color-quiet)"
          font-size={line * 22}>{place.month.name}</text
        >
      {/if}
    </g>
  {/each}
  {#each [[over, 'var(--color-ink)'], [held, 'var(--color-weld)']] as [at, colour] (colour)}
    {@const place = picture.places.find((p) => p.at === at)}
    {#if place && onhold}
      <polygon
        points={points(place.outline)}
        fill="none"
        stroke={colour}
        stroke-width={line * 6}
        stroke-linejoin="round"
        pointer-events="none"
        class="no-print"
      />
    {/if}
  {/each}
</svg>

<style>
  .seamlines {
    stroke: color-mix(in srgb, var(--color-ink) 30%, transparent);
    stroke-linejoin: round;
  }
</style>
