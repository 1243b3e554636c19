<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Rigger\Core\Input\Json;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;

/** Views and documents as responses. View objects are plain public data, so they need no serializer. */
final class Reply
{
    public static function with(object $view, int $status = 200): JsonResponse
    {
        return new JsonResponse(Json::encode($view), $status, [], true);
    }

    /** @param array<string, mixed> $document */
    public static function download(array $document, string $name): JsonResponse
    {
        $response = new JsonResponse(Json::pretty($document), 200, [], true);
        $plain = trim(preg_replace('/[^A-Za-z0-9.-]+/', '-', $name) ?? '', '-') ?: 'rigger';
        $response->headers->set('Content-Disposition', HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $plain.'.json'));

        return $response;
    }
}
