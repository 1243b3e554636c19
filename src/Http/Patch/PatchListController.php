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
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\PatchList;
use Rigger\App\Rig\View\PatchListView;
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
    public function save(Uuid $rig, CoreRigs $rigs): Response
    {
        $one = $rigs->get($rig);

        return Reply::file(PatchList::write($one), 'text/csv; charset=utf-8', $one->name.' patch', 'csv');
    }

    /** A form with "file" and, to say otherwise than the heads do, "columns": a JSON list of words or null. */
    #[Route('/preview', methods: 'POST', defaults: [Upload::ROUTE => true]), Answers(PatchListView::class)]
    #[OA\RequestBody(content: new OA\MediaType(
        'multipart/form-data',
        schema: new OA\Schema(
            required: ['file'],
            properties: [new OA\Property('file', type: 'string', format: 'binary'), new OA\Property('columns', type: 'string')],
        ),
    ))]
    public function preview(Uuid $rig, Request $request, CoreRigs $rigs, PatchList $list): JsonResponse
    {
        return Reply::with($list->preview($rigs->get($rig), self::text($request), self::columns($request)));
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

        return array_map(static fn (mixed $column): ?string => \is_string($column) ? $column : null, array_values($columns));
    }
}
