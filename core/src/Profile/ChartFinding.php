<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** One thing that ProfileCheck says about a chart. */
final readonly class ChartFinding
{
    private function __construct(
        public FindingCode $code,
        public string $mode,
        public ?int $channel,
        public ?int $from,
        public ?int $to,
        public string $message,
    ) {
    }

    public static function ofMode(FindingCode $code, Mode $mode, string $message): self
    {
        return new self($code, $mode->key, null, null, null, $message);
    }

    public static function ofChannel(FindingCode $code, Mode $mode, int $offset, string $message): self
    {
        return new self($code, $mode->key, $offset, null, null, $message);
    }

    public static function ofValues(FindingCode $code, Mode $mode, Channel $channel, int $from, int $to, string $message): self
    {
        return new self($code, $mode->key, $channel->offset, $from, $to, $message);
    }

    /** @return array{code: string, severity: string, mode: string, channel: int|null, from: int|null, to: int|null, message: string} */
    public function toArray(): array
    {
        return ['code' => $this->code->value, 'severity' => $this->code->severity()->value, 'mode' => $this->mode,
            'channel' => $this->channel, 'from' => $this->from, 'to' => $this->to, 'message' => $this->message];
    }
}
