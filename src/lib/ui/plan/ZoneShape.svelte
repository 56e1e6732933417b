<script lang="ts">
  import { outlineOf, type Zone } from '../../core/plan';
  import { pathText } from '../../words/plan-drawing';

  /** The ground of one zone, drawn in metres; drawn again only when the zone itself changes. */
  interface Props {
    zone: Zone;
    label: string;
    chosen: boolean;
    hold: boolean;
    k: number;
    onkeydown: (event: KeyboardEvent) => void;
  }
  let { zone, label, chosen, hold, k, onkeydown }: Props = $props();
  const outline = $derived(outlineOf(zone.shape));
  const d = $derived(pathText(outline.rings));
</script>

<path
  {d}
  data-zone={zone.id}
  data-hold={hold ? '' : undefined}
  role="button"
  tabindex="0"
  aria-label={label}
  aria-pressed={chosen}
  fill="url(#fill-{zone.kind})"
  fill-rule="evenodd"
  stroke-width={(chosen ? 3.5 : 1.4) / k}
  class:chosen
  class:broken={outline.refused.length > 0}
  {onkeydown}
>
  <title>{label}</title>
</path>

<style>
  path {
    stroke: var(--ink);
    cursor: pointer;
  }
  path.chosen {
    stroke: var(--petrol);
  }
  path:focus-visible {
    outline: none;
    stroke: var(--saffron);
  }
</style>
