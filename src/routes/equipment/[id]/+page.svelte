<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { calibrated, CALIBRATIONS_OF, type GatePoint } from '$lib/core/equipment';
  import Book from '$lib/ui/equipment/Book.svelte';
  import Drops from '$lib/ui/equipment/Drops.svelte';
  import CalibrationForm from '$lib/ui/equipment/CalibrationForm.svelte';
  import Gate from '$lib/ui/equipment/Gate.svelte';
  import Pattern from '$lib/ui/equipment/Pattern.svelte';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import EquipmentFields from '$lib/ui/office/EquipmentFields.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import { getShow } from '$lib/ui/parts/show';
  import { EQUIPMENT_WORDS } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const may = getMayChange();
  const { dayText } = getShow();
  const tool = $derived(data.tool);
  const kinds = $derived(CALIBRATIONS_OF[tool.kind]);
  const fields = $derived((form?.fields ?? {}) as Record<string, string>);
  const wrong = $derived((form?.errors.length ?? 0) > 0);
  const calibrating = $derived('doneOn' in fields);
  const of = (kind: (typeof kinds)[number]) => data.book.filter((entry) => entry.kind === kind);
  const passes = $derived(of(tool.kind === 'hose-end' ? 'dial' : 'weighed-pass'));
  /** Those of one product and unit belong to one curve: of the latest. */
  const alike = $derived(
    passes.filter(({ product, unit }) => product === passes[0]?.product && unit === passes[0]?.unit),
  );
  const points = $derived(
    alike.flatMap((entry): GatePoint[] => {
      const result = calibrated(entry);
      if (!('ok' in result)) return [];
      return entry.readings.map(({ setting = 0 }, i) => ({ setting, delivered: result.ok.values[i] ?? 0 }));
    }),
  );
  const state = $derived.by(() => {
    if (kinds.length === 0) return '';
    if (tool.calibratedOn === null)
      return ': never calibrated; what a label or a maker says of it is unproven here';
    const last = `, calibrated ${dayText(tool.calibratedOn, data.today)}`;
    if (data.due === null) return last;
    return `${last}, ${data.due < data.today ? 'was due again' : 'due again'} ${dayText(data.due, data.today)}`;
  });
  const panTest = $derived(of('pan-test')[0] ?? null);
</script>

<svelte:head><title>{tool.name} · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <p class="small"><a href={resolve('/equipment')}>All equipment</a></p>
  <h1>{tool.name}</h1>
  <p class="soft">
    {EQUIPMENT_WORDS[tool.kind]}{state}.
  </p>
  {#if kinds.length > 0 && may()}
    <Fold class="ruled" open={data.book.length === 0 || (wrong && calibrating)} says="Calibrate it">
      {#key data.book.length}
        <KeptForm action="?/calibrate" label="Calibrate it">
          {#snippet children(sending)}
            <CalibrationForm
              of={tool.kind}
              swathM={tool.swathM}
              today={data.today}
              was={calibrating ? fields : {}}
              {sending}
            />
          {/snippet}
        </KeptForm>
      {/key}
    </Fold>
  {/if}
  {#if tool.kind === 'spreader' || passes.length > 0}
    <Gate
      dial={tool.kind === 'hose-end'}
      {points}
      unit={(passes[0]?.unit || 'g') as 'g'}
      products={[...new Set(passes.map(({ product }) => product))]}
    />
  {/if}
  <Drops entries={of('drops')} />
  {#if panTest}<Pattern test={panTest} />{/if}
  {#each kinds as kind (kind)}
    {@const entries = of(kind)}
    {#if entries.length > 0}<Book {kind} {entries} today={data.today} may={may()} />{/if}
  {/each}
  {#if may()}
    <Fold class="ruled" open={wrong && !calibrating} says="Change or remove it">
      <KeptForm action="?/change" label="Change it">
        {#snippet children(sending)}
          <input type="hidden" name="revision" value={tool.revision} />
          <EquipmentFields {tool} />
          <div class="actions"><Button kind="main" disabled={sending}>Save</Button></div>
        {/snippet}
      </KeptForm>
      <form method="POST" action="?/remove" class="my-3 mx-0 flex gap-3 items-center flex-wrap">
        <Button>Remove it with its book</Button>
        <span class="soft small">Records that name it keep its name.</span>
      </form>
    </Fold>
  {/if}
</div>
