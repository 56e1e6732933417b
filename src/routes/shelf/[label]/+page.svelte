<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Table from '$lib/ui/parts/Table.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { CLAUSE_KEYS, checkLabel, type Site } from '$lib/core/labels';
  import {
    CLAUSE_WORDS,
    capital,
    FAMILY_WORDS,
    FINDING_WORDS,
    FORM_WORDS,
    GRADE_WORDS,
    METHOD_WORDS,
    RULE_WORDS,
    SITE_WORDS,
    moreLimits,
    useLimits,
    useText,
    atPlace,
  } from '$lib/words';
  import { getMayChange } from '$lib/ui/parts/may';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import Amount from '$lib/ui/parts/Amount.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import DateField from '$lib/ui/parts/DateField.svelte';
  import NumberField from '$lib/ui/parts/NumberField.svelte';
  import { enhance } from '$app/forms';
  import { STOCK_REASON_WORDS, unitText } from '$lib/words';
  import Containers from '$lib/ui/shelf/Containers.svelte';
  import LabelFiles from '$lib/ui/shelf/LabelFiles.svelte';
  import type { PageProps } from './$types';
  const show = getShow();
  const zone = getZone();
  const { numberText, quantityText } = show;

  let { data, form }: PageProps = $props();
  const fields = $derived((form?.fields ?? {}) as Record<string, string>);
  const errors = $derived(form?.errors ?? []);
  const may = getMayChange();
  const card = $derived(data.card);
  const found = $derived(checkLabel(card));
  /** A pest or one of its stages, as a step of a rate names it. */
  const nameOf = (id: string): string =>
    (
      data.pests[id]?.name ??
      Object.values(data.pests).find((pest) => pest.stages[id])?.stages[id] ??
      id
    ).toLowerCase();
  const NOT_STATED = 'not stated';
  const general = $derived<[string, string | null][]>([
    ['Wear', card.ppe.join(', ') || null],
    ['Wear besides, own rule', card.ownPpe.join(', ') || null],
    ['Filters', card.filterOut ? 'out' : null],
    ['Repellent to insects', card.repellent ? 'yes: no baits near it' : null],
    ['Mixing with others', card.mixWithOthers === 'yes' ? 'allowed' : card.mixWithOthers],
    ['First aid', card.firstAid],
    [
      'Keep at',
      card.storeC ? `${show.degreesText(card.storeC[0])} to ${show.degreesText(card.storeC[1])}` : null,
    ],
    ['Flammable', card.flammable ? 'yes' : null],
    [
      'Keeps',
      [
        card.shelfLifeMonths ? `${card.shelfLifeMonths} months closed` : '',
        card.openedDays ? `${card.openedDays} days opened` : '',
      ]
        .filter(Boolean)
        .join(', ') || null,
    ],
    ['Disposal', card.disposal],
    ['Licence', card.licenceNeeded === null ? null : card.licenceNeeded ? 'needed' : 'not needed'],
    ['Allowed in', card.allowedIn.join(', ') || null],
    ['Container', [card.container.size, ...card.otherSizes].map(quantityText).join(', ')],
  ]);
  function placesOf(sites: readonly Site[], i: number): string {
    const places = sites.map((site) => SITE_WORDS[site]).join('; ');
    return card.uses.length > 1 ? `Use ${i + 1}: ${places}` : capital(places);
  }
  const actives = $derived(
    card.actives
      .map((a) =>
        [
          a.name,
          a.percent === null ? '' : ` ${numberText(a.percent)} %`,
          a.gramsPerLitre === null ? '' : `, ${numberText(a.gramsPerLitre)} g in 1 l`,
          a.group === null ? '' : `, group ${a.group}`,
        ].join(''),
      )
      .join('; '),
  );
</script>

