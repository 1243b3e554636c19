<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/**
 * The members of one JSON object, read one by one in the order of a topic's signature.
 *
 * Reading is the check: a member of another type or outside its bounds throws an InputError that names its path.
 * Data is what json_decode gives with objects as \stdClass, so that {} and [] stay apart.
 */
final readonly class Members
{
    private function __construct(private \stdClass $data, private string $path)
    {
    }

    /**
     * @param list<string> $known every member that may stand here
     *
     * @throws InputError wrong_type when $input is no object; unknown_member for any other member
     */
    public static function of(mixed $input, array $known, string $path = ''): self
    {
        $members = self::open($input, $path);
        $members->allow($known);

        return $members;
    }

    /** Without the check for unknown members: for objects whose kind stands in one of their own members. */
    public static function open(mixed $input, string $path = ''): self
    {
        if (!$input instanceof \stdClass) {
            throw InputError::wrongType($path, 'an object', $input);
        }

        return new self($input, $path);
    }

    /** @param list<string> $known */
    public function allow(array $known): void
    {
        foreach (array_keys(get_object_vars($this->data)) as $member) {
            if (!\in_array((string) $member, $known, true)) {
                throw InputError::unknownMember($this->path((string) $member), (string) $member, $known);
            }
        }
    }

    public function path(string $member): string
    {
        return '' === $this->path ? $member : $this->path.'.'.$member;
    }

    public function has(string $member): bool
    {
        return property_exists($this->data, $member);
    }

    public function raw(string $member): mixed
    {
        return $this->has($member) ? $this->data->{$member} : throw InputError::missing($this->path($member));
    }

    public function isNull(string $member): bool
    {
        return $this->has($member) && null === $this->data->{$member};
    }

    public function text(string $member): string
    {
        return Scalars::text($this->raw($member), $this->path($member));
    }

    /** @param list<string> $choices */
    public function choice(string $member, array $choices): string
    {
        $text = $this->text($member);

        return \in_array($text, $choices, true) ? $text : throw InputError::notAChoice($this->path($member), $text, $choices);
    }

    public function whole(string $member, int $min = \PHP_INT_MIN, int $max = \PHP_INT_MAX): int
    {
        return Scalars::whole($this->raw($member), $this->path($member), $min, $max);
    }

    public function wholeOr(string $member, int $default, int $min, int $max): int
    {
        return $this->has($member) ? $this->whole($member, $min, $max) : $default;
    }

    public function number(string $member, float $min = -\INF, float $max = \INF): float
    {
        return Scalars::number($this->raw($member), $this->path($member), $min, $max);
    }

    public function numberOrNull(string $member, float $min = -\INF, float $max = \INF): ?float
    {
        return null === $this->raw($member) ? null : $this->number($member, $min, $max);
    }

    /** A number above a bound that it may not reach. */
    public function above(string $member, float $bound, float $max = \INF): float
    {
        return Scalars::above($this->raw($member), $this->path($member), $bound, $max);
    }

    public function flag(string $member): bool
    {
        $value = $this->raw($member);

        return \is_bool($value) ? $value : throw InputError::wrongType($this->path($member), 'true or false', $value);
    }

    /** A slot's number, 1 to 512. */
    public function address(string $member): int
    {
        $raw = $this->raw($member);
        // Too large for a whole number of the machine, and still an address past the last.
        $isHuge = \is_float($raw) && abs($raw) >= 2 ** 53;
        $address = $isHuge ? ($raw > 0 ? \PHP_INT_MAX : \PHP_INT_MIN) : $this->whole($member);

        return $address >= 1 && $address <= 512 ? $address : throw InputError::addressOutOfRange($this->path($member), $address);
    }

    /** @return array<int, int> values 0 to 255 by address 1 to 512 */
    public function slots(string $member): array
    {
        $slots = [];
        foreach ($this->named($member) as $address => $value) {
            $path = $this->path($member).'.'.$address;
            if (1 !== preg_match('/^[1-9]\d{0,2}$/D', (string) $address) || (int) $address > 512) {
                throw InputError::addressOutOfRange($path, (int) $address);
            }
            if (!\is_int($value) || $value < 0 || $value > 255) {
                throw InputError::because(
                    'out_of_range',
                    $path,
                    \is_int($value) ? \sprintf('Values run from 0 to 255, not %d.', $value) : 'A value is a number.',
                );
            }
            $slots[(int) $address] = $value;
        }

        return $slots;
    }

    /** @return list<mixed> */
    public function items(string $member): array
    {
        $value = $this->raw($member);
        if (!\is_array($value)) {
            throw InputError::wrongType($this->path($member), 'a list', $value);
        }

        return array_values($value);
    }

    /**
     * @template T
     *
     * @param callable(mixed, string): T $read given each item and its path
     *
     * @return list<T>
     */
    public function each(string $member, callable $read, int $most = \PHP_INT_MAX): array
    {
        $items = $this->items($member);
        if (\count($items) > $most) {
            throw InputError::because(
                'out_of_range',
                $this->path($member),
                \sprintf('%s holds %d entries; at most %d are allowed.', $this->path($member), \count($items), $most),
            );
        }
        $result = [];
        foreach ($items as $index => $item) {
            $result[] = $read($item, $this->path($member).'['.$index.']');
        }

        return $result;
    }

    /**
     * @return array<array-key, mixed> an object keyed by names, of which PHP makes whole numbers where it can; an empty list counts as
     *                                 one
     */
    public function named(string $member): array
    {
        $value = $this->raw($member);
        if ([] === $value) {
            return [];
        }
        if (!$value instanceof \stdClass) {
            throw InputError::wrongType($this->path($member), 'an object', $value);
        }
        $named = [];
        foreach (get_object_vars($value) as $name => $item) {
            $named[(string) $name] = $item;
        }

        return $named;
    }
}
