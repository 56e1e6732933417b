<script lang="ts">
  import Pick from '$lib/ui/parts/Pick.svelte';
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import { isValidOn, LICENCE_CATEGORIES } from '$lib/core/premises';
  import DateField from '$lib/ui/parts/DateField.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import Tick from '$lib/ui/parts/Tick.svelte';
  import Wrong from '$lib/ui/parts/Wrong.svelte';
  import { atPlace, LICENCE_CATEGORY_WORDS, ROLE_WORDS } from '$lib/words';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const { dayText } = getShow();
  const zone = getZone();

  let { data, form }: PageProps = $props();
  const ROLES = (['owner', 'technician', 'viewer'] as const).map((role) => ({
    value: role,
    name: ROLE_WORDS[role].name,
  }));
  const notTakenOut = $derived(
    form && 'form' in form && form.form?.id === '?/remove' ? form.errors?.[0]?.message : undefined,
  );
</script>

<svelte:head><title>People · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>People of {data.workspace}</h1>
  <ul class="rule-list">
    {#each data.members as { id, name, email, role, licence } (id)}
      <li
        class="member grid grid-cols-[minmax(12rem,1fr)_19rem_11rem] gap-y-1.5 gap-x-6 items-center max-[800px]:grid-cols-1"
      >
        <span
          ><span class="figure">{name}</span>{id === data.self ? ' (you)' : ''}<br /><span class="soft small"
            >{email}</span
          ></span
        >
        <KeptForm action="?/role" id="?/role {id}" label="Role of {name}">
          {#snippet children(sending)}
            <input type="hidden" name="personId" value={id} />
            <div class="flex gap-2">
              <Pick quiet label="Role of {name}" name="role" value={role} items={ROLES} />
              <Button disabled={sending}>Set the role</Button>
            </div>
          {/snippet}
        </KeptForm>
        <form method="POST" action="?/remove">
          <input type="hidden" name="personId" value={id} />
          <Button kind="plain">Take {id === data.self ? 'yourself' : name} out</Button>
        </form>
        {#if !data.household}
          <Fold
            class="col-span-full"
            says={licence
              ? `Licence ${licence.number}, ${licence.category}${isValidOn(licence, data.today) ? '' : ': run out'}`
              : 'No licence'}
          >
            <KeptForm action="?/licence" id="?/licence {id}" label="Licence of {name}">
              {#snippet children(sending)}
                <input type="hidden" name="personId" value={id} />
                <div class="fields">
                  <Field
                    label="Category"
                    name="licence.category"
                    value={licence?.category ?? ''}
                    width="20rem"
                    hint="what it allows, as printed on it"
                  />
                  <fieldset class="border-0 p-0 flex flex-wrap gap-y-0 gap-x-6 w-full">
                    <legend class="field-label">It covers work with</legend>
                    {#each LICENCE_CATEGORIES as one (one)}
                      <Tick
                        label={LICENCE_CATEGORY_WORDS[one]}
                        name="licence.covers.{one}"
                        checked={licence?.covers.includes(one) ?? false}
                      />
                    {/each}
                    <Wrong path="licence.covers" />
                  </fieldset>
                  <Field label="Number" name="licence.number" value={licence?.number ?? ''} width="10rem" />
                  <Field label="Given by" name="licence.by" value={licence?.by ?? ''} width="14rem" />
                  <DateField label="Valid until" name="licence.until" value={licence?.until ?? ''} />
                  <Button disabled={sending}>Keep it</Button>
                </div>
                <p class="field-hint">
                  All blank: none. It counts for this person alone, for what it covers, until its last day.
                </p>
              {/snippet}
            </KeptForm>
          </Fold>
        {/if}
      </li>
    {/each}
  </ul>

  {#if notTakenOut}<p class="field-error" role="alert">{notTakenOut}</p>{/if}

  <h2 class="section-head">Invite somebody</h2>
  {#if form && 'link' in form && form.link}
    <div class="link border border-petrol py-2.5 px-4 mb-4" role="status">
      <p>
        Give this link to {form.email}. It is shown this once, works once, and holds for a week.
      </p>
      <p class="address font-[650] wrap-anywhere">{form.link}</p>
    </div>
  {/if}
  <KeptForm action="?/invite" reset>
    {#snippet children(sending)}
      <div class="fields">
        <Field
          label="E-mail address"
          name="email"
          type="email"
          value={form && 'fields' in form ? (form.fields?.email ?? '') : ''}
          width="20rem"
        />
        <Choice label="Role" name="role" items={ROLES} value="technician" width="12rem" />
      </div>
      <p class="soft small roles flex flex-wrap gap-y-1 gap-x-6">
        {#each ROLES as { value, name } (value)}<span
            ><span class="figure">{name}</span>: {ROLE_WORDS[value].may}</span
          >{/each}
      </p>
      <div class="actions"><Button kind="main" disabled={sending}>Make a link</Button></div>
    {/snippet}
  </KeptForm>

  {#if data.invitations.length > 0}
    <h2 class="section-head">Open invitations</h2>
    <ul class="rule-list">
      {#each data.invitations as { id, email, role, by, expiresAt, over } (id)}
        <li
          class="member grid grid-cols-[minmax(12rem,1fr)_19rem_11rem] gap-y-1.5 gap-x-6 items-center max-[800px]:grid-cols-1"
        >
          <span
            >{email} as {ROLE_WORDS[role].name}<br /><span class="soft small"
              >by {by}, {over ? 'expired' : 'until'} {dayText(atPlace(expiresAt, zone()).day)}</span
            ></span
          >
          <form method="POST" action="?/withdraw">
            <input type="hidden" name="id" value={id} />
            <Button kind="plain">Withdraw</Button>
          </form>
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  .member > span {
    overflow-wrap: anywhere;
  }
  .member :global(.button-plain) {
    text-align: left;
    justify-content: start;
  }
  .roles {
    margin: 0.8rem 0 0;
  }
  .link p {
    margin: 0.2rem 0;
  }
  .address {
    user-select: all;
  }
</style>
