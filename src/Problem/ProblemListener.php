<?php

declare(strict_types=1);

namespace Rigger\App\Problem;

use Doctrine\DBAL\Exception as DatabaseException;
use Psr\Log\LoggerInterface;
use Rigger\Core\Change\Refused;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\MemberWords;
use Rigger\Core\Rig\NotThere;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Serializer\Exception\NotEncodableValueException;
use Symfony\Component\Uid\Exception\InvalidArgumentException as InvalidUid;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** The one place where anything that goes wrong under /api becomes application/problem+json in an operator's words. */
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    #[AsEventListener]
    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api')) {
            return;
        }
        $event->setResponse($this->response($event->getThrowable()));
    }

    /** What an operator is told of something that went wrong. */
    public function response(\Throwable $error): JsonResponse
    {
        $problem = $this->translate($error);
        $response = new JsonResponse(
            [
                'type' => $problem->type,
                'title' => $problem->title,
                'status' => $problem->status,
                'detail' => $problem->getMessage(),
                'violations' => $problem->violations,
            ] + $problem->extra,
            $problem->status,
            ['Content-Type' => 'application/problem+json'],
        );
        if (503 === $problem->status) {
            $response->headers->set('Retry-After', '1');
        }

        return $response;
    }

    private function translate(\Throwable $error): Problem
    {
        return match (true) {
            $error instanceof Problem => $error,
            $error instanceof InputError => Problem::at($error->field, $error->errorCode, $error->getMessage()),
            $error instanceof NotThere => Problem::notFound($error->what),
            $error instanceof Refused => Problem::conflict($error->reason, $error->getMessage()),
            $error instanceof DatabaseException => $this->database($error),
            $error instanceof ExtraAttributesException => self::extra($error->getExtraAttributes()[0] ?? ''),
            $error instanceof HttpExceptionInterface => $this->http($error),
            $error instanceof InvalidUid => Problem::at('', 'wrong_type', 'This is no id that Rigger gave.', $error),
            default => $this->unexpected($error),
        };
    }

    private static function extra(string $member): Problem
    {
        return Problem::at($member, 'unknown_member', \sprintf('%s is not known here.', InputError::quote($member)));
    }

    private function http(HttpExceptionInterface&\Throwable $error): Problem
    {
        $cause = $error->getPrevious();
        if ($cause instanceof ValidationFailedException) {
            $violations = array_map(self::violation(...), iterator_to_array($cause->getViolations(), false));

            return new Problem(
                422,
                'invalid',
                'This cannot be taken',
                $violations[0]['message'] ?? 'Something is missing.',
                $violations,
                [],
                $error,
            );
        }
        if ($cause instanceof NotEncodableValueException) {
            return Problem::at('', 'bad_json', 'This is not a JSON document.');
        }

        return match ($error->getStatusCode()) {
            404 => Problem::notFound('What you asked for'),
            405 => new Problem(405, 'not_allowed', 'Not possible', 'That cannot be done here.'),
            default => new Problem(
                $error->getStatusCode(),
                'refused',
                'This cannot be taken',
                'The request could not be understood.',
                [],
                [],
                $error,
            ),
        };
    }

    /** @return array{path: string, code: string, message: string} */
    private static function violation(ConstraintViolationInterface $violation): array
    {
        $isType = str_contains($violation->getMessageTemplate(), 'type {{ type }}') || str_contains(
            $violation->getMessageTemplate(),
            'should be of type',
        );

        return [
            'path' => $violation->getPropertyPath(),
            'code' => $isType ? 'wrong_type' : 'out_of_range',
            'message' => $isType
                ? \sprintf('%s must be %s.', ucfirst(MemberWords::of($violation->getPropertyPath())), self::typeInWords($violation))
                : (string) $violation->getMessage(),
        ];
    }

    private static function typeInWords(ConstraintViolationInterface $violation): string
    {
        $type = $violation->getParameters()['{{ type }}'] ?? '';

        return match (true) {
            !\is_string($type) => 'given',
            str_contains($type, 'int') => 'a whole number',
            str_contains($type, 'float') => 'a number',
            str_contains($type, 'string') => 'a text',
            str_contains($type, 'bool') => 'true or false',
            default => 'given',
        };
    }

    private function database(DatabaseException&\Throwable $error): Problem
    {
        $this->logger->error('Database: {message}', ['message' => $error->getMessage(), 'exception' => $error]);
        if ($error instanceof DatabaseException\ConnectionException || self::isOutage($error)) {
            return new Problem(
                503,
                'database_away',
                'The database does not answer',
                'The database does not answer. What you typed is kept and goes out when it is back.',
                [],
                [],
                $error,
            );
        }
        if (1 === preg_match('/SQLSTATE\[(?:53100|58030)\]|No space left on device|could not extend file/', $error->getMessage())) {
            return Problem::diskFull($error);
        }
        if ($error instanceof DatabaseException\ConstraintViolationException || 1 === preg_match('/SQLSTATE\[23/', $error->getMessage())) {
            return Problem::conflict(
                'conflict',
                'That does not fit what is stored now, so nothing was changed. Look at the rig as it is now and try again.',
            );
        }

        return $this->unexpected($error);
    }

    private static function isOutage(\Throwable $error): bool
    {
        return 1 === preg_match(
            '/SQLSTATE\[(?:08...|57P0.|HY000)\]|server closed the connection|terminating connection|no connection to the server'
                .'|starting up|shutting down/',
            $error->getMessage(),
        );
    }

    private function unexpected(\Throwable $error): Problem
    {
        $this->logger->error('{message}', ['message' => $error->getMessage(), 'exception' => $error]);

        return new Problem(
            500,
            'unexpected',
            'Something went wrong',
            'Something went wrong in Rigger itself, and nothing was changed. The log beside the data says what.',
            [],
            [],
            $error,
        );
    }
}
