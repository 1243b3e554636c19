<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\TapeColour;

/** One row of a patch list, read. What its columns do not say is null and stays as it is; a blank cell says nothing. */
final readonly class PatchRow
{
    /**
     * @param int               $line   of the file, from 1
     * @param Place|null        $place  universe and address
     * @param int|null          $number as the unit is called
     * @param list<string>|null $groups
     */
    private function __construct(
        public int $line,
        public string $name,
        public ?string $maker,
        public ?string $model,
        public ?string $mode,
        public ?Place $place,
        public ?int $number,
        public ?string $position,
        public ?array $groups,
        public ?string $note,
        public ?TapeColour $tape,
        public ?Spot $spot,
    ) {
    }

    /**
     * @param list<string>           $cells
     * @param list<PatchColumn|null> $columns what each cell is
     *
     * @throws InputError in an operator's words; the field is the column's word
     */
    public static function read(int $line, array $cells, array $columns): self
    {
        $text = [];
        foreach ($columns as $index => $column) {
            $cell = Cell::unguarded(trim($cells[$index] ?? ''));
            if (null !== $column && '' !== $cell) {
                $text[$column->value] = $cell;
            }
        }
        if (!isset($text['name'])) {
            throw InputError::because('missing', 'name', 'The row names no unit.');
        }

        return new self(
            $line,
            Limits::name($text['name'], 'name'),
            $text['maker'] ?? null,
            $text['model'] ?? null,
            $text['mode'] ?? null,
            self::place($text),
            self::number($text['number'] ?? null),
            isset($text['position']) ? Limits::name($text['position'], 'position') : null,
            isset($text['groups'])
                ? Limits::groups(
                    array_values(array_filter(
                        array_map(trim(...), explode(',', strtr($text['groups'], ';|', ',,'))),
                        static fn (string $one): bool => '' !== $one,
                    )),
                    'groups',
                )
                : null,
            isset($text['note']) ? Limits::note($text['note'], 'note') : null,
            isset($text['tape'])
                ? TapeColour::tryFrom(mb_strtolower($text['tape'])) ?? throw InputError::notAChoice(
                    'tape',
                    $text['tape'],
                    array_column(TapeColour::cases(), 'value'),
                )
                : null,
            self::spot($text),
        );
    }

    /** @param array<string, string> $text */
    private static function place(array $text): ?Place
    {
        if (!isset($text['address'])) {
            return null;
        }
        $universe = 1;
        if (isset($text['universe'])) {
            if (1 !== preg_match(
                '/^\D{0,12}?(\d{1,5})$/D',
                $text['universe'],
                $parts,
            ) || (int) $parts[1] < 1 || (int) $parts[1] > Limits::UNIVERSES) {
                throw InputError::because(
                    'out_of_range',
                    'universe',
                    \sprintf('%s is no universe: it is a number from 1 to %d.', InputError::quote($text['universe']), Limits::UNIVERSES),
                );
            }
            $universe = (int) $parts[1];
        }
        // "85-88" and "85 to 88" name the whole span; its first slot is the address.
        $address = isset($text['universe']) && 1 === preg_match(
            '/^(\d{1,3})\s*(?:-|–|to)\s*(\d{1,3})$/D',
            $text['address'],
            $parts,
        ) && (int) $parts[1] <= (int) $parts[2] && (int) $parts[2] <= Span::LAST_SLOT
            ? $parts[1]
            : $text['address'];

        return Place::typed($address, $universe);
    }

    private static function number(?string $text): ?int
    {
        if (null === $text) {
            return null;
        }
        if (1 !== preg_match('/^\d{1,5}$/D', $text) || (int) $text < 1) {
            throw InputError::because(
                'out_of_range',
                'number',
                \sprintf('%s is no unit number: it is a whole number from 1 to %d.', InputError::quote($text), Limits::NUMBER),
            );
        }

        return (int) $text;
    }

    /** @param array<string, string> $text */
    private static function spot(array $text): ?Spot
    {
        if (!isset($text['x'], $text['y'])) {
            return null;
        }
        $height = isset($text['height']) ? self::metres('height', $text['height'], 0, Spot::HIGHEST) : null;

        return new Spot(
            self::metres('x', $text['x'], -Spot::FARTHEST, Spot::FARTHEST),
            self::metres('y', $text['y'], -Spot::FARTHEST, Spot::FARTHEST),
            $height,
        );
    }

    private static function metres(string $field, string $text, float $least, float $most): float
    {
        $plain = str_replace(',', '.', (string) preg_replace('/\s*m$/i', '', $text));
        if (!is_numeric($plain) || (float) $plain < $least || (float) $plain > $most) {
            throw InputError::because(
                'out_of_range',
                $field,
                \sprintf('%s are no metres from %d to %d.', InputError::quote($text), $least, $most),
            );
        }

        return (float) $plain;
    }
}
