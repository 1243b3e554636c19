<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;

/**
 * Ids name one thing each.
 *
 * @internal
 */
final class UniqueIds
{
    /**
     * @param list<string> $ids
     *
     * @throws InputError duplicate, field of the second
     */
    public static function require(string $list, array $ids, string $member = 'id'): void
    {
        $seen = [];
        self::requireAmong($seen, $list, $ids, $member);
    }

    /**
     * The same over several lists.
     *
     * @param array<string, true> $seen of the lists before; this one's are added
     * @param list<string>        $ids
     *
     * @throws InputError duplicate, field of the second
     */
    public static function requireAmong(array &$seen, string $list, array $ids, string $member = 'id'): void
    {
        foreach ($ids as $index => $id) {
            // Prefixed, for PHP turns a key such as "7" into a number.
            if (isset($seen['#'.$id])) {
                throw InputError::duplicate($list.'['.$index.'].'.$member, $id);
            }
            $seen['#'.$id] = true;
        }
    }
}
