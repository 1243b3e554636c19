<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import Dialog from '../../components/Dialog.svelte';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';

  /** Which contact of which plug carries what. */
  let { open = $bindable() }: { open: boolean } = $props();
  const session = useRig();
  const pins = createQuery(() => ({
    queryKey: ['pin-tables'],
    enabled: open,
    staleTime: Infinity,
    queryFn: () => answered(api.GET('/api/pin-tables', {})),
  }));
</script>

<Dialog title="Which pin carries what" bind:open>
  <p class="dim mb-3 text-[12.5px]">By signal. The colour of a wire says nothing: trace it with a meter.</p>
  <div class="grid gap-4">
    {#each pins.data?.tables ?? [] as table (table.ends)}
      <section aria-label={table.name}>
        <h3>{table.name}</h3>
        <table class="w-full text-[12.5px]">
          <tbody>
            {#each table.pins as pin (pin.contact)}
              <tr class="rule border-t"
                ><th class="mono w-20 py-0.5 text-left font-[400]">{pin.contact}</th><td>{pin.signal}</td></tr
              >
            {/each}
          </tbody>
        </table>
        <p class="dim mt-1 text-[12px]">{table.note}</p>
      </section>
    {/each}
  </div>
  <p class="mt-3">
    <a class="link-repair text-[12.5px]" href="{p('/rigs/:rig/sheets', { params: { rig: session.id } })}?sheet=pins"
      >Print the pin tables</a
    >
  </p>
</Dialog>
