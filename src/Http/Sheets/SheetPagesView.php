<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\SvgPage;

/** Pages for the screen. */
final readonly class SheetPagesView
{
    /**
     * @param list<string> $svg   a picture a page, true to size
     * @param int          $count of all pages; the pictures may be fewer
     * @param float        $width of a page, in millimetres
     */
    public function __construct(public array $svg, public int $count, public float $width, public float $height)
    {
    }

    /** How many pages a screen is sent: nobody looks through more before printing. */
    private const MOST = 12;

    /** @param non-empty-list<Page> $pages */
    public static function of(array $pages): self
    {
        return new self(
            array_map(SvgPage::of(...), \array_slice($pages, 0, self::MOST)),
            \count($pages),
            $pages[0]->width,
            $pages[0]->height,
        );
    }
}
