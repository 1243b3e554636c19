<?php

declare(strict_types=1);

namespace Rigger\App\Http\Library;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\Exporter;
use Rigger\App\Library\Importer;
use Rigger\App\Library\View\ImportedView;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Desks;
use Rigger\App\Repository\Rigs;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Rig\RigWriter;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
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

    #[Route('/api/types/{id}/export', methods: 'GET')]
    public function fixture(Uuid $id, Types $types): JsonResponse
    {
        $profile = $types->latest($id)->profile();

        return Reply::download(ProfileWriter::write($profile), $profile->maker.' '.$profile->model);
    }

    #[Route('/api/desks/{id}/export', methods: 'GET')]
    public function desk(string $id, Desks $desks): JsonResponse
    {
        $desk = $desks->get($id)->desk();

        return Reply::download(DeskWriter::write($desk), $desk->name);
    }

    #[Route('/api/rigs/{id}/export', methods: 'GET')]
    public function rig(Uuid $id, Rigs $rigs, SnapshotLoader $loader): JsonResponse
    {
        $rig = $rigs->get($id);

        return Reply::download(RigWriter::write(Exporter::rig($loader->load($rig))), $rig->name());
    }
}
