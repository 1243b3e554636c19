<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines;

use OpenApi\Attributes as OA;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\KitShelf;
use Rigger\App\Library\View\DescriptionProblemView;
use Rigger\App\Library\View\KitCheckView;
use Rigger\App\Library\View\KitChoiceView;
use Rigger\App\Library\View\KitListView;
use Rigger\App\Rig\View\BenchView;
use Rigger\App\Wastebasket\Kind;
use Rigger\App\Wastebasket\Wastebasket;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\Bench\BenchReader;
use Rigger\Core\Line\Radio\KitCheck;
use Rigger\Core\Line\Radio\KitFacts;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\KitWriter;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Descriptions of radio kits on the library's shelf. */
#[Route('/api/kits')]
final readonly class KitController
{
    public function __construct(private KitShelf $shelf)
    {
    }

    #[Route('', methods: 'GET'), Answers(KitListView::class)]
    public function list(): JsonResponse
    {
        return Reply::with(new KitListView($this->shelf->choices()));
    }

    /** Keeps a rigger-kit document under its name, in the place of the one that had it. */
    #[Route('', methods: 'POST'), Answers(KitChoiceView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function keep(Request $request, Transaction $transaction): JsonResponse
    {
        $kit = KitReader::read(Json::decode($request->getContent()));

        return Reply::with(KitShelf::choice($transaction->run(function () use ($transaction, $kit): RadioKit {
            $transaction->lockLibrary();

            return $this->shelf->put($kit);
        })));
    }

    /** What would follow from a description, without keeping it. */
    #[Route('/check', methods: 'POST'), Answers(KitCheckView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function check(Request $request): JsonResponse
    {
        try {
            $kit = KitReader::read(Json::decode($request->getContent()));
            $errors = KitCheck::of($kit);
        } catch (InputError $error) {
            [$kit, $errors] = [null, [$error]];
        }
        $problems = array_map(DescriptionProblemView::of(...), $errors);

        return Reply::with(new KitCheckView(null === $kit || [] !== $problems ? [] : KitFacts::of($kit), $problems));
    }

    /** The rigger-kit document. */
    #[Route('/{id}/export', methods: 'GET')]
    public function export(string $id): JsonResponse
    {
        $kit = $this->shelf->get($id)->kit();

        return Reply::download(KitWriter::write($kit), $kit->name);
    }

    /** The kit on the bench: what hands did so far, and how it stands then. */
    #[Route('/{id}/bench', methods: 'POST'), Answers(BenchView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    public function bench(string $id, Request $request): JsonResponse
    {
        $kit = $this->shelf->get($id)->kit();

        return Reply::with(BenchView::of(BenchReader::read(Json::decode($request->getContent()), $kit)));
    }

    /** Into the wastebasket. Rigs that use it keep it. */
    #[Route('/{id}/shelve', methods: 'POST'), Answers(KitListView::class)]
    public function takeOff(Uuid $id, Wastebasket $wastebasket): JsonResponse
    {
        $wastebasket->throwAway(Kind::Kit, $id);

        return $this->list();
    }
}
