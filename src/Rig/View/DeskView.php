<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** The rig's desk, and what each of its faders moves. */
final readonly class DeskView
{
    /**
     * @param list<int>           $starts     address at which each button or zone begins; empty for layouts without
     * @param int                 $reach      channels that one button or zone drives
     * @param list<StripView>     $strips     every fader in each of its meanings
     * @param bool                $crossfades two rows stand over the same addresses
     * @param bool                $isOnShelf  false where the library's description of that name is another one by now
     * @param float|null          $pitch      millimetres between faders
     * @param string|null         $master     all, dimmers or none; null where nobody said
     * @param list<string>        $pageNames  one a page
     * @param string              $words      the whole of it in a line
     * @param list<PreflightView> $preflight  what to look at before anyone blames a lamp
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $layout,
        public int $universe,
        public int $first,
        public ?int $buttons,
        public ?int $stride,
        public int $faders,
        public int $pages,
        public ?int $banks,
        public ?int $scenesPerBank,
        public array $starts,
        public int $reach,
        public array $strips,
        public bool $isWide,
        public bool $crossfades,
        public bool $isOnShelf,
        public ?float $pitch,
        public ?string $master,
        public KeyNamesView $keys,
        public array $pageNames,
        public string $words,
        public array $preflight,
    ) {
    }
}
