<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Revision;

/**
 * A mode that units can be set to.
 *
 * @internal
 */
final class UsableMode
{
    /** @throws InputError unknown_mode, mode_empty; field "mode" */
    public static function of(Revision $revision, string $key): Mode
    {
        $mode = $revision->mode($key)->mode ?? throw InputError::because(
            'unknown_mode',
            'mode',
            \sprintf('%s has no mode %s.', $revision->profile->model, InputError::quote($key)),
        );
        if (0 === $mode->footprint()) {
            throw InputError::because('mode_empty', 'mode', \sprintf('Mode %s has no channels yet: write its chart first.', $mode->name));
        }

        return $mode;
    }
}
