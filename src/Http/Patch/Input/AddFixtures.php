<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class AddFixtures
{
    /**
     * @param string|null $twinOf    id of a fixture that the new ones shall listen like; type and mode then follow it
     * @param bool        $atButtons only where the desk's buttons begin
     */
    public function __construct(
        public int $version,
        #[Assert\Uuid(message: 'This is no fixture type.')]
        public string $typeId,
        public string $mode,
        #[Assert\Range(notInRangeMessage: 'Add 1 to 100 units at once, not {{ value }}.', min: 1, max: 100)]
        public int $count,
        public string $name,
        public bool $atButtons,
        public ?string $twinOf = null,
    ) {
    }
}
