<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Look;
use Rigger\App\Problem\Problem;
use Rigger\Core\Light\Steady;
use Rigger\Core\Rig\Limits;

/** Scenes, recorded from where the faders stand. */
final readonly class Recording
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @param array<int, int> $slots value by address, in the desk's universe */
    public function record(Snapshot $snapshot, string $name, int $bank, int $number, array $slots): string
    {
        self::requireFree($snapshot, $bank, $number, null);
        if (\count($snapshot->looks) >= Limits::LOOKS) {
            throw Problem::at('name', 'out_of_range', \sprintf('A rig holds at most %d looks.', Limits::LOOKS));
        }
        $look = Look::record($snapshot->rig, Limits::name($name, 'name'), $bank, $number);
        self::store($snapshot, $look, $slots);
        $this->manager->persist($look);

        return \sprintf('Recorded %s at bank %d, scene %d', $look->name(), $bank, $number);
    }

    /** @param array<int, int> $slots */
    public function overwrite(Snapshot $snapshot, string $lookId, array $slots): string
    {
        $look = $snapshot->look($lookId);
        self::store($snapshot, $look, $slots);

        return \sprintf('Recorded %s again from the faders', $look->name());
    }

    /** Takes every flash out of a look. */
    public function steady(Snapshot $snapshot, string $lookId): string
    {
        $look = $snapshot->look($lookId);
        foreach ($look->cells() as $cell) {
            $steady = Steady::values($cell->fixture->mode(), $cell->values());
            if ($steady !== $cell->values()) {
                $look->set($cell->fixture, $steady);
            }
        }

        return \sprintf('Made %s steady', $look->name());
    }

    public function rename(Snapshot $snapshot, string $lookId, string $name): string
    {
        $look = $snapshot->look($lookId);
        $old = $look->name();
        $look->rename(Limits::name($name, 'name'));

        return \sprintf('Renamed look %s to %s', $old, $look->name());
    }

    public function storeAt(Snapshot $snapshot, string $lookId, int $bank, int $number): string
    {
        $look = $snapshot->look($lookId);
        self::requireFree($snapshot, $bank, $number, $look);
        $look->storeAt($bank, $number);

        return \sprintf('Moved %s to bank %d, scene %d', $look->name(), $bank, $number);
    }

    public function remove(Snapshot $snapshot, string $lookId): string
    {
        $look = $snapshot->look($lookId);
        $this->manager->remove($look);

        return \sprintf('Deleted look %s', $look->name());
    }

    /**
     * Only fixtures that the desk's universe reaches are recorded: the others are left alone.
     *
     * @param array<int, int> $slots
     */
    private static function store(Snapshot $snapshot, Look $look, array $slots): void
    {
        foreach ($snapshot->fixtures as $fixture) {
            if ($fixture->universe() !== $snapshot->universe()) {
                continue;
            }
            $values = [];
            for ($slot = $fixture->span()->first; $slot <= $fixture->span()->last(); ++$slot) {
                $values[] = $slots[$slot] ?? 0;
            }
            $look->set($fixture, $values);
        }
    }

    private static function requireFree(Snapshot $snapshot, int $bank, int $number, ?Look $but): void
    {
        $desk = $snapshot->desk();
        if (null !== $desk?->banks && $bank > $desk->banks) {
            throw Problem::at('bank', 'out_of_range', \sprintf('%s has %d banks, so there is no bank %d.', $desk->name, $desk->banks, $bank));
        }
        if (null !== $desk?->scenesPerBank && $number > $desk->scenesPerBank) {
            throw Problem::at('number', 'out_of_range', \sprintf('A bank of %s has %d scenes, so there is no scene %d.', $desk->name, $desk->scenesPerBank, $number));
        }
        foreach ($snapshot->looks as $look) {
            if ($look !== $but && $look->bank() === $bank && $look->number() === $number) {
                throw Problem::at('number', 'taken', \sprintf('Bank %d, scene %d holds %s already.', $bank, $number, $look->name()));
            }
        }
    }
}
