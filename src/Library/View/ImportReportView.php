<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What became of each file. */
final readonly class ImportReportView
{
    /** @param list<ImportResultView> $results in the order of the files */
    public function __construct(public array $results)
    {
    }
}
