<script lang="ts">
  import Button from '../parts/Button.svelte';
  import type { Zone } from '../../core/plan';
  import { groundCalled, type NamedGround } from '../../core/premises';
  import Field from '../parts/Field.svelte';
  import Fold from '../parts/Fold.svelte';
  import KeptForm from '../parts/KeptForm.svelte';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';
  import Tick from '../parts/Tick.svelte';

  /** The grounds of a property that are known by their names, and one more. */
  interface Props {
    grounds: readonly NamedGround[];
    /** A name that came from Measure. */
    proposed: string;
    today: string;
    /** What is drawn of the property. */
    drawn: readonly Pick<Zone, 'id' | 'name' | 'from'>[];
  }
  let { grounds, proposed, today, drawn }: Props = $props();
  const show = getShow();
  const may = getMayChange();
  /** The zones that a ground is, themselves or what was cut from them. */
  const zonesOf = ({ zones = [] }: NamedGround) =>
    drawn.filter(({ id, from }) => [id, ...from].some((one) => zones.includes(one)));
</script>

<section id="grounds">
  <h2 class="section-head">Grounds</h2>
  <p class="soft small">
    Two grounds that stand here lie apart: a label’s interval and its most for a year hold for each by itself.
    What was logged before a name stood here, or without one, counts for all of them. Of a ground whose place
    on the plan is said, what the plan shows elsewhere does not count.
  </p>
  <ul class="rule-list">
    {#each grounds as ground (ground.name)}
      {@const { name, since, by } = ground}
      {@const here = zonesOf(ground)}
      <li class="flex justify-between items-center flex-wrap gap-y-0 gap-x-3">
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
        {#if drawn.length > 0}
          <div class="basis-full">
            {#if may()}
              <Fold
                says={here.length > 0
                  ? `On the plan it is ${here.map((zone) => zone.name).join(', ')}`
                  : 'Where it lies on the plan: nobody said'}
              >
                <form method="POST" action="?/tie">
                  <input type="hidden" name="name" value={name} />
                  <div class="fields">
                    {#each drawn as zone (zone.id)}
                      <Tick label={zone.name} name="zones.{zone.id}" checked={here.includes(zone)} />
                    {/each}
                  </div>
                  <Button class="button-tick">This is where {name} lies</Button>
                </form>
              </Fold>
            {:else if here.length > 0}<p class="soft small">
                On the plan it is {here.map((zone) => zone.name).join(', ')}.
              </p>{/if}
          </div>
        {/if}
      </li>
    {:else}<li class="soft">none named: all that is treated here counts as one ground</li>{/each}
  </ul>
  {#if may()}
    <KeptForm action="?/ground">
      {#snippet children(sending)}
        <div class="fields">
          {#key grounds.length}<Field
              label="Another ground"
              name="name"
              value={groundCalled(grounds, proposed) ? '' : proposed}
              width="16rem"
              hint="such as: front lawn"
            />{/key}
          <Button class="self-center" disabled={sending}>It lies apart from the others</Button>
        </div>
      {/snippet}
    </KeptForm>
  {/if}
</section>
