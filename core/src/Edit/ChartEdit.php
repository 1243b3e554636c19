<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;

/** One change of a chart that an operator asks for in one go. */
interface ChartEdit
{
    /** @throws InputError when the chart cannot be changed so */
    public function on(FixtureProfile $profile): FixtureProfile;
}
