<script lang="ts">
  import { resolve } from '$app/paths';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Trust this Nimsy · Nimsy</title></svelte:head>
<div class="page max-w-[48rem]">
  <h1>Trust this Nimsy on this device</h1>
  <p>
    Nobody outside vouches for this Nimsy, so the browser warns of it. It has an authority of its own; once a
    device trusts that, the warning is gone and everything between the two stays encrypted.
  </p>
  <ol>
    <li>
      <p>
        <a href={resolve('/trust/ca.crt')} download>Take the authority’s certificate</a> (a small file; it
        holds until
        {data.until}).
      </p>
    </li>
    <li>
      <p>
        Compare its SHA-256 fingerprint with the one that the machine printed in its terminal at the start. If
        they differ, stop: something stands between you and it.
      </p>
      <p class="font-[650] wrap-anywhere">{data.fingerprint}</p>
    </li>
    <li>
      <p>Add it to the authorities that the device trusts:</p>
      <ul>
        <li>
          A telephone or tablet: open the file, then find “certificates” in the system’s settings for
          security.
        </li>
        <li>A desktop system: open the file and put it among the trusted root authorities.</li>
        <li>A browser that keeps its own list: settings, then certificates, authorities, import.</li>
      </ul>
    </li>
    <li><p>Open Nimsy again. No warning means that it worked.</p></li>
  </ol>
  <p class="soft">
    The authority’s key never leaves the machine that runs Nimsy. To stop trusting it, remove the certificate
    in the same place.
  </p>
</div>

<style>
  p {
    margin: 0.6rem 0;
  }
  ol {
    list-style: decimal;
    padding-left: 1.2rem;
  }
  ul {
    list-style: disc;
    padding-left: 1.2rem;
  }
</style>
