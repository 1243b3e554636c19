<?php

declare(strict_types=1);

namespace Rigger\App\Once;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Rigger\App\Problem\Problem;
use Rigger\App\Problem\ProblemListener;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Uid\Uuid;

/**
 * A write with a key is made once: key, change and answer are stored in one transaction, and whoever sends the same request again
 * gets the first answer. So a client that heard nothing can ask again until it does.
 *
 * The whole action runs inside that transaction; what it opens itself becomes a part of it. Actions that cannot run inside one
 * (restoring the database) carry the route default "_own_key" and keep the answer themselves.
 */
final class OnceListener
{
    public const HEADER = 'Idempotency-Key';
    public const OWN = '_own_key';
    private const CLAIMED = '_claimed_key';

    public function __construct(
        private readonly Connection $database,
        private readonly AnsweredRequests $answers,
        private readonly ProblemListener $problems,
    ) {
    }

    /** After routing, before the action. */
    #[AsEventListener(priority: 20)]
    public function before(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $key = self::key($request);
        if (null === $key) {
            return;
        }
        $fingerprint = self::fingerprint($request);
        if (true === $request->attributes->get(self::OWN)) {
            $this->repeat($event, $key, $fingerprint);

            return;
        }
        $this->database->beginTransaction();
        $request->attributes->set(self::CLAIMED, $key);
        if (!$this->answers->claim($key, $fingerprint)) {
            $this->repeat($event, $key, $fingerprint);
        }
    }

    /** Whatever answer there is by now: a good one is kept with what was done, a refusal takes everything back. */
    #[AsEventListener(priority: -200)]
    public function after(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        $key = $request->attributes->get(self::CLAIMED);
        if (!\is_string($key)) {
            return;
        }
        $request->attributes->remove(self::CLAIMED);
        $response = $event->getResponse();
        try {
            if ($response->getStatusCode() < 400 && !$response->headers->has('Idempotent-Replay')) {
                $this->answers->keep($key, KeptAnswer::of($response, self::fingerprint($request)));
                $this->database->commit();
            } else {
                $this->takeBack();
            }
        } catch (DatabaseException $problem) {
            $this->takeBack();
            $event->setResponse($this->problems->response($problem));
        }
    }

    /** @throws Problem bad_key */
    public static function key(Request $request): ?string
    {
        $key = $request->headers->get(self::HEADER);
        if (null === $key || $request->isMethodSafe() || !str_starts_with($request->getPathInfo(), '/api/')) {
            return null;
        }
        if (!Uuid::isValid($key)) {
            throw Problem::at('', 'bad_key', 'The header Idempotency-Key must be a UUID.');
        }

        return Uuid::fromString($key)->toRfc4122();
    }

    public static function fingerprint(Request $request): string
    {
        $parts = [$request->getMethod(), $request->getRequestUri(), $request->getContent(), serialize($request->request->all())];
        $files = $request->files->all();
        array_walk_recursive($files, static function (mixed $file) use (&$parts): void {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $parts[] = sha1_file($file->getPathname());
            }
        });

        return sha1(implode("\n", $parts));
    }

    private function repeat(RequestEvent $event, string $key, string $fingerprint): void
    {
        $kept = $this->answers->find($key);
        if (null === $kept) {
            return;
        }
        if ($kept->fingerprint !== $fingerprint) {
            throw new Problem(
                422,
                'key_reused',
                'This cannot be taken',
                'The key of this request belongs to another one that was made before.',
            );
        }
        $event->setResponse($kept->toResponse());
    }

    private function takeBack(): void
    {
        if (!$this->database->isTransactionActive()) {
            return;
        }
        try {
            $this->database->rollBack();
        } catch (DatabaseException) {
            $this->database->close(); // The connection is gone, and with it the transaction.
        }
    }
}
