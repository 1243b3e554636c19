<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use OpenApi\Attributes as OA;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Proposal;

/** Something that could be done: a button, and the changes that it makes. */
final readonly class RepairView
{
    /**
     * @param string          $label   what the button says
     * @param list<\stdClass> $changes as the door of changes takes them
     * @param int             $trips   up a ladder
     * @param list<string>    $givesUp what is lost by it
     */
    public function __construct(
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Change'))] public array $changes,
        public int $trips,
        public array $givesUp,
    ) {
    }

    public static function of(Proposal $proposal): self
    {
        return new self(
            $proposal->label,
            array_map(static fn (Change $change): \stdClass => (object) ChangeReader::write($change), $proposal->changes),
            $proposal->trips,
            $proposal->givesUp,
        );
    }
}
