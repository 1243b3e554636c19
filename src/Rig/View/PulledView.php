<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** What a pulled plug does. */
final readonly class PulledView
{
    /**
     * @param list<string> $dark     units that no data reaches any more
     * @param list<string> $flickers units before the plug, on an end that is open now
     */
    public function __construct(public array $dark, public array $flickers, public string $words)
    {
    }

    public static function of(Rig $rig, string $itemId): self
    {
        $pulled = $rig->cabling()->pulled($itemId);
        $dark = [] === $pulled->dark ? 'Nobody goes dark.' : \sprintf('No data reaches %s.', self::names($rig, $pulled->dark));

        return new self($pulled->dark, $pulled->flickers, [] === $pulled->flickers ? $dark : \sprintf(
            '%s %s may flicker: the cable ends open now.',
            $dark,
            self::names($rig, $pulled->flickers),
        ));
    }

    /** @param list<string> $ids */
    private static function names(Rig $rig, array $ids): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $ids));
    }
}
