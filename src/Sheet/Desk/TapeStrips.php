<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Desk;

use Rigger\App\Problem\Problem;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskKeys;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Desk\Layout;
use Rigger\Core\Desk\Strip;
use Rigger\Core\Desk\TapeNote;
use Rigger\Core\Rig\Rig;

/** Every strip of tape that a rig's desk wants: for its buttons, for the faders under each of them, for banks, and for keys. */
final readonly class TapeStrips
{
    /** Keys stand alone on a desk: their strip is cut apart. */
    private const KEY_WIDTH = 22.0;

    private function __construct(private Rig $rig, private DeskMap $map)
    {
    }

    /**
     * @return non-empty-list<TapeStrip>
     *
     * @throws Problem no_desk, no_pitch
     */
    public static function of(Rig $rig): array
    {
        $map = $rig->map() ?? throw Problem::conflict('no_desk', 'Choose a desk first: the tape is for its faders.');
        $pitch = $map->desk->manual->pitch ?? throw Problem::conflict(
            'no_pitch',
            \sprintf(
                'Nobody has measured %s yet: say in Desk, under Describe, how many millimetres there are from fader to fader.',
                $map->desk->name,
            ),
        );
        $self = new self($rig, $map);

        return [...$self->buttons(), ...$self->faders($pitch), ...$self->banks(), $self->keys()];
    }

    /** @return list<TapeStrip> one, where the keys were measured */
    private function buttons(): array
    {
        $desk = $this->map->desk;
        $pitch = $desk->manual->buttonPitch;
        if (null === $pitch || !$desk->layout->hasButtons()) {
            return [];
        }

        return [new TapeStrip(
            $desk->manual->keys->of('button').' 1 to '.($desk->buttons ?? 1),
            $pitch,
            array_map(
                fn (int $button): array => ['label' => $this->who($this->under($button)), 'note' => null],
                range(1, $desk->buttons ?? 1),
            ),
        )];
    }

    /** @return list<TapeStrip> one for each button and page that moves something */
    private function faders(float $pitch): array
    {
        $desk = $this->map->desk;
        $moved = [];
        foreach ($this->map->strips as $strip) {
            $moved[$strip->fader->address] = $strip;
        }
        $rows = [];
        foreach ($desk->faders() as $fader) {
            $rows[$fader->button.'/'.$fader->page.'/'.$this->rowOf($desk, $fader)][] = $fader;
        }
        $strips = [];
        foreach ($rows as $faders) {
            $used = array_values(array_filter(
                array_map(static fn (Fader $fader): ?Strip => $moved[$fader->address] ?? null, $faders),
                static fn (?Strip $strip): bool => null !== $strip,
            ));
            if ([] !== $used) {
                $strips[] = new TapeStrip(
                    $this->title($desk, $faders[0], $faders[\count($faders) - 1], $used),
                    $pitch,
                    array_map(fn (Fader $fader): array => $this->cell($moved[$fader->address] ?? null), $faders),
                );
            }
        }

        return $strips;
    }

    /** Two rows joined into one still stand one above the other. */
    private function rowOf(Desk $desk, Fader $fader): int
    {
        return Layout::Preset === $desk->layout ? intdiv($fader->number - 1, $desk->faders) : 0;
    }

    /** @param list<Strip> $used */
    private function title(Desk $desk, Fader $first, Fader $last, array $used): string
    {
        $keys = $desk->manual->keys;
        $place = array_filter([
            null === $first->button ? null : $keys->of('button').' '.$first->button,
            $desk->pages > 1 && Layout::Zones !== $desk->layout ? $keys->of('page').' '.$keys->page($first->page) : null,
            $desk->crossfades() ? 'Both rows (print it twice)' : null,
            $desk->wide ? \sprintf('Row %d', $this->rowOf($desk, $first) + 1) : null,
        ], static fn (?string $one): bool => null !== $one);

        return \sprintf(
            '%s%s · %03d–%03d',
            [] === $place ? '' : implode(', ', $place).': ',
            $this->who($used),
            $first->address,
            $last->address,
        );
    }

    /** @return array{label: string, note: string|null} */
    private function cell(?Strip $strip): array
    {
        if (null === $strip) {
            return ['label' => '', 'note' => null];
        }
        $first = $strip->units[0];
        $channel = $this->rig->unit($first['id'])->mode()->channel($first['channel']);

        return ['label' => $first['label'], 'note' => null === $channel ? null : TapeNote::of($channel)];
    }

    /** @return list<TapeStrip> one for each bank that holds a look */
    private function banks(): array
    {
        $desk = $this->map->desk;
        $pitch = $desk->manual->scenePitch;
        if (null === $pitch || null === $desk->scenesPerBank) {
            return [];
        }
        $banks = [];
        foreach ($this->rig->looks as $look) {
            $banks[$look->bank][$look->number] = $look;
        }

        return array_map(static fn (int $bank, array $looks): TapeStrip => new TapeStrip(
            \sprintf('%s %d', $desk->manual->keys->of('bank'), $bank),
            $pitch,
            array_map(
                static fn (int $number): array => ['label' => ($looks[$number] ?? null)->name ?? '', 'note' => null],
                range(1, $desk->scenesPerBank),
            ),
        ), array_keys($banks), $banks);
    }

    private function keys(): TapeStrip
    {
        $desk = $this->map->desk;
        $keys = $desk->manual->keys;
        $words = $desk->pages > 1 && Layout::Zones !== $desk->layout
            ? array_map(static fn (int $page): string => $keys->of('page').' '.$keys->page($page), range(1, $desk->pages))
            : [];
        $own = [
            'crossA' => $desk->crossfades(), 'crossB' => $desk->crossfades(),
            'master' => $desk->manual->hasMaster(), 'blackout' => $desk->manual->hasMaster(),
            'program' => null !== $desk->banks, 'store' => null !== $desk->banks,
        ];
        foreach (array_keys(array_filter($own, static fn (bool $has): bool => $has)) as $key) {
            $words[] = $keys->of($key);
        }
        for ($chase = 1; $chase <= min(12, $desk->chases ?? 0); ++$chase) {
            $words[] = $keys->of('chase').' '.$chase;
        }

        return new TapeStrip(
            'Keys, to cut apart',
            self::KEY_WIDTH,
            array_map(
                static fn (string $one): array => ['label' => $one, 'note' => null],
                [] === $words ? [DeskKeys::USUAL['page']] : $words,
            ),
        );
    }

    /** @return list<Strip> */
    private function under(int $button): array
    {
        return array_values(array_filter($this->map->strips, static fn (Strip $strip): bool => $strip->fader->button === $button));
    }

    /** @param list<Strip> $strips */
    private function who(array $strips): string
    {
        $names = [];
        foreach ($strips as $strip) {
            foreach ($strip->units as $use) {
                $names[$use['id']] = $this->rig->unit($use['id'])->name;
            }
        }

        return self::joined(array_values($names));
    }

    /**
     * "Drum 1" and "Drum 2" are "Drum 1 + 2" on one piece of tape.
     *
     * @param list<string> $names
     */
    private static function joined(array $names): string
    {
        $said = '';
        $stem = null;
        foreach ($names as $name) {
            $own = 1 === preg_match('/^(.*\s)\d+$/u', $name, $parts) ? $parts[1] : null;
            $said .= match (true) {
                '' === $said => $name,
                null !== $own && $own === $stem => ' + '.substr($name, \strlen($own)),
                default => ' + '.$name,
            };
            $stem = $own;
        }

        return $said;
    }
}
