<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What a desk's own keys and faders are called, as printed on it. */
final readonly class DeskKeys
{
    public const LONGEST = 24;

    /** Every name that a desk may have, and what Rigger says where its operator gave none. */
    public const USUAL = [
        'button' => 'Button', 'page' => 'Page', 'bank' => 'Bank', 'scene' => 'Scene', 'chase' => 'Chase', 'program' => 'Program',
        'store' => 'Store', 'blackout' => 'Blackout', 'master' => 'Master', 'crossA' => 'A', 'crossB' => 'B',
    ];

    /**
     * @param array<string, string> $names by key of USUAL; those that are missing are called as usual
     * @param list<string>          $pages names of the page keys; none for A, B, C …
     */
    public function __construct(public array $names = [], public array $pages = [])
    {
    }

    /** @param key-of<self::USUAL> $key */
    public function of(string $key): string
    {
        return $this->names[$key] ?? self::USUAL[$key];
    }

    /** @param int $page from 1 */
    public function page(int $page): string
    {
        return $this->pages[$page - 1] ?? ($page <= 26 ? \chr(64 + $page) : (string) $page);
    }

    /** @return array<string, string|list<string>> as a document holds them */
    public function toArray(): array
    {
        return $this->names + ([] === $this->pages ? [] : ['pages' => $this->pages]);
    }
}
