<script lang="ts">
  import Button from '../parts/Button.svelte';
  import type { NamedGround } from '../../core/premises';
  import Field from '../parts/Field.svelte';
  import KeptForm from '../parts/KeptForm.svelte';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';

  /** The grounds of a property that are known by their names, and one more. */
  interface Props {
    grounds: readonly NamedGround[];
    /** A name that came from Measure. */
    proposed: string;
    today: string;
  }
  let { grounds, proposed, today }: Props = $props();
  const show = getShow();
  const may = getMayChange();
</script>

<section id="grounds">
  <h2 class="section-head">Grounds</h2>
  <p class="soft small">
    Two grounds that stand here lie apart: a label’s interval and its most for a year hold for each by itself.
    What was logged before a name stood here, or without one, counts for all of them.
  </p>
  <ul class="rule-list">
    {#each grounds as { name, since, by } (name)}
      <li class="row">
        <span
          ><span class="figure">{name}</span>
          <span class="soft small">since {show.dayText(since, today)}, {by}</span></span
        >
        {#if may()}
          <form method="POST" action="?/ground">
            <input type="hidden" name="name" value={name} />
            <input type="hidden" name="off" value="on" />
            <Button>Take off</Button>
          </form>
        {/if}
      </li>
    {:else}<li class="soft">none named: all that is treated here counts as one ground</li>{/each}
  </ul>
  {#if may()}
    <KeptForm action="?/ground">
      {#snippet children(sending)}
        <div class="fields">
          <Field
            label="Another ground"
            name="name"
            value={proposed}
            width="16rem"
            hint="such as: front lawn"
          />
          <Button class="self-center" disabled={sending}>It lies apart from the others</Button>
        </div>
      {/snippet}
    </KeptForm>
  {/if}
</section>

<style>
  .row {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.8rem;
  }
</style>
