<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/** What stands between a fader and one channel of a unit: {"channel","shape","min","max","bound","points"?}. */
final readonly class ChannelCurve
{
    /** @param int $channel offset in the unit, from 1 */
    public function __construct(public int $channel, public Curve $curve)
    {
    }

    /** @throws InputError as CurveReader; field paths below $path */
    public static function read(mixed $document, string $path): self
    {
        $in = Members::of($document, CurveReader::members($document, ['channel']), $path);
        $channel = $in->whole('channel', 1, 512);
        try {
            return new self($channel, CurveReader::read($in));
        } catch (InputError $error) {
            // A rule between members names its member alone.
            throw \in_array($error->errorCode, ['limits_crossed', 'bad_points'], true)
                ? InputError::because($error->errorCode, $in->path($error->field), $error->getMessage())
                : $error;
        }
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['channel' => $this->channel] + $this->curve->toArray();
    }
}
