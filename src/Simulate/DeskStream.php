<?php

declare(strict_types=1);

namespace Rigger\App\Simulate;

use Rigger\Core\Input\Json;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Hands what the simulated desk sends to its stand-in, which streams it to the windows that follow. */
final readonly class DeskStream
{
    private const PATIENCE = 0.05;

    public function __construct(#[Autowire('%env(default::RIGGER_DESK_SOCKET)%')] private ?string $socket)
    {
    }

    /**
     * @param array<int, int> $slots value by address
     *
     * @return bool whether the stand-in is there
     */
    public function send(string $rig, array $slots): bool
    {
        if (null === $this->socket || '' === $this->socket) {
            return false;
        }
        $line = Json::encode(['rig' => $rig, 'slots' => (object) $slots])."\n";
        // The connection is kept from answer to answer; one that has died since is made anew, once.
        for ($try = 0; $try < 2; ++$try) {
            $stream = @stream_socket_client(
                'unix://'.$this->socket,
                $code,
                $message,
                self::PATIENCE,
                \STREAM_CLIENT_CONNECT | \STREAM_CLIENT_PERSISTENT,
            );
            if (false === $stream) {
                return false;
            }
            if (\strlen($line) === @fwrite($stream, $line)) {
                return true;
            }
            fclose($stream);
        }

        return false;
    }
}
