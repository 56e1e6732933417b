<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { enhance } from '$app/forms';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import { FIRST_SEEN, SURROUNDINGS, type FirstSeen } from '$lib/core/identify';
  import { FIRST_SEEN_ART } from '$lib/ui/drawings/first-seen';
  import HouseSection from '$lib/ui/drawings/HouseSection.svelte';
  import Taps from '$lib/ui/parts/Taps.svelte';
  import { untrack } from 'svelte';
  import { PURPOSES, type Purpose } from '$lib/core/case';
  import {
    inSentence,
    MANY_WORDS,
    PURPOSE_HINTS,
    PURPOSE_WORDS,
    SEEN_WORDS,
    SURROUNDING_WORDS,
  } from '$lib/words';
  import Field from '$lib/ui/parts/Field.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const was = (name: string): string => (form?.fields as Record<string, string> | undefined)?.[name] ?? '';
  const items = (words: Readonly<Record<string, string>>) =>
    Object.entries(words).map(([value, name]) => ({ value, name }));
  const drawingOf = (kind: FirstSeen): string =>
    `${resolve('/drawings/[name]', { name: `${FIRST_SEEN_ART[kind]}.svg` })}?close=yes`;
  let listed = $state(false);
  let purpose = $state<string>(untrack(() => was('purpose') || 'control'));
  const HEADS: Record<Purpose, string> = {
    control: 'What did you see?',
    prevent: 'What is to be prevented?',
    routine: 'What is gone round?',
  };
  const TITLES: Record<Purpose, string> = {
    control: 'What is wrong',
    prevent: 'What is to be prevented',
    routine: 'What is done',
  };
  const TITLE_HINTS: Record<Purpose, string> = {
    control: 'such as: brown patches along the path; blank takes what was tapped',
    prevent: 'such as: grubs in the front lawn',
    routine: 'such as: round the house, spring; blank: routine visit',
  };
  setErrors((path) => form?.errors?.find((e) => e.path === path)?.message);
</script>

<svelte:head><title>A new case · Nimsy</title></svelte:head>
<div class="page">
  <h1>{HEADS[purpose as Purpose]}</h1>
  {#if data.properties.length === 0}
    <p>A case belongs to a place. <a href={resolve('/properties/new')}>Add the property first.</a></p>
  {:else}
    <form
      method="POST"
      novalidate
      use:enhance={() =>
        ({ update }) =>
          update({ reset: false })}
    >
      <input type="hidden" name="sendKey" value={data.sendKey} />
      <p class="soft">A few taps will do; the signs and counts come next.</p>
      <div class="why">
        <Taps
          label="Why"
          name="purpose"
          value={purpose}
          items={PURPOSES.map((value) => ({ value, name: PURPOSE_WORDS[value] }))}
          onpick={(value) => (purpose = value)}
        />
        <p class="soft small">{PURPOSE_HINTS[purpose as Purpose]}</p>
      </div>
      {#if listed}
        <Taps
          label="Where"
          name="surrounding"
          value={was('surrounding') || (data.seen?.surrounding ?? '')}
          items={SURROUNDINGS.map((value) => ({ value, name: SURROUNDING_WORDS[value] }))}
        />
      {:else}
        <HouseSection name="surrounding" value={was('surrounding') || (data.seen?.surrounding ?? '')} />
      {/if}
      <p class="small">
        <Button type="button" kind="text" onclick={() => (listed = !listed)}
          >{listed ? 'Tap it on the picture instead' : 'Choose from a list instead'}</Button
        >
      </p>
      {#if purpose === 'control'}
        <Taps
          label="When"
          name="light"
          value={was('light')}
          items={[
            { value: 'day', name: 'by day' },
            { value: 'night', name: 'at night' },
          ]}
        />
        <Taps
          label="What"
          name="kind"
          value={was('kind')}
          items={FIRST_SEEN.map((value) => ({
            ...{ value, name: SEEN_WORDS[value], drawing: drawingOf(value) },
          }))}
        />
        <Taps label="How many" name="many" value={was('many')} items={items(MANY_WORDS)} />
      {/if}
      <div class="fields">
        <Field
          label={TITLES[purpose as Purpose]}
          name="title"
          value={was('title') || (data.seen ? `Perhaps: ${inSentence(data.seen.name)}` : '')}
          width="26rem"
          hint={TITLE_HINTS[purpose as Purpose]}
        />
        <Choice
          label="Property"
          name="propertyId"
          value={was('propertyId') || data.property || data.properties[0]?.id || ''}
          items={data.properties.map((p) => ({ value: p.id, name: p.name }))}
          width="18rem"
        />
      </div>
      <p class="small"><a href={resolve('/properties/new')}>Another property</a></p>
      <div class="actions"><Button kind="main">Open the case</Button></div>
    </form>
  {/if}
</div>
