<?php

declare(strict_types=1);

namespace Rigger\App\Problem;

/** Something that an operator is told, as RFC 9457 problem details. */
final class Problem extends \RuntimeException
{
    /**
     * @param string                                                   $type       stable word, such as "version_moved"
     * @param list<array{path: string, code: string, message: string}> $violations at the field that is to blame
     * @param array<string, mixed>                                     $extra      further members
     */
    public function __construct(
        public readonly int $status,
        public readonly string $type,
        public readonly string $title,
        string $detail,
        public readonly array $violations = [],
        public readonly array $extra = [],
        ?\Throwable $previous = null,
    ) {
        parent::__construct($detail, 0, $previous);
    }

    public static function notFound(string $what): self
    {
        return new self(
            404,
            'not_found',
            'Not there',
            \sprintf('%s is not there any more. It may have been deleted in another window.', $what),
        );
    }

    public static function thrownAway(string $what): self
    {
        return new self(
            404,
            'thrown_away',
            'In the wastebasket',
            \sprintf('%s lies in the wastebasket. It can be brought back from there, with its history.', $what),
        );
    }

    public static function at(string $path, string $code, string $message, ?\Throwable $previous = null): self
    {
        return new self(
            422,
            'invalid',
            'This cannot be taken',
            $message,
            [['path' => $path, 'code' => $code, 'message' => $message]],
            [],
            $previous,
        );
    }

    /** @param list<string> $since what was done meanwhile, in words */
    public static function versionMoved(int $version, array $since): self
    {
        // Nothing was done since where a backup was brought back meanwhile: the rig is an earlier one.
        $what = [] === $since
            ? 'it is an earlier one now; a backup was brought back, perhaps'
            : 'it has changed meanwhile: '.implode('; ', $since);

        return new self(
            409,
            'version_moved',
            'The rig has changed meanwhile',
            \sprintf('Your change was not made, for the rig is not as you saw it: %s. Look at it as it is now, then try again.', $what),
            [],
            ['version' => $version, 'since' => $since],
        );
    }

    public static function conflict(string $type, string $detail): self
    {
        return new self(409, $type, 'This does not fit what is there', $detail);
    }

    public static function diskFull(?\Throwable $previous = null): self
    {
        return new self(
            507,
            'disk_full',
            'The disk is full',
            'The disk of this machine is full, so nothing was changed. Make room on it, then try again.',
            [],
            [],
            $previous,
        );
    }

    public static function tooLarge(int $most): self
    {
        return new self(
            413,
            'too_large',
            'Too large',
            \sprintf('The file is too large: at most %d MB are read.', intdiv($most, 1024 * 1024)),
        );
    }
}
