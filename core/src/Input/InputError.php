<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

use Rigger\Core\CoreException;

/**
 * Input that cannot be used, told in an operator's words.
 *
 * `errorCode` is stable and lower_snake_case; `field` is a path such as `channels[2].ranges[0].to`,
 * with list indices counted from 0, and "" for the document as a whole.
 */
final class InputError extends \InvalidArgumentException implements CoreException
{
    private const SHOWN = 60;

    private function __construct(
        public readonly string $errorCode,
        public readonly string $field,
        string $message,
        ?\Throwable $previous = null,
    ) {
        parent::__construct($message, 0, $previous);
    }

    public static function because(string $code, string $field, string $message): self
    {
        return new self($code, $field, $message);
    }

    /** The same, of a part of the input that stands there: "commands[2]." before the field. */
    public function in(string $before): self
    {
        return new self($this->errorCode, $before.$this->field, $this->getMessage(), $this);
    }

    public static function badJson(\Throwable $previous): self
    {
        return new self('bad_json', '', 'This is not a JSON document: '.lcfirst($previous->getMessage()).'.', $previous);
    }

    /** @param list<string> $topics */
    public static function unknownTopic(string $topic, array $topics): self
    {
        return new self(
            'unknown_topic',
            'topic',
            \sprintf('There is no topic %s. %s', self::quote($topic), self::nearest($topic, $topics)),
        );
    }

    public static function missing(string $field): self
    {
        return new self('missing', $field, \sprintf('Still to be said: %s.', '' === $field ? 'the document' : MemberWords::of($field)));
    }

    public static function wrongType(string $field, string $expected, mixed $given): self
    {
        return new self('wrong_type', $field, \sprintf('%s must be %s, not %s.', self::name($field), $expected, self::describe($given)));
    }

    /** @param list<string> $known */
    public static function unknownMember(string $field, string $member, array $known): self
    {
        return new self(
            'unknown_member',
            $field,
            \sprintf('%s is not known here. %s', self::quote($member), self::nearest($member, $known)),
        );
    }

    public static function outOfRange(string $field, int|float $value, string $allowed): self
    {
        return new self('out_of_range', $field, \sprintf('%s is %s; it must be %s.', self::name($field), self::describe($value), $allowed));
    }

    public static function addressOutOfRange(string $field, int $address): self
    {
        return new self('address_out_of_range', $field, $address > 512
            ? \sprintf('Address %d is past the last slot of a universe, 512.', $address)
            : \sprintf('Address %d is before the first slot of a universe, 1.', $address));
    }

    /** @param list<string> $choices */
    public static function notAChoice(string $field, string $given, array $choices): self
    {
        return new self(
            'not_a_choice',
            $field,
            \sprintf('%s cannot be %s. %s', self::name($field), self::quote($given), self::nearest($given, $choices)),
        );
    }

    public static function duplicate(string $field, string $key): self
    {
        return new self('duplicate', $field, \sprintf('%s is given twice; each one must be different.', self::quote($key)));
    }

    public static function unknownFixture(string $field, string $id): self
    {
        return new self('unknown_fixture', $field, \sprintf('There is no fixture %s here.', self::quote($id)));
    }

    public static function valuesCount(string $field, int $given, int $expected, string $of): self
    {
        return new self(
            'values_count',
            $field,
            \sprintf('%d %s given, but %s has %d channels.', $given, 1 === $given ? 'value is' : 'values are', $of, $expected),
        );
    }

    /** @return array{error: array{code: string, field: string, message: string}} */
    public function toArray(): array
    {
        return ['error' => ['code' => $this->errorCode, 'field' => $this->field, 'message' => $this->getMessage()]];
    }

    /** Foreign text for a message: shortened, and without control characters. */
    public static function quote(string $text): string
    {
        $clean = preg_replace('/[\p{C}]+/u', ' ', mb_scrub($text)) ?? '';

        return '"'.(mb_strlen($clean) > self::SHOWN ? mb_substr($clean, 0, self::SHOWN).'…' : $clean).'"';
    }

    private static function describe(mixed $given): string
    {
        return match (true) {
            null === $given => 'null',
            \is_bool($given) => $given ? 'true' : 'false',
            \is_string($given) => 'the text '.self::quote($given),
            \is_array($given) => 'a list',
            \is_object($given) => 'an object',
            \is_int($given), \is_float($given) => (string) json_encode($given),
            default => get_debug_type($given),
        };
    }

    private static function name(string $field): string
    {
        $words = '' === $field ? 'the document' : MemberWords::of($field);

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** @param list<string> $known */
    private static function nearest(string $given, array $known): string
    {
        $best = null;
        $least = 4;
        foreach ($known as $word) {
            $distance = levenshtein(substr($given, 0, 100), $word);
            if ($distance < $least) {
                [$best, $least] = [$word, $distance];
            }
        }

        return null === $best ? 'Known are: '.implode(', ', $known).'.' : \sprintf('Did you mean "%s"?', $best);
    }
}
