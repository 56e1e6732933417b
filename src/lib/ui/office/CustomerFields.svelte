<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import Field from '../parts/Field.svelte';

  interface Customer {
    name: string;
    contact: string;
    language: string;
    access: string;
    pets: string;
    consentsToNotices: boolean;
  }
  let { customer }: { customer: Customer | null } = $props();
</script>

<div class="fields my-4 mx-0">
  <Field label="Name" name="name" value={customer?.name ?? ''} width="18rem" />
  <Field label="Contact" name="contact" value={customer?.contact ?? ''} width="22rem" />
  <Field label="Language" name="language" value={customer?.language ?? ''} width="10rem" />
</div>
<div class="fields my-4 mx-0">
  <Field
    label="Access"
    name="access"
    value={customer?.access ?? ''}
    width="26rem"
    hint="gates, keys, hours; no codes that open a house"
  />
  <Field label="Pets" name="pets" value={customer?.pets ?? ''} width="16rem" />
</div>
<Tick
  label="Wants notices of treatments"
  name="consentsToNotices"
  checked={customer?.consentsToNotices ?? false}
/>
