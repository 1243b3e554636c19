<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Change\Unit\BendChannel;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\LeftLit;
use Rigger\Core\Curve\Travel;
use Rigger\Core\Finding\PatchWords;
use Rigger\Core\Rig\Unit;

/** What a fader's travel becomes through a curve. */
final readonly class TravelView
{
    /**
     * @param list<int>   $values 256 of them
     * @param string      $words  dead travel, with its numbers
     * @param string|null $glow   what is left on in a blackout
     * @param int         $min    the lower limit, as it was understood
     * @param int         $max    the upper one
     */
    public function __construct(public array $values, public string $words, public ?string $glow, public int $min, public int $max)
    {
    }

    public static function of(Unit $unit, ChannelCurve $wish): self
    {
        $travel = Travel::of($wish->curve);
        $glow = LeftLit::of(BendChannel::channel($unit, $wish->channel), $wish->curve);

        return new self(
            $travel->values,
            $travel->words(),
            null === $glow ? null : PatchWords::glows($unit, $wish->channel, $glow->value, $glow->level),
            $wish->curve->min,
            $wish->curve->max,
        );
    }
}
