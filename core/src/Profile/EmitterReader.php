<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/** {"key","x","y","flux","typical"?} to an Emitter. */
final class EmitterReader
{
    /** @throws InputError */
    public static function read(mixed $document, string $path): Emitter
    {
        $in = Members::of($document, ['key', 'x', 'y', 'flux', 'typical'], $path);
        $key = $in->text('key');
        $x = $in->number('x', 0, 1);
        $y = $in->number('y', 0, 1);
        $flux = $in->number('flux', 0);
        $typical = $in->has('typical') && $in->flag('typical');
        if ($y <= 0.0 || $x + $y > 1.0 + 1e-9) {
            throw InputError::outOfRange($in->path('y'), $y, 'above 0, with x + y at most 1');
        }

        return new Emitter($key, Chromaticity::of($x, $y), $flux, $typical);
    }
}
