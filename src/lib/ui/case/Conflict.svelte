<script lang="ts">
  import OneOf from '../parts/OneOf.svelte';
  import Button from '../parts/Button.svelte';
  import type { Clash, Plain, TheirChange } from '../../core/case';
  import { atPlace, fieldName, plainText } from '../../words';
  import { getZone } from '../parts/today';
  import { getShow } from '../parts/show';
  const show = getShow();
  const zone = getZone();

  interface Props {
    by: string;
    at: string;
    basedOn: number;
    revision: number;
    theirs: readonly TheirChange[];
    clashes: readonly Clash[];
    whole: boolean;
  }
  let { by, at, basedOn, revision, theirs, clashes, whole }: Props = $props();
  const shown = (value: Plain): string => plainText(value, show);
</script>

<section
  class="conflict border border-saffron bg-saffron-wash pt-3 pb-4 px-4 my-5 mx-0"
  role="alert"
  aria-label="Somebody else saved meanwhile"
>
  <h2>{by} saved this stop at {atPlace(at, zone()).time}, after you opened it</h2>
  <p>Nothing of yours was saved yet, and nothing of theirs was lost.</p>
  <input type="hidden" name="basedOn" value={basedOn} />
  <input type="hidden" name="seen" value={revision} />
  {#if whole}
    <p>The two answers do not fit together. Take one of them whole:</p>
    <input type="hidden" name="keep.*" value="mine" />
    <div class="actions mt-3">
      <Button kind="main" name="then" value="stay">Save mine instead</Button>
      <a class="button" href="?" data-sveltekit-reload>Take theirs, drop mine</a>
    </div>
  {:else}
    {#if theirs.length > 0}
      <p class="figure">They changed, and you did not:</p>
      <ul>
        {#each theirs as { path, from, to } (path)}
          <li>{fieldName(path)}: <s>{shown(from)}</s> → <b>{shown(to)}</b></li>
        {/each}
      </ul>
    {/if}
    {#each clashes as { path, theirs: other, mine } (path)}
      <fieldset>
        <legend>{fieldName(path)}: you both changed it</legend>
        <OneOf class="line" name="keep.{path}" value="theirs" chosen="theirs"
          >{by}: <b>{shown(other)}</b></OneOf
        >
        <OneOf class="line" name="keep.{path}" value="mine" chosen="theirs">you: <b>{shown(mine)}</b></OneOf>
      </fieldset>
    {/each}
    <div class="actions mt-3">
      <Button kind="main" name="then" value="stay">Save both changes together</Button>
      <a class="button" href="?" data-sveltekit-reload>Take theirs, drop mine</a>
    </div>
  {/if}
</section>

<style>
  .conflict {
    border-left-width: 5px;
  }
  p {
    margin: 0.4rem 0;
  }
  ul {
    list-style: disc;
    margin: 0.2rem 0 0.6rem;
    padding-left: 1.2rem;
  }
  fieldset {
    margin: 0.6rem 0;
  }
  legend {
    font-weight: 650;
  }
</style>
