<?php

declare(strict_types=1);

namespace Rigger\Core;

/** Everything that the core throws on purpose carries this marker. */
interface CoreException extends \Throwable
{
}
