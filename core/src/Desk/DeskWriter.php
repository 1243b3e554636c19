<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** A Desk to its open document; reading what is written gives the same desk. */
final class DeskWriter
{
    /** @return array<string, mixed> */
    public static function write(Desk $desk): array
    {
        $handling = $desk->handling;
        $document = [
            'format' => Desk::FORMAT, 'version' => Desk::VERSION, 'name' => $desk->name, 'layout' => $desk->layout->value,
            'universe' => $desk->universe, 'first' => $desk->first, 'buttons' => $desk->buttons, 'stride' => $desk->stride,
            'faders' => $desk->faders, 'pages' => $desk->pages, 'wide' => $desk->wide ? true : null, 'banks' => $desk->banks,
            'scenesPerBank' => $desk->scenesPerBank, 'chases' => $desk->chases, 'stepsPerChase' => $desk->stepsPerChase,
            'fade' => $desk->fade, 'hold' => $desk->hold,
            'pitch' => $handling->pitch, 'buttonPitch' => $handling->buttonPitch, 'scenePitch' => $handling->scenePitch,
            'tapeHeight' => $handling->tapeHeight, 'master' => $handling->master?->value,
            'keys' => [] === $handling->keys->toArray() ? null : $handling->keys->toArray(),
            'store' => [] === $handling->store ? null : $handling->store,
            'afterProgram' => $handling->afterProgram?->value, 'radio' => $handling->hasRadio,
        ];

        return array_filter($document, static fn (mixed $one): bool => null !== $one);
    }
}
