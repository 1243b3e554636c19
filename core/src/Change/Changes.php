<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Rig;

/** Several changes: all of them or none, each on what the one before it left. */
final class Changes
{
    /**
     * @param non-empty-list<Change> $changes
     *
     * @throws InputError with its field below changes[n]; NotThere, Refused
     */
    public static function apply(array $changes, Rig $rig, World $world): Applied
    {
        $said = $made = [];
        foreach ($changes as $nth => $change) {
            try {
                $applied = $change->applyTo($rig, $world);
            } catch (InputError $error) {
                throw InputError::because(
                    $error->errorCode,
                    \sprintf('changes[%d]%s', $nth, '' === $error->field ? '' : '.'.$error->field),
                    $error->getMessage(),
                );
            }
            $rig = $applied->rig;
            $said[] = $applied->said;
            array_push($made, ...$applied->made);
        }

        return new Applied($rig, implode('; ', $said), $made);
    }
}
