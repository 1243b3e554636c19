<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\FixtureType;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\Core\Compare\LookAlike;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Profile\ChartChange;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** Writing charts into the library. A revision that any unit follows stays as it is; the next edit makes a new one. */
final readonly class Charts
{
    public function __construct(private EntityManagerInterface $manager, private Types $types)
    {
    }

    /** A new type with an empty chart. */
    public function begin(string $maker, string $model, string $kind): FixtureType
    {
        $maker = Limits::name($maker, 'maker');
        $model = Limits::name($model, 'model');
        if (null !== $this->types->named($maker, $model)) {
            throw Problem::at('model', 'taken', \sprintf('%s %s is in the library already.', $maker, $model));
        }

        return $this->add(new FixtureProfile($maker, $model, Limits::name($kind, 'kind'), null, [], null, []))->type;
    }

    /**
     * A new type that starts from a look-alike's chart. Every channel that does something is marked as not tried yet.
     *
     * @param string|null $modeKey the one mode to take over; null for all
     */
    public function beginLike(Uuid $likeId, string $maker, string $model, ?string $modeKey): FixtureType
    {
        $maker = Limits::name($maker, 'maker');
        $model = Limits::name($model, 'model');
        if (null !== $this->types->named($maker, $model)) {
            throw Problem::at('model', 'taken', \sprintf('%s %s is in the library already.', $maker, $model));
        }

        return $this->add(LookAlike::startingFrom($this->types->latest($likeId)->profile(), $maker, $model, $modeKey))->type;
    }

    /**
     * Puts the edited chart in place of the newest revision, or after it when that one is in use.
     *
     * @param int $base number of the revision that was edited
     *
     * @return string what was changed, in words
     */
    public function write(Uuid $typeId, int $base, FixtureProfile $profile): string
    {
        $latest = $this->types->latest($typeId);
        if ($latest->number !== $base) {
            throw Problem::conflict(
                'revision_moved',
                \sprintf('%s has revision %d by now; you edited revision %d.', $latest->type->model(), $latest->number, $base),
            );
        }
        self::requireKeepable($profile);
        $other = $this->types->named($profile->maker, $profile->model);
        if (null !== $other && $other !== $latest->type) {
            throw Problem::at('model', 'taken', \sprintf('%s %s is in the library already.', $profile->maker, $profile->model));
        }
        $words = ChartChange::words($latest->profile(), $profile);
        $latest->type->nameAfter($profile);
        // Words and marks beside the chart change nothing that a unit does, so they need no revision of their own.
        $isOnlyWords = $latest->profile()->computed()->equals($profile->computed());
        if (!$isOnlyWords && $this->types->isUsed($latest)) {
            $this->manager->persist($latest->next($profile));

            return $words.\sprintf(' (revision %d)', $latest->number + 1);
        }
        $latest->redraw($profile);

        return $words;
    }

    /** The revision with exactly this chart: found, or added to the library. */
    public function keep(FixtureProfile $profile): FixtureRevision
    {
        self::requireKeepable($profile);
        $type = $this->types->named($profile->maker, $profile->model);
        if (null === $type) {
            return $this->add($profile);
        }
        $revisions = $this->types->revisions($type);
        foreach ($revisions as $revision) {
            if ($revision->profile()->equals($profile)) {
                return $revision;
            }
        }
        $next = $revisions[0]->next($profile);
        $this->manager->persist($next);
        $this->manager->flush();

        return $next;
    }

    /**
     * All revisions of one type, each found or added behind those that are there; the newest one names the type.
     *
     * @param non-empty-list<FixtureProfile> $profiles oldest first
     *
     * @return list<FixtureRevision> in the given order
     */
    public function keepAll(array $profiles): array
    {
        $newest = $profiles[\count($profiles) - 1];
        $type = $this->types->named($newest->maker, $newest->model);
        $there = null === $type ? [] : array_reverse($this->types->revisions($type));
        $kept = [];
        foreach ($profiles as $profile) {
            self::requireKeepable($profile);
            $found = array_values(array_filter(
                $there,
                static fn (FixtureRevision $revision): bool => $revision->profile()->equals($profile),
            ))[0] ?? null;
            if (null === $found) {
                $last = $there[\count($there) - 1] ?? null;
                $found = null === $last ? $this->add($profile) : $last->next($profile);
                $this->manager->persist($found);
                $there[] = $found;
            }
            $kept[] = $found;
        }
        $there[0]->type->nameAfter($newest);
        $this->manager->flush();

        return $kept;
    }

    private function add(FixtureProfile $profile): FixtureRevision
    {
        $type = FixtureType::of($profile);
        $first = FixtureRevision::first($type, $profile);
        $this->manager->persist($type);
        $this->manager->persist($first);

        return $first;
    }

    /** Charts with findings may be kept, for they are being written; what cannot be computed with at all may not. */
    private static function requireKeepable(FixtureProfile $profile): void
    {
        Limits::name($profile->maker, 'maker');
        Limits::name($profile->model, 'model');
        foreach ($profile->modes as $mode) {
            if (ProfileCheck::isUsable($profile, $mode)) {
                CompiledMode::of($profile, $mode->key);
            }
        }
    }
}
