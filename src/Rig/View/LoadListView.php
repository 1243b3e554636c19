<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Rig\Line\LoadList;

/** What to load for the data runs. */
final readonly class LoadListView
{
    /**
     * @param list<LoadLineView> $lines
     * @param int                $unknown cables of no known length, which are not in it
     * @param int                $joins   couplings where pieces are joined
     */
    public function __construct(public array $lines, public int $unknown, public int $joins)
    {
    }

    public static function of(LoadList $list): self
    {
        return new self(
            array_map(
                static fn (array $line): LoadLineView => new LoadLineView($line['what'], $line['count'], $line['spare']),
                $list->lines,
            ),
            $list->unknown,
            $list->joins,
        );
    }
}
