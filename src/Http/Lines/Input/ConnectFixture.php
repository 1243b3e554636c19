<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

final readonly class ConnectFixture
{
    /**
     * @param string|null $linkId   the sender; null puts the unit on a cable
     * @param string|null $receiver name that the unit's receiver is set to
     */
    public function __construct(public int $version, public ?string $linkId = null, public ?string $receiver = null)
    {
    }
}
