<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

use Rigger\Core\Line\RadioKit;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class AddLink
{
    /** @param string|null $name that the sender is set to; left out, the kit's first name not in use */
    public function __construct(
        public int $version,
        #[Assert\Choice(callback: [self::class, 'kits'], message: 'There is no such radio kit.')]
        public string $kit,
        public string $label,
        public ?string $name = null,
    ) {
    }

    /** @return list<string> */
    public static function kits(): array
    {
        return array_column(RadioKit::cases(), 'value');
    }
}
