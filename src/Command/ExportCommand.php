<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Entity\Rig;
use Rigger\App\Library\LibraryIndex;
use Rigger\App\Library\Venues;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Types;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Document\VenueWriter;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Library\LibraryQuery;
use Rigger\Core\Line\Radio\KitWriter;
use Rigger\Core\Profile\ProfileWriter;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Uid\Uuid;

/** `bin/rigger export fixture|desk|kit|rig|venue NAME`: the open document on standard output. */
#[AsCommand('rigger:export', 'Export a fixture, a desk, a radio kit, a rig or a venue as an open document')]
final readonly class ExportCommand
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Types $types,
        private LibraryIndex $library,
        private CoreRigs $rigs,
        private Venues $venues,
    ) {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('fixture, desk, kit, rig or venue')] string $kind,
        #[Argument('its name; for a fixture "Maker Model"')] string $name,
    ): int {
        $document = match ($kind) {
            'fixture' => $this->fixture($name),
            'desk' => $this->desk($name),
            'kit' => $this->kit($name),
            'rig' => $this->rig($name),
            'venue' => $this->venue($name),
            default => null,
        };
        if (null === $document) {
            $io->getErrorStyle()->writeln(\in_array($kind, ['fixture', 'desk', 'kit', 'rig', 'venue'], true)
                ? \sprintf('There is no %s named %s.', $kind, InputError::quote($name))
                : 'Say what to export: fixture, desk, kit, rig or venue.');

            return 2;
        }
        // Whoever reads may have read enough.
        @fwrite(\STDOUT, Json::pretty($document));

        return 0;
    }

    /** @return array<string, mixed>|null */
    private function fixture(string $name): ?array
    {
        [$found] = $this->library->page(LibraryQuery::of($name), 1, 100);
        foreach ($found as $type) {
            if ($type->maker.' '.$type->model === $name) {
                return ProfileWriter::write($this->types->latest(Uuid::fromString($type->id))->profile());
            }
        }

        return null;
    }

    /** @return array<string, mixed>|null */
    private function desk(string $name): ?array
    {
        $desk = $this->manager->getRepository(DeskDescription::class)->findOneBy(['name' => $name]);

        return null === $desk ? null : DeskWriter::write($desk->desk());
    }

    /** @return array<string, mixed>|null */
    private function kit(string $name): ?array
    {
        $kit = $this->manager->getRepository(RadioKit::class)->findOneBy(['name' => $name], ['isOnShelf' => 'DESC']);

        return null === $kit ? null : KitWriter::write($kit->kit());
    }

    /** @return array<string, mixed>|null */
    private function rig(string $name): ?array
    {
        $rig = $this->manager->getRepository(Rig::class)->findOneBy(['name' => $name, 'thrownAt' => null], ['id' => 'DESC']);

        return null === $rig ? null : RigWriter::write(RigDocument::of($this->rigs->get($rig->id())));
    }

    /** @return array<string, mixed>|null */
    private function venue(string $name): ?array
    {
        try {
            return VenueWriter::write($this->venues->document($name));
        } catch (Problem) {
            return null; // There is none of that name.
        }
    }
}
