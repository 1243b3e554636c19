<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Line\Radio\Bench\Bench;
use Rigger\Core\Line\Radio\Bench\BenchDevice;

/** A kit on the bench at a moment. */
final readonly class BenchView
{
    /**
     * @param list<BenchDeviceView> $devices
     * @param list<string>          $said    what went wrong, or happened
     * @param float|null            $next    when something changes by itself, in seconds
     */
    public function __construct(public array $devices, public array $said, public ?float $next)
    {
    }

    public static function of(Bench $bench): self
    {
        return new self(array_map(static function (BenchDevice $device) use ($bench): BenchDeviceView {
            $sign = $bench->sign($device);

            return new BenchDeviceView(
                $device->id,
                $device->isOn(),
                $device->onAt,
                $bench->kit->joined($device->values),
                $device->held,
                $bench->lamp($device)->value,
                $bench->lamp($device)->words(),
                $sign?->colour,
                $sign?->pattern,
                $sign?->words(),
                array_map(static fn (BenchDevice $one): string => $one->id, $bench->heardBy($device)),
            );
        }, array_values($bench->devices)), $bench->said, $bench->next());
    }
}
