<?php

declare(strict_types=1);

namespace Rigger\App\Wastebasket;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\FixtureType;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Entity\Rig;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Rigs;
use Rigger\App\Repository\Thrown;
use Rigger\App\Wastebasket\View\ThrownView;
use Rigger\App\Wastebasket\View\WastebasketView;
use Symfony\Component\Uid\Uuid;

/**
 * Throwing away and bringing back. Each is one transaction under the lock of what it is about; nothing leaves the database until
 * somebody empties the wastebasket.
 */
final readonly class Wastebasket
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Transaction $transaction,
        private Rigs $rigs,
        private Thrown $thrown,
        private ClockInterface $clock,
    ) {
    }

    public function look(): WastebasketView
    {
        return new WastebasketView(array_map(self::view(...), $this->thrown->all()));
    }

    /** @throws Problem not_found, thrown_away, in_use */
    public function throwAway(Kind $kind, Uuid $id): void
    {
        $this->transaction->run(function () use ($kind, $id): void {
            match ($kind) {
                Kind::Rig => $this->rigs->lock($id)->throwAway($this->clock->now()),
                Kind::Chart => $this->throwChart($id),
                Kind::Desk => $this->throwDescription(DeskDescription::class, $id, 'This desk'),
                Kind::Kit => $this->throwDescription(RadioKit::class, $id, 'This radio kit'),
            };
            $this->manager->flush();
        });
    }

    /** @throws Problem not_found, name_taken */
    public function bringBack(Kind $kind, Uuid $id): WastebasketView
    {
        $this->transaction->run(function () use ($kind, $id): void {
            match ($kind) {
                Kind::Rig => ($this->rigs->lockAnywhere($id) ?? throw Problem::notFound('This rig'))->bringBack(),
                Kind::Chart => $this->bringChartBack($id),
                Kind::Desk => $this->bringDescriptionBack(DeskDescription::class, $id, 'desk'),
                Kind::Kit => $this->bringDescriptionBack(RadioKit::class, $id, 'radio kit'),
            };
            $this->manager->flush();
        });

        return $this->look();
    }

    /** For good: what lies in it is deleted. What a rig's history could still ask for stays in the database, out of sight. */
    public function empty(): WastebasketView
    {
        $kept = [];
        $this->transaction->run(function () use (&$kept): void {
            $thrown = $this->thrown->all();
            // Rigs first: then their history needs nothing any more.
            foreach ($thrown as $one) {
                if (Kind::Rig->value === $one['kind'] && null !== $this->rigs->lockAnywhere(Uuid::fromString($one['id']))?->thrownAt()) {
                    $this->rigs->delete(Uuid::fromString($one['id']));
                }
            }
            foreach ($thrown as $one) {
                if (Kind::Rig->value !== $one['kind'] && !$this->deleteFromLibrary($one['kind'], $one['id'])) {
                    $kept[] = \sprintf('%s stays in the wastebasket: a rig or the history of one still refers to it.', $one['name']);
                }
            }
            $this->manager->clear();
        });

        return new WastebasketView($this->look()->thrown, $kept);
    }

    private function deleteFromLibrary(string $kind, string $id): bool
    {
        $rows = Kind::Chart->value === $kind ? [$id, ...$this->thrown->revisionsOf($id)] : [$id];
        if ($this->thrown->areNeeded($rows)) {
            return false;
        }
        match ($kind) {
            Kind::Chart->value => $this->thrown->deleteType($id),
            Kind::Kit->value => $this->thrown->deleteKit($id),
            default => $this->thrown->deleteDesk($id),
        };

        return true;
    }

    private function throwChart(Uuid $id): void
    {
        $type = $this->manager->find(FixtureType::class, $id, LockMode::PESSIMISTIC_WRITE);
        if (null === $type || null !== $type->thrownAt()) {
            throw Problem::notFound('This fixture type');
        }
        $rigs = $this->thrown->rigsWithType((string) $id);
        if ([] !== $rigs) {
            throw Problem::conflict(
                'in_use',
                \sprintf('%s hangs in %s, so its chart stays. Take its units off there first.', $type->model(), implode(', ', $rigs)),
            );
        }
        $type->throwAway($this->clock->now());
    }

    /** @param class-string<DeskDescription|RadioKit> $class */
    private function throwDescription(string $class, Uuid $id, string $what): void
    {
        $one = $this->manager->find($class, $id, LockMode::PESSIMISTIC_WRITE);
        if (null === $one || !$one->isOnShelf()) {
            throw Problem::notFound($what);
        }
        $one->takeOffShelf();
        $one->throwAway($this->clock->now());
    }

    private function bringChartBack(Uuid $id): void
    {
        $type = $this->manager->find(FixtureType::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw Problem::notFound('This fixture type');
        if (null !== $type->thrownAt() && null !== $this->manager->getRepository(FixtureType::class)->findOneBy([
            'maker' => $type->maker(),
            'model' => $type->model(),
            'thrownAt' => null,
        ])) {
            throw Problem::conflict(
                'name_taken',
                \sprintf(
                    '%s %s is in the library again. Give that one another name, then bring this one back.',
                    $type->maker(),
                    $type->model(),
                ),
            );
        }
        $type->bringBack();
    }

    /** @param class-string<DeskDescription|RadioKit> $class */
    private function bringDescriptionBack(string $class, Uuid $id, string $what): void
    {
        $one = $this->manager->find($class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw Problem::notFound('This '.$what);
        $now = $this->manager->getRepository($class)->findOneBy(['name' => $one->name, 'isOnShelf' => true]);
        if (null !== $now && $now !== $one) {
            throw Problem::conflict(
                'name_taken',
                \sprintf(
                    'A %s called %s is on the shelf again. Take that one off the shelf, then bring this one back.',
                    $what,
                    $one->name,
                ),
            );
        }
        $one->putOnShelf();
    }

    /** @param array{kind: string, id: string, name: string, parts: int, changes: int, at: string} $row */
    private static function view(array $row): ThrownView
    {
        $holds = match ($row['kind']) {
            Kind::Rig->value => \sprintf(
                '%s, %s in its history',
                self::count($row['parts'], 'unit'),
                self::count($row['changes'], 'change'),
            ),
            Kind::Chart->value => self::count($row['parts'], 'revision'),
            default => 'its description',
        };

        return new ThrownView($row['kind'], $row['id'], $row['name'], $holds, $row['at']);
    }

    private static function count(int $number, string $word): string
    {
        return $number.' '.$word.(1 === $number ? '' : 's');
    }
}
