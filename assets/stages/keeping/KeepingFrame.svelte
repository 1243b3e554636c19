<script lang="ts">
  import type { Snippet } from 'svelte';
  import Notices from '../../frame/Notices.svelte';
  import { p, route } from '../../state/navigation';
  import { theme } from '../../state/theme.svelte';

  /** The pages about all rigs together: the list, the backups, the wastebasket. */
  let { title, words, actions, children }: { title: string; words: string; actions?: Snippet; children: Snippet } =
    $props();
  const PAGES = [
    { path: '/rigs', name: 'Rigs' },
    { path: '/backups', name: 'Backups' },
    { path: '/wastebasket', name: 'Wastebasket' },
  ] as const;
</script>

<svelte:head><title>{title} · Rigger</title></svelte:head>
<div class="relative h-full">
  <Notices />
  <div class="scroll h-full">
    <main class="mx-auto max-w-[980px] px-6 py-6 max-[760px]:px-4">
      <div class="grid grid-cols-[minmax(0,1fr)] gap-6">
        <div class="flex items-center gap-1">
          <nav class="flex flex-1 gap-1" aria-label="All rigs">
            {#each PAGES as page (page.path)}
              <a
                class="btn {route.pathname === page.path ? '' : 'btn-quiet'}"
                href={p(page.path)}
                aria-current={route.pathname === page.path ? 'page' : undefined}>{page.name}</a
              >
            {/each}
          </nav>
          <button class="btn btn-quiet" onclick={() => theme.toggle()}
            >{theme.name === 'booth' ? 'Daylight' : 'Dark'} theme</button
          >
        </div>
        <div class="flex flex-wrap items-center gap-3">
          <div class="flex-[1_1_300px]">
            <h1 class="text-[20px]">{title}</h1>
            <p class="dim text-[12.5px]">{words}</p>
          </div>
          {@render actions?.()}
        </div>
        {@render children()}
      </div>
    </main>
  </div>
</div>
