<script lang="ts">
  import Button from './Button.svelte';
  import { unitText } from '../../words';
  import { getShow } from './show';
  import { converted, type Was } from './amount-state';

  /** What an amount was before another unit was chosen, and the other thing that may be meant, a tap away. */
  interface Props {
    was: Was;
    /** What stands there now. */
    now: Was;
    take: (number: number) => void;
  }
  let { was, now, take }: Props = $props();
  const show = getShow();
  const text = (number: number, unit: string): string =>
    `${show.exactText(number)} ${unitText(unit) || 'pieces'}`;
  const kept = $derived(now.number === was.number);
  const other = $derived(kept ? converted(was, now.unit) : was.number);
</script>

<p class="field-hint" role="status">
  It was {text(was.number, was.unit)}.
  {#if other !== null && other !== now.number}
    <Button type="button" kind="plain" class="button-small" onclick={() => take(other)}
      >{kept ? `Convert to ${text(other, now.unit)}` : `${text(other, now.unit)} is meant`}</Button
    >
  {/if}
</p>
