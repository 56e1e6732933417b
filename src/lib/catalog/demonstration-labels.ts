import alderhowRegulator from './labels/alderhow-regulator.json';
import ashriggAerosol from './labels/ashrigg-aerosol.json';
import brackenfoldPowder from './labels/brackenfold-powder.json';
import chalkfoldSpore from './labels/chalkfold-spore.json';
import cinderfoldBait from './labels/cinderfold-bait.json';
import dewfoldSlug from './labels/dewfold-slug.json';
import drainfoldFoam from './labels/drainfold-foam.json';
import duskfoldSheet from './labels/duskfold-sheet.json';
import fenriggSweep from './labels/fenrigg-sweep.json';
import ferncoteGel from './labels/ferncote-gel.json';
import flintholmMineral from './labels/flintholm-mineral.json';
import gillfoldPerimeter from './labels/gillfold-perimeter.json';
import hazelmoorGranule from './labels/hazelmoor-granule.json';
import heronfoldJet from './labels/heronfold-jet.json';
import kelfoldDrench from './labels/kelfold-drench.json';
import larderfoldTrap from './labels/larderfold-trap.json';
import larkbeckStations from './labels/larkbeck-stations.json';
import limewathDust from './labels/limewath-dust.json';
import loamfoldSoilMix from './labels/loamfold-soil-mix.json';
import merebankPreventive from './labels/merebank-preventive.json';
import mossfoldSponge from './labels/mossfold-sponge.json';
import pelletfoldSlug from './labels/pelletfold-slug.json';
import sallowfoldBacterium from './labels/sallowfold-bacterium.json';
import sedgefoldGranule from './labels/sedgefold-granule.json';
import skirtfoldReady from './labels/skirtfold-ready.json';
import stonewathSystemic from './labels/stonewath-systemic.json';
import tarnsideLiquid from './labels/tarnside-liquid.json';
import thornriggQuick from './labels/thornrigg-quick.json';
import wathNematodes from './labels/wath-nematodes.json';
import weftfoldTrap from './labels/weftfold-trap.json';
import yarrowfoldBotanical from './labels/yarrowfold-botanical.json';

/** Made-up labels as they are written; checked where they are read. */
export const WRITTEN_LABELS: readonly unknown[] = [
  alderhowRegulator,
  ashriggAerosol,
  brackenfoldPowder,
  chalkfoldSpore,
  cinderfoldBait,
  dewfoldSlug,
  drainfoldFoam,
  duskfoldSheet,
  fenriggSweep,
  ferncoteGel,
  flintholmMineral,
  gillfoldPerimeter,
  hazelmoorGranule,
  heronfoldJet,
  kelfoldDrench,
  larderfoldTrap,
  larkbeckStations,
  limewathDust,
  loamfoldSoilMix,
  merebankPreventive,
  mossfoldSponge,
  pelletfoldSlug,
  sallowfoldBacterium,
  sedgefoldGranule,
  skirtfoldReady,
  stonewathSystemic,
  tarnsideLiquid,
  thornriggQuick,
  wathNematodes,
  weftfoldTrap,
  yarrowfoldBotanical,
];
