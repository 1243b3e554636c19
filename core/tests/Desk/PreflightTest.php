<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\Preflight;
use Rigger\Core\Desk\PreflightItem;

final class PreflightTest extends TestCase
{
    /** @return list<string> */
    private static function keys(Desk $desk): array
    {
        return array_map(static fn (PreflightItem $item): string => $item->key, Preflight::of($desk));
    }

    public function testAsksOnlyWhatThatDeskHas(): void
    {
        $desks = Desks::shipped();
        self::assertSame(
            ['master', 'blackout', 'buttons', 'page', 'bank', 'program', 'chase', 'fade', 'radio'],
            self::keys($desks['Tenfold 10']),
        );
        self::assertSame(['master', 'blackout', 'wide', 'fade'], self::keys($desks['Rowlock 12']));
        self::assertSame(['master', 'cross', 'blackout', 'wide', 'fade'], self::keys($desks['Rowlock 12']->withWide(false)));
        self::assertSame(['master', 'blackout', 'page', 'bank', 'program', 'chase', 'fade'], self::keys($desks['Skiff 24']));
        self::assertSame(['program', 'fade'], self::keys($desks['Capstan 4']));
    }

    public function testSpeaksInTheDesksOwnWordsAndNumbers(): void
    {
        $said = array_map(
            static fn (PreflightItem $item): string => $item->title.'. '.$item->why,
            Preflight::of(Desks::shipped()['Skiff 24']),
        );
        self::assertContains('Blackout is off (Out). Its lamp is the one that is overlooked: press it once and watch the stage.', $said);
        self::assertContains(
            'Page 1 is lit. Turning the page leaves the caps where they are: each fader takes over when it is moved.',
            $said,
        );
        self::assertContains('Master is up. It takes dimmers alone: at 0 a unit without a dimmer still shows its colours.', $said);
        self::assertContains('Set is off. When it is left, its faders are live again.', $said);
        self::assertContains(
            'The fade time is at 0 s. At 60 s a desk that works looks dead.',
            array_map(static fn (string $one): string => str_replace('.0', '', $one), $said),
        );
    }
}
