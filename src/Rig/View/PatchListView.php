<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use OpenApi\Attributes as OA;

/** What a patch list would do; nothing has changed yet. */
final readonly class PatchListView
{
    /**
     * @param list<ListColumnView> $columns
     * @param list<ListRowView>    $rows
     * @param \stdClass            $change  what takes the list, for the door of changes
     */
    public function __construct(
        public array $columns,
        public array $rows,
        public int $new,
        public int $changed,
        public int $same,
        public int $leftOut,
        #[OA\Property(ref: '#/components/schemas/TakeList')] public \stdClass $change,
    ) {
    }
}
