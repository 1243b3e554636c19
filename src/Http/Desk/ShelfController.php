<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use OpenApi\Attributes as OA;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\Desks;
use Rigger\App\Library\DeskShelf;
use Rigger\App\Library\View\DescriptionProblemView;
use Rigger\App\Library\View\DeskCheckView;
use Rigger\App\Library\View\DeskChoiceView;
use Rigger\App\Library\View\DeskListView;
use Rigger\App\Wastebasket\Kind;
use Rigger\App\Wastebasket\Wastebasket;
use Rigger\Core\Desk\DescriptionCheck;
use Rigger\Core\Desk\DeskFacts;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\StoreLines;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Descriptions of desks on the library's shelf. */
#[Route('/api/desks')]
final readonly class ShelfController
{
    public function __construct(private Desks $desks)
    {
    }

    #[Route('', methods: 'GET'), Answers(DeskListView::class)]
    public function list(): JsonResponse
    {
        return Reply::with(new DeskListView($this->desks->all()));
    }

    /** Keeps a rigger-desk document under its name, in the place of the one that had it. */
    #[Route('', methods: 'POST'), Answers(DeskChoiceView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function keep(Request $request, DeskShelf $shelf, Transaction $transaction): JsonResponse
    {
        $desk = DeskReader::read(Json::decode($request->getContent()));

        return Reply::with(Desks::choice($transaction->run(static function () use ($transaction, $shelf, $desk): DeskDescription {
            $transaction->lockLibrary();

            return $shelf->put($desk);
        })));
    }

    /** What would follow from a description, without keeping it. */
    #[Route('/check', methods: 'POST'), Answers(DeskCheckView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function check(Request $request): JsonResponse
    {
        try {
            $desk = DeskReader::read(Json::decode($request->getContent()));
        } catch (InputError $error) {
            return Reply::with(new DeskCheckView([], [DescriptionProblemView::of($error)], []));
        }
        $problems = array_map(DescriptionProblemView::of(...), DescriptionCheck::of($desk));

        return Reply::with(new DeskCheckView([] === $problems ? DeskFacts::of($desk) : [], $problems, StoreLines::usual($desk)));
    }

    /** Into the wastebasket. Rigs that play on it keep it. */
    #[Route('/{id}/shelve', methods: 'POST'), Answers(DeskListView::class)]
    public function takeOff(Uuid $id, Wastebasket $wastebasket): JsonResponse
    {
        $wastebasket->throwAway(Kind::Desk, $id);

        return $this->list();
    }
}
