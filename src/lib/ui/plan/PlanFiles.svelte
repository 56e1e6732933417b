<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import { GROUND_KINDS, type ZoneKind } from '../../core/plan';
  import { readGeoJson } from '../../forms/plan';
  import { geoJsonText, ZONE_WORDS } from '../../words';
  import NumberField from '../parts/NumberField.svelte';
  import type { PlanEditor } from './editor.svelte';

  /** The plan's place on the earth, and files in and out. */
  let { editor, may, out }: { editor: PlanEditor; may: boolean; out: string } = $props();
  let kind = $state<ZoneKind>('lawn');
  let said = $state('');
  let wrong = $state('');
  let lat = $state(untrack(() => editor.plan.anchor?.lat ?? null));
  let lon = $state(untrack(() => editor.plan.anchor?.lon ?? null));

  async function take(event: Event): Promise<void> {
    const input = event.currentTarget as HTMLInputElement;
    const [file] = input.files ?? [];
    if (!file) return;
    said = wrong = '';
    if (file.size > 8_000_000) {
      wrong = 'The file is larger than 8 MB. Cut it to this property first.';
      return;
    }
    const { plan } = editor;
    const result = readGeoJson(await file.text(), {
      ...{ kind, layer: editor.layer, anchor: plan.anchor, north: plan.north },
      ...{ hasZones: plan.zones.length > 0, nextId: editor.newId },
    });
    input.value = '';
    if ('refused' in result) {
      const [refused] = result.refused;
      wrong = refused ? geoJsonText(refused.code, refused.path, refused.facts) : '';
      return;
    }
    const { zones, anchor, north, notes } = result.ok;
    editor.change({ ...plan, anchor, north, zones: [...plan.zones, ...zones] });
    editor.selected = zones.map((zone) => zone.id);
    [lat, lon] = [anchor?.lat ?? null, anchor?.lon ?? null];
    const repaired = notes.filter((note) => note.what === 'repaired').length;
    const without = notes.filter((note) => note.what === 'no-geometry').length;
    said = `${zones.length} zones taken in${repaired > 0 ? `, ${repaired} with an outline that was put right` : ''}${
      without > 0 ? `; ${without} features have no place and were left out` : ''
    }.`;
  }

  function anchor(): void {
    const [a, o] = [lat ?? NaN, lon ?? NaN];
    if (!(Math.abs(a) <= 85) || !(Math.abs(o) <= 180)) {
      wrong =
        'Type the latitude (−85 to 85) and the longitude (−180 to 180) of the plan’s origin, in degrees.';
      return;
    }
    wrong = '';
    editor.change({ ...editor.plan, anchor: { lat: a, lon: o } });
  }

  async function png(): Promise<void> {
    wrong = '';
    const answer = await fetch(`${out}?as=svg&layer=${editor.layer}`).catch(() => null);
    const svg = answer?.ok ? await answer.text() : null;
    const picture = new Image();
    const address = svg ? URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })) : '';
    try {
      picture.src = address;
      await picture.decode();
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [picture.width * 2, picture.height * 2];
      canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
      const link = document.createElement('a');
      link.href = canvas.toDataURL('image/png');
      link.download = 'plan.png';
      link.click();
    } catch {
      wrong = 'The picture could not be made. Take the SVG instead.';
    } finally {
      URL.revokeObjectURL(address);
    }
  }
  const UNITS = [
    { value: 'm', name: 'm' },
    { value: 'ft', name: 'ft' },
  ] as const;
</script>

{#if may}
  <div class="pair flex flex-wrap gap-2.5 items-end my-1.5 mx-0">
    <NumberField
      label="North, ° right of the top"
      signed
      value={editor.plan.north}
      onnumber={(north) =>
        north !== null &&
        editor.change({ ...editor.plan, north: Math.max(-360, Math.min(360, north)) }, 'north')}
    />
    <Pick
      label="Lengths in"
      value={editor.plan.unit}
      items={UNITS}
      onpick={(unit) => editor.change({ ...editor.plan, unit })}
    />
  </div>
  <div class="pair flex flex-wrap gap-2.5 items-end my-1.5 mx-0">
    <NumberField label="Latitude of the origin" most={90} signed value={lat} onnumber={(n) => (lat = n)} />
    <NumberField label="Longitude" most={180} signed value={lon} onnumber={(n) => (lon = n)} />
    <Button type="button" onclick={anchor}>Place it</Button>
  </div>
  <div class="pair flex flex-wrap gap-2.5 items-end my-1.5 mx-0">
    <Pick
      label="Areas of the file are"
      bind:value={kind}
      items={GROUND_KINDS.map((value) => ({ value, name: ZONE_WORDS[value] }))}
    />
    <label class="button"
      >Read in GeoJSON<input
        type="file"
        accept=".geojson,.json,application/geo+json"
        class="visually-hidden"
        onchange={take}
      /></label
    >
  </div>
{/if}
<p class="flex flex-wrap gap-2.5 items-end my-1.5 mx-0">
  <a class="button" href="{out}?as=geojson{editor.plan.anchor ? '' : '&metres=1'}" download
    >GeoJSON{editor.plan.anchor ? '' : ', own metres'}</a
  >
  <a class="button" href="{out}?as=svg&layer={editor.layer}" download>SVG</a>
  <Button type="button" onclick={png}>PNG</Button>
  <a class="button" href="{out}?as=csv" download>CSV</a>
</p>
{#if said}<p class="small" role="status">{said}</p>{/if}
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}

<style>
  .pair label:not(.button) {
    flex: 1;
    min-width: 6rem;
    font-size: 0.9rem;
    font-weight: 600;
  }
</style>
