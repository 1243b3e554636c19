<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use OpenApi\Attributes as OA;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Fixtures\Input\CreateType;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Library\Charts;
use Rigger\App\Library\View\ChartView;
use Rigger\App\Library\View\CreatedTypeView;
use Rigger\App\Library\View\TypeListView;
use Rigger\App\Repository\LibraryIndex;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\Patching;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\View\RigView;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Library\LibraryQuery;
use Rigger\Core\Profile\ProfileReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The library of charts, and writing them from a rig. */
final readonly class FixturesController
{
    private const PAGE = 100;

    public function __construct(private Types $types, private LibraryIndex $library, private Charts $charts, private RigEditor $editor)
    {
    }

    /** Everything that fits what is typed: maker, model, kind, functions, "RGBAW under 10 channels". */
    #[Route('/api/types', methods: 'GET'), Answers(TypeListView::class)]
    public function list(#[MapQueryParameter] string $search = '', #[MapQueryParameter(options: ['min_range' => 1])] int $page = 1): JsonResponse
    {
        [$types, $total] = $this->library->page(LibraryQuery::of($search), $page, self::PAGE);

        return Reply::with(new TypeListView($types, $page, $total));
    }

    /** The newest chart, or the one of a revision. */
    #[Route('/api/types/{id}', methods: 'GET'), Answers(ChartView::class)]
    public function show(Uuid $id, #[MapQueryParameter(options: ['min_range' => 1])] ?int $revision = null): JsonResponse
    {
        return Reply::with($this->chart(null === $revision ? $this->types->latest($id) : $this->types->revision($id, $revision)));
    }

    #[Route('/api/rigs/{rig}/types', methods: 'POST'), Answers(CreatedTypeView::class)]
    public function create(Uuid $rig, #[MapRequestPayload] CreateType $input): JsonResponse
    {
        $typeId = '';
        $view = $this->editor->edit($rig, $input->version, function () use ($input, &$typeId): string {
            $type = null === $input->like
                ? $this->charts->begin($input->maker, $input->model, $input->kind)
                : $this->charts->beginLike(Uuid::fromString($input->like), $input->maker, $input->model, $input->likeMode);
            $typeId = (string) $type->id();

            return \sprintf('Began a chart for %s %s', $type->maker(), $type->model());
        });

        return Reply::with(new CreatedTypeView($typeId, $view));
    }

    /** Writes the edited chart: over the newest revision while nothing uses it, else as the next one. */
    #[Route('/api/rigs/{rig}/types/{id}/chart', methods: 'PUT'), Answers(RigView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['version', 'revision', 'chart'], properties: [
        new OA\Property('version', type: 'integer'), new OA\Property('revision', type: 'integer'), new OA\Property('chart', type: 'object'),
    ]))]
    public function write(Uuid $rig, Uuid $id, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['version', 'revision', 'chart']);
        $version = $in->whole('version');
        $base = $in->whole('revision');
        $profile = ProfileReader::read($in->raw('chart'), 'chart');

        return Reply::with($this->editor->edit($rig, $version, fn (): string => $this->charts->write($id, $base, $profile)));
    }

    /** The rig's units of this type follow its newest revision. */
    #[Route('/api/rigs/{rig}/types/{id}/take', methods: 'POST'), Answers(RigView::class)]
    public function take(Uuid $rig, Uuid $id, #[MapRequestPayload] AtVersion $input, Patching $patching): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, static fn ($snapshot): string => $patching->takeRevision($snapshot, $id)));
    }

    private function chart(FixtureRevision $revision): ChartView
    {
        return ChartView::of($revision, $this->types->isUsed($revision));
    }
}
