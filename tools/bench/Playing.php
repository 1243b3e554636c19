<?php

declare(strict_types=1);

/** A window of the playback process, for the benches: a seat of its own at a rig, and the stream that shows it. */
final class Playing
{
    private const WINDOW = 'w';

    /** @var resource */
    private $stream;
    private CurlHandle $curl;
    private string $seat;

    public function __construct(private string $base, string $rigName)
    {
        $port = (int) parse_url($base, PHP_URL_PORT);
        $rigs = json_decode((string) file_get_contents($base.'/api/rigs?limit=200'), true, 512, JSON_THROW_ON_ERROR)['rigs'];
        $rig = array_column($rigs, 'id', 'name')[$rigName];
        $this->curl = curl_init();
        $streamId = self::uuid();
        $this->stream = stream_socket_client('tcp://127.0.0.1:'.$port);
        fwrite($this->stream, "GET /play/streams/{$streamId} HTTP/1.0\r\nHost: 127.0.0.1:{$port}\r\n\r\n");
        usleep(100_000);
        $this->seat = "/play/seats/{$rig}/".self::uuid();
        $this->say($this->seat, ['stream' => $streamId, 'window' => self::WINDOW]);
        usleep(200_000);
        stream_set_blocking($this->stream, false);
        fread($this->stream, 1_000_000);
        stream_set_blocking($this->stream, true);
        stream_set_timeout($this->stream, 1);
    }

    /** @param list<array<string, mixed>> $commands */
    public function do(int $number, array $commands): void
    {
        $this->say($this->seat.'/commands', ['window' => self::WINDOW, 'number' => $number, 'commands' => $commands]);
    }

    /** What has come by the stream, '' after a second without anything; null when it is closed. */
    public function read(): ?string
    {
        $read = (string) fread($this->stream, 262144);

        return '' === $read && feof($this->stream) ? null : $read;
    }

    /** @param array<string, mixed> $body */
    private function say(string $path, array $body): void
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_POSTFIELDS => json_encode($body),
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin', 'Expect:'],
        ]);
        curl_exec($this->curl);
        if (204 !== curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE)) {
            throw new RuntimeException('The playback process refused '.$path);
        }
    }

    private static function uuid(): string
    {
        $hex = bin2hex(random_bytes(16));

        return vsprintf('%s-%s-4%s-a%s-%s', [substr($hex, 0, 8), substr($hex, 8, 4), substr($hex, 13, 3), substr($hex, 17, 3), substr($hex, 20)]);
    }
}
