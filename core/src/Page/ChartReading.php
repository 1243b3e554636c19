<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** What was read off a page. */
final readonly class ChartReading
{
    /**
     * @param list<ReadMode> $modes
     * @param list<string>   $emitters keys in the order of first mention
     * @param list<Remark>   $remarks  by line
     */
    public function __construct(public array $modes, public array $emitters, public array $remarks)
    {
    }
}
