<script lang="ts">
  import type { Option } from '../../core/choose';
  import { FAMILY_WORDS, FORM_WORDS } from '../../words';
  import HaltLine from './HaltLine.svelte';
  import Fold from '../parts/Fold.svelte';
  import OneOf from '../parts/OneOf.svelte';

  /** Cards whose labels do not name the pest: why is said once for all of them, and of each what its label does name. */
  let { options, pest }: { options: readonly Option[]; pest: string } = $props();
  const about = ({ label, halts }: Option): string => {
    const kinds = [FORM_WORDS[label.form], FAMILY_WORDS[label.family]];
    if (label.demonstration) kinds.push('demonstration label');
    const clause = halts.find(({ code }) => code === 'pest-not-on-label')?.clause;
    return `${kinds.join(' · ')}${clause ? `. Clause ${clause.at}: “${clause.text}”` : ''}`;
  };
</script>

<Fold says="Not on {options.length === 1 ? 'its label' : 'their labels'}: {options.length}">
  <p class="border-l-4 border-l-brick pl-2.5 small">
    <span class="figure">Halt: {pest} is not on {options.length === 1 ? 'this label' : 'these labels'}.</span>
    {options.length === 1 ? 'It may not' : 'None of them may'} be used against it. Choose another remedy.
  </p>
  <ul class="rule-list">
    {#each options as option (option.label.id)}
      <li>
        <OneOf class="pick" name="label" value={option.label.id} chosen={undefined}>
          <span class="figure">{option.label.name}</span>
          <span class="soft small">{about(option)}</span>
        </OneOf>
        <div class="pl-9 small">
          {#each option.halts.filter(({ code }) => code !== 'pest-not-on-label') as halt, n (n)}
            <HaltLine {halt} />
          {/each}
        </div>
      </li>
    {/each}
  </ul>
</Fold>
