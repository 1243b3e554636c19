<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Change\Shape\Each;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Change\Shape\Table;
use Rigger\Core\Change\Shape\Wholes;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Rig\Limits;

/** Objects from JSON and back by the parameters of their constructors: names, types, defaults, and the attributes in Shape/. */
final class Shape
{
    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param list<string>    $also  members that are read elsewhere
     *
     * @return T
     *
     * @throws InputError
     */
    public static function read(string $class, Members $in, array $also = []): object
    {
        $parameters = self::parameters($class);
        $in->allow([...$also, ...array_map(static fn (\ReflectionParameter $parameter): string => $parameter->name, $parameters)]);
        $values = [];
        foreach ($parameters as $parameter) {
            if ($in->has($parameter->name) || !$parameter->isDefaultValueAvailable()) {
                $values[$parameter->name] = self::value($parameter, $in);
            }
        }

        return new $class(...$values);
    }

    /** "move-units" of MoveUnits: what its JSON is known by. */
    public static function word(string $class): string
    {
        $short = substr($class, (int) strrpos('\\'.$class, '\\'));

        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $short));
    }

    /** @return array<string, mixed> */
    public static function write(object $object): array
    {
        $members = [];
        foreach (get_object_vars($object) as $name => $value) {
            $members[(string) $name] = self::plain($value);
        }

        return $members;
    }

    /**
     * @param class-string $class
     *
     * @return list<\ReflectionParameter>
     */
    public static function parameters(string $class): array
    {
        return (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
    }

    /** What an attribute says of a parameter, the first there is. */
    public static function hint(\ReflectionParameter $parameter): ?object
    {
        $attribute = $parameter->getAttributes()[0] ?? null;

        return $attribute?->newInstance();
    }

    private static function value(\ReflectionParameter $parameter, Members $in): mixed
    {
        $name = $parameter->name;
        $type = $parameter->getType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException('A change\'s members have one type each.');
        }
        if ($type->allowsNull() && null === $in->raw($name)) {
            return null;
        }
        $hint = self::hint($parameter);

        return match (true) {
            $hint instanceof Ids => self::ids($in, $name, $hint),
            $hint instanceof Wholes => $in->each(
                $name,
                static fn (mixed $one, string $path): int => Scalars::whole($one, $path, $hint->min, $hint->max),
                Span::LAST_SLOT,
            ),
            $hint instanceof Slots => $in->slots($name),
            $hint instanceof Each => $in->each(
                $name,
                static fn (mixed $item, string $path): object => self::read($hint->class, Members::open($item, $path)),
                ChangeReader::MOST,
            ),
            $hint instanceof Table => self::table($in, $name, $hint),
            $hint instanceof OneOf => \in_array($in->text($name), $hint->words, true)
                ? $in->text($name)
                : throw InputError::because('not_a_choice', $in->path($name), $hint->message),
            SaidColour::class === $type->getName() => SaidColour::read($in->raw($name), $in->path($name)),
            ChannelCurve::class === $type->getName() => ChannelCurve::read($in->raw($name), $in->path($name)),
            FixtureProfile::class === $type->getName() => ProfileReader::read($in->raw($name), $in->path($name)),
            'int' === $type->getName() => self::within($in->whole($name), $in, $name, $hint),
            'float' === $type->getName() => self::within($in->number($name), $in, $name, $hint),
            'bool' === $type->getName() => $in->flag($name),
            default => $in->text($name),
        };
    }

    /**
     * @template T of int|float
     *
     * @param T $value
     *
     * @return T
     */
    private static function within(int|float $value, Members $in, string $name, ?object $hint): int|float
    {
        if ($hint instanceof Within && ($value < $hint->min || $value > $hint->max)) {
            throw InputError::because(
                'out_of_range',
                $in->path($name),
                str_replace('{value}', (string) json_encode($value), $hint->message),
            );
        }

        return $value;
    }

    /** @return list<string> */
    private static function ids(Members $in, string $name, Ids $hint): array
    {
        $ids = $in->each($name, Scalars::text(...), ChangeReader::MOST);

        return [] === $ids && !$hint->mayBeEmpty ? throw InputError::because('missing', $in->path($name), $hint->none) : $ids;
    }

    /** @return list<mixed> */
    private static function table(Members $in, string $name, Table $hint): array
    {
        if ($hint->isOneRow) {
            return $in->each($name, static fn (mixed $cell, string $path): ?string => null === $cell ? null : Scalars::text($cell, $path));
        }

        return $in->each($name, static function (mixed $row, string $path): array {
            if (!\is_array($row)) {
                throw InputError::wrongType($path, 'a list', $row);
            }

            return array_map(
                static fn (mixed $cell, int $index): string => Scalars::text($cell, $path.'['.$index.']'),
                array_values($row),
                array_keys(array_values($row)),
            );
        }, Limits::UNITS + 1);
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof SaidColour, $value instanceof ChannelCurve => $value->toArray(),
            $value instanceof FixtureProfile => ProfileWriter::write($value),
            \is_object($value) => self::write($value),
            \is_array($value) && [] !== $value && !array_is_list($value) => (object) $value,
            \is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }
}
