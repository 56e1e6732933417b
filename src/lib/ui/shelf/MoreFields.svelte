<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { MORE_SECTIONS, moreFields } from '../../core/labels';
  import { MORE_SECTION_WORDS, MORE_WORDS, moreChoiceText, moreUnitText } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Reading from '../parts/Reading.svelte';
  import Tick from '../parts/Tick.svelte';
  import { getShow } from '../parts/show';

  /** What else a label may say, by the one table of clauses; folded until it is wanted. */
  interface Props {
    of: 'card' | 'use';
    /** `` for the card, `uses.0.` for a use. */
    at: string;
    was: (key: string) => string;
  }
  let { of, at, was }: Props = $props();
  const show = getShow();
  const fields = $derived(moreFields(of));
  const sections = $derived(
    MORE_SECTIONS.map((section) => ({
      section,
      rows: fields.filter(([, field]) => field.section === section),
    })).filter(({ rows }) => rows.length > 0),
  );
  const stated = $derived(fields.filter(([key]) => was(key) !== '').length);
</script>

<Fold class="ruled" open={stated > 0} says="What else the label says{stated > 0 ? `: ${stated} stated` : ''}">
  {#each sections as { section, rows } (section)}
    <svelte:element this={of === 'card' ? 'h3' : 'h4'} class="field-label mt-2 mb-1 mx-0"
      >{MORE_SECTION_WORDS[section]}</svelte:element
    >
    <div class="fields">
      {#each rows as [key, field] (key)}
        {@const name = `${at}more.${key}`}
        {#if field.kind === 'tick'}
          <Tick label={MORE_WORDS[key]} {name} checked={was(key) !== ''} />
        {:else if field.kind === 'choice'}
          <Choice
            label={MORE_WORDS[key]}
            {name}
            value={was(key)}
            items={[
              { value: '', name: 'not stated' },
              ...(field.choices ?? []).map((value) => ({ value, name: moreChoiceText(value) })),
            ]}
            width="15rem"
          />
        {:else if field.kind === 'measure'}
          <Reading
            label={MORE_WORDS[key]}
            {name}
            measure={field.measure ?? 'length'}
            value={was(key)}
            width="13rem"
          />
        {:else if field.kind === 'number'}
          <NumberField
            label={MORE_WORDS[key]}
            {name}
            value={was(key)}
            after={moreUnitText(field, show)}
            width="15rem"
          />
        {:else}
          <Field label={MORE_WORDS[key]} {name} value={was(key)} width="18rem" />
        {/if}
      {/each}
    </div>
  {/each}
</Fold>
