<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

/** What a column of a patch list holds. */
enum PatchColumn: string
{
    case Number = 'number';
    case Name = 'name';
    case Maker = 'maker';
    case Model = 'model';
    case Mode = 'mode';
    case Universe = 'universe';
    case Address = 'address';
    case Position = 'position';
    case Groups = 'groups';
    case Note = 'note';
    case Tape = 'tape';
    case X = 'x';
    case Y = 'y';
    case Height = 'height';

    /** Heads that people give such a column, in small letters without marks. */
    private const HEADS = [
        'number' => ['number', 'no', 'nr', 'num', 'unit', 'unit no', 'unit number', 'id'],
        'name' => ['name', 'label', 'unit name', 'fixture name', 'on the tape'],
        'maker' => ['maker', 'make', 'manufacturer', 'brand'],
        'model' => ['model', 'type', 'fixture', 'fixture type', 'instrument', 'lamp'],
        'mode' => ['mode', 'channels', 'ch', 'channel mode', 'mode name'],
        'universe' => ['universe', 'univ', 'uni', 'u'],
        'address' => ['address', 'addr', 'dmx', 'dmx address', 'start', 'start address', 'first', 'patch'],
        'position' => ['position', 'hangs', 'hanging position', 'where', 'where it hangs', 'location', 'place', 'pos'],
        'groups' => ['groups', 'group'],
        'note' => ['note', 'notes', 'remark', 'remarks', 'comment', 'comments'],
        'tape' => ['tape', 'tape colour', 'tape color'],
        'x' => ['x', 'across', 'x m'],
        'y' => ['y', 'depth', 'upstage', 'y m'],
        'height' => ['height', 'z', 'trim', 'up', 'height m', 'z m'],
    ];

    public static function guess(string $head): ?self
    {
        $plain = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($head)));
        foreach (self::HEADS as $column => $heads) {
            if (\in_array($plain, $heads, true)) {
                return self::from($column);
            }
        }

        return null;
    }

    /**
     * What each column holds, going by its head; a meaning is given to the first column that bears it.
     *
     * @param list<string> $heads
     *
     * @return list<self|null>
     */
    public static function guessAll(array $heads): array
    {
        $taken = [];
        $columns = [];
        foreach ($heads as $head) {
            $column = self::guess($head);
            $columns[] = null === $column || isset($taken[$column->value]) ? null : $column;
            if (null !== $column) {
                $taken[$column->value] = true;
            }
        }

        return $columns;
    }
}
