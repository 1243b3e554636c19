<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\RigViews;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\App\Sheet\Patch\LabelStock;
use Rigger\App\Sheet\Patch\ListOrder;
use Rigger\App\Sheet\Patch\PatchSheets;
use Rigger\App\Sheet\Patch\SheetKind;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The patch on paper: what the printer gets and what the screen shows are one drawing. */
#[Route('/api/rigs/{rig}/patch-sheets/{kind}', requirements: ['kind' => 'list|squares|labels|cards'])]
final readonly class PatchSheetController
{
    public function __construct(private CoreRigs $rigs, private RigViews $views)
    {
    }

    #[Route('.pdf', methods: 'GET')]
    #[OA\Response(response: 200, description: 'The sheets, to print at actual size', content: new OA\MediaType('application/pdf'))]
    public function pdf(
        Uuid $rig,
        SheetKind $kind,
        #[MapQueryParameter] string $paper = 'a4',
        #[MapQueryParameter] string $order = 'address',
        #[MapQueryParameter] string $stock = 'strips',
        #[MapQueryParameter] ?string $group = null,
    ): Response {
        $view = $this->views->of($this->rigs->get($rig));

        return Reply::file(
            PdfPages::of(self::pages($view, $kind, $paper, $order, $stock, $group), $view->name),
            'application/pdf',
            $view->name.' '.$kind->value,
            'pdf',
        );
    }

    /** The same pages for the screen. */
    #[Route('', methods: 'GET'), Answers(SheetPagesView::class)]
    public function preview(
        Uuid $rig,
        SheetKind $kind,
        #[MapQueryParameter] string $paper = 'a4',
        #[MapQueryParameter] string $order = 'address',
        #[MapQueryParameter] string $stock = 'strips',
        #[MapQueryParameter] ?string $group = null,
    ): JsonResponse {
        return Reply::with(SheetPagesView::of(self::pages(
            $this->views->of($this->rigs->get($rig)),
            $kind,
            $paper,
            $order,
            $stock,
            $group,
        )));
    }

    /** @return non-empty-list<Page> */
    private static function pages(RigView $rig, SheetKind $kind, string $paper, string $order, string $stock, ?string $group): array
    {
        $size = PaperSize::tryFrom($paper);

        return (new PatchSheets(
            $kind,
            null === $size || PaperSize::A5 === $size
                ? throw Problem::at('paper', 'not_a_choice', 'Sheets are printed on a4 or letter.')
                : $size,
            ListOrder::tryFrom($order) ?? throw Problem::at('order', 'not_a_choice', 'A list goes by address, position or name.'),
            LabelStock::tryFrom($stock) ?? throw Problem::at('stock', 'not_a_choice', 'Labels are printed on strips, sheet24 or sheet30.'),
            $group,
        ))->of($rig);
    }
}
