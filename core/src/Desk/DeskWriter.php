<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** A Desk to its open document; reading what is written gives the same desk. */
final class DeskWriter
{
    /** @return array<string, mixed> */
    public static function write(Desk $desk): array
    {
        $manual = $desk->manual;
        $document = [
            'format' => Desk::FORMAT, 'version' => Desk::VERSION, 'name' => $desk->name, 'layout' => $desk->layout->value,
            'universe' => $desk->universe, 'first' => $desk->first, 'buttons' => $desk->buttons, 'stride' => $desk->stride,
            'faders' => $desk->faders, 'pages' => $desk->pages, 'wide' => $desk->wide ? true : null, 'banks' => $desk->banks,
            'scenesPerBank' => $desk->scenesPerBank, 'chases' => $desk->chases, 'stepsPerChase' => $desk->stepsPerChase,
            'fade' => $desk->fade, 'hold' => $desk->hold,
            'pitch' => $manual->pitch, 'buttonPitch' => $manual->buttonPitch, 'scenePitch' => $manual->scenePitch,
            'tapeHeight' => $manual->tapeHeight, 'master' => $manual->master?->value,
            'keys' => [] === $manual->keys->toArray() ? null : $manual->keys->toArray(),
            'store' => [] === $manual->store ? null : $manual->store,
            'afterProgram' => $manual->afterProgram?->value, 'radio' => $manual->hasRadio,
        ];

        return array_filter($document, static fn (mixed $one): bool => null !== $one);
    }
}
