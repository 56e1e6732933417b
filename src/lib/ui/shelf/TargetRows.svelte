<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import { GRADE_WORDS } from '../../words';
  import RowOff from '../parts/RowOff.svelte';
  import Tick from '../parts/Tick.svelte';
  import { getErrors } from '../parts/errors';
  import type { PestGroup, PestName } from './pest-name';

  /** The pests that a use is for, each with its life stages and the evidence. */
  interface Props {
    at: string;
    own: Readonly<Record<string, string>>;
    pests: readonly PestName[];
    groups?: readonly PestGroup[];
  }
  let { at, own, pests, groups = [] }: Props = $props();
  const errorFor = getErrors();
  interface Row {
    readonly pest: string;
    readonly from: number | null;
    /** Taken off: it is kept as it was typed, and not sent. */
    off: boolean;
  }
  const given = (): Row[] =>
    Object.entries(own).flatMap(([name, pest]) => {
      const found = /^targets\.(\d+)\.pest$/.exec(name);
      return found && pest !== '' ? [{ pest, from: Number(found[1]), off: false }] : [];
    });
  let rows = $state<Row[]>(untrack(given));
  let typed = $state('');
  let unknown = $state(false);
  const left = $derived(pests.filter((p) => !rows.some((row) => row.pest === p.id && !row.off)));
  const nameOf = (id: string): string => pests.find((p) => p.id === id)?.name ?? id;

  /** A new row, or the one that was taken off. */
  function put(pest: string): void {
    const before = rows.find((row) => row.pest === pest);
    if (before) before.off = false;
    else rows.push({ pest, from: null, off: false });
  }

  function add(): boolean {
    const wanted = typed.trim().toLowerCase();
    if (wanted === '') return false;
    const group = groups.find((g) => g.name.toLowerCase() === wanted);
    if (group) {
      unknown = false;
      for (const id of group.members) if (left.some((p) => p.id === id)) put(id);
      typed = '';
      return true;
    }
    const found =
      left.find((p) => p.name.toLowerCase() === wanted) ??
      left.find((p) => p.name.toLowerCase().startsWith(wanted));
    unknown = found === undefined;
    if (!found) return true;
    put(found.id);
    typed = '';
    return true;
  }
  const GRADES = [
    { value: '', name: 'evidence: by the guide' },
    ...Object.entries(GRADE_WORDS).map(([value, name]) => ({ value, name })),
  ];
</script>

<ul class="rule-list">
  {#each rows as row, k (row.pest)}
    {@const pest = pests.find((p) => p.id === row.pest)}
    {@const was = (key: string, other = ''): string =>
      row.from === null ? other : (own[`targets.${row.from}.${key}`] ?? other)}
    <li>
      <RowOff name={nameOf(row.pest)} bind:off={row.off}>
        {#snippet children(off)}
          <div
            class="grid grid-cols-[11rem_minmax(0,1fr)_auto] gap-y-1 gap-x-4 items-center max-[640px]:grid-cols-[minmax(0,1fr)_auto]"
          >
            <input type="hidden" name="{at}.targets.{k}.pest" value={row.pest} />
            <span class="figure">{nameOf(row.pest)}</span>
            <span
              class="max-[640px]:col-[1_/_3] max-[640px]:row-start-2 inline-flex flex-wrap gap-y-0 gap-x-4"
            >
              {#each pest?.stages ?? [] as stage (stage.id)}
                <Tick
                  label={stage.name}
                  name="{at}.targets.{k}.stages.{stage.id}"
                  checked={was(`stages.${stage.id}`) !== ''}
                />
              {/each}
            </span>
            <Button
              type="button"
              kind="plain"
              class="off"
              aria-label="Take {nameOf(row.pest)} off"
              onclick={off}>Take off</Button
            >
            <span class="col-[2_/_4] grid grid-cols-[10rem_minmax(0,1fr)] gap-2 max-[640px]:col-[1_/_3]">
              <Pick
                quiet
                label="Evidence against {nameOf(row.pest)}"
                name="{at}.targets.{k}.grade"
                value={was('grade')}
                items={GRADES}
              />
              <input
                class="field-input"
                name="{at}.targets.{k}.reason"
                value={was('reason')}
                aria-label="Why it works against {nameOf(row.pest)}"
                placeholder="because"
                autocomplete="off"
              />
            </span>
          </div>
        {/snippet}
      </RowOff>
    </li>
  {/each}
</ul>
<div class="max-w-[24rem] mt-1.5">
  <label class="field-label" for="{at}-add">Against: type a pest or a group of them, then Enter</label>
  <input
    id="{at}-add"
    class="field-input"
    list="pest-names"
    bind:value={typed}
    autocomplete="off"
    onkeydown={(event) => {
      if (event.key !== 'Enter') return;
      if (add()) event.preventDefault();
    }}
    onchange={() => {
      if (left.some((p) => p.name === typed) || groups.some((g) => g.name === typed)) add();
    }}
  />
  {#if unknown}<p class="field-error">The field guide has no pest of that name.</p>{/if}
  {#if errorFor(`${at}.targets`)}<p class="field-error">{errorFor(`${at}.targets`)}</p>{/if}
  <p class="field-hint">No stage ticked: the label holds for all of them.</p>
</div>
