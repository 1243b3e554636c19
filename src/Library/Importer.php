<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Venue;
use Rigger\App\Library\View\ImportedView;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Hanging;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigReader;
use Rigger\Core\Document\VenueDocument;
use Rigger\Core\Document\VenueReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Listing\ProfileListReader;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Revision;

/** Open documents into the database: a fixture, a desk, a radio kit or a whole rig, all of it or nothing. */
final readonly class Importer
{
    public const MOST_BYTES = 5 * 1024 * 1024;

    public function __construct(
        private EntityManagerInterface $manager,
        private Transaction $transaction,
        private Charts $charts,
        private DeskShelf $desks,
        private KitShelf $kits,
        private Hanging $hanging,
    ) {
    }

    /**
     * @param string $text a JSON document of one of the formats, a list of charts (CSV), or an archive of DIN SPEC 15800
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
        if (DeviceArchive::isArchive($text)) {
            $reading = DeviceArchive::read($text);

            return $this->atomically(fn (): ImportedView => $this->fixture($reading->profile, $reading->notes));
        }
        if (self::isList($text)) {
            $profiles = ProfileListReader::read(Csv::rows(PlainText::of($text, 'A list is .csv.'), ProfileListReader::MOST_ROWS));

            return $this->atomically(fn (): ImportedView => $this->fixtures($profiles));
        }
        $document = Json::decode($text);
        $format = $document instanceof \stdClass ? $document->format ?? null : null;

        return $this->atomically(fn (): ImportedView => match ($format) {
            FixtureProfile::FORMAT => $this->fixture(ProfileReader::read($document)),
            Desk::FORMAT => $this->desk(DeskReader::read($document)),
            Kit::FORMAT => $this->kit(KitReader::read($document)),
            RigDocument::FORMAT => $this->rig(RigReader::read($document)),
            VenueDocument::FORMAT => $this->wholeVenue(VenueReader::read($document)),
            default => throw InputError::because(
                'not_a_choice',
                'format',
                \sprintf(
                    'This is no document of Rigger: its "format" should be %s, %s, %s, %s or %s.',
                    FixtureProfile::FORMAT,
                    Desk::FORMAT,
                    Kit::FORMAT,
                    RigDocument::FORMAT,
                    VenueDocument::FORMAT,
                ),
            ),
        });
    }

    /** @param list<string> $notes what of the document a chart does not hold */
    private function fixture(FixtureProfile $profile, array $notes = []): ImportedView
    {
        $revision = $this->charts->keep($profile);

        return new ImportedView(
            'fixture',
            (string) $revision->type->id(),
            \sprintf('%s %s, revision %d', $profile->maker, $profile->model, $revision->number),
            $notes,
        );
    }

    /** @param list<FixtureProfile> $profiles */
    private function fixtures(array $profiles): ImportedView
    {
        if ([] === $profiles) {
            throw InputError::because('missing', '', 'The list names its columns and holds no row.');
        }
        $first = null;
        foreach ($profiles as $profile) {
            $view = $this->fixture($profile);
            $first ??= $view;
        }

        return 1 === \count($profiles)
            ? $first
            : new ImportedView('fixture', $first->id, \sprintf('%d fixtures, from %s on', \count($profiles), $first->name));
    }

    private static function isList(string $text): bool
    {
        $head = mb_strtolower(substr(ltrim($text, "\xEF\xBB\xBF \r\n"), 0, 2000));

        return !str_starts_with($head, '{') && !str_starts_with($head, '[') && 1 === preg_match('/^"?(?:maker|model|kind)"?[,;\t]/', $head);
    }

    private function desk(Desk $desk): ImportedView
    {
        $kept = $this->desks->bringIn($desk);

        return new ImportedView('desk', (string) $kept->id(), $kept->name);
    }

    private function kit(Kit $kit): ImportedView
    {
        $kept = $this->kits->bringIn($kit);

        return new ImportedView('kit', (string) $kept->id(), $kept->name);
    }

    private function wholeVenue(VenueDocument $document): ImportedView
    {
        $known = array_merge(...array_map($this->charts->keepAll(...), $document->charts));
        array_map($this->desks->bringIn(...), $document->desks);
        array_map($this->kits->bringIn(...), $document->kits);
        foreach ($document->rigs as $rig) {
            $this->rig($rig, $known);
            $this->manager->flush();
        }

        return new ImportedView(
            'venue',
            (string) $this->venue($document->name)->id(),
            $document->name,
            [\sprintf('%d rigs, %d charts, %d desks.', \count($document->rigs), \count($document->charts), \count($document->desks))],
        );
    }

    /** @param list<FixtureRevision> $known revisions that came with it, whatever their type is called by now */
    private function rig(RigDocument $document, array $known = []): ImportedView
    {
        $keep = fn (FixtureProfile $profile): FixtureRevision => array_values(array_filter(
            $known,
            static fn (FixtureRevision $revision): bool => $revision->profile()->equals($profile),
        ))[0] ?? $this->charts->keep($profile);
        $rig = Rig::in($this->venue($document->venue), $document->name);
        $rig->playOn(null === $document->desk ? null : $this->desks->bringIn($document->desk));
        $this->manager->persist($rig);
        $revisions = array_map($keep, $document->types);
        foreach ($document->units as $index => $entry) {
            if (0 === $document->types[$entry->type]->mode($entry->mode)?->footprint()) {
                throw InputError::because(
                    'mode_empty',
                    'fixtures['.$index.'].mode',
                    \sprintf('Mode %s has no channels.', InputError::quote($entry->mode)),
                );
            }
        }
        $bent = [];
        foreach ($document->typeCurves as $index => $entry) {
            // Two charts of a document can be two revisions of one type.
            $key = $revisions[$entry->type]->type->id().'/'.$entry->mode;
            if (isset($bent[$key])) {
                throw InputError::duplicate('typeCurves['.$index.'].mode', $entry->mode);
            }
            $bent[$key] = true;
        }
        $kits = array_map(fn (Kit $kit): KitInUse => $this->kits->bringIn($kit)->inUse(), $document->kits);
        $this->hanging->hang($rig, $document, array_map(static fn (FixtureRevision $one): Revision => $one->core(), $revisions), $kits);

        return new ImportedView('rig', (string) $rig->id(), $rig->name());
    }

    /**
     * All of it or nothing. A document that is refused half-way leaves the entity manager as it was, for the next one.
     *
     * @param callable(): ImportedView $work
     */
    private function atomically(callable $work): ImportedView
    {
        try {
            return $this->transaction->run(function () use ($work): ImportedView {
                $this->transaction->lockLibrary();
                $done = $work();
                $this->manager->flush();

                return $done;
            });
        } finally {
            $this->manager->clear();
        }
    }

    public function venue(string $name): Venue
    {
        $venue = $this->manager->getRepository(Venue::class)->findOneBy(['name' => $name]);
        if (null === $venue) {
            $this->manager->persist($venue = Venue::named(Limits::name($name, 'venue')));
        }

        return $venue;
    }
}
