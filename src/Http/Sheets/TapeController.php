<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Sheet\Desk\TapeSheet;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\App\Sheet\Draw\SvgPage;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Tape for the desk, at true size. */
#[Route('/api/rigs/{rig}/tape')]
final readonly class TapeController
{
    public function __construct(private CoreRigs $rigs)
    {
    }

    #[Route('', methods: 'GET'), Answers(SheetPagesView::class)]
    public function preview(Uuid $rig, #[MapQueryParameter] string $paper = 'a4'): JsonResponse
    {
        return Reply::with(SheetPagesView::of($this->pages($rig, $paper)));
    }

    #[Route('.pdf', methods: 'GET')]
    #[OA\Response(response: 200, description: 'The sheets, to print at actual size', content: new OA\MediaType('application/pdf'))]
    public function pdf(Uuid $rig, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        return Reply::file(
            PdfPages::of($this->pages($rig, $paper), 'Tape'),
            'application/pdf',
            $this->rigs->get($rig)->name.' tape',
            'pdf',
        );
    }

    /** One page, true to size, for a cutter or a drawing program. */
    #[Route('/{page}.svg', requirements: ['page' => '[0-9]{1,4}'], methods: 'GET')]
    #[OA\Response(response: 200, description: 'A page in millimetres', content: new OA\MediaType('image/svg+xml'))]
    public function svg(Uuid $rig, int $page, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        $pages = $this->pages($rig, $paper);

        return Reply::file(
            SvgPage::of($pages[$page - 1] ?? throw Problem::notFound('This page')),
            'image/svg+xml',
            \sprintf('%s tape %d', $this->rigs->get($rig)->name, $page),
            'svg',
        );
    }

    /** @return non-empty-list<Page> */
    private function pages(Uuid $rig, string $paper): array
    {
        $size = PaperSize::tryFrom($paper);
        $sheet = new TapeSheet(null === $size || PaperSize::A5 === $size ? throw Problem::at(
            'paper',
            'not_a_choice',
            'Tape is printed on a4 or letter.',
        ) : $size);

        return $sheet->of($this->rigs->get($rig));
    }
}
