<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Patch\Span;

/**
 * What a unit's display shows, read letter by letter: the letters before and the signs behind the digits count. "C001" of a unit that
 * shall show "d043" is the other mode, whatever its digits say.
 */
final readonly class ShownReading
{
    private function __construct(public ShownKind $kind, public string $words, public ?int $address = null)
    {
    }

    /**
     * @param Mode   $wanted  one of the profile's
     * @param int    $address that it shall have
     * @param string $shown   as somebody typed it
     */
    public static function of(FixtureProfile $profile, Mode $wanted, int $address, string $shown): self
    {
        $shown = trim($shown);
        foreach ([true, false] as $isExact) {
            $reading = self::addressIn($profile, $wanted, $address, $shown, $isExact)
                ?? self::sign($profile, $wanted, $shown, $isExact)
                ?? self::otherMode($profile, $wanted, $shown, $isExact);
            if (null !== $reading) {
                return $reading;
            }
        }

        return self::entry($profile, $shown) ?? self::digits($wanted, $address, $shown) ?? self::unknown($wanted, $address, $shown);
    }

    private static function unknown(Mode $wanted, int $address, string $shown): self
    {
        $set = Display::at($wanted->display, $address) ?? $wanted->display;

        return new self(
            ShownKind::Unknown,
            \sprintf('%s: its chart knows no such sign.%s', $shown, null === $set ? '' : \sprintf(' Set, it shows %s.', $set)),
        );
    }

    private static function addressIn(FixtureProfile $profile, Mode $wanted, int $address, string $shown, bool $isExact): ?self
    {
        $found = self::digitsBy($wanted->display, $shown, $isExact);
        if (null === $found) {
            return null;
        }
        $alike = array_filter(
            $profile->modes,
            static fn (Mode $mode): bool => $mode->key !== $wanted->key && self::frame($mode->display) === self::frame($wanted->display),
        );
        $mode = [] === $alike || null === $wanted->setup
            ? ''
            : \sprintf(' Its modes look alike on the display: %s.', rtrim($wanted->setup, '.'));

        return $found === $address
            ? new self(ShownKind::Right, 'It stands right.'.$mode, $found)
            : new self(ShownKind::Address, $mode, $found);
    }

    private static function otherMode(FixtureProfile $profile, Mode $wanted, string $shown, bool $isExact): ?self
    {
        foreach ($profile->modes as $mode) {
            $found = $mode->key === $wanted->key ? null : self::digitsBy($mode->display, $shown, $isExact);
            if (null !== $found) {
                return new self(ShownKind::Mode, \sprintf(
                    '%s: that is the %s mode.%s',
                    $shown,
                    $mode->name,
                    self::toTheMode($wanted),
                ), $found);
            }
        }

        return null;
    }

    /** "For the 9-channel mode: Menu › DMX › 9CH, hold Enter until it blinks; then d shows." */
    private static function toTheMode(Mode $wanted): string
    {
        $letters = implode('', self::frame($wanted->display) ?? []);
        $shows = '' === $letters ? '' : \sprintf('%s shows', '.' === $letters ? 'the dot' : $letters);

        return match (true) {
            null === $wanted->setup && '' === $shows => '',
            null === $wanted->setup => \sprintf(' Press Mode until %s.', $shows),
            default => \sprintf(
                ' For the %s mode: %s%s.',
                $wanted->name,
                rtrim($wanted->setup, '.'),
                '' === $shows ? '' : '; then '.$shows,
            ),
        };
    }

    /** A letter that the chart explains, where no mode shows it. */
    private static function sign(FixtureProfile $profile, Mode $wanted, string $shown, bool $isExact): ?self
    {
        $frame = self::frame($shown);
        $mine = self::folded($frame ?? [$shown, ''], $isExact);
        foreach ($profile->unit->letters ?? [] as $legend) {
            $theirs = self::folded(self::frame($legend->sign) ?? [$legend->sign, ''], $isExact);
            $isMode = array_filter(
                $profile->modes,
                static fn (Mode $mode): bool => null !== self::frame($mode->display)
                    && self::folded(self::frame($mode->display), $isExact) === $theirs,
            );
            // A dot may stand before the digits or behind them.
            if ([] === $isMode && implode('', $mine) === implode('', $theirs)) {
                return new self(ShownKind::Sign, \sprintf(
                    '%s: %s.%s%s',
                    $shown,
                    rtrim($legend->meaning, '.'),
                    self::toADesk($profile),
                    null === $wanted->display ? '' : self::toTheMode($wanted),
                ));
            }
        }

        return null;
    }

    /** The last word of a menu's entry: LEA of "Menu › run › LEA". */
    private static function entry(FixtureProfile $profile, string $shown): ?self
    {
        $unit = $profile->unit;
        foreach ([
            'it runs by itself, and hears no desk' => $unit?->byItself,
            'it leads others, and hears no desk' => $unit?->leader,
            'it follows a leader, and hears no desk' => $unit?->follower,
        ] as $meaning => $entry) {
            if (self::isEntry($entry, $shown)) {
                return new self(ShownKind::State, \sprintf('%s: %s.%s', $shown, $meaning, self::toADesk($profile)));
            }
        }

        return self::isEntry($unit?->remote, $shown)
            ? new self(
                ShownKind::State,
                \sprintf('%s: it listens to a desk. Its address stands on another page of the menu.', $shown),
            )
            : null;
    }

    private static function isEntry(?string $entry, string $shown): bool
    {
        $words = null === $entry ? [] : preg_split('/\s*[›>]\s*/u', trim($entry));
        $last = false === $words || [] === $words ? '' : $words[\count($words) - 1];

        return '' !== $last && mb_strtolower($last) === mb_strtolower($shown);
    }

    /** Digits alone, typed by somebody in a hurry. */
    private static function digits(Mode $wanted, int $address, string $shown): ?self
    {
        if (1 !== preg_match('/^\d{1,3}$/D', $shown) || (int) $shown < 1 || (int) $shown > Span::LAST_SLOT) {
            return null;
        }
        $letters = implode('', self::frame($wanted->display) ?? []);
        $if = '' === $letters ? '' : \sprintf(' if %s stands with it', $letters);

        return (int) $shown === $address
            ? new self(ShownKind::Right, \sprintf('It stands right%s.', $if), $address)
            : new self(ShownKind::Address, '', (int) $shown);
    }

    private static function toADesk(FixtureProfile $profile): string
    {
        $remote = $profile->unit?->remote;

        return null === $remote ? '' : \sprintf(' To listen to a desk: %s.', rtrim($remote, '.'));
    }

    /** @return int|null the address that stands in a text of the template's kind; null for a text of another */
    private static function digitsBy(?string $template, string $shown, bool $isExact): ?int
    {
        $frame = self::frame($template);
        $mine = self::frame($shown);
        if (null === $frame || null === $mine || self::folded($frame, $isExact) !== self::folded($mine, $isExact)) {
            return null;
        }
        preg_match('/(\d+)(\D*)$/su', $shown, $parts);
        $address = (int) ($parts[1] ?? 0);

        return $address >= 1 && $address <= Span::LAST_SLOT ? $address : null;
    }

    /** @return array{string, string}|null what stands before the last digits and behind them; null without digits */
    private static function frame(?string $text): ?array
    {
        return null === $text || 1 !== preg_match('/^(.*?)\d+(\D*)$/su', trim($text), $parts) ? null : [$parts[1], $parts[2]];
    }

    /**
     * @param array{string, string} $frame
     *
     * @return array{string, string}
     */
    private static function folded(array $frame, bool $isExact): array
    {
        return $isExact ? $frame : array_map(mb_strtolower(...), $frame);
    }
}
