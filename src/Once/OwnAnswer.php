<?php

declare(strict_types=1);

namespace Rigger\App\Once;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps the answer of an action that cannot run inside the transaction of its key. */
final readonly class OwnAnswer
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /** After the work, with the answer to it. */
    public function keep(Request $request, Response $answer): Response
    {
        $this->keeper($request, $answer)?->__invoke($this->database);

        return $answer;
    }

    /** @return (\Closure(Connection): void)|null keeps the answer in another database than the present one; null without a key */
    public function keeper(Request $request, Response $answer): ?\Closure
    {
        $key = OnceListener::key($request);
        if (null === $key) {
            return null;
        }
        $kept = KeptAnswer::of($answer, OnceListener::fingerprint($request));

        return function (Connection $database) use ($key, $kept): void {
            $answers = new AnsweredRequests($database, $this->clock);
            if ($answers->claim($key, $kept->fingerprint)) {
                $answers->keep($key, $kept);
            }
        };
    }
}
