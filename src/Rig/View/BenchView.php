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
                self::outputs($bench, $device),
            );
        }, array_values($bench->devices)), $bench->said, $bench->next());
    }

    /** @return list<BenchOutputView> none where a kit's outputs are not given by hand */
    private static function outputs(Bench $bench, BenchDevice $device): array
    {
        return $device->isSender || null === $bench->kit->assign ? [] : array_map(
            static fn (int $output): BenchOutputView => new BenchOutputView(
                $output,
                $device->given[$output][0] ?? null,
                $device->given[$output][1] ?? null,
                $bench->level($device, $output),
            ),
            range(1, $bench->kit->outputs),
        );
    }
}
