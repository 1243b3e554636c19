<?php

declare(strict_types=1);

namespace Rigger\App\Http\Library;

use OpenApi\Attributes as OA;
use Rigger\App\Guard\Upload;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\BulkImport;
use Rigger\App\Library\Csv;
use Rigger\App\Library\Desks;
use Rigger\App\Library\DeviceArchive;
use Rigger\App\Library\Importer;
use Rigger\App\Library\Venues;
use Rigger\App\Library\View\ImportedView;
use Rigger\App\Library\View\ImportReportView;
use Rigger\App\Library\View\LeftOutView;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Types;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Device\LeftOut;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Document\VenueWriter;
use Rigger\Core\Input\Json;
use Rigger\Core\Listing\ProfileList;
use Rigger\Core\Profile\ProfileWriter;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Open documents in and out. */
final readonly class LibraryController
{
    /** A fixture, a desk or a rig: the document says which. */
    #[Route('/api/import', methods: 'POST'), Answers(ImportedView::class, 'What was brought in')]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function import(Request $request, Importer $importer): JsonResponse
    {
        if ((int) $request->headers->get('Content-Length', '0') > Importer::MOST_BYTES) {
            throw Problem::tooLarge(Importer::MOST_BYTES);
        }

        return Reply::with($importer->import($request->getContent()));
    }

    /** Many files at once, each for itself: one that is refused keeps none of the others back. */
    #[Route(
        '/api/imports',
        methods: 'POST',
        defaults: [Upload::ROUTE => true],
    ), Answers(ImportReportView::class, 'What became of each file')]
    #[OA\RequestBody(content: new OA\MediaType(
        'multipart/form-data',
        schema: new OA\Schema(
            required: ['files[]'],
            properties: [new OA\Property('files[]', type: 'array', items: new OA\Items(type: 'string', format: 'binary'))],
        ),
    ))]
    public function importAll(Request $request, BulkImport $bulk): JsonResponse
    {
        return Reply::with($bulk->import(array_values(array_filter(
            (array) $request->files->get('files'),
            static fn (mixed $file): bool => $file instanceof UploadedFile,
        ))));
    }

    /** The newest chart as a rigger-fixture document, as a list with one row a range, or as an archive of DIN SPEC 15800. */
    #[Route('/api/types/{id}/export', methods: 'GET')]
    public function fixture(Uuid $id, Types $types, #[MapQueryParameter] string $as = 'json'): Response
    {
        $profile = $types->latest($id)->profile();
        $name = $profile->maker.' '.$profile->model;

        return match ($as) {
            'json' => Reply::download(ProfileWriter::write($profile), $name),
            'csv' => Reply::file(Csv::of(ProfileList::rows($profile)), 'text/csv; charset=UTF-8', $name, 'csv'),
            'device' => Reply::file(DeviceArchive::write($profile), 'application/zip', $name, 'gdtf'),
            default => throw Problem::at('as', 'not_a_choice', 'A chart is exported as json, csv or device.'),
        };
    }

    #[Route('/api/desks/{id}/export', methods: 'GET')]
    public function desk(string $id, Desks $desks): JsonResponse
    {
        $desk = $desks->get($id)->desk();

        return Reply::download(DeskWriter::write($desk), $desk->name);
    }

    #[Route('/api/rigs/{id}/export', methods: 'GET')]
    public function rig(Uuid $id, CoreRigs $rigs): JsonResponse
    {
        $rig = $rigs->get($id);

        return Reply::download(RigWriter::write(RigDocument::of($rig)), $rig->name);
    }

    /** Every rig of a venue, the charts they follow with all their revisions, and the desks on the shelf. */
    #[Route('/api/venues/export', methods: 'GET')]
    public function venue(Venues $venues, #[MapQueryParameter] string $venue): Response
    {
        return Reply::file(Json::encode(VenueWriter::write($venues->document($venue)))."\n", 'application/json', $venue, 'json');
    }

    /** What the archive of DIN SPEC 15800 would leave out of a chart. */
    #[Route('/api/types/{id}/left-out', methods: 'GET'), Answers(LeftOutView::class)]
    public function leftOut(Uuid $id, Types $types): JsonResponse
    {
        return Reply::with(new LeftOutView(LeftOut::of($types->latest($id)->profile())));
    }
}
