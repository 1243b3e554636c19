<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileWriter;

/** A chart that is not stored yet. */
final readonly class EditedChartView
{
    /** @param array<string, mixed> $chart rigger-fixture document */
    public function __construct(#[OA\Property(type: 'object')] public array $chart)
    {
    }

    public static function of(FixtureProfile $profile): self
    {
        return new self(ProfileWriter::write($profile));
    }
}
