<script lang="ts">
  import Field from '../parts/Field.svelte';
</script>

<Field
  label="New password"
  name="password"
  type="password"
  autocomplete="new-password"
  width="16rem"
  hint="at least 10 characters"
/>
<Field label="The same again" name="again" type="password" autocomplete="new-password" width="16rem" />
