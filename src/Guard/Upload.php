<?php

declare(strict_types=1);

namespace Rigger\App\Guard;

/** Route default of an action that takes a form with a file, and no JSON. */
final class Upload
{
    public const ROUTE = '_upload';
}
