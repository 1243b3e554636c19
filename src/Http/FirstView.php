<?php

declare(strict_types=1);

namespace Rigger\App\Http;

/** What the front end will ask for as soon as it runs at an address. The page names it, so that all of it comes at the same time. */
final readonly class FirstView
{
    /** Source of a page by its address, as in the front end's router. */
    private const PAGES = [
        '' => 'assets/stages/StartPage.svelte',
        'backups' => 'assets/stages/keeping/BackupsPage.svelte',
        'wastebasket' => 'assets/stages/keeping/WastebasketPage.svelte',
    ];
    private const ANY_OTHER = 'assets/stages/RigsPage.svelte';
    /** Of a stage by its address below a rig. */
    private const STAGES = [
        'fixtures' => 'assets/stages/fixtures/FixturesStage.svelte',
        'patch' => 'assets/stages/patch/PatchStage.svelte',
        'walk' => 'assets/stages/patch/WalkStage.svelte',
        'lines' => 'assets/stages/lines/LinesStage.svelte',
        'lines/bench' => 'assets/stages/lines/KitBenchPage.svelte',
        'lines/cover' => 'assets/stages/lines/CoverPage.svelte',
        'lines/kits' => 'assets/stages/lines/DescribeKit.svelte',
        'desk' => 'assets/stages/desk/DeskStage.svelte',
        'desk/plan' => 'assets/stages/desk/PlanDesk.svelte',
        'desk/describe' => 'assets/stages/desk/DescribeDesk.svelte',
        'preflight' => 'assets/stages/desk/PreflightStage.svelte',
        'stage' => 'assets/stages/desk/StageView.svelte',
        'looks' => 'assets/stages/looks/LooksStage.svelte',
        'sheets' => 'assets/stages/sheets/SheetsStage.svelte',
    ];
    private const RIG = '~^rigs/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})(?:/(.*))?$~D';

    /**
     * @param string|null $script source of the page
     * @param string|null $answer address of the API
     */
    private function __construct(public ?string $script, public ?string $answer)
    {
    }

    /** @param string $path without the slash before it */
    public static function of(string $path): self
    {
        if (1 !== preg_match(self::RIG, $path, $found)) {
            return new self(self::PAGES[$path] ?? self::ANY_OTHER, null);
        }
        $stage = $found[2] ?? '';

        return new self(self::STAGES[$stage] ?? self::STAGES[strtok($stage, '/')] ?? null, '/api/rigs/'.$found[1]);
    }
}
