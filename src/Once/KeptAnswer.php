<?php

declare(strict_types=1);

namespace Rigger\App\Once;

use Symfony\Component\HttpFoundation\Response;

/** The first answer to a request, as it was given. */
final readonly class KeptAnswer
{
    private const HEADERS = ['content-type', 'content-disposition'];

    /**
     * @param string                $fingerprint of the request that it answers
     * @param array<string, string> $headers
     */
    public function __construct(public string $fingerprint, public int $status, public array $headers, public string $body)
    {
    }

    public static function of(Response $response, string $fingerprint): self
    {
        $headers = [];
        foreach (self::HEADERS as $name) {
            $value = $response->headers->get($name);
            if (null !== $value) {
                $headers[$name] = $value;
            }
        }

        return new self($fingerprint, $response->getStatusCode(), $headers, (string) $response->getContent());
    }

    public function toResponse(): Response
    {
        return new Response($this->body, $this->status, $this->headers + ['Idempotent-Replay' => 'true']);
    }
}
