<script lang="ts">
  import type { MethodId } from '../../core/method';
  import { getShow } from '../parts/show';

  /**
   * How a method goes down where no lanes and no grid are drawn: a section or a plan of the place, with what is put there in
   * petrol and what must not be in brick. Of a band the measures stand beside it.
   */
  interface Props {
    method: MethodId;
    /** Of a band, in metres; 0 where nobody said. */
    upM?: number;
    outM?: number;
  }
  let { method, upM = 0, outM = 0 }: Props = $props();
  const show = getShow();
  const METRE = 62;
  const up = $derived(Math.min(96, upM * METRE));
  const out = $derived(Math.min(170, outM * METRE));
  const SAYS: Partial<Record<MethodId, string>> = {
    'spray-band': 'A wall in section, with the band up it and out from it',
    'spray-cracks': 'A skirting in section: a thin line into the gap, nothing on the floor',
    'spray-room': 'A room from above, gone over from the far wall to the door',
    drench: 'A mound from above, poured round from the outside in',
    'gel-drops': 'A hinge and a gap with several small drops each',
    'bait-station': 'Stations along the foot of a wall, each with its number',
    'dust-film': 'A thin film in a hollow, and a heap that is wrong',
    'dust-void': 'A void in section: short puffs through its entry, the far exit left open',
    aerosol: 'A can upright, its jet into a gap',
    'nest-jet': 'A nest under eaves, the jet from the side, the way back free',
    'space-spray': 'A closed room with a fine mist, and nobody in it',
    'dug-soil': 'A nest dug out, mixed with the product and put back',
    'ground-sheet': 'A sheet on turf, weighted at its edges, from dusk to dawn',
    trap: 'Numbered traps along a wall',
    drain: 'A drain in section, its sides wetted from the top down',
    water: 'Still water with grains spread over it; none in what flows away',
  };
</script>

