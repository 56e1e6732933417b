<script lang="ts">
  import type { Jar } from '../../core/case';
  import Choice from '../parts/Choice.svelte';
  import DateField from '../parts/DateField.svelte';
  import Field from '../parts/Field.svelte';
  import { getSheet } from './sheet.svelte';

  /** The jar in which two products of one tank were tried: when, by whom, and what came of it. */
  interface Props {
    /** What its fields are called after. */
    name: string;
    start: Jar | null;
    person: string;
    onchange: () => void;
  }
  let { name, start, person, onchange }: Props = $props();
  const sheet = getSheet();
</script>

<h3>The jar</h3>
<ol class="small">
  <li>A clear jar, water first, then both products in the order and strength of the tank.</li>
  <li>Shake, let it stand for half an hour, shake again.</li>
  <li>Flakes, jelly, layers that come back, or heat: it separates, and nothing is mixed.</li>
</ol>
<div class="fields">
  <DateField label="Shaken on" name="{name}.jarOn" value={start?.jarOn ?? sheet.facts.today} />
  <Field label="By" name="{name}.jarBy" value={start?.jarBy || person} width="12rem" />
  <Choice
    label="What came of it"
    name="{name}.jarResult"
    value={start?.jarResult ?? ''}
    items={[
      { value: '', name: 'not tried yet' },
      { value: 'mixes', name: 'it stayed mixed' },
      { value: 'separates', name: 'it separated' },
    ]}
    width="12rem"
    {onchange}
  />
</div>

<style>
  h3 {
    font-size: 1rem;
    margin: 0.8rem 0 0.2rem;
  }
  ol {
    list-style: decimal;
    padding-left: 1.2rem;
    margin: 0 0 0.6rem;
  }
</style>
