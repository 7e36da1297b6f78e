<!-- A chart with its numbers: drawn in the house's type and colours, and as a table for whoever cannot see it. -->
<script lang="ts">
  import { words } from './words';
  import { near } from './near';
  import {
    BarController,
    BarElement,
    CategoryScale,
    Chart,
    Legend,
    LineController,
    LineElement,
    LinearScale,
    PointElement,
    Tooltip,
    type ChartConfiguration,
  } from 'chart.js';
  import { onMount } from 'svelte';

  interface Props {
    title: string;
    /** What the axis counts: 'yd'. */
    unit: string;
    type: 'bar' | 'line';
    labels: string[];
    series: { name: string; colour: string; values: (number | undefined)[]; dashed?: boolean }[];
    stacked?: boolean;
    write?: (value: number) => string;
  }
  const [FAMILY, SIZE] = ['Hanken Grotesk Variable', 13];
  let { title, unit, type, labels, series, stacked = false, write = (n) => n.toFixed(1) }: Props = $props();
  let canvas: HTMLCanvasElement | undefined = $state.raw();
  let chart: Chart | undefined;
  let table = $state(false);

  Chart.register(
    BarController,
    BarElement,
    CategoryScale,
    Legend,
    LineController,
    LineElement,
    LinearScale,
    PointElement,
    Tooltip,
  );

  function config(): ChartConfiguration {
    const style = getComputedStyle(document.documentElement);
    const [ink, rule] = ['--color-base-content', '--color-base-300'].map((name) => style.getPropertyValue(name).trim());
    const font = { family: FAMILY, size: SIZE };
    const axis = { stacked, ticks: { color: ink, font }, grid: { color: rule } };
    const datasets = series.map((s) => ({
      label: s.name,
      data: s.values.map((v) => v ?? null),
      backgroundColor: s.colour,
      borderColor: type === 'line' ? s.colour : ink,
      borderWidth: type === 'line' ? 2.5 : 0.6,
      borderDash: s.dashed ? [6, 5] : [],
      pointRadius: 3,
      maxBarThickness: 44,
    }));
    return {
      type,
      data: { labels, datasets },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        interaction: { mode: 'index', intersect: false },
        plugins: {
          legend: {
            display: series.length > 1,
            labels: { color: ink, font, boxWidth: 14, boxHeight: 14, usePointStyle: type === 'line', pointStyle: 'line' },
          },
          tooltip: { callbacks: { label: (item) => `${item.dataset.label}: ${write(item.parsed.y ?? 0)} ${unit}` } },
        },
        scales: {
          x: { ...axis, grid: { display: false } },
          y: { ...axis, beginAtZero: true, title: { display: true, text: unit, color: ink, font } },
        },
      },
    };
  }

  /** What is drawn before its type is there is drawn in another one; and what nobody sees yet can wait until it is scrolled to, or printed. */
  let lettered = $state(false);
  let inSight = $state(false);

  function draw() {
    chart?.destroy();
    chart = canvas && lettered && inSight ? new Chart(canvas, config()) : undefined;
  }
  onMount(() => {
    const type = `${SIZE}px '${FAMILY}'`;
    lettered = document.fonts.check(type);
    if (!lettered) void document.fonts.load(type).then(() => (lettered = true));
    // Day and night have colours of their own.
    const night = new MutationObserver(draw);
    night.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => {
      night.disconnect();
      chart?.destroy();
    };
  });
  $effect(() => {
    void [labels, series, type, lettered, inSight];
    draw();
  });
</script>

<figure class="mt-6 break-inside-avoid" data-chart={title}>
  <figcaption class="flex items-baseline border-b border-ink pb-1">
    <h2 class="mr-auto text-head">{title}</h2>
    <button class="link no-print text-note" aria-pressed={table} onclick={() => (table = !table)}
      >{table ? words.hideTable : words.showTable}</button
    >
  </figcaption>
  <div class="relative mt-3 h-64">
    <canvas bind:this={canvas} {@attach near(() => (inSight = true))} aria-hidden="true"></canvas>
  </div>
  <div class={table ? 'mt-3 overflow-x-auto' : 'sr-only'}>
    <table class="w-full">
      <thead
        ><tr class="border-b border-ink text-note"
          ><th></th>{#each series as s (s.name)}<th class="pl-3 text-right">{s.name}, {unit}</th>{/each}</tr
        ></thead
      >
      <tbody>
        {#each labels as label, i (i)}
          <tr class="border-b border-rule"
            ><td class="py-1">{label}</td>{#each series as s (s.name)}<td class="py-1 pl-3 text-right"
                >{s.values[i] === undefined ? '' : write(s.values[i])}</td
              >{/each}</tr
          >
        {/each}
      </tbody>
    </table>
  </div>
</figure>

<style>
  /* A canvas keeps the size of the screen; on paper it is scaled to the page. */
  @media print {
    canvas {
      width: 100% !important;
      height: auto !important;
    }
  }
</style>
