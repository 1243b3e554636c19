<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Page\ChartReader;
use Rigger\Core\Page\ReadMode;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** Takes modes read off a page into the chart: over the mode of the same name, or as new ones; emitters are listed with typical figures. */
final readonly class TakePage implements ChartEdit
{
    /**
     * @param list<int>|null     $which indices of the modes to take; null for all
     * @param array<int, string> $names instead of those on the page, by index
     */
    public function __construct(private string $text, private ?array $which, private array $names)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $modes = ChartReader::read($this->text)->modes;
        if ([] === $modes) {
            throw InputError::because('nothing_read', 'edit.text', 'No channel was found in this text.');
        }
        foreach ($modes as $index => $mode) {
            if (null === $this->which || \in_array($index, $this->which, true)) {
                $profile = $this->with($profile, $mode, $this->names[$index] ?? $mode->name);
            }
        }

        return (new ListEmitters())->on($profile);
    }

    private function with(FixtureProfile $profile, ReadMode $read, string $name): FixtureProfile
    {
        $name = '' === trim($name) ? \sprintf('%d-channel', $read->count) : trim($name);
        foreach ($profile->modes as $mode) {
            if (mb_strtolower($mode->name) === mb_strtolower($name)) {
                return $profile->withMode($mode->withChannels($read->channels, $read->count));
            }
        }

        return $profile->withModes([...$profile->modes, new Mode(self::key($profile, $name), $name, $read->count, $read->channels)]);
    }

    private static function key(FixtureProfile $profile, string $name): string
    {
        $base = trim(preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)) ?? '', '-');
        $base = '' === $base ? 'mode' : $base;
        $key = $base;
        for ($nth = 2; null !== $profile->mode($key); ++$nth) {
            $key = $base.'-'.$nth;
        }

        return $key;
    }
}
