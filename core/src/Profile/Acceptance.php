<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** "I know": a caution or note that somebody looked at and keeps, with why. It stays on the sheets. */
final readonly class Acceptance
{
    public function __construct(
        public FindingCode $code,
        public string $mode,
        public ?int $channel,
        public ?int $from,
        public ?int $to,
        public string $note,
    ) {
    }

    public static function of(ChartFinding $finding, string $note): self
    {
        return new self($finding->code, $finding->mode, $finding->channel, $finding->from, $finding->to, $note);
    }

    /** Another range or channel is another matter, to be looked at anew. */
    public function isOf(ChartFinding $finding): bool
    {
        return [$this->code, $this->mode, $this->channel, $this->from, $this->to] === [
            $finding->code,
            $finding->mode,
            $finding->channel,
            $finding->from,
            $finding->to,
        ];
    }

    /** @return array{code: string, mode: string, channel: int|null, from: int|null, to: int|null, note: string} */
    public function toArray(): array
    {
        return [
            'code' => $this->code->value,
            'mode' => $this->mode,
            'channel' => $this->channel,
            'from' => $this->from,
            'to' => $this->to,
            'note' => $this->note,
        ];
    }
}
