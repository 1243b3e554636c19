<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Span;

/** What follows from a description, in sentences that its operator can check at the desk. */
final class DeskFacts
{
    /** @return list<string> */
    public static function of(Desk $desk): array
    {
        return array_values(array_filter(
            [self::slots($desk), self::reach($desk), self::scenes($desk), self::tape($desk)],
            static fn (?string $one): bool => null !== $one,
        ));
    }

    private static function slots(Desk $desk): string
    {
        $count = \count($desk->faders());

        return \sprintf('%d of the 512 slots of universe %d are on a fader.', $count, $desk->universe);
    }

    private static function reach(Desk $desk): string
    {
        if (!$desk->layout->hasButtons()) {
            $last = $desk->first + $desk->rowLength() - 1;

            return match (true) {
                $desk->crossfades() => \sprintf('Both rows drive %d to %d; the cross faders blend them.', $desk->first, $last),
                $desk->pages > 1 => \sprintf(
                    'Fader 1 of page %s drives %d; the last of page %s drives %d.',
                    $desk->manual->keys->page(2),
                    $desk->first + $desk->faders,
                    $desk->manual->keys->page($desk->pages),
                    $last,
                ),
                default => \sprintf('The faders drive %d to %d.', $desk->first, $last),
            };
        }
        $what = Layout::Zones === $desk->layout ? 'zone' : 'button';
        $past = array_filter(range(1, $desk->buttons ?? 1), static fn (int $one): bool => $desk->buttonStart($one) > Span::LAST_SLOT);
        $last = ($desk->buttons ?? 1) - \count($past);
        $said = $last < 2 ? '' : \sprintf('%s 2 begins at %d. ', ucfirst($what), $desk->buttonStart(2));
        $said .= \sprintf(
            '%s %d drives %d to %d.',
            ucfirst($what),
            $last,
            $desk->buttonStart($last),
            min(Span::LAST_SLOT, $desk->buttonStart($last) + $desk->reach() - 1),
        );
        if ([] !== $past) {
            $said .= \sprintf(
                ' %s %d would begin at %d, past 512, and drives nothing.',
                ucfirst($what),
                $last + 1,
                $desk->buttonStart($last + 1),
            );
        }

        return $said;
    }

    private static function scenes(Desk $desk): ?string
    {
        return null === $desk->banks || null === $desk->scenesPerBank
            ? null
            : \sprintf('It holds %d scenes.', $desk->banks * $desk->scenesPerBank);
    }

    private static function tape(Desk $desk): ?string
    {
        $pitch = $desk->manual->pitch;

        return null === $pitch
            ? null
            : \sprintf(
                'From the middle of fader 1 to the middle of fader %d it measures %s mm.',
                $desk->faders,
                (string) json_encode(round(($desk->faders - 1) * $pitch, 1)),
            );
    }
}
