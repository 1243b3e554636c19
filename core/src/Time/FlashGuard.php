<?php

declare(strict_types=1);

namespace Rigger\Core\Time;

use Rigger\Core\Text\Figure;

/** Whether flashing light may harm somebody: over 3 flashes a second with caution, over 10 only when a person confirms it. */
enum FlashGuard: string
{
    case Steady = 'steady';
    case Caution = 'caution';
    case Stop = 'stop';

    /** Flashes a second above which flashing light is known to be able to trigger seizures. */
    public const CAUTION_OVER = 3.0;
    public const STOP_OVER = 10.0;

    public static function of(float $hz): self
    {
        return match (true) {
            $hz > self::STOP_OVER => self::Stop,
            $hz > self::CAUTION_OVER => self::Caution,
            default => self::Steady,
        };
    }

    /**
     * @param float      $hz   flashes a second
     * @param float|null $area share of the view, 0 to 1; null where nobody has said
     */
    public function words(float $hz, ?float $area): string
    {
        $rate = Figure::short($hz, 1);
        $where = null === $area ? '' : \sprintf(' over %s %% of the view', Figure::short(100 * $area, 0));

        return match ($this) {
            self::Steady => \sprintf('%s flashes a second%s: steady enough.', $rate, $where),
            default => \sprintf(
                '%s flashes a second%s. Flashing light can trigger seizures: put up a notice, follow the venue’s policy and '
                    .'the local rules.%s',
                $rate,
                $where,
                self::Stop === $this ? ' Over 10 a second it is not sent unless a person confirms it.' : '',
            ),
        };
    }
}
