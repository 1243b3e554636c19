<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Fixture\FixtureCard;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The card of a fixture as a PDF, A5 or A4. */
final readonly class CardController
{
    #[Route('/api/types/{id}/card.pdf', methods: 'GET')]
    public function __invoke(
        Uuid $id,
        Types $types,
        #[MapQueryParameter] string $size = 'a5',
        #[MapQueryParameter(options: ['min_range' => 1])] ?int $revision = null,
    ): Response {
        $paper = PaperSize::tryFrom($size) ?? throw Problem::at('size', 'not_a_choice', 'A card is printed on a5, a4 or letter.');
        $chart = null === $revision ? $types->latest($id) : $types->revision($id, $revision);
        $response = Reply::file(
            FixtureCard::of($chart->profile(), $chart->number, $paper),
            'application/pdf',
            $chart->type->maker().' '.$chart->type->model().' '.$size,
            'pdf',
        );
        $response->headers->set(
            'Content-Disposition',
            str_replace('attachment', 'inline', (string) $response->headers->get('Content-Disposition')),
        );

        return $response;
    }
}
