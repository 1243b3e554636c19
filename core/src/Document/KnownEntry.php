<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Rig\KnownFinding;
use Rigger\Core\Rig\Limits;

/** Something that somebody knows, in a rig document; whom it is about stands there as indices, counted from 0. */
final readonly class KnownEntry
{
    /** @param list<int> $units ascending */
    public function __construct(
        public string $stage,
        public string $code,
        public array $units,
        public ?int $link,
        public ?int $look,
        public ?string $note,
    ) {
    }

    /**
     * @param array<string, int> $units places by id
     * @param array<string, int> $links
     * @param array<string, int> $looks
     */
    public static function of(KnownFinding $known, array $units, array $links, array $looks): self
    {
        $places = array_map(static fn (string $id): int => $units[$id], $known->units);
        sort($places);

        return new self(
            $known->stage,
            $known->code,
            $places,
            null === $known->linkId ? null : $links[$known->linkId],
            null === $known->lookId ? null : $looks[$known->lookId],
            $known->note,
        );
    }

    /**
     * @param list<string> $units ids by place
     * @param list<string> $links
     * @param list<string> $looks
     */
    public function known(string $id, array $units, array $links, array $looks): KnownFinding
    {
        return new KnownFinding(
            $id,
            $this->stage,
            $this->code,
            array_map(static fn (int $place): string => $units[$place], $this->units),
            null === $this->link ? null : $links[$this->link],
            null === $this->look ? null : $looks[$this->look],
            $this->note,
        );
    }

    /** @throws InputError */
    public static function read(mixed $item, string $path): self
    {
        $in = Members::of($item, ['stage', 'code', 'fixtures', 'link', 'look', 'note'], $path);
        $has = static fn (string $member): bool => $in->has($member) && !$in->isNull($member);
        $stage = $in->choice('stage', KnownFinding::STAGES);
        $code = $in->text('code');
        if (!KnownFinding::isCode($code)) {
            throw InputError::because('not_a_choice', $in->path('code'), InputError::quote($code).' is no code of a finding.');
        }
        $units = $has('fixtures')
            ? $in->each('fixtures', static fn (mixed $one, string $at): int => Scalars::whole($one, $at, 0, Limits::UNITS), Limits::UNITS)
            : [];

        return new self(
            $stage,
            $code,
            $units,
            $has('link') ? $in->whole('link', 0) : null,
            $has('look') ? $in->whole('look', 0) : null,
            $has('note') ? Limits::note($in->text('note'), $in->path('note')) : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['stage' => $this->stage, 'code' => $this->code] + array_filter([
            'fixtures' => [] === $this->units ? null : $this->units,
            'link' => $this->link,
            'look' => $this->look,
            'note' => $this->note,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
