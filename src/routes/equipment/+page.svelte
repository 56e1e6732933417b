<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { CALIBRATIONS_OF } from '$lib/core/equipment';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import EquipmentFields from '$lib/ui/office/EquipmentFields.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import { getShow } from '$lib/ui/parts/show';
  import { EQUIPMENT_WORDS, unitText } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const may = getMayChange();
  const { dayText, numberText } = getShow();
  type Row = (typeof data.equipment)[number];
  const size = ({ kind, size: n, unit, holds }: Row): string =>
    kind === 'person' || kind === 'sprinkler'
      ? ''
      : kind === 'measure'
        ? `marks of ${numberText(n)} ${unitText(unit as 'ml')}${holds === null ? '' : `, holds ${numberText(holds)}`}`
        : `${numberText(n)} ${unitText(unit as 'ml')}`;
  function state({ kind, calibratedOn, due }: Row): { mark: string; text: string; late: boolean } {
    if (CALIBRATIONS_OF[kind].length === 0) return { mark: '', text: '', late: false };
    if (calibratedOn === null) return { mark: '!', text: 'never calibrated', late: true };
    const last = `calibrated ${dayText(calibratedOn, data.today)}`;
    return due !== null && due < data.today
      ? { mark: '!', text: `${last}; was due ${dayText(due, data.today)}`, late: true }
      : { mark: '✓', text: due === null ? last : `${last}; due ${dayText(due, data.today)}`, late: false };
  }
</script>

<svelte:head><title>Equipment · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Equipment and calibrations</h1>
  <p class="soft">
    Every amount on the ground is a flow, a width and a walk. What is measured here is used in the cases; what
    never was is marked there.
  </p>
  <ul class="rule-list">
    {#each data.equipment as tool (tool.id)}
      {@const now = state(tool)}
      <li
        class="grid grid-cols-[minmax(12rem,1.2fr)_1fr_1.6fr] gap-y-1 gap-x-6 items-center max-[700px]:grid-cols-1"
      >
        <span
          ><a class="figure" href={resolve('/equipment/[id]', { id: tool.id })}>{tool.name}</a><br /><span
            class="soft small">{EQUIPMENT_WORDS[tool.kind]}</span
          ></span
        >
        <span>{size(tool)}</span>
        <span class:late={now.late}><span aria-hidden="true">{now.mark}</span> {now.text}</span>
      </li>
    {:else}<li class="soft">Nothing yet. Begin with what you spray or spread with, and with your measure.</li>
    {/each}
  </ul>
  {#if may()}
    <Fold
      class="mt-4"
      open={data.equipment.length === 0 || (form?.errors.length ?? 0) > 0}
      says="Add equipment, or a person who walks with it"
    >
      <KeptForm>
        {#snippet children(sending)}
          <EquipmentFields tool={null} />
          <div class="actions"><Button kind="main" disabled={sending}>Add</Button></div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}
</div>

<style>
  .late {
    font-weight: 650;
  }
</style>
