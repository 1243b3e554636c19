<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;

/** Rows of a list, one a range, to charts. Goes through the open format, so that the same is refused in both. */
final class ProfileListReader
{
    public const MOST_ROWS = 50_000;

    /**
     * @param list<list<string>> $rows the heads first; their order is free, unknown columns are an error
     *
     * @return list<FixtureProfile> in the order of the list
     *
     * @throws InputError field "row 12" or "row 12, from"
     */
    public static function read(array $rows): array
    {
        if (\count($rows) > self::MOST_ROWS) {
            throw InputError::because(
                'out_of_range',
                '',
                \sprintf('The list has %s rows; at most %s are read.', number_format(\count($rows)), number_format(self::MOST_ROWS)),
            );
        }
        $columns = self::columns($rows[0] ?? []);
        $fixtures = [];
        $modes = [];
        foreach (\array_slice($rows, 1) as $index => $cells) {
            $row = new ListRow($index + 2, $columns, $cells);
            if (!$row->isBlank()) {
                $name = $row->needed('maker')."\n".$row->needed('model');
                $fixtures[$name] ??= self::fixture($row);
                $modes[$name]['m'.$row->needed('mode')] ??= ListedMode::of($row);
                $modes[$name]['m'.$row->needed('mode')]->take($row);
            }
        }
        $profiles = [];
        foreach ($fixtures as $name => $fixture) {
            $document = $fixture + ['modes' => array_map(
                static fn (ListedMode $mode): array => $mode->document(),
                array_values($modes[$name] ?? []),
            )];
            $profiles[] = ProfileReader::read(Json::decode(Json::encode($document)));
        }

        return $profiles;
    }

    /**
     * @param list<string> $heads
     *
     * @return array<string, int>
     */
    private static function columns(array $heads): array
    {
        $columns = [];
        foreach ($heads as $index => $head) {
            $name = mb_strtolower(trim($head));
            if ('' === $name) {
                continue;
            }
            if (!\in_array($name, ProfileColumns::ALL, true)) {
                throw InputError::unknownMember('row 1', $name, ProfileColumns::ALL);
            }
            $columns[$name] = $index;
        }
        foreach (ProfileColumns::NEEDED as $needed) {
            if (!isset($columns[$needed])) {
                throw InputError::because(
                    'missing',
                    'row 1',
                    \sprintf('The list has no column "%s". Its first row must name the columns.', $needed),
                );
            }
        }

        return $columns;
    }

    /** @return array<string, mixed> the document's members before its modes */
    private static function fixture(ListRow $row): array
    {
        $document = [
            'format' => FixtureProfile::FORMAT,
            'version' => FixtureProfile::VERSION,
            'maker' => $row->needed('maker'),
            'model' => $row->needed('model'),
            'kind' => $row->text('kind') ?? '',
        ];
        if (null !== $row->number('watts')) {
            $document['watts'] = $row->number('watts');
        }
        $movement = array_filter(
            ['pan' => $row->number('pan'), 'tilt' => $row->number('tilt')],
            static fn (mixed $value): bool => null !== $value,
        );
        if ([] !== $movement) {
            $document['movement'] = $movement;
        }
        if (null !== $row->text('switches')) {
            if (1 !== preg_match('/^(9|10) from ([01])$/', $row->text('switches'), $parts)) {
                throw $row->wrong('switches', 'such as "10 from 1"');
            }
            $document['switches'] = ['count' => (int) $parts[1], 'base' => (int) $parts[2]];
        }
        if (null !== $row->text('emitters')) {
            $document['emitters'] = array_map(
                static fn (string $text): array => self::emitter($row, trim($text)),
                explode(';', $row->text('emitters')),
            );
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function emitter(ListRow $row, string $text): array
    {
        if (1 !== preg_match('/^(\S+) ([-\d.eE+]+) ([-\d.eE+]+) ([-\d.eE+]+)( typical)?$/', $text, $parts)) {
            throw $row->wrong('emitters', 'such as "red 0.7 0.299 0.25 typical; …"');
        }
        $emitter = ['key' => rawurldecode($parts[1]), 'x' => (float) $parts[2], 'y' => (float) $parts[3], 'flux' => (float) $parts[4]];

        return $emitter + (isset($parts[5]) ? ['typical' => true] : []);
    }
}
