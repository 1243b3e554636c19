<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What state a desk is in once it has left program mode. */
enum AfterProgram: string
{
    case Faders = 'faders';
    case Dark = 'dark';
    case Scene = 'scene';
    case Chase = 'chase';

    /** @param DeskKeys $keys what its keys are called */
    public function sentence(DeskKeys $keys): string
    {
        return match ($this) {
            self::Faders => 'its faders are live again',
            self::Dark => \sprintf('it is dark until %s is pressed', $keys->of('blackout')),
            self::Scene => 'the scene stored last stands, not the faders',
            self::Chase => 'a chase may run by itself',
        };
    }
}
