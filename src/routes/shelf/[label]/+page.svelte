<script lang="ts">
  import { FORM_WORDS, GRADE_WORDS } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const show = getShow();
  const { numberText, quantityText, rateText } = show;

  let { data }: PageProps = $props();
  const label = $derived(data.label);
  const use = $derived(label.use);
  const NOT_STATED = 'not stated';
  const facts = $derived<[string, string, string | undefined][]>([
    [
      'Rate',
      `${numberText(use.rate.min)} to ${rateText(use.rate.max, use.rate.unit, use.rate.per)}`,
      label.clauses.rate?.at,
    ],
    [
      'Finished mix',
      use.carrier
        ? rateText(use.carrier.amount.value, use.carrier.amount.unit, use.carrier.per)
        : 'put down as it is',
      label.clauses.rate?.at,
    ],
    [
      'No sooner than',
      use.noSoonerThanDays ? `${use.noSoonerThanDays} days` : NOT_STATED,
      label.clauses.interval?.at,
    ],
    ['Repeat about every', use.aboutEveryDays ? `${use.aboutEveryDays} days` : NOT_STATED, undefined],
    [
      'Most in 12 months',
      [
        use.maxPerYear ? `${use.maxPerYear} times` : '',
        use.cap ? rateText(use.cap.amount.value, use.cap.amount.unit, use.cap.per) : '',
      ]
        .filter(Boolean)
        .join(', ') || NOT_STATED,
      label.clauses.yearly?.at,
    ],
    [
      'Watering in',
      use.wateringIn
        ? `${show.rainText(use.wateringIn.mm)} within ${use.wateringIn.withinHours} h`
        : NOT_STATED,
      label.clauses.watering?.at,
    ],
    [
      'Wind',
      use.maxWindKmh ? `at most ${show.windText(use.maxWindKmh)}` : NOT_STATED,
      label.clauses.weather?.at,
    ],
    ['Rain-free after', use.rainFreeHours ? `${use.rainFreeHours} h` : NOT_STATED, label.clauses.weather?.at],
    [
      'Soil',
      use.soilC ? `${show.degreesText(use.soilC[0])} to ${show.degreesText(use.soilC[1])}` : NOT_STATED,
      label.clauses.soil?.at,
    ],
    [
      'From open water',
      use.waterBufferM ? show.lengthText(use.waterBufferM) : NOT_STATED,
      label.clauses.buffer?.at,
    ],
    ['Flowering turf', use.notOnBloom ? 'mow first' : NOT_STATED, label.clauses.bloom?.at],
    ['Wear', label.ppe.join(', ') || NOT_STATED, label.clauses.ppe?.at],
    ['First aid', label.firstAid ?? NOT_STATED, undefined],
    ['Container', quantityText(label.container.size), undefined],
  ]);
</script>

<svelte:head><title>{label.name} · Nimsy</title></svelte:head>
<div class="page">
  {#if label.demonstration}<p class="demo">Demonstration label: use the label on your own container.</p>{/if}
  <h1>{label.name}</h1>
  <p class="soft">
    {label.maker} · {FORM_WORDS[label.form]} · {label.actives
      .map(
        (a) =>
          `${a.name}${a.percent ? ` ${numberText(a.percent)} %` : ''}${a.group ? `, group ${a.group}` : ''}`,
      )
      .join('; ') || 'active ingredient not stated'} · registration {label.registration ??
      NOT_STATED}{label.signalWord ? ` · ${label.signalWord}` : ''} · version {label.version}
  </p>
  <h2 class="section-head">Against, on turf</h2>
  <table class="table">
    <thead><tr><th>Pest</th><th>Stages</th><th>Evidence</th></tr></thead>
    <tbody
      >{#each data.targets as t (t.name)}<tr
          ><td class="figure">{t.name}</td><td>{t.stages.join(', ')}</td><td
            >{GRADE_WORDS[t.grade]}: {t.reason.toLowerCase()}</td
          ></tr
        >{/each}</tbody
    >
  </table>
  <h2 class="section-head">Limits</h2>
  <table class="table facts">
    <tbody
      >{#each facts as [name, value, clause] (name)}<tr
          ><th scope="row">{name}</th><td class:soft={value === NOT_STATED}>{value}</td><td class="soft small"
            >{clause ? `clause ${clause}` : ''}</td
          ></tr
        >{/each}</tbody
    >
  </table>
  {#if Object.keys(label.clauses).length > 0}
    <h2 class="section-head">In the label’s own words</h2>
    <ul class="rule-list">
      {#each Object.values(label.clauses) as clause (clause.at)}<li>
          <b>{clause.at}</b>
          {clause.text}
        </li>{/each}
    </ul>
  {/if}
</div>

<style>
  .demo {
    border-left: 5px solid var(--saffron);
    background: var(--saffron-wash);
    padding: 0.5rem 0.8rem;
    margin: 0 0 1rem;
    font-weight: 650;
  }
  .facts th {
    width: 12rem;
    border-bottom: 1px solid var(--rule);
    color: var(--ink);
  }
</style>
