<?php

declare(strict_types=1);

namespace Rigger\App\Http\Backup;

use OpenApi\Attributes as OA;
use Rigger\App\Backup\BackupFile;
use Rigger\App\Backup\Backups;
use Rigger\App\Backup\BackupViews;
use Rigger\App\Backup\Disk;
use Rigger\App\Backup\Restoring;
use Rigger\App\Backup\View\BackupListView;
use Rigger\App\Backup\View\BackupView;
use Rigger\App\Backup\View\DiskView;
use Rigger\App\Backup\View\RestoredView;
use Rigger\App\Backup\Why;
use Rigger\App\Guard\Upload;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Once\OnceListener;
use Rigger\App\Once\OwnAnswer;
use Rigger\App\Problem\Problem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Backups: listed, made, taken away as a file, brought, and brought back. */
final readonly class BackupController
{
    public function __construct(private Backups $backups, private BackupViews $views)
    {
    }

    #[Route('/api/backups', methods: 'GET'), Answers(BackupListView::class)]
    public function list(): JsonResponse
    {
        return Reply::with($this->views->list());
    }

    #[Route('/api/backups', methods: 'POST', defaults: [OnceListener::OWN => true]), Answers(BackupListView::class)]
    public function make(Request $request, OwnAnswer $own): Response
    {
        $this->backups->make(Why::Hand);

        return $own->keep($request, Reply::with($this->views->list()));
    }

    #[Route('/api/backups/{name}/file', methods: 'GET')]
    #[OA\Response(response: 200, description: 'The backup, to keep elsewhere', content: new OA\MediaType('application/zip'))]
    public function file(string $name): Response
    {
        $response = new BinaryFileResponse($this->backups->get($name)->path, 200, ['Content-Type' => 'application/zip']);
        $response->headers->set('Content-Disposition', Reply::attachment('rigger-'.$name, BackupFile::ENDING));

        return $response;
    }

    /** A backup from elsewhere: looked over, kept, and shown. Nothing is brought back yet. */
    #[Route('/api/backups/upload', methods: 'POST', defaults: [Upload::ROUTE => true]), Answers(BackupView::class)]
    #[OA\RequestBody(content: new OA\MediaType(
        'multipart/form-data',
        schema: new OA\Schema(required: ['file'], properties: [new OA\Property('file', type: 'string', format: 'binary')]),
    ))]
    public function upload(Request $request): JsonResponse
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw Problem::at('file', 'missing', 'No file arrived, or it is larger than 60 MB. bin/restore takes larger ones.');
        }

        return Reply::with(BackupView::of($this->backups->bringIn($file->getPathname())));
    }

    #[Route('/api/backups/{name}/restore', methods: 'POST', defaults: [OnceListener::OWN => true]), Answers(RestoredView::class)]
    public function restore(string $name, Request $request, Restoring $restoring, OwnAnswer $own): Response
    {
        $backup = $this->backups->get($name);
        $answer = Reply::with(new RestoredView('The backup is back. What was there before is set aside and can be brought back.'));
        $restoring->restore($backup, $own->keeper($request, $answer));

        return $answer;
    }

    /** What was set aside when a backup was brought back. */
    #[Route('/api/backups/aside/{name}/bring-back', methods: 'POST', defaults: [OnceListener::OWN => true]), Answers(RestoredView::class)]
    public function bringBack(string $name, Request $request, Restoring $restoring, OwnAnswer $own): Response
    {
        $answer = Reply::with(new RestoredView('What was set aside is back. What was there until now is set aside in its turn.'));
        $restoring->bringBack($name, $own->keeper($request, $answer));

        return $answer;
    }

    #[Route('/api/disk', methods: 'GET'), Answers(DiskView::class)]
    public function disk(Disk $disk): JsonResponse
    {
        return Reply::with($disk->look());
    }
}
