<script lang="ts">
  import Table from '../parts/Table.svelte';
  import { untrack } from 'svelte';
  import { stageInMonth, type Candidate, type Sign } from '../../core/identify';
  import { monthOf } from '../../core/units';
  import { inSentence, percentText } from '../../words';
  import Drawing from '../guide/Drawing.svelte';
  import Choice from '../parts/Choice.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** Two candidates side by side: what tells them apart, and the signs on which they differ most. */
  let { first, second }: { first: string; second: string } = $props();
  const show = getShow();
  const MOST_SIGNS = 5;
  const sheet = getSheet();
  let other = $state(untrack(() => second));
  const one = $derived(sheet.facts.candidates.find((c) => c.id === first));
  const two = $derived(
    sheet.facts.candidates.find((c) => c.id === (other === first ? second : other)) ?? undefined,
  );
  const items = $derived(
    sheet.view.ranking.ranked.slice(0, 12).flatMap((r) => {
      const candidate = sheet.facts.candidates.find((c) => c.id === r.id && c.id !== first);
      return candidate ? [{ value: candidate.id, name: candidate.name }] : [];
    }),
  );
  /** Chance of a sign, or of the likeliest value of a sign that has several. */
  function expects(candidate: Candidate, sign: Sign): { p: number; text: string } {
    const given = candidate.signs[sign.id];
    if (typeof given !== 'object') {
      const p = given ?? sign.usual;
      return { p, text: percentText(p) };
    }
    const [value, p] = Object.entries(given).sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
    return { p, text: `${sign.values?.find((v) => v.id === value)?.name ?? value}, ${percentText(p)}` };
  }
  const apart = $derived.by(() => {
    if (!one || !two) return [];
    const [a, b] = [one, two];
    return sheet.facts.signs
      .filter((s) => a.signs[s.id] !== undefined || b.signs[s.id] !== undefined)
      .map((sign) => {
        const [here, there] = [expects(a, sign), expects(b, sign)];
        const differs = here.text.split(',')[0] !== there.text.split(',')[0] && sign.values !== null;
        return { sign, here, there, gap: differs ? Math.max(here.p, there.p) : Math.abs(here.p - there.p) };
      })
      .sort((x, y) => y.gap - x.gap)
      .slice(0, MOST_SIGNS);
  });
  const sizeNow = (c: Candidate): string => {
    const stage = stageInMonth(c, monthOf(sheet.facts.today), sheet.facts.property.hemisphere);
    return stage ? `${stage.name}, ${show.bodyText(stage.lengthMm)}` : 'none';
  };
</script>

{#if one && two}
  <div class="section-head"><h2>Side by side</h2></div>
  <div class="fields">
    <Choice
      label="Beside {inSentence(one.name)}"
      name="beside"
      value={two.id}
      {items}
      width="18rem"
      onchange={(id) => (other = id)}
    />
  </div>
  <Table class="mt-3 table-fixed">
    <thead>
      <tr
        ><th scope="col"><span class="sr-only">What</span></th><th scope="col">{one.name}</th><th scope="col"
          >{two.name}</th
        ></tr
      >
    </thead>
    <tbody>
      {#if one.drawn && two.drawn}
        <tr>
          <th scope="row">Drawing</th>
          <td><Drawing id={one.id} name={one.name} width={200} /></td>
          <td><Drawing id={two.id} name={two.name} width={200} /></td>
        </tr>
      {/if}
      <tr
        ><th scope="row">Telling mark</th><td>{show.prose(one.telling)}</td><td>{show.prose(two.telling)}</td
        ></tr
      >
      <tr><th scope="row">Now</th><td>{sizeNow(one)}</td><td>{sizeNow(two)}</td></tr>
      {#each apart as { sign, here, there } (sign.id)}
        <tr><th scope="row">{show.prose(sign.name)}</th><td>{here.text}</td><td>{there.text}</td></tr>
      {/each}
    </tbody>
  </Table>
{/if}

<style>
  th,
  td {
    vertical-align: top;
    overflow-wrap: anywhere;
  }
</style>
