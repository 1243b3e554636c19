<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\RigViews;
use Rigger\App\Sheet\RigSheets;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The rig on paper. */
final readonly class SheetsController
{
    #[Route('/api/rigs/{id}/sheets.pdf', methods: 'GET')]
    #[OA\Response(
        response: 200,
        description: 'Patch list, fader map and programming steps, A4',
        content: new OA\MediaType('application/pdf'),
    )]
    public function __invoke(Uuid $id, CoreRigs $rigs, RigViews $views): Response
    {
        $rig = $rigs->get($id);

        return new Response(RigSheets::of($views->of($rig)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => Reply::attachment($rig->name, 'pdf'),
        ]);
    }
}
