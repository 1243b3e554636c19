<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use PHPUnit\Framework\Assert;
use Rigger\Core\Input\Json;
use Symfony\Component\Process\Process;

/** The stand-in for the real desk, running as it does beside the web server. */
final class StandInProcess
{
    /** @var resource|null */
    private $line;

    private function __construct(private readonly Process $process, private readonly string $socket)
    {
    }

    public static function begin(): self
    {
        $socket = sys_get_temp_dir().'/rigger-desk-'.bin2hex(random_bytes(6)).'.sock';
        $process = new Process(['php', \dirname(__DIR__, 2).'/bin/console', 'rigger:stand-in', $socket]);
        $process->start();
        for ($wait = 0; $wait < 100 && !file_exists($socket); ++$wait) {
            usleep(100_000);
        }
        Assert::assertFileExists($socket, $process->getErrorOutput());

        return new self($process, $socket);
    }

    public function end(): void
    {
        $this->process->stop(3);
    }

    /** @param array<int, int> $slots value by address, as the playback process hands it on */
    public function send(string $rig, array $slots): void
    {
        $this->line ??= $this->open('');
        fwrite($this->line, Json::encode(['rig' => $rig, 'slots' => (object) $slots])."\n");
    }

    /** @return resource */
    public function open(string $request)
    {
        // A crowd that comes at once waits in line.
        $stream = false;
        for ($try = 0; $try < 100 && false === ($stream = @stream_socket_client('unix://'.$this->socket)); ++$try) {
            usleep(20_000);
        }
        Assert::assertIsResource($stream);
        fwrite($stream, $request);

        return $stream;
    }

    /**
     * What comes in so many seconds.
     *
     * @param resource $stream
     */
    public function read($stream, float $seconds): string
    {
        stream_set_blocking($stream, false);
        $heard = '';
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(10_000)) {
            $heard .= (string) fread($stream, 65536);
        }
        fclose($stream);

        return $heard;
    }

    public function request(string $request, float $seconds): string
    {
        return $this->read($this->open($request), $seconds);
    }
}
