<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Build;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\Rig;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Http\Rig\Input\CreateRig;
use Rigger\App\Library\Importer;
use Rigger\App\Repository\Changes;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\Duplicating;
use Rigger\App\Rig\RigViews;
use Rigger\App\Rig\View\ChangeListView;
use Rigger\App\Rig\View\ChangeView;
use Rigger\App\Rig\View\RigLineView;
use Rigger\App\Rig\View\RigListView;
use Rigger\App\Rig\View\RigView;
use Rigger\Core\Rig\Limits;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Rigs: listed, made, shown, with their history. */
final readonly class RigController
{
    private const PAGE = 50;

    public function __construct(private Rigs $rigs, private CoreRigs $loader, private RigViews $views, private Changes $changes)
    {
    }

    #[Route('/api/rigs', methods: 'GET'), Answers(RigListView::class)]
    public function list(#[MapQueryParameter(options: ['min_range' => 1])] int $page = 1): JsonResponse
    {
        [$rigs, $total] = $this->rigs->page($page, self::PAGE);

        return Reply::with(new RigListView(
            array_map(
                static fn (array $rig): RigLineView => new RigLineView(
                    $rig['id'],
                    $rig['name'],
                    $rig['venue'],
                    $rig['desk'],
                    $rig['version'],
                    $rig['tape'],
                ),
                $rigs,
            ),
            $page,
            $total,
        ));
    }

    #[Route('/api/rigs', methods: 'POST'), Answers(RigView::class)]
    public function create(
        #[MapRequestPayload] CreateRig $input,
        Importer $importer,
        EntityManagerInterface $manager,
        Transaction $transaction,
    ): JsonResponse {
        $rig = $transaction->run(static function () use ($input, $importer, $manager, $transaction): Rig {
            $transaction->lockLibrary();
            $manager->persist($rig = Rig::in($importer->venue(Limits::name($input->venue, 'venue')), Limits::name($input->name, 'name')));
            $manager->flush();

            return $rig;
        });

        return Reply::with($this->views->of($this->loader->get($rig->id())));
    }

    /** The same once more, under the next number. */
    #[Route('/api/rigs/{id}/duplicate', methods: 'POST'), Answers(RigView::class)]
    public function duplicate(Uuid $id, Duplicating $duplicating): JsonResponse
    {
        return Reply::with($this->views->of($this->loader->get($duplicating->duplicate($id)->id())));
    }

    #[Route('/api/rigs/{id}', methods: 'GET'), Answers(RigView::class)]
    public function show(Uuid $id, Request $request, Build $build): Response
    {
        $unchanged = (new Response())->setEtag(sha1($build->id().$this->loader->stamp($id)))->setPrivate();
        $unchanged->headers->addCacheControlDirective('no-cache');
        if ($unchanged->isNotModified($request)) {
            return $unchanged;
        }
        $answer = Reply::with($this->views->of($this->loader->get($id)));
        $answer->headers->add($unchanged->headers->all());

        return $answer;
    }

    #[Route('/api/rigs/{id}/version', methods: 'GET'), Answers(AtVersion::class)]
    public function version(Uuid $id): JsonResponse
    {
        return Reply::with(new AtVersion($this->rigs->version($id)));
    }

    #[Route('/api/rigs/{id}/changes', methods: 'GET'), Answers(ChangeListView::class)]
    public function history(Uuid $id, #[MapQueryParameter(options: ['min_range' => 1])] int $page = 1): JsonResponse
    {
        [$changes, $total] = $this->changes->page($this->rigs->get($id), $page, self::PAGE);

        return Reply::with(new ChangeListView(array_map(ChangeView::of(...), $changes), $page, $total));
    }
}
