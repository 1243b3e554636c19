<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class CreateType
{
    /**
     * @param string|null $like     id of a look-alike whose chart it starts from
     * @param string|null $likeMode the one mode to take over; null for all
     */
    public function __construct(
        public int $version,
        public string $maker,
        public string $model,
        public string $kind,
        #[Assert\Uuid] public ?string $like = null,
        public ?string $likeMode = null,
    ) {
    }
}
