<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\Comparisons;
use Rigger\App\Library\LibraryIndex;
use Rigger\App\Library\View\AlikeListView;
use Rigger\App\Library\View\ComparisonView;
use Rigger\App\Library\View\ModesView;
use Rigger\App\Library\View\RevisionListView;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\TakePreviewView;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Mode;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Charts beside each other: modes, revisions, look-alikes, and what a newer revision would change in a rig. */
final readonly class ComparisonsController
{
    public function __construct(private Comparisons $comparisons, private CoreRigs $rigs, private Types $types)
    {
    }

    /** The modes of a type side by side, with what each costs in this rig. */
    #[Route('/api/rigs/{rig}/types/{id}/modes', methods: 'GET'), Answers(ModesView::class)]
    public function modes(Uuid $rig, Uuid $id): JsonResponse
    {
        return Reply::with($this->comparisons->modes($this->types->latest($id), $this->rigs->get($rig)));
    }

    #[Route('/api/types/{id}/revisions', methods: 'GET'), Answers(RevisionListView::class)]
    public function revisions(Uuid $id): JsonResponse
    {
        return Reply::with($this->comparisons->revisions($id));
    }

    /** A mode of this type beside a mode of another type, or of another revision of the same. */
    #[Route('/api/types/{id}/compare/{other}', methods: 'GET'), Answers(ComparisonView::class)]
    public function compare(
        Uuid $id,
        Uuid $other,
        #[MapQueryParameter] string $mode,
        #[MapQueryParameter] string $otherMode,
        #[MapQueryParameter(options: ['min_range' => 1])] ?int $revision = null,
        #[MapQueryParameter(options: ['min_range' => 1])] ?int $otherRevision = null,
    ): JsonResponse {
        $one = null === $revision ? $this->types->latest($id) : $this->types->revision($id, $revision);
        $two = null === $otherRevision ? $this->types->latest($other) : $this->types->revision($other, $otherRevision);

        return Reply::with(ComparisonView::of(self::mode($one, $mode, 'mode'), self::mode($two, $otherMode, 'otherMode')));
    }

    /** What would change in the rig if its units followed the newest revision. */
    #[Route('/api/rigs/{rig}/types/{id}/take', methods: 'GET'), Answers(TakePreviewView::class)]
    public function preview(Uuid $rig, Uuid $id): JsonResponse
    {
        return Reply::with(TakePreviewView::of($this->rigs->get($rig), $this->types->latest($id)->core()));
    }

    /** Fixtures of which a mode has the same shape: the same functions in the same order. */
    #[Route('/api/types/{id}/alikes', methods: 'GET'), Answers(AlikeListView::class)]
    public function alikes(Uuid $id, #[MapQueryParameter] string $mode, LibraryIndex $library): JsonResponse
    {
        return Reply::with(new AlikeListView($library->alikes($id, $mode)));
    }

    private static function mode(FixtureRevision $revision, string $key, string $field): Mode
    {
        return $revision->profile()->mode($key) ?? throw Problem::at(
            $field,
            'unknown_mode',
            \sprintf('%s has no mode %s.', $revision->type->model(), InputError::quote($key)),
        );
    }
}
