<script lang="ts">
  import NotDone from '$lib/ui/parts/NotDone.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import RuleRows from '$lib/ui/office/RuleRows.svelte';
  import ThresholdRows from '$lib/ui/office/ThresholdRows.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import DateField from '$lib/ui/parts/DateField.svelte';
  import NumberField from '$lib/ui/parts/NumberField.svelte';
  import Tick from '$lib/ui/parts/Tick.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const s = $derived(data.settings);
  const owner = $derived(data.role === 'owner');
  const errors = $derived(form?.errors ?? []);
</script>

<svelte:head><title>Settings · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Settings of {data.workspace}</h1>
  {#if data.saved}<p role="status" class="figure">Saved.</p>{/if}
  {#if !owner}<p class="soft">Only owners change these.</p>{/if}
  <KeptForm reload>
    {#snippet children(sending)}
      <input type="hidden" name="revision" value={data.revision} />
      <fieldset disabled={!owner}>
        <h2 class="section-head">How things are shown</h2>
        <div class="fields">
          <Field
            label="Name of the household or firm"
            name="workspace"
            value={data.workspace}
            width="20rem"
          />
          <Choice
            label="This is"
            name="kind"
            value={s.kind}
            width="12rem"
            items={[
              { value: 'household', name: 'a household' },
              { value: 'firm', name: 'a firm or club' },
            ]}
            hint="in a household nobody counts as licensed"
          />
          <Choice
            label="Measures"
            name="units"
            value={s.units}
            width="16rem"
            items={[
              { value: 'metric', name: 'metric' },
              { value: 'us', name: 'US: feet, US gallons' },
              { value: 'uk', name: 'metric with UK gallons' },
            ]}
          />
          <Choice
            label="Dates"
            name="dates"
            value={s.dates}
            width="13rem"
            items={[
              { value: 'day-month', name: 'Wed 15 Sep' },
              { value: 'month-day', name: 'Wed Sep 15' },
              { value: 'year-month-day', name: '2027-09-15' },
            ]}
          />
          <Choice
            label="Numbers"
            name="numbers"
            value={s.numbers}
            width="9rem"
            items={['1,234.5', '1.234,5', '1 234,5'].map((value) => ({ value, name: value }))}
          />
          <Field
            label="Currency"
            name="currency"
            value={s.currency}
            width="9rem"
            hint="three letters, or empty"
          />
          <Choice
            label="Time zone"
            name="timeZone"
            value={s.timeZone}
            width="15rem"
            items={data.zones.map((z) => ({ value: z, name: z }))}
            hint="of the day on Today; each property has its own"
          />
        </div>

        <h2 class="section-head">Local rules</h2>
        <p class="soft">
          They can only be stricter than a label, never looser; “lives with an insect” takes the report away
          where it is ordinary, and nothing of a label. Choose and When obey them. Nimsy knows no law: what
          holds where you work is for you to enter, and the label and the law come first.
        </p>
        {#key data.revision}<RuleRows rules={s.rules} notifiable={data.notifiable} />{/key}

        <h2 class="section-head">Own thresholds</h2>
        <p class="soft">Where you treat earlier or later than general guidance.</p>
        {#key data.revision}<ThresholdRows thresholds={s.thresholds} candidates={data.candidates} />{/key}

        <h2 class="section-head">Licence and records</h2>
        <p class="soft">
          The firm’s own, as it stands on notices. What a person may do goes by their own licence, under
          People.
        </p>
        <div class="fields">
          <Field label="Licence holder" name="licence.holder" value={s.licence.holder} width="16rem" />
          <Field label="Licence number" name="licence.number" value={s.licence.number} width="12rem" />
          <DateField label="Valid until" name="licence.until" value={s.licence.until} />
          <NumberField
            label="Records are kept"
            after="years"
            name="retentionYears"
            value={s.retentionYears}
            width="14rem"
            hint="as long as your place asks"
          />
        </div>

        <h2 class="section-head">Signing in</h2>
        <Tick
          label="Everybody here needs a second factor, a code of the telephone beside the password"
          name="secondFactor"
          checked={s.secondFactor}
        />

        <h2 class="section-head">Emergency numbers</h2>
        <p class="soft">
          They stand on every notice. Nimsy knows none: fill in the ones of your place, and keep the container
          at hand when you call.
        </p>
        <div class="fields">
          <Field label="Poison advice" name="emergency.poison" value={s.emergency.poison} width="13rem" />
          <Field
            label="Emergency services"
            name="emergency.police"
            value={s.emergency.police}
            width="13rem"
          />
          <Field label="Veterinary surgeon" name="emergency.vet" value={s.emergency.vet} width="13rem" />
          <Field label="Water authority" name="emergency.water" value={s.emergency.water} width="13rem" />
        </div>
        <NotDone says="Not saved yet:" lines={errors.map(({ message }) => message)} />
        {#if owner}
          <div class="actions">
            <Button kind="main" disabled={sending}>Save the settings</Button>
          </div>
        {/if}
      </fieldset>
    {/snippet}
  </KeptForm>
</div>

<style>
  p {
    max-width: 46rem;
    margin: 0.3rem 0 0.8rem;
  }
</style>
