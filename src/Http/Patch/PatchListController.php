<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use OpenApi\Attributes as OA;
use Rigger\App\Guard\Upload;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\Importer;
use Rigger\App\Library\PlainText;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\PatchList;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\View\PatchListView;
use Rigger\App\Rig\View\RigView;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The patch as a list: saved, and brought with a preview of every row. */
#[Route('/api/rigs/{rig}/patch-list')]
final readonly class PatchListController
{
    #[Route('.csv', methods: 'GET')]
    public function save(Uuid $rig, Rigs $rigs, SnapshotLoader $loader): Response
    {
        $one = $rigs->get($rig);

        return Reply::file(PatchList::write($loader->load($one)), 'text/csv; charset=utf-8', $one->name().' patch', 'csv');
    }

    /** A form with "file" and, to say otherwise than the heads do, "columns": a JSON list of words or null. */
    #[Route('/preview', methods: 'POST', defaults: [Upload::ROUTE => true]), Answers(PatchListView::class)]
    #[OA\RequestBody(content: new OA\MediaType('multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property('file', type: 'string', format: 'binary'), new OA\Property('columns', type: 'string')])))]
    public function preview(Uuid $rig, Request $request, Rigs $rigs, SnapshotLoader $loader, PatchList $list): JsonResponse
    {
        return Reply::with($list->preview($loader->load($rigs->get($rig)), self::text($request), self::columns($request)));
    }

    /** The same form with "version". */
    #[Route('', methods: 'POST', defaults: [Upload::ROUTE => true]), Answers(RigView::class)]
    #[OA\RequestBody(content: new OA\MediaType('multipart/form-data', schema: new OA\Schema(required: ['file', 'version'], properties: [new OA\Property('file', type: 'string', format: 'binary'), new OA\Property('columns', type: 'string'), new OA\Property('version', type: 'integer')])))]
    public function take(Uuid $rig, Request $request, RigEditor $editor, PatchList $list): JsonResponse
    {
        $text = self::text($request);
        $columns = self::columns($request);

        return Reply::with($editor->edit($rig, $request->request->getInt('version'), static fn (Snapshot $snapshot): string => $list->take($snapshot, $text, $columns)));
    }

    private static function text(Request $request): string
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw Problem::at('file', 'missing', 'No file arrived, or it is larger than 5 MB.');
        }
        if ($file->getSize() > Importer::MOST_BYTES) {
            throw Problem::tooLarge(Importer::MOST_BYTES);
        }
        $text = PlainText::of((string) file_get_contents($file->getPathname()), 'A patch list is .csv or .tsv.');

        return '' === trim($text) ? throw Problem::at('file', 'no_text', 'The file is empty.') : $text;
    }

    /** @return list<string|null>|null */
    private static function columns(Request $request): ?array
    {
        $text = $request->request->getString('columns');
        if ('' === $text) {
            return null;
        }
        $columns = Json::decode($text);
        if (!\is_array($columns)) {
            throw InputError::wrongType('columns', 'a list', $columns);
        }

        return array_map(static fn (mixed $one): ?string => \is_string($one) ? $one : null, array_values($columns));
    }
}