{#snippet tag(x: number, y: number, text: string)}
  <circle class="tag" cx={x} cy={y} r="9" /><text class="on" {x} y={y + 4} text-anchor="middle">{text}</text>
{/snippet}
{#snippet wrong(x: number, y: number)}
  <path class="wrong" d="M{x - 11} {y - 11}l22 22m0 -22l-22 22" />
{/snippet}

{#if SAYS[method]}
  <svg viewBox="0 0 360 180" role="img" aria-label={SAYS[method]}>
    {#if method === 'spray-band'}
      <path class="body" d="M40 12h26v128H40Z" /><path
        class="thin"
        d="M40 34h26M40 56h26M40 78h26M40 100h26M40 122h26"
      />
      <path class="line" d="M8 140h344" /><path
        class="thin"
        d="M84 148l-8 12m40-12-8 12m40-12-8 12m40-12-8 12m40-12-8 12m40-12-8 12"
      />
      {#if up > 0}<rect class="put" x="66" y={140 - up} width="9" height={up} />
        <path d="M92 {140 - up}v{up}m-5 -{up}h10m-10 {up}h10" /><text x="102" y={144 - up / 2}
          >{show.lengthText(upM)} up</text
        >{/if}
      {#if out > 0}<rect class="put" x="66" y="136" width={out} height="9" />
        <path d="M66 168h{out}m-{out} -5v10m{out} -10v10" /><text x={72 + out} y="172"
          >{show.lengthText(outM)} out</text
        >{/if}
      {#if up === 0 && out === 0}<path class="put" d="M66 126h9v10h16v9H66Z" />{/if}
    {:else if method === 'spray-cracks' || method === 'aerosol'}
      <path class="body" d="M40 10h30v120H40Z" /><path class="body" d="M70 74h12v52H70Z" /><path
        class="line"
        d="M8 140h344M70 130v10"
      />
      <path class="put line-put" d="M76 137L71 128" /><path class="put" d="M70 126h13v5H70Z" />
      {#if method === 'aerosol'}<path class="body" d="M212 44h34v76h-34Zm8-12h18v12h-18Z" /><path
          class="spray"
          d="M216 40L86 126M216 40L92 128"
        />
      {:else}<path class="body" d="M180 66l52-26 6 12-52 26Z" /><path class="spray" d="M182 74L86 128" />{/if}
      <path class="spray faint" d="M236 128h70" />{@render wrong(271, 126)}
      <text x="250" y="164">not on open floor</text>
    {:else if method === 'spray-room'}
      <path class="body" d="M20 14h260v146H20Z" /><path class="gap" d="M280 112v34" /><path
        class="thin"
        d="M280 112h34"
      />
      <path class="walk" d="M40 34h220v28H40v28h220v28H40v26h222" /><text x="300" y="136">door</text>
      <text x="42" y="30">first</text>
    {:else if method === 'drench'}
      <ellipse class="body" cx="180" cy="92" rx="118" ry="74" /><ellipse
        class="thin"
        cx="180"
        cy="92"
        rx="40"
        ry="24"
      />
      <path
        class="walk"
        d="M62 92a118 74 0 1 1 118 74a104 64 0 0 1-92-72a92 56 0 1 1 92 54a76 46 0 0 1-66-54a66 40 0 1 1 66 34a44 26 0 0 1-36-34"
      />
      <text x="180" y="97" text-anchor="middle">last</text>
    {:else if method === 'gel-drops'}
      <path class="body" d="M30 20h86v140H30Z" /><path class="line" d="M116 20v140" /><path
        class="body"
        d="M108 42h18v26h-18Zm0 70h18v26h-18Z"
      />
      <circle class="put" cx="132" cy="46" r="3.6" /><circle class="put" cx="132" cy="64" r="3.6" /><circle
        class="put"
        cx="132"
        cy="116"
        r="3.6"
      /><circle class="put" cx="132" cy="134" r="3.6" />
      <text x="146" y="94">hinge</text>
      <path class="body" d="M226 30h100v20H226Z" /><circle class="put" cx="240" cy="56" r="3.6" /><circle
        class="put"
        cx="266"
        cy="56"
        r="3.6"
      /><circle class="put" cx="292" cy="56" r="3.6" />
      <text x="226" y="24">several small</text>
      <path class="body" d="M226 110h100v20H226Z" /><circle
        class="put faint"
        cx="276"
        cy="146"
        r="14"
      />{@render wrong(276, 146)}
    {:else if method === 'bait-station' || method === 'trap'}
      <path class="line" d="M14 40h332" /><path
        class="thin"
        d="M14 28h332M60 28v12M130 28v12M200 28v12M270 28v12"
      />
      {#each [58, 146, 234, 322] as x, i (x)}
        {#if method === 'trap'}<path class="body" d="M{x - 24} 96l24-38 24 38Z" />{:else}<path
            class="body"
            d="M{x - 24} 58h48v22h-48Z"
          /><path class="gap" d="M{x - 4} 80h8" />{/if}
        {@render tag(x, 116, String(i + 1))}
      {/each}
      <path class="walk" d="M20 50h324" />
      <text x="14" y="160">along the edge that they follow, out of reach</text>
    {:else if method === 'dust-film'}
      <path class="body" d="M20 90h140v60H20Z" /><path class="put" d="M24 86h132v4H24Z" /><text x="20" y="72"
        >hardly seen</text
      >
      <path class="body" d="M210 90h130v60H210Z" /><path
        class="put faint"
        d="M220 90q54-74 108 0Z"
      />{@render wrong(274, 70)}
    {:else if method === 'dust-void'}
      <path class="body" d="M40 10h40v160H40Zm220 0h40v160h-40Z" /><path
        class="line"
        d="M80 10h180M80 170h180"
      />
      <path class="gap" d="M260 120h40" /><path class="body" d="M316 110l34-10v30l-34-10Z" />
      <path class="spray" d="M258 120l-60-26m60 26-64 6m64-6-50 34" /><path
        class="body"
        d="M104 30q40-22 70 4q12 40-20 52q-48 4-50-56Z"
      /><path class="thin" d="M112 44h52M110 58h54M116 72h40" />
      <path class="gap" d="M40 44h40" /><text x="86" y="164">close none while they live</text>
    {:else if method === 'nest-jet'}
      <path class="line" d="M20 20l110 0 60 30H20" /><path
        class="body"
        d="M60 50q-20 40 22 56q44-12 26-56Z"
      /><path class="thin" d="M62 66h46M60 80h50" />
      <path class="spray" d="M284 128L104 92m180 36L108 84" /><circle
        class="body"
        cx="300"
        cy="104"
        r="10"
      /><path class="line" d="M300 114v34m0-26-18 8m18 18-8 22m8-22 10 22" />
      <path class="walk" d="M314 158h34" /><text x="196" y="172">way back free</text><path
        class="moon"
        d="M322 18a16 16 0 1 0 14 24a13 13 0 0 1-14-24Z"
      />
    {:else if method === 'space-spray'}
      <path class="body" d="M30 14h300v146H30Z" /><path class="line" d="M180 160v-24h10v24" />
      {#each [70, 110, 150, 190, 230, 270] as x, i (x)}<circle
          class="put faint"
          cx={x}
          cy={48 + (i % 3) * 22}
          r="11"
        />{/each}
      <text x="180" y="128" text-anchor="middle">nobody in it, fires out</text>
    {:else if method === 'dug-soil'}
      <path class="line" d="M14 70h70l24 66h70l24-66h144" /><path
        class="walk"
        d="M143 120V34l-14 14m14-14 14 14"
      /><path class="walk" d="M270 24v34" />
      <path class="body" d="M216 58q50-44 108 0Z" /><circle class="put" cx="246" cy="50" r="3" /><circle
        class="put"
        cx="264"
        cy="42"
        r="3"
      /><circle class="put" cx="284" cy="46" r="3" /><circle class="put" cx="300" cy="52" r="3" />
      <text x="30" y="54">1 dig out</text><text x="230" y="16">2 mix even</text><text x="112" y="164"
        >3 put back</text
      >
    {:else if method === 'ground-sheet'}
      <path class="lawn" d="M10 100h340v66H10Z" /><path class="sheet" d="M70 120l150-22 70 30-150 24Z" />
      <circle class="body" cx="72" cy="120" r="7" /><circle class="body" cx="220" cy="98" r="7" /><circle
        class="body"
        cx="288"
        cy="128"
        r="7"
      /><circle class="body" cx="140" cy="152" r="7" />
      <path class="moon" d="M60 22a18 18 0 1 0 16 28a15 15 0 0 1-16-28Z" /><text x="86" y="44">dusk: lay</text
      >
      <circle class="sun" cx="240" cy="44" r="13" /><path class="thin" d="M214 58h52" /><text x="276" y="50"
        >dawn: lift, count</text
      >
    {:else if method === 'drain'}
      <path
        class="line"
        d="M30 40h90v66q0 46 46 46h8q46 0 46-46v-16h120M344 40H160v66q0 12 12 12t12-12V60h160"
      />
      <path class="put" d="M120 44h7v64h-7Zm33 0h7v64h-7Z" />
      <path class="body" d="M134 4h12v34h-12Zm-5 34h22v14h-22Z" />
      <text x="172" y="26">down the sides first</text>
    {:else if method === 'water'}
      <path class="line" d="M14 60h40q30 90 130 90t130-90h40" /><path
        class="pond"
        d="M66 84q36 64 118 64t118-64Z"
      />
      {#each [96, 126, 156, 186, 216, 246, 272] as x, i (x)}<circle
          class="put"
          cx={x}
          cy={84 + (i % 2) * 6}
          r="3.4"
        />{/each}
      <path class="walk" d="M308 60h36m-10-8 10 8-10 8" />{@render wrong(326, 84)}<text x="120" y="40"
        >evenly over all of it</text
      >
    {/if}
  </svg>
{/if}

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 30rem;
  }
  path,
  circle,
  ellipse {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  .body {
    fill: var(--field);
  }
  .thin {
    stroke-width: 0.9;
    opacity: 0.7;
  }
  .put {
    fill: var(--petrol);
    stroke: none;
  }
  .line-put,
  .spray,
  .walk {
    stroke: var(--petrol);
    stroke-width: 2;
  }
  .spray {
    stroke-dasharray: 3 4;
  }
  .faint {
    opacity: 0.45;
  }
  .gap {
    stroke: var(--saffron);
    stroke-width: 5;
  }
  .wrong {
    stroke: var(--brick);
    stroke-width: 3.4;
  }
  .lawn {
    fill: var(--moss-wash);
    stroke: none;
  }
  .sheet {
    fill: var(--petrol);
    fill-opacity: 0.75;
  }
  .pond {
    fill: var(--water);
    stroke: none;
  }
  .moon,
  .sun {
    fill: var(--saffron-wash);
  }
  .tag {
    fill: var(--ink);
  }
  text {
    font-size: 14px;
    fill: var(--ink);
  }
  .on {
    fill: var(--paper);
    font-weight: 700;
    font-size: 12px;
  }
</style>
