<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures\Input;

final readonly class CreateType
{
    public function __construct(public int $version, public string $maker, public string $model, public string $kind)
    {
    }
}
