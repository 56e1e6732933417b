<script lang="ts">
  import type { Hemisphere, LifeStage } from '../../core/identify';

  /** The year of a candidate: which stage is found in which month, and how often it is the cause then. A drawing in cells. */
  interface Props {
    stages: readonly LifeStage[];
    season: readonly number[];
    hemisphere: Hemisphere;
    month: number;
  }
  let { stages, season, hemisphere, month }: Props = $props();
  const MONTHS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
  const northern = (i: number): number => (hemisphere === 'north' ? i + 1 : ((i + 6) % 12) + 1);
  const most = $derived(Math.max(...season, 0.01));
</script>

<table class="strip w-full max-w-[44rem] small">
  <thead>
    <tr
      ><th scope="col"><span class="sr-only">Stage</span></th>{#each MONTHS as letter, i (i)}<th
          scope="col"
          class:now={i + 1 === month}>{letter}</th
        >{/each}</tr
    >
  </thead>
  <tbody>
    {#each stages as stage (stage.id)}
      <tr>
        <th scope="row">{stage.name}</th>
        {#each MONTHS as _, i (i)}
          {@const there = stage.months.includes(northern(i))}
          <td class:now={i + 1 === month} class:on={there}
            >{#if there}<span
                class="part block"
                style:height="{Math.round(20 * (stage.shares?.[northern(i) - 1] ?? 1))}px"
              ></span><span class="sr-only">yes</span>{/if}</td
          >
        {/each}
      </tr>
    {/each}
    <tr>
      <th scope="row">trouble</th>
      {#each MONTHS as _, i (i)}
        {@const share = (season[northern(i) - 1] ?? 0) / most}
        <td class:now={i + 1 === month}
          ><span class="trouble block w-full" style:height="{Math.round(share * 20)}px"></span></td
        >
      {/each}
    </tr>
  </tbody>
</table>

<style>
  .strip {
    border-collapse: collapse;
    table-layout: fixed;
  }
  th[scope='row'] {
    text-align: left;
    font-weight: 400;
    padding: 0.2rem 0.6rem 0.2rem 0;
    width: 10.5rem;
  }
  td,
  th[scope='col'] {
    border: 1px solid var(--rule);
    text-align: center;
    height: 24px;
    padding: 0;
    vertical-align: bottom;
  }
  thead th:first-child {
    width: 10.5rem;
    border: 0;
  }
  .on {
    background: var(--petrol-wash);
  }
  .part {
    background: var(--water-deep);
  }
  .now {
    border-left: 2px solid var(--saffron);
    border-right: 2px solid var(--saffron);
  }
  .trouble {
    background: var(--brick);
  }
</style>
