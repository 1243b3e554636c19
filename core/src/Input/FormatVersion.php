<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/** The version that an open document states: every one up to the newest is read, a newer one is refused in words. */
final readonly class FormatVersion
{
    private function __construct(public int $number)
    {
    }

    /**
     * @param non-empty-array<int, list<string>> $members those that each version has added to the object, oldest version first
     *
     * @throws InputError wrong_type, missing, out_of_range for a version that this Rigger does not know, unknown_member
     */
    public static function of(Members $in, string $format, array $members): self
    {
        $newest = max(array_keys($members));
        // A newer document may hold what we do not know: that it is newer is what its reader should hear of.
        $stated = $in->has('version') ? $in->raw('version') : null;
        if (\is_int($stated) && $stated > $newest && $in->has('format') && $format === $in->raw('format')) {
            throw InputError::because('out_of_range', $in->path('version'), \sprintf(
                'This document is of version %d of %s, and this Rigger reads up to version %d. A newer Rigger wrote it: bring yours up '
                    .'to date to read it.',
                $stated,
                $format,
                $newest,
            ));
        }
        $version = new self(\is_int($stated) ? $stated : $newest);
        $version->allow($in, $members);
        $in->choice('format', [$format]);
        $in->whole('version', 1, $newest);

        return $version;
    }

    /**
     * @param array<int, list<string>> $members those that each version has added to the object
     *
     * @throws InputError unknown_member, which says so where a later version knows it
     */
    public function allow(Members $in, array $members): void
    {
        $known = $later = [];
        foreach ($members as $version => $added) {
            $version <= $this->number ? array_push($known, ...$added) : $later += array_fill_keys($added, $version);
        }
        foreach ($later as $member => $version) {
            if ($in->has($member)) {
                throw InputError::because('unknown_member', $in->path($member), \sprintf(
                    '"%s" came with version %d of the format, and this document says that it is of version %d.',
                    $member,
                    $version,
                    $this->number,
                ));
            }
        }
        $in->allow($known);
    }
}
