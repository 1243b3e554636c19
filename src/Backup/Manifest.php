<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Rigger\Core\Input\InputError;

/** What a backup says of itself. */
final readonly class Manifest
{
    /**
     * @param string $schema      number of the newest migration that the database had seen
     * @param string $fingerprint of the database's contents: equal ones hold the same
     * @param int    $bytes       of the dump
     * @param string $sha1        of the dump
     */
    public function __construct(
        public Why $why,
        public \DateTimeImmutable $at,
        public string $schema,
        public string $fingerprint,
        public int $bytes,
        public string $sha1,
        public Holdings $holds,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'why' => $this->why->value, 'madeAt' => $this->at->format(\DATE_ATOM), 'schema' => $this->schema,
            'fingerprint' => $this->fingerprint,
            'bytes' => $this->bytes, 'sha1' => $this->sha1, 'holds' => get_object_vars($this->holds),
        ];
    }

    /** @throws InputError */
    public static function read(mixed $document, string $format): self
    {
        $in = json_decode((string) json_encode($document), true);
        if (!\is_array($in) || $format !== ($in['format'] ?? null) || 1 !== ($in['version'] ?? null)) {
            throw InputError::because('not_a_choice', 'format', 'it is no '.$format.' of version 1');
        }
        $holds = \is_array($in['holds'] ?? null) ? $in['holds'] : [];

        return new self(
            Why::tryFrom(self::text($in, 'why')) ?? Why::Brought,
            self::time($in, 'madeAt'),
            self::text($in, 'schema'),
            self::text($in, 'fingerprint'),
            self::whole($in, 'bytes'),
            self::text($in, 'sha1'),
            new Holdings(
                self::rigs($holds['rigs'] ?? null),
                self::whole($holds, 'charts'),
                self::whole($holds, 'desks'),
                self::whole($holds, 'changes'),
                self::whole($holds, 'thrown'),
            ),
        );
    }

    /** @param array<array-key, mixed> $in */
    private static function text(array $in, string $member): string
    {
        $text = $in[$member] ?? null;

        return \is_string($text) ? $text : throw InputError::because('wrong_type', $member, $member.' is no text');
    }

    /** @param array<array-key, mixed> $in */
    private static function time(array $in, string $member): \DateTimeImmutable
    {
        $time = \DateTimeImmutable::createFromFormat(\DATE_ATOM, self::text($in, $member));

        return false === $time ? throw InputError::because('wrong_type', $member, $member.' is no time') : $time;
    }

    /** @param array<array-key, mixed> $in */
    private static function whole(array $in, string $member): int
    {
        $number = $in[$member] ?? null;

        return \is_int($number) && $number >= 0 ? $number : throw InputError::because('wrong_type', $member, $member.' is no number');
    }

    /** @return list<array{name: string, venue: string, units: int, looks: int}> */
    private static function rigs(mixed $rigs): array
    {
        return array_map(static fn (mixed $rig): array => \is_array($rig)
            ? [
                'name' => self::text($rig, 'name'),
                'venue' => self::text($rig, 'venue'),
                'units' => self::whole($rig, 'units'),
                'looks' => self::whole($rig, 'looks'),
            ]
            : throw InputError::because('wrong_type', 'holds.rigs', 'a rig is no object'), \is_array($rigs) ? array_values($rigs) : []);
    }
}
