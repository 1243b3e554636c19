<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Http;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Rigger\App\Http\FirstView;

/** What a page is told to fetch at once is what the front end asks for then. */
#[CoversNothing]
final class FirstViewTest extends TestCase
{
    private const RIG = 'rigs/01a233bf-8279-7d8f-93d5-cfada57765e6';

    public function testEveryPageOfTheRouterIsKnown(): void
    {
        $router = (string) file_get_contents(__DIR__.'/../../assets/router.ts');
        preg_match_all("~'/([^']*)': \\(\\) => import\\('\\./(stages/[^']+)'\\)~", $router, $found, \PREG_SET_ORDER);
        $pages = array_column($found, 2, 1);
        self::assertCount(19, $pages);
        foreach ($pages as $path => $script) {
            $isApart = \in_array($path, ['', 'rigs', 'backups', 'wastebasket'], true);
            $view = FirstView::of($isApart ? $path : self::RIG.'/'.str_replace(':type', 'abc', $path));
            self::assertSame('assets/'.$script, $view->script, $path);
            self::assertSame($isApart ? null : '/api/'.self::RIG, $view->answer, $path);
        }
    }

    public function testAnAddressThatNobodyKnowsShowsTheListOfRigs(): void
    {
        self::assertSame('assets/stages/RigsPage.svelte', FirstView::of('nonsense')->script);
        self::assertSame('assets/stages/RigsPage.svelte', FirstView::of('rigs/7')->script);
        self::assertNull(FirstView::of(self::RIG.'/nonsense')->script);
        self::assertSame('/api/'.self::RIG, FirstView::of(self::RIG)->answer);
    }
}
