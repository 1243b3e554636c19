<?php

declare(strict_types=1);

namespace Rigger\App\Guard;

use Rigger\App\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Looks at a request before anything is made of it: its type, its size, and text that no database can hold. */
final readonly class BodyListener
{
    /** A venue with its charts, the largest document there is, stays well below. */
    private const MOST_BYTES = 16 * 1024 * 1024;
    /** Values of a JSON document: each costs about a hundred bytes once it is read. */
    private const MOST_VALUES = 1_000_000;

    /** After routing, before keys are claimed and input is mapped. */
    #[AsEventListener(priority: 28)]
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!str_starts_with($request->getPathInfo(), '/api')) {
            return;
        }
        self::requireText(rawurldecode($request->getRequestUri()));
        if ($request->isMethodSafe()) {
            return;
        }
        if (true === $request->attributes->get(Upload::ROUTE)) {
            self::requireForm($request);
        } else {
            self::requireJson($request);
        }
    }

    private static function requireForm(Request $request): void
    {
        if ('form' !== $request->getContentTypeFormat() || !str_starts_with(
            (string) $request->headers->get('Content-Type'),
            'multipart/form-data',
        )) {
            throw new Problem(415, 'wrong_type', 'This cannot be taken', 'Here a form with a file is taken (multipart/form-data).');
        }
        $files = $request->files->all();
        array_walk_recursive($files, static function (mixed $file): void {
            if ($file instanceof UploadedFile && \in_array($file->getError(), [\UPLOAD_ERR_CANT_WRITE, \UPLOAD_ERR_NO_TMP_DIR], true)) {
                throw Problem::diskFull();
            }
        });
        $fields = $request->request->all();
        array_walk_recursive($fields, static fn (mixed $text): null => \is_string($text) ? self::requireText($text) : null);
    }

    private static function requireJson(Request $request): void
    {
        $length = (int) $request->headers->get('Content-Length', '0');
        if ($length > self::MOST_BYTES) {
            throw Problem::tooLarge(self::MOST_BYTES);
        }
        $body = $request->getContent();
        // The web server hands on whole requests: what is missing here found no room in the folder where PHP lays a long one.
        if (\strlen($body) < $length) {
            throw Problem::diskFull();
        }
        if ('' === $body && [] === $request->request->all() && [] === $request->files->all()) {
            return;
        }
        if (1 !== preg_match('~^application/(?:[\w.+-]+\+)?json\s*(?:;|$)~i', (string) $request->headers->get('Content-Type'))) {
            throw new Problem(415, 'wrong_type', 'This cannot be taken', 'Here JSON is taken (application/json).');
        }
        if (\strlen($body) > self::MOST_BYTES) {
            throw Problem::tooLarge(self::MOST_BYTES);
        }
        if (substr_count($body, ',') + substr_count($body, '[') + substr_count($body, '{') > self::MOST_VALUES) {
            throw new Problem(413, 'too_large', 'Too large', 'The document holds too many values to be read.');
        }
        // Arithmetic stores nothing, so it may take any text.
        if (!str_starts_with($request->getPathInfo(), '/api/calc/') && 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*+\\\\u0000/', $body)) {
            throw self::unprintable();
        }
    }

    private static function requireText(string $text): null
    {
        if (str_contains($text, "\0") || !mb_check_encoding($text, 'UTF-8')) {
            throw self::unprintable();
        }

        return null;
    }

    private static function unprintable(): Problem
    {
        return Problem::at(
            '',
            'bad_text',
            'This holds signs that are no text (a null character, or bytes that are not UTF-8). Take them out.',
        );
    }
}
