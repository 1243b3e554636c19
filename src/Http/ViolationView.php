<?php

declare(strict_types=1);

namespace Rigger\App\Http;

final readonly class ViolationView
{
    public function __construct(public string $path, public string $code, public string $message)
    {
    }
}
