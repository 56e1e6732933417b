<script lang="ts">
  import Notice from '../parts/Notice.svelte';
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { stockState, STOCK_REASONS, type ShelfContainer } from '../../core/choose';
  import type { CalendarDay } from '../../core/units';
  import { STOCK_REASON_WORDS, STOCK_STATE_WORDS, unitText } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import KeptForm from '../parts/KeptForm.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';

  /** The containers of one label, the one that ends first on top. */
  interface Props {
    containers: readonly ShelfContainer[];
    today: string;
    living: boolean;
    /** What is changed here is sent to this page; nothing can be changed without. */
    change?: boolean;
    /** The lot whose last change was refused. */
    wrong?: string | null;
  }
  let { containers, today, living, change = false, wrong = null }: Props = $props();
  const { dayText, numberText, priceText, quantityText } = getShow();
  let reasons = $state<Record<string, string>>({});
  const untilText = (c: ShelfContainer): string => {
    if (c.until === null) return 'not stated';
    const sooner =
      c.expiresOn === null ? ', by its shelf life' : c.until < c.expiresOn ? ', once opened' : '';
    return `${dayText(c.until, today)}${sooner}`;
  };
</script>

{#if containers.length === 0}<p class="soft small">No container on the shelf.</p>{:else}
  <ul class="rule-list">
    {#each containers as c (c.lot)}
      {@const state = stockState(c, living, today as CalendarDay)}
      <li>
        <div
          class="grid grid-cols-[8rem_14rem_1fr_auto] gap-y-1 gap-x-5 items-center max-[760px]:grid-cols-[auto_1fr]"
        >
          <span class="figure">lot {c.lot}</span>
          <span>
            <span class="left w-[70px] border border-ink mr-2" aria-hidden="true"
              ><span style:width="{Math.min(100, (c.left.value / c.size.value) * 100)}%"></span></span
            >
            {numberText(c.left.value)} of {quantityText(c.size)}
            {#if c.overdrawn}<b class="late"
                >! the records took {quantityText({ value: c.overdrawn, unit: c.size.unit })} more than it held:
                count it</b
              >{/if}
          </span>
          <span class:late={state === 'expired'}
            >use before {untilText(c)}{#if STOCK_STATE_WORDS[state]}<b
                class="state rounded-md py-0 px-1.5 ml-2 small">{STOCK_STATE_WORDS[state]}</b
              >{/if}</span
          >
          <span class="soft small"
            >{c.keptIn}{c.boughtOn ? ` · bought ${dayText(c.boughtOn, today)}` : ''}{c.openedOn
              ? ` · opened ${dayText(c.openedOn, today)}`
              : ''} · {c.paid ? priceText(c.paid.amount, c.paid.currency) : 'price not known'}</span
          >
        </div>
        {#if change}
          <Fold open={wrong === c.lot} says="Count it, or note what went away">
            <KeptForm action="?/change" id="?/change {c.lot}" label="Lot {c.lot}">
              {#snippet children(sending)}
                <input type="hidden" name="lot" value={c.lot} />
                <div class="fields">
                  <Choice
                    label="What happened"
                    name="reason"
                    value="counted"
                    items={STOCK_REASONS.map((value) => ({ value, name: STOCK_REASON_WORDS[value] }))}
                    width="15rem"
                    onchange={(value) => (reasons = { ...reasons, [c.lot]: value })}
                  />
                  <NumberField
                    label={(reasons[c.lot] ?? 'counted') === 'counted' ? 'Left now' : 'Went away'}
                    name="amount"
                    after={unitText(c.size.unit) || 'pieces'}
                    width="9rem"
                  />
                  <Field label="Why, where" name="note" width="18rem" />
                </div>
                {#if reasons[c.lot] === 'spill'}
                  <Notice kind="care">
                    Keep people and pets away. Gloves first. Stop it, soak it up with sand or cat litter,
                    sweep it into a closed container; no hose, nothing into a drain. It goes where the label
                    and the local rules say. In water or in a large amount: tell the authority that your place
                    names.
                  </Notice>
                {/if}
                <div class="actions"><Button disabled={sending}>Note it</Button></div>
              {/snippet}
            </KeptForm>
            {#if c.openedOn === null}
              <form method="POST" action="?/open" use:enhance>
                <input type="hidden" name="lot" value={c.lot} />
                <Button kind="plain">Opened today</Button>
              </form>
            {/if}
          </Fold>
        {/if}
      </li>
    {/each}
  </ul>
{/if}

<style>
  .left {
    display: inline-block;
    height: 12px;
    vertical-align: -1px;
  }
  .left span {
    display: block;
    height: 100%;
    background: var(--water-deep);
  }
  .late {
    color: var(--brick-ink);
  }
  .state {
    border: 1px solid currentcolor;
  }
</style>
