<script lang="ts">
  import Button from '../parts/Button.svelte';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import RowOff from '../parts/RowOff.svelte';
  import type { PestName } from './pest-name';

  /** A rate of the label for one pest, life stage or severity, or for some of these together. */
  interface Props {
    name: string;
    number: number;
    was: (key: string, other?: string) => string;
    pests: readonly PestName[];
  }
  let { name, number, was, pests }: Props = $props();
  const ANY = { value: '', name: 'any' };
  const withOwn = (key: string, items: { value: string; name: string }[]) => {
    const own = was(key);
    const known = own === '' || items.some((item) => item.value === own);
    return [ANY, ...items, ...(known ? [] : [{ value: own, name: own }])];
  };
  const severities = $derived(
    withOwn(
      'severity',
      ['light', 'moderate', 'heavy'].map((id) => ({ value: id, name: id })),
    ),
  );
  const species = $derived(
    withOwn(
      'pest',
      pests.map((p) => ({ value: p.id, name: p.name })),
    ),
  );
  const stages = $derived(
    withOwn(
      'stage',
      [...new Map(pests.flatMap((p) => p.stages).map((s) => [s.id, s.name]))].map(([value, of]) => ({
        value,
        name: of,
      })),
    ),
  );
</script>

<RowOff name="Rate {number}">
  {#snippet children(off)}
    <div class="fields">
      <Choice
        label="Rate {number}, where it is"
        name="{name}.severity"
        value={was('severity')}
        items={severities}
        width="10rem"
      />
      <Choice label="against" name="{name}.pest" value={was('pest')} items={species} width="13rem" />
      <Choice label="at the stage" name="{name}.stage" value={was('stage')} items={stages} width="10rem" />
      <NumberField label="in drops of" name="{name}.drop" value={was('drop')} after="mg" width="8rem" />
      <NumberField label="from" name="{name}.min" value={was('min')} width="6.5rem" />
      <NumberField label="to" name="{name}.max" value={was('max')} width="6.5rem" />
      <Button type="button" kind="plain" onclick={off}>Take rate {number} off</Button>
    </div>
  {/snippet}
</RowOff>
