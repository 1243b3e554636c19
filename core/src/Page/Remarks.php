<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\InputError;

/** Collects remarks, one of a kind for each line. */
final class Remarks
{
    /** @var array<string, Remark> */
    private array $all = [];

    public function notUnderstood(int $line, string $text): void
    {
        $this->add($line, RemarkCode::NotUnderstood, \sprintf('%s was not understood.', InputError::quote(trim($text))));
    }

    public function add(int $line, RemarkCode $code, string $message): void
    {
        $this->all[$line.$code->value] ??= new Remark($line, $code, $message);
    }

    /** @return list<Remark> by line */
    public function sorted(): array
    {
        $all = array_values($this->all);
        $order = array_flip(array_map(static fn (RemarkCode $code): string => $code->value, RemarkCode::cases()));
        usort(
            $all,
            static fn (Remark $one, Remark $other): int => [$one->line, $order[$one->code->value]] <=> [
                $other->line,
                $order[$other->code->value],
            ],
        );

        return $all;
    }
}
