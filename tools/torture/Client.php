<?php

declare(strict_types=1);

/** Talks to Rigger as a window does: every write with a key, asked again until it is answered. */
final class Client
{
    private CurlHandle $curl;

    public function __construct(private readonly int $port)
    {
        $this->curl = curl_init();
    }

    /** @return array{int, array<string, mixed>} status and answer; status 0 for none */
    public function once(string $method, string $path, ?array $body = null, ?string $key = null): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => 'http://127.0.0.1:'.$this->port.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 20, CURLOPT_CONNECTTIMEOUT => 2,
            CURLOPT_POSTFIELDS => null === $body ? '' : json_encode((object) $body, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => [
                'Sec-Fetch-Site: same-origin',
                'Expect:',
                ...(null === $body ? [] : ['Content-Type: application/json']),
                ...(null === $key ? [] : ['Idempotency-Key: '.$key]),
            ],
        ]);
        if ('GET' === $method) {
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
            curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, null);
        }
        $answer = curl_exec($this->curl);
        $status = (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        $data = is_string($answer) ? json_decode($answer, true) : null;
        // An answer that was cut off is none.
        if (false === $answer || ($status < 500 && 204 !== $status && !is_array($data))) {
            return [0, []];
        }

        return [$status, is_array($data) ? $data : []];
    }

    /** Until it is answered, or the time is over. @return array{int, array<string, mixed>} */
    public function patiently(string $method, string $path, ?array $body = null, ?string $key = null, float $until = PHP_FLOAT_MAX): array
    {
        for (;;) {
            [$status, $answer] = $this->once($method, $path, $body, $key);
            if (!in_array($status, [0, 502, 503, 504], true) || microtime(true) > $until) {
                return [$status, $answer];
            }
            usleep(50_000);
        }
    }

    public static function key(): string
    {
        $hex = bin2hex(random_bytes(16));

        return substr($hex, 0, 8).'-'.substr($hex, 8, 4).'-4'.substr($hex, 13, 3).'-a'.substr($hex, 17, 3).'-'.substr($hex, 20);
    }
}
