<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Symfony\Component\Validator\Constraints as Assert;

/** Another mode, or another type, in a unit's place. */
final readonly class SwapFixture
{
    /**
     * @param string|null $typeId    null for the type that hangs there
     * @param bool        $makesRoom also moves it to the first place with room, where it does not fit
     */
    public function __construct(
        public int $version,
        public string $mode,
        #[Assert\Uuid(message: 'This is no fixture type.')]
        public ?string $typeId = null,
        public bool $makesRoom = false,
    ) {
    }
}
