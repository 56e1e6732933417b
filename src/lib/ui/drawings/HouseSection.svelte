<script lang="ts">
  import type { Surrounding } from '../../core/identify';
  import { SURROUNDING_WORDS } from '../../words';

  /**
   * A section through a house and its garden, on which one taps where it was. Its places are ordinary radio buttons laid over the
   * drawing, so that keyboard, reader and a page without scripts have them as a list.
   */
  interface Props {
    name: string;
    value: string;
    onpick?: ((place: Surrounding) => void) | undefined;
  }
  let { name, value, onpick }: Props = $props();
  /** Where the name of a place stands on the drawing, in percent, and the short word that fits there. */
  const PLACES: readonly (readonly [Surrounding, string, number, number])[] = [
    ['loft', 'loft, voids', 66.5, 24],
    ['bedroom', 'bedroom', 52, 41],
    ['bath', 'bathroom', 80, 41],
    ['kitchen', 'kitchen', 47.7, 58],
    ['store', 'larder', 66.5, 58],
    ['room', 'living room', 84.5, 58.5],
    ['cellar', 'cellar, boiler', 66.5, 82],
    ['wall', 'wall, eaves', 25, 27],
    ['tree', 'tree, shrub', 12.8, 40],
    ['bed', 'bed', 29, 63],
    ['lawn', 'lawn', 8.5, 78.5],
    ['ground', 'path, soil', 10, 87.5],
    ['water', 'still water', 29, 85],
  ];
</script>

<fieldset>
  <legend class="legend">Where was it?</legend>
  <div class="relative max-w-[34rem] mb-4 border border-rule rounded-md overflow-hidden">
    <svg viewBox="0 0 390 440" aria-hidden="true" focusable="false">
      <rect class="sky" width="390" height="322" />
      <rect class="soil" y="322" width="390" height="118" />
      <rect class="turf" y="316" width="390" height="8" />
      <path class="roof" d="M138 152 260 50 382 152Z" />
      <rect class="rooms" x="150" y="150" width="220" height="168" />
      <rect class="cellar" x="150" y="324" width="220" height="88" />
      <path class="line" d="M150 236H370M260 150V236M223 236V318M297 236V318" />
      <path class="line thick" d="M138 152 260 50 382 152M150 150V412H370V150" />
      <!-- A bed, a bath, a stove, shelves, an armchair, a boiler, the drain. -->
      <path class="thin" d="M164 228v-18M164 222h54v6M316 228v-12h34v12" />
      <path class="thin" d="M158 318v-26h22v26M162 300h14M232 318v-28h22v28M232 304h22" />
      <path class="thin" d="M306 318v-20h9v10h20v-10h9v20M166 404v-30h22v30" />
      <path class="pipe" d="M361 228v170h-60" />
      <!-- A tree, a bed with plants, grass, a pond, a path. -->
      <rect class="trunk" x="45" y="214" width="9" height="104" />
      <circle class="crown" cx="50" cy="176" r="44" />
      <path
        class="plants"
        d="M98 316v-16m0 4 6-7m-6 13-6-6M114 316v-22m0 6 7-7m-7 15-7-7M130 316v-13m0 4 5-6"
      />
      <path class="plants" d="M6 316v-9m6 9v-13m6 13v-9m6 9v-12m6 12v-8M62 316v-8m6 8v-11m6 11v-8" />
      <path class="water" d="M84 324h60c-4 18-18 26-30 26s-26-8-30-26Z" />
      <path class="stones" d="M62 384h16M66 396h20M8 418h18M32 424h20M60 420h18" />
      <path class="thin" d="M118 134 140 147" />
    </svg>
    {#each PLACES as [place, word, x, y] (place)}
      <label class="tap" style:left="{x}%" style:top="{y}%" title={SURROUNDING_WORDS[place]}>
        <input
          type="radio"
          {name}
          value={place}
          defaultChecked={place === value}
          onchange={() => onpick?.(place)}
        />
        <span>{word}</span>
      </label>
    {/each}
  </div>
</fieldset>

<style>
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  .sky {
    fill: color-mix(in srgb, var(--petrol) 7%, var(--paper));
  }
  .soil {
    fill: color-mix(in srgb, var(--saffron) 22%, var(--paper));
  }
  .turf {
    fill: var(--moss);
  }
  .roof {
    fill: color-mix(in srgb, var(--brick) 14%, var(--paper));
  }
  .rooms {
    fill: var(--field);
  }
  .cellar {
    fill: color-mix(in srgb, var(--saffron) 8%, var(--paper));
  }
  .line,
  .thin,
  .plants,
  .stones,
  .pipe {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .thick {
    stroke-width: 2.5;
  }
  .thin,
  .stones {
    stroke-width: 1;
  }
  .pipe {
    stroke: var(--petrol);
    stroke-width: 3;
  }
  .plants {
    stroke: var(--moss);
  }
  .trunk {
    fill: var(--ink-soft, var(--ink));
  }
  .crown {
    fill: color-mix(in srgb, var(--moss) 45%, var(--paper));
    stroke: var(--moss);
    stroke-width: 1.5;
  }
  .water {
    fill: color-mix(in srgb, var(--petrol) 30%, var(--paper));
    stroke: var(--petrol);
  }
  label {
    position: absolute;
    transform: translate(-50%, -50%);
    max-width: 20%;
    --tap: transparent;
  }
  span {
    display: grid;
    place-items: center;
    min-height: 2.75rem;
    min-width: 2.75rem;
    padding: 0.1rem 0.35rem;
    border: 1px solid transparent;
    border-radius: 4px;
    font-size: 0.85rem;
    font-weight: 650;
    line-height: 1.1;
    text-align: center;
  }
  label:hover span {
    border-color: var(--edge);
  }
</style>
