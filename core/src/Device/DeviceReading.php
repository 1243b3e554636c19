<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Profile\FixtureProfile;

/** A chart from a device description, and what of the description a chart does not hold. */
final readonly class DeviceReading
{
    /** @param list<string> $notes in an operator's words */
    public function __construct(public FixtureProfile $profile, public array $notes)
    {
    }
}
