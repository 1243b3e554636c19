<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** A mode more, without channels yet. */
final readonly class AddMode implements ChartEdit
{
    /** @param int $count channels as the manual states */
    public function __construct(private string $name, private int $count, private ?string $display, private ?string $setup)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = new Mode(self::key($profile, $this->name), $this->name, $this->count, [], $this->display, $this->setup);

        return $profile->withModes([...$profile->modes, $mode]);
    }

    /** Its name in small letters, figures and hyphens, made different from the other modes' keys. */
    private static function key(FixtureProfile $profile, string $name): string
    {
        $base = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');
        $base = '' === $base ? 'mode' : $base;
        $key = $base;
        for ($nth = 2; null !== $profile->mode($key); ++$nth) {
            $key = $base.'-'.$nth;
        }

        return $key;
    }
}
