<script lang="ts">
  import type { Component } from 'svelte';
  import { untrack } from 'svelte';
  import type { CaseFacts, CaseView } from '../../core/case';
  import { showIn, type Manner } from '../../words';
  import { setErrors } from '../parts/errors';
  import { setShow } from '../parts/show';
  import { setToday, setZone } from '../parts/today';
  import { CaseSheet, setSheet } from './sheet.svelte';

  /** A screen of a case with all that stands around it on its page: for tests alone. */
  interface Props {
    facts: CaseFacts;
    /** What follows from them, worked out once for all screens of a case. */
    view: CaseView;
    manner: Manner;
    screen: Component<Record<string, unknown>>;
    given: Record<string, unknown>;
  }
  let { facts, view, manner, screen: Screen, given }: Props = $props();
  // What stands beside an amount is of the other system on purpose.
  const show = setShow({ ...showIn(untrack(() => manner)), besideText: () => null });
  setToday(() => facts.today);
  setZone(() => 'Europe/London');
  setErrors(() => undefined);
  setSheet(Object.defineProperty(new CaseSheet(() => facts, show), 'view', { get: () => view }));
</script>

<Screen {...given} />
