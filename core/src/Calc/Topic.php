<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;

/** One topic of the computation reference: JSON shape in, core call, JSON shape out. */
interface Topic
{
    /**
     * @param mixed $input what Json::decode gives
     *
     * @return array<string, mixed>
     *
     * @throws InputError
     */
    public function __invoke(mixed $input): array;
}
