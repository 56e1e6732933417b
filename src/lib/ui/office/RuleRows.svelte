<script lang="ts">
  import { untrack } from 'svelte';
  import type { LocalRule } from '../../core/rules';
  import { inSentence } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import Reading from '../parts/Reading.svelte';

  let {
    rules,
    notifiable,
  }: { rules: readonly LocalRule[]; notifiable: readonly { readonly id: string; readonly name: string }[] } =
    $props();
  interface Row {
    key: number;
    kind: LocalRule['kind'] | '';
    rule: Partial<Record<string, string | number | null>>;
  }
  let next = 0;
  const rowOf = (rule?: LocalRule): Row => ({
    key: next++,
    kind: rule?.kind ?? '',
    rule: (rule ?? {}) as Row['rule'],
  });
  let rows = $state.raw<Row[]>(untrack(() => [...rules.map(rowOf), rowOf()]));
  const KINDS = [
    { value: '', name: 'no rule' },
    { value: 'ban', name: 'an ingredient is banned' },
    { value: 'water-buffer', name: 'a buffer beside water' },
    { value: 'wind', name: 'a wind limit' },
    { value: 'purpose', name: 'treating before a count' },
    { value: 'lives-with', name: 'lives with an insect' },
    { value: 'caution', name: 'something to see to' },
  ];
  const MONTHS = ['', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12'].map((value) => ({
    value,
    name: value === '' ? 'all year' : value,
  }));
  const text = (row: Row, name: string): string => String(row.rule[name] ?? '');
  const turn = (key: number, kind: string): void => {
    rows = rows.map((row) => (row.key === key ? { ...row, kind: kind as Row['kind'] } : row));
    if (rows[rows.length - 1]?.kind !== '') rows = [...rows, rowOf()];
  };
</script>

<ul class="rule-list">
  {#each rows as row, i (row.key)}
    <li class="fields">
      <Choice
        label="Rule {i + 1}"
        name="rules.{i}.kind"
        items={KINDS}
        value={row.kind}
        width="14rem"
        onchange={(kind) => turn(row.key, kind)}
      />
      {#if row.kind === 'ban'}
        <Field
          label="Active ingredient or group"
          name="rules.{i}.ingredient"
          value={text(row, 'ingredient')}
          width="15rem"
          hint="empty: every product"
        />
        <Choice
          label="From month"
          name="rules.{i}.fromMonth"
          items={MONTHS}
          value={text(row, 'fromMonth')}
          width="7rem"
        />
        <Choice
          label="to month"
          name="rules.{i}.toMonth"
          items={MONTHS}
          value={text(row, 'toMonth')}
          width="7rem"
        />
      {:else if row.kind === 'water-buffer'}
        <Reading
          label="Buffer"
          name="rules.{i}.metres"
          measure="length"
          value={text(row, 'metres')}
          width="7rem"
        />
      {:else if row.kind === 'wind'}
        <Reading label="At most" name="rules.{i}.kmh" measure="wind" value={text(row, 'kmh')} width="8rem" />
      {/if}
      {#if row.kind === 'lives-with'}
        <Choice
          label="Which"
          name="rules.{i}.candidate"
          items={notifiable.map(({ id, name }) => ({ value: id, name: inSentence(name) }))}
          value={text(row, 'candidate') || (notifiable[0]?.id ?? '')}
          width="16rem"
        />
      {/if}
      {#if row.kind === 'purpose'}
        <Choice
          label="Not allowed"
          name="rules.{i}.purpose"
          items={[
            { value: 'prevent', name: 'to prevent' },
            { value: 'routine', name: 'as a routine' },
          ]}
          value={text(row, 'purpose') || 'prevent'}
          width="10rem"
        />
      {/if}
      {#if row.kind !== ''}
        <Field
          label={row.kind === 'caution' ? 'What to see to' : 'Where it is written'}
          name="rules.{i}.note"
          value={text(row, 'note')}
          width="20rem"
        />
      {/if}
    </li>
  {/each}
</ul>
