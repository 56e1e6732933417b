import type { Component } from 'svelte';
import type { Stop } from '$lib/core/labels';
import type { StopProps } from '$lib/ui/case/stop-props';
import type { PageLoad } from './$types';

/** Each stop's screen is loaded when it is opened. Some take none of what all are given. */
const SCREENS: Record<Stop, () => Promise<{ default: unknown }>> = {
  look: () => import('$lib/ui/case/Look.svelte'),
  name: () => import('$lib/ui/case/Name.svelte'),
  choose: () => import('$lib/ui/case/Choose.svelte'),
  measure: () => import('$lib/ui/case/Measure.svelte'),
  when: () => import('$lib/ui/case/When.svelte'),
  mix: () => import('$lib/ui/case/Mix.svelte'),
  place: () => import('$lib/ui/case/Place.svelte'),
  log: () => import('$lib/ui/case/Log.svelte'),
  recheck: () => import('$lib/ui/case/Recheck.svelte'),
};

/** What stands around some stops. */
const AROUND: Partial<Record<Stop, () => Promise<{ default: Component }>>> = {
  choose: () => import('$lib/ui/case/Course.svelte'),
  log: () => import('$lib/ui/case/Dues.svelte'),
  recheck: () => import('$lib/ui/case/Dues.svelte'),
};

export const load: PageLoad = async ({ params, parent }) => {
  const [screen, around] = await Promise.all([SCREENS[params.stop](), AROUND[params.stop]?.()]);
  const several = params.stop === 'mix' && ((await parent()).facts.course?.length ?? 1) > 1;
  return {
    stop: params.stop,
    screen: screen.default as Component<StopProps>,
    around: around?.default ?? null,
    sharedTank: several ? (await import('$lib/ui/case/SharedTank.svelte')).default : null,
  };
};
