<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Text\Figure;

/** What to do with a button of a receiver so that something happens: so many presses, or so many seconds held. */
final readonly class KitAct
{
    /**
     * @param string     $button  its label
     * @param int|null   $presses null where it is held
     * @param float|null $hold    seconds; null where it is pressed
     * @param float|null $within  seconds from switching on in which it must be done; null for any time
     */
    public function __construct(public string $button, public ?int $presses, public ?float $hold, public ?float $within)
    {
    }

    /** "hold Name for 3 s", "press Name 5 times", "press Name twice". */
    public function words(): string
    {
        return match (true) {
            null !== $this->hold => \sprintf('hold %s for %s s', $this->button, self::seconds($this->hold)),
            1 === $this->presses => \sprintf('press %s once', $this->button),
            2 === $this->presses => \sprintf('press %s twice', $this->button),
            default => \sprintf('press %s %d times', $this->button, $this->presses ?? 0),
        };
    }

    /** "within 10 s of switching it on, hold Name for 3 s". */
    public function timed(): string
    {
        return null === $this->within
            ? $this->words()
            : \sprintf('within %s s of switching it on, %s', self::seconds($this->within), $this->words());
    }

    private static function seconds(float $seconds): string
    {
        return Figure::short($seconds, 1);
    }
}
