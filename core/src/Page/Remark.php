<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** What the reader has to say of one line of the page. */
final readonly class Remark
{
    public function __construct(public int $line, public RemarkCode $code, public string $message)
    {
    }

    /** @return array{line: int, code: string, message: string} */
    public function toArray(): array
    {
        return ['line' => $this->line, 'code' => $this->code->value, 'message' => $this->message];
    }
}
