<?php

declare(strict_types=1);

namespace Rigger\App\Http\Calc;

use OpenApi\Attributes as OA;
use Rigger\Core\Calc\Topics;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The topics of the computation reference, with its own error body rather than problem details. */
final readonly class CalcController
{
    #[Route('/api/calc/{topic}', methods: 'POST')]
    #[OA\RequestBody(content: new OA\JsonContent(type: 'object'))]
    #[OA\Response(response: 200, description: 'The answer', content: new OA\JsonContent(type: 'object', additionalProperties: true))]
    #[OA\Response(response: 422, description: 'What was wrong in it', content: new OA\JsonContent(required: ['error'], properties: [
        new OA\Property(
            'error',
            required: ['code', 'field', 'message'],
            properties: [
                new OA\Property('code', type: 'string'),
                new OA\Property('field', type: 'string'),
                new OA\Property('message', type: 'string'),
            ],
            type: 'object',
        ),
    ]))]
    public function __invoke(string $topic, Request $request): JsonResponse
    {
        try {
            if (!\in_array($topic, Topics::names(), true)) {
                throw InputError::unknownTopic($topic, Topics::names());
            }
            $answer = Topics::compute($topic, Json::decode($request->getContent()));

            return new JsonResponse(Json::encode($answer), 200, [], true);
        } catch (InputError $error) {
            return new JsonResponse(Json::encode($error->toArray()), 422, [], true);
        }
    }
}
