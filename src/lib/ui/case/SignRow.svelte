<script lang="ts">
  import { resolve } from '$app/paths';
  import { effortText } from '../../words';
  import type { Show } from '../../words';
  import { CANNOT_TELL, NONE_OF_THESE, type Finding, type Sign } from '../../core/identify';

  /** A sign and its answers. Its buttons are native: a place has eighty signs of four answers and more. */
  interface Props {
    sign: Sign;
    found: Finding | undefined;
    /** Among the most worth looking at next. */
    worth: boolean;
    drawn: boolean;
    prose: Show['prose'];
  }
  let { sign, found, worth, drawn, prose }: Props = $props();
  const answers = $derived(
    sign.values === null
      ? [
          { id: 'yes', name: 'Seen' },
          { id: 'no', name: 'Not seen' },
        ]
      : [...sign.values, { id: NONE_OF_THESE, name: 'None of these' }],
  );
  const now = $derived(found === undefined ? '' : found === true ? 'yes' : found === false ? 'no' : found);
</script>

<fieldset id="sign-{sign.id}" class="sign border-b border-b-rule py-2.5 px-0 min-w-0" class:worth>
  <legend><span class="mark absolute -left-3" aria-hidden="true">▸ </span>{prose(sign.name)}</legend>
  {#if drawn}<img
      class="drawing my-1 mr-0 ml-3"
      src={resolve('/drawings/[name]', { name: `${sign.id}.svg` })}
      alt=""
      width="84"
      height="56"
      loading="lazy"
    />{/if}
  <p class="soft small">{prose(sign.how)} · {effortText(sign)}</p>
  <div
    class="answers border border-edge rounded-md overflow-hidden max-w-full"
    class:many={sign.values !== null}
  >
    {#each [...answers, { id: CANNOT_TELL, name: 'Cannot tell' }, { id: '', name: 'Not looked' }] as { id, name } (id)}
      <label class="tap"
        ><input type="radio" name="signs.{sign.id}" value={id} checked={now === id} /><span>{name}</span
        ></label
      >
    {/each}
  </div>
</fieldset>

<style>
  .sign {
    scroll-margin-top: 5rem;
  }
  .sign legend {
    position: relative;
    font-weight: 650;
    padding: 0;
    float: left;
    width: 100%;
  }
  /* It stands beside the line: nothing moves away under a finger when another sign becomes worth looking at. */
  .mark {
    visibility: hidden;
  }
  .worth .mark {
    visibility: visible;
  }
  .worth legend {
    color: var(--petrol);
  }
  .drawing {
    float: right;
  }
  .sign p {
    margin: 0 0 0.4rem;
  }
  .sign p,
  .answers {
    clear: left;
  }
  .answers {
    display: inline-flex;
  }
  .answers label + label {
    border-left: 1px solid var(--edge);
  }
  .many {
    display: flex;
    flex-direction: column;
    clear: both;
  }
  .many label + label {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
  .answers span {
    display: block;
    padding: 0.55rem 0.75rem;
    min-height: 2.75rem;
    font-size: 0.95rem;
  }
  /* Four answers stand in one line, on a telephone too; a checked one, in bold, takes no more room. */
  .answers:not(.many) span {
    padding-inline: 0.5rem;
    white-space: nowrap;
    letter-spacing: -0.01em;
  }
  .answers label:last-child input:checked + span {
    background: var(--rule);
    color: var(--ink);
  }
</style>
