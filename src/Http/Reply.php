<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Rigger\Core\Input\Json;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

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
        $response->headers->set('Content-Disposition', self::attachment($name, 'json'));

        return $response;
    }

    public static function file(string $bytes, string $type, string $name, string $ending): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Disposition' => self::attachment($name, $ending)]);
    }

    /** A file name that every system takes: names may be in any script. */
    public static function attachment(string $name, string $ending): string
    {
        $plain = trim(preg_replace('/[^A-Za-z0-9.-]+/', '-', $name) ?? '', '-');

        return HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $plain ? 'rigger' : $plain).'.'.$ending);
    }
}
