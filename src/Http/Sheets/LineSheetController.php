<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\App\Sheet\Lines\LineSheetKind;
use Rigger\App\Sheet\Lines\LineSheets;
use Rigger\Core\Rig\Rig;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Cables, radio and power on paper. */
#[Route('/api/rigs/{rig}/line-sheets/{kind}', requirements: ['kind' => 'load|runs|pins|links|pairing|power|wiring'])]
final readonly class LineSheetController
{
    public function __construct(private CoreRigs $rigs)
    {
    }

    #[Route('.pdf', methods: 'GET')]
    #[OA\Response(response: 200, description: 'The sheet', content: new OA\MediaType('application/pdf'))]
    public function pdf(Uuid $rig, LineSheetKind $kind, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        $core = $this->rigs->get($rig);

        $bytes = PdfPages::of(self::pages($core, $kind, $paper), $core->name);

        return Reply::file($bytes, 'application/pdf', $core->name.' '.$kind->words(), 'pdf');
    }

    /** The same pages for the screen. */
    #[Route('', methods: 'GET'), Answers(SheetPagesView::class)]
    public function preview(Uuid $rig, LineSheetKind $kind, #[MapQueryParameter] string $paper = 'a4'): JsonResponse
    {
        return Reply::with(SheetPagesView::of(self::pages($this->rigs->get($rig), $kind, $paper)));
    }

    /** @return non-empty-list<Page> */
    private static function pages(Rig $rig, LineSheetKind $kind, string $paper): array
    {
        $size = PaperSize::tryFrom($paper);

        return (new LineSheets($kind, null === $size || PaperSize::A5 === $size
            ? throw Problem::at('paper', 'not_a_choice', 'Sheets are printed on a4 or letter.')
            : $size))->of($rig);
    }
}
