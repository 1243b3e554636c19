import { createRouter } from 'sv-router';
import RigFrame from './frame/RigFrame.svelte';
import RigsPage from './stages/RigsPage.svelte';
import StartPage from './stages/StartPage.svelte';

export const { p, navigate, route } = createRouter({
  '/': StartPage,
  '/rigs': RigsPage,
  '/backups': () => import('./stages/keeping/BackupsPage.svelte'),
  '/wastebasket': () => import('./stages/keeping/WastebasketPage.svelte'),
  '/rigs/:rig': {
    '/fixtures': () => import('./stages/fixtures/FixturesStage.svelte'),
    '/fixtures/:type': () => import('./stages/fixtures/FixturesStage.svelte'),
    '/patch': () => import('./stages/patch/PatchStage.svelte'),
    '/walk': () => import('./stages/patch/WalkStage.svelte'),
    '/lines': () => import('./stages/lines/LinesStage.svelte'),
    '/desk': () => import('./stages/desk/DeskStage.svelte'),
    '/desk/plan': () => import('./stages/desk/PlanDesk.svelte'),
    '/desk/describe': () => import('./stages/desk/DescribeDesk.svelte'),
    '/preflight': () => import('./stages/desk/PreflightStage.svelte'),
    '/stage': () => import('./stages/desk/StageView.svelte'),
    '/looks': () => import('./stages/looks/LooksStage.svelte'),
    '/sheets': () => import('./stages/sheets/SheetsStage.svelte'),
    layout: RigFrame,
  },
  '*': RigsPage,
});
