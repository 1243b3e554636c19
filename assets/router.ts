import { createRouter } from 'sv-router';
import RigFrame from './frame/RigFrame.svelte';
import { steerBy } from './state/navigation';

const { navigate, route } = createRouter({
  '/': () => import('./stages/StartPage.svelte'),
  '/rigs': () => import('./stages/RigsPage.svelte'),
  '/backups': () => import('./stages/keeping/BackupsPage.svelte'),
  '/wastebasket': () => import('./stages/keeping/WastebasketPage.svelte'),
  '/rigs/:rig': {
    '/fixtures': () => import('./stages/fixtures/FixturesStage.svelte'),
    '/fixtures/:type': () => import('./stages/fixtures/FixturesStage.svelte'),
    '/patch': () => import('./stages/patch/PatchStage.svelte'),
    '/walk': () => import('./stages/patch/WalkStage.svelte'),
    '/lines': () => import('./stages/lines/LinesStage.svelte'),
    '/lines/bench': () => import('./stages/lines/KitBenchPage.svelte'),
    '/lines/cover': () => import('./stages/lines/CoverPage.svelte'),
    '/lines/kits': () => import('./stages/lines/DescribeKit.svelte'),
    '/desk': () => import('./stages/desk/DeskStage.svelte'),
    '/desk/plan': () => import('./stages/desk/PlanDesk.svelte'),
    '/desk/describe': () => import('./stages/desk/DescribeDesk.svelte'),
    '/preflight': () => import('./stages/desk/PreflightStage.svelte'),
    '/stage': () => import('./stages/desk/StageView.svelte'),
    '/looks': () => import('./stages/looks/LooksStage.svelte'),
    '/sheets': () => import('./stages/sheets/SheetsStage.svelte'),
    layout: RigFrame,
  },
  '*': () => import('./stages/RigsPage.svelte'),
});

steerBy({
  navigate: (path, options) => navigate(path as '/rigs', options as { replace?: boolean }),
  route: {
    get pathname() {
      return route.pathname;
    },
    get params() {
      return route.params as Record<string, string | undefined>;
    },
  },
});
