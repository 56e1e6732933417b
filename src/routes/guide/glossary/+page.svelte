<script lang="ts">
  import { resolve } from '$app/paths';

  const TERMS: readonly (readonly [term: string, meaning: string])[] = [
    ['Active ingredient', 'The substance in a product that does the work; its share stands on the label.'],
    ['Bait', 'Food with a slow poison that is carried home; clean first, and never spray where it lies.'],
    ['Band', 'A strip of spray along a wall, so far up and so far out.'],
    ['Cast skin', 'The empty skin of an insect that has grown; it proves that they live there.'],
    ['Dilution', 'So much product in so much finished mix; finished means water and product together.'],
    ['Elytra', 'The hard wing cases of a beetle; they meet in a straight line.'],
    ['Flush', 'Soap water that drives caterpillars and crickets to the surface, to be counted.'],
    ['Frass', 'Droppings and crumbs of gnawed plant or wood.'],
    ['Grub', 'The larva of a beetle: white, C-shaped, with a brown head and six legs.'],
    ['Growth regulator', 'A substance that keeps young insects from becoming adult; adults live on.'],
    [
      'Halt, Care, Note',
      'What must be settled before any amount is shown, what needs a tick, and what is good to know.',
    ],
    ['Harbourage', 'Where insects sit by day: cracks, hinges, warm motors.'],
    ['Honeydew', 'Sticky droppings of aphids and hoppers; ants come for it, sooty mould grows on it.'],
    ['Instar', 'The time between two moults of a larva; young instars are easier to reach.'],
    ['Interval', 'The days that a label wants between two treatments; “about every” only reminds.'],
    [
      'Larva, pupa, adult',
      'The three forms of insects that change wholly, such as beetles, moths and flies.',
    ],
    ['Node', 'A knob in the waist of an ant; one or two, or hidden under the tail.'],
    [
      'Nematodes',
      'Worms too small to be seen that seek out and kill larvae; living, so they need moisture and no sun.',
    ],
    ['Nymph', 'The young of insects that change little by little, such as bugs and cockroaches.'],
    ['Pitfall', 'A cup sunk level with the ground that what walks falls into.'],
    ['Raster', 'The pattern of spines on the underside of a grub’s last ring; it tells species apart.'],
    ['Re-entry', 'When people and pets may go back to what was treated.'],
    ['Residual', 'What stays on a surface and works for days or weeks.'],
    ['Spot', 'One of the numbered places that are counted, and counted again.'],
    ['Swarm', 'Bees on their way to a new home, or winged ants and termites that leave the nest.'],
    ['Systemic', 'Taken up by the plant and carried in it; a danger to bees where plants flower.'],
    ['Thatch', 'Dead stems between grass and soil; insects live in it and water runs off it.'],
    ['Threshold', 'The number from which treating is worth it; below it, culture alone will do.'],
    ['Vigour', 'How strongly turf grows: strong turf bears more insects.'],
    ['Void', 'A hollow space in a wall, floor or roof.'],
  ];
</script>

<svelte:head><title>Words explained · Nimsy</title></svelte:head>
<div class="page">
  <p class="small"><a href={resolve('/guide')}>Field guide</a></p>
  <h1>Words explained</h1>
  <dl>
    {#each TERMS as [term, meaning] (term)}
      <dt id={term.toLowerCase().replace(/[^a-z]+/g, '-')}>{term}</dt>
      <dd>{meaning}</dd>
    {/each}
  </dl>
</div>

<style>
  dl {
    display: grid;
    grid-template-columns: minmax(8rem, 13rem) minmax(0, 40rem);
    gap: 0.5rem 1.2rem;
    margin-top: 1rem;
  }
  dt {
    font-weight: 700;
  }
  dd {
    margin: 0;
  }
  @media (max-width: 600px) {
    dl {
      grid-template-columns: 1fr;
      gap: 0.1rem;
    }
    dd {
      margin-bottom: 0.7rem;
    }
  }
</style>
