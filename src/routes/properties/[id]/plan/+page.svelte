<script lang="ts">
  import Pick from '$lib/ui/parts/Pick.svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import type { Plan } from '$lib/core/plan';
  import { parsePlan } from '$lib/forms/plan';
  import { getMayChange } from '$lib/ui/parts/may';
  import { getShow } from '$lib/ui/parts/show';
  import PlanPage from '$lib/ui/plan/PlanPage.svelte';
  import type { PageProps } from './$types';
  const { dayText } = getShow();

  let { data }: PageProps = $props();
  const may = getMayChange();
  const read = (sent: unknown): Plan | null => {
    const parsed = parsePlan(sent);
    return 'ok' in parsed ? parsed.ok : null;
  };
  const here = $derived(resolve('/properties/[id]/plan', { id: data.property.id }));
</script>

<svelte:head><title>Plan of {data.property.name} · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex flex-wrap gap-y-2 gap-x-4 justify-between items-center mb-2.5">
    <h1>
      Plan of <a class="plain-link" href={resolve('/properties/[id]', { id: data.property.id })}
        >{data.property.name}</a
      >
    </h1>
    {#if data.days.length > 1 || data.on}
      <Pick
        label="As it stood"
        value={data.on ?? ''}
        items={[
          { value: '', name: 'now' },
          ...data.days.map((day) => ({ value: day, name: dayText(day, data.today) })),
        ]}
        onpick={(day) => void goto(day === '' ? here : `${here}?on=${day}`)}
      />
    {/if}
  </div>
  {#if data.on}<p class="border-l-4 border-l-saffron pl-2.5">
      The plan as it stood at the end of {dayText(data.on, data.today)}. To change it, go back to now.
    </p>{/if}
  {#key data.property.id + (data.on ?? '')}
    <PlanPage
      propertyId={data.property.id}
      plan={data.plan}
      revision={data.revision}
      may={may() && data.on === null}
      today={data.today}
      jobs={data.jobs}
      putDown={data.putDown}
      {read}
    />
  {/key}
</div>