<svelte:head><title>{card.name} · Nimsy</title></svelte:head>
<div class="page">
  {#if card.demonstration}<p
      class="border-l-5 border-l-saffron bg-saffron-wash py-2 px-3 mt-0 mb-4 mx-0 font-[650]"
    >
      Demonstration label: use the label on your own container.
    </p>{/if}
  {#if card.version !== data.newest}
    <p class="border-l-5 border-l-saffron bg-saffron-wash py-2 px-3 mt-0 mb-4 mx-0 font-[650]">
      An older version, kept for the records that were made under it. <a
        href={resolve('/shelf/[label]', { label: card.id })}>Version {data.newest} is the newest</a
      >.
    </p>
  {/if}
  <div class="top flex-wrap items-center">
    <h1>{card.name}</h1>
    <div class="doing flex-wrap items-center">
      {#if may()}
        <Button kind="main" href={resolve('/shelf/[label]/edit', { label: card.id })}>Change</Button>
        <Button href="{resolve('/shelf/new')}?from={card.id}">Duplicate</Button>
      {/if}
      <a class="button" href={resolve('/shelf/[label]/export', { label: card.id })} download>As JSON</a>
    </div>
  </div>
  <p class="soft">
    {card.maker} · {FORM_WORDS[card.form]} · {FAMILY_WORDS[card.family]} · {actives ||
      'active ingredient not stated'} · registration {card.registration ?? NOT_STATED}{card.signalWord
      ? ` · ${card.signalWord}`
      : ''}
  </p>
  {#if data.versions.length > 1}
    <p class="small">
      Versions: {#each data.versions as version, i (version)}{i > 0
          ? ', '
          : ''}{#if version === card.version}<b>{version}</b>{:else}<a
            href="{resolve('/shelf/[label]', { label: card.id })}?version={version}">{version}</a
          >{/if}{/each}
    </p>
  {/if}

  {#if found.length > 0}
    <Fold
      class="check"
      open={found[0]?.rank === 'contradiction'}
      says="Label check: {found.length} to look at"
    >
      <ul>
        {#each found as f (`${f.rule}${f.use}`)}<li>
            <b>{FINDING_WORDS[f.rank]}{f.use !== null && card.uses.length > 1 ? `, use ${f.use + 1}` : ''}:</b
            >
            {RULE_WORDS[f.rule]}
          </li>{/each}
      </ul>
    </Fold>
  {/if}

  {#each card.uses as use, i (i)}
    {@const limits = useLimits(use, show)}
    <h2 class="section-head">{placesOf(use.sites, i)}</h2>
    <p class="text-[1.1rem]">{METHOD_WORDS[use.method]}: {useText(use, show, nameOf)}.</p>
    <Table>
      <thead><tr><th>Against</th><th>Stages</th><th>Evidence</th></tr></thead>
      <tbody
        >{#each use.targets as t (t.pest)}<tr
            ><td class="figure">{data.pests[t.pest]?.name ?? t.pest}</td><td
              >{t.stages.map((s) => data.pests[t.pest]?.stages[s] ?? s).join(', ')}</td
            ><td
              >{t.grade === null ? 'not said: by the guide' : GRADE_WORDS[t.grade]}{t.reason === ''
                ? ''
                : `: ${t.reason.toLowerCase()}`}</td
            ></tr
          >{/each}</tbody
      >
    </Table>
    <dl class="limits grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-y-0 gap-x-8">
      {#each limits.filter((l) => l.text !== null) as limit (limit.name)}
        <div>
          <dt>{limit.name}</dt>
          <dd>
            <span>{limit.text}</span>
            {#if limit.clause && card.clauses[limit.clause]}<span class="soft small">
                · {card.clauses[limit.clause]?.at}</span
              >{/if}
          </dd>
        </div>
      {/each}
    </dl>
    <p class="soft small">
      Not stated: {limits
        .filter((l) => l.text === null)
        .map((l) => l.name.toLowerCase())
        .join(', ')}.
    </p>
  {/each}

  <h2 class="section-head">Handling, storage</h2>
  <Table class="table-facts">
    <tbody
      >{#each general as [name, value] (name)}<tr
          ><th scope="row">{name}</th><td class:soft={value === null}>{value ?? NOT_STATED}</td></tr
        >{/each}{#each moreLimits(card.more, 'card', show) as { name, text } (name)}<tr
          ><th scope="row">{name}</th><td>{text}</td></tr
        >{/each}</tbody
    >
  </Table>

  <h2 class="section-head">Containers</h2>
  <Containers
    containers={data.containers}
    today={data.today}
    living={card.family === 'living'}
    change={may()}
    wrong={'reason' in fields ? (fields.lot ?? '') : null}
  />
  {#if data.nextContainers !== null}
    <p>
      <a href="{resolve('/shelf/[label]', { label: card.id })}?from={data.nextContainers}">More containers</a>
    </p>
  {/if}
  {#if data.changes.length > 0}
    <Fold says="What was changed besides the records: {data.changes.length}">
      <ul class="rule-list small">
        {#each data.changes as change (change.id)}<li>
            {show.dayText(atPlace(change.at, zone()).day, data.today)} · lot {change.lot} · {change.amount > 0
              ? '+'
              : '−'}{numberText(Math.abs(change.amount))}
            {unitText(card.container.size.unit)} · {STOCK_REASON_WORDS[change.reason]}{change.note
              ? `: ${change.note}`
              : ''} · {change.by}
          </li>{/each}
      </ul>
    </Fold>
  {/if}
  {#if may()}
    <Fold open={'size.value' in fields} says="Put a container on the shelf">
      <KeptForm action="?/container" reset label="A container">
        {#snippet children(sending)}
          <div class="fields">
            <Field label="Lot" name="lot" width="8rem" required />
            <Amount
              label="Size"
              name="size"
              value={card.container.size.value}
              unit={card.container.size.unit}
              units={[card.container.size.unit]}
            />
            <NumberField label="Price" name="price" value="" width="7rem" />
            <Choice
              label="Kept in"
              name="keptIn"
              value="shed"
              items={['shed', 'van', 'cool', 'house'].map((value) => ({ value, name: value }))}
              width="8rem"
            />
            <DateField label="Use before" name="expiresOn" />
            <DateField label="Bought" name="boughtOn" value={data.today} />
          </div>
          <div class="actions"><Button disabled={sending}>Put it on the shelf</Button></div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}

  {#if may() || data.files.length > 0}
    <LabelFiles label={card.id} files={data.files} />
    {#each may() ? data.files : [] as file (file.id)}
      <form method="POST" action="?/remove" use:enhance>
        <input type="hidden" name="id" value={file.id} />
        <Button kind="plain">Remove {file.name}</Button>
      </form>
    {/each}
  {/if}
  {#if may()}
    <Fold
      open={errors.some((e) => e.path === 'file')}
      says="Keep a photo or PDF of the real label or safety sheet"
    >
      <KeptForm action="?/file" files reset label="A file of the label">
        {#snippet children(sending)}
          <div class="fields">
            <Choice
              label="It is"
              name="kind"
              value="label"
              items={[
                { value: 'label', name: 'the label' },
                { value: 'safety-sheet', name: 'the safety sheet' },
              ]}
              width="11rem"
            />
            <div>
              <label class="field-label" for="file">PDF or photograph</label>
              <input id="file" name="file" type="file" accept="image/*,application/pdf" class="field-input" />
              {#if errors.find((e) => e.path === 'file')}<p class="field-error" role="alert">
                  {errors.find((e) => e.path === 'file')?.message}
                </p>{/if}
            </div>
          </div>
          <div class="actions">
            <Button disabled={sending}>{sending ? 'Keeping …' : 'Keep it with the card'}</Button>
          </div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}

  {#if Object.keys(card.clauses).length > 0}
    <h2 class="section-head">In the label’s own words</h2>
    <ul class="rule-list">
      {#each CLAUSE_KEYS.filter((key) => card.clauses[key]) as key (key)}<li>
          <b>{card.clauses[key]?.at}</b> <span class="soft small">{CLAUSE_WORDS[key].toLowerCase()}</span>
          {card.clauses[key]?.text}
        </li>{/each}
    </ul>
  {/if}
</div>

<style>
  .top,
  .doing {
    display: flex;
    gap: 0.5rem 1rem;
    justify-content: space-between;
  }
  .limits div {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    border-bottom: 1px solid var(--rule);
    padding: 0.25rem 0;
  }
  .limits dd {
    margin: 0;
    text-align: right;
  }
</style>
