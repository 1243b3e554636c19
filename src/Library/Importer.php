<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Venue;
use Rigger\App\Library\View\ImportedView;
use Rigger\App\Problem\Problem;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\RigDocument;
use Rigger\Core\Rig\RigReader;

/** Open documents into the database: a fixture, a desk or a whole rig, all of it or nothing. */
final readonly class Importer
{
    public const MOST_BYTES = 5 * 1024 * 1024;

    public function __construct(private EntityManagerInterface $manager, private Charts $charts)
    {
    }

    /**
     * @param string $text a JSON document of one of the three formats
     *
     * @throws InputError|Problem and nothing is stored
     */
    public function import(string $text): ImportedView
    {
        if (\strlen($text) > self::MOST_BYTES) {
            throw Problem::tooLarge(self::MOST_BYTES);
        }
        if ('' === trim($text)) {
            throw InputError::because('bad_json', '', 'The file is empty.');
        }
        $document = Json::decode($text);
        $format = $document instanceof \stdClass ? $document->format ?? null : null;

        return $this->manager->wrapInTransaction(fn (): ImportedView => match ($format) {
            FixtureProfile::FORMAT => $this->fixture(ProfileReader::read($document)),
            Desk::FORMAT => $this->desk(DeskReader::read($document)),
            RigDocument::FORMAT => $this->rig(RigReader::read($document)),
            default => throw InputError::because('not_a_choice', 'format', \sprintf('This is no document of Rigger: its "format" should be %s, %s or %s.', FixtureProfile::FORMAT, Desk::FORMAT, RigDocument::FORMAT)),
        });
    }

    private function fixture(FixtureProfile $profile): ImportedView
    {
        $revision = $this->charts->keep($profile);

        return new ImportedView('fixture', (string) $revision->type->id(), \sprintf('%s %s, revision %d', $profile->maker, $profile->model, $revision->number));
    }

    private function desk(Desk $desk): ImportedView
    {
        $kept = $this->keepDesk($desk);

        return new ImportedView('desk', (string) $kept->id(), $kept->name);
    }

    private function rig(RigDocument $document): ImportedView
    {
        $rig = Rig::in($this->venue($document->venue), $document->name);
        $rig->playOn(null === $document->desk ? null : $this->keepDesk($document->desk));
        $this->manager->persist($rig);
        $revisions = array_map($this->charts->keep(...), $document->types);
        $links = [];
        foreach ($document->links as $index => $entry) {
            $this->manager->persist($links[$index] = RadioLink::set($rig, $entry->kit, $entry->label, $entry->name, $index + 1));
        }
        $fixtures = [];
        foreach ($document->fixtures as $index => $entry) {
            if (0 === $document->types[$entry->type]->mode($entry->mode)?->footprint()) {
                throw InputError::because('mode_empty', 'fixtures['.$index.'].mode', \sprintf('Mode %s has no channels.', InputError::quote($entry->mode)));
            }
            $fixture = PatchedFixture::hang($rig, $revisions[$entry->type], $entry->mode, $entry->name, $entry->universe, $entry->address, $index + 1);
            $fixture->listenTo(null === $entry->link ? null : $links[$entry->link], $entry->receiver);
            $this->manager->persist($fixtures[$index] = $fixture);
        }
        foreach ($document->looks as $entry) {
            $look = Look::record($rig, $entry->name, $entry->bank, $entry->number);
            foreach ($entry->values as $index => $values) {
                $look->set($fixtures[$index], $values);
            }
            $this->manager->persist($look);
        }

        return new ImportedView('rig', (string) $rig->id(), $rig->name());
    }

    public function venue(string $name): Venue
    {
        $venue = $this->manager->getRepository(Venue::class)->findOneBy(['name' => $name]);
        if (null === $venue) {
            $this->manager->persist($venue = Venue::named(Limits::name($name, 'venue')));
        }

        return $venue;
    }

    /** The same description is kept once; another one of the same name takes the next free number. */
    private function keepDesk(Desk $desk): DeskDescription
    {
        $desks = $this->manager->getRepository(DeskDescription::class);
        $wanted = Limits::name($desk->name, 'name');
        for ($nth = 1;; ++$nth) {
            $name = 1 === $nth ? $wanted : $wanted.' ('.$nth.')';
            $named = $desk->withName($name);
            $there = $desks->findOneBy(['name' => $name]);
            if (null === $there) {
                $this->manager->persist($there = DeskDescription::of($named));
                $this->manager->flush();

                return $there;
            }
            if ($there->desk()->equals($named)) {
                return $there;
            }
        }
    }
}
