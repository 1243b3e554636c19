<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Fuzz;

/** Values that nobody's form sends. */
final readonly class HostileValues
{
    public function __construct(private Chance $chance)
    {
    }

    /** For a member of a JSON document. */
    public function any(): mixed
    {
        return match ($this->chance->whole(1, 12)) {
            1 => null,
            2 => $this->chance->isIn(50),
            3 => $this->chance->oneOf([0, -1, 2147483648, \PHP_INT_MAX, \PHP_INT_MIN, 4294967295, 513, 65536]),
            4 => $this->chance->oneOf([1.5, -0.0, 1e308, 5e-324, 1e19, 0.1]),
            5 => [],
            6 => new \stdClass(),
            7 => [$this->text(), 1, null, ['x' => []]],
            8 => ['id' => $this->text(), "\u{202E}" => true],
            9 => $this->deep($this->chance->whole(3, 140)),
            default => $this->text(),
        };
    }

    public function text(): string
    {
        return $this->chance->oneOf([
            '', ' ', "\0", "a\0b", str_repeat('x', 10_000), 'é', '日本語', '🌊', "\u{202E}gnp", "'; DROP TABLE rig; --", '<script>', '%', '_%',
            '\\', '\\u0000', "line\nbreak", "\r", "\t",
            'null', '0', '-1', '1e9', '٣', '１２', '99999999999999999999', '01a21dba', '00000000-0000-0000-0000-000000000000',
            'ffffffff-ffff-ffff-ffff-ffffffffffff', '{}', '../../etc/passwd',
            '=1+1', '1/37', '2.513', 'u1-37', 'nine', "Haar\u{0301}", "\x7f",
        ]);
    }

    /** For an address or a query string: also what is no UTF-8. */
    public function piece(): string
    {
        return $this->chance->isIn(15) ? $this->chance->bytes(max(1, $this->chance->whole(1, 6))) : $this->text();
    }

    private function deep(int $levels): mixed
    {
        $value = 1;
        for ($level = 0; $level < $levels; ++$level) {
            $value = 0 === $level % 2 ? [$value] : ['a' => $value];
        }

        return $value;
    }
}
