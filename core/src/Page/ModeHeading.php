<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** "9-channel mode", "Mode 2 (16CH)", "Basic mode": the name of a mode and, where it says one, its number of channels. */
final readonly class ModeHeading
{
    private const COUNT = '/(?<![\w.-])(\d{1,3})\s*-?\s*(?:dmx\s*)?-?\s*(?:ch|chan|chs|channels?|chn|kanal|kanäle)(?![a-z])/iu';
    private const NAMED = '/^(?:dmx\s*)?(?:channel\s*)?mode\s*[:#-]?\s*(?:[a-z]|\d{1,2}|[ivx]{1,4})(?:\s*[:(\[\/-].*)?$/iu';
    private const KIND = '/^(?:the\s+)?(?:basic|standard|simple|extended|advanced|full|short|long|reduced|compact|small|large|normal'
        .'|rich|wide|tour|pixel|rgbw?a?|minimal|complete|personality|mini|maxi|easy|expert|professional|economy|light'
        .'|super)\s+(?:dmx\s+)?(?:mode|personality)(?:\s*[:(\[-].*)?$/iu';

    public function __construct(public string $name, public ?int $count)
    {
    }

    /** What a line by itself heads, or null when it is no heading of a mode. */
    public static function of(string $line): ?self
    {
        $name = trim($line, " \t#*=_:>|-~.");
        if ('' === $name || mb_strlen($name) > 80) {
            return null;
        }
        $name = preg_replace('/\s*[(\[]?\b(?:continued|cont\.?|contd\.?)[)\]]?$/i', '', $name) ?? $name;
        $count = self::countIn($name);
        if (null === $count && 1 !== preg_match(self::NAMED, $name) && 1 !== preg_match(self::KIND, $name)) {
            return null;
        }
        // A title that lists the counts of several modes heads none of them.
        if (preg_match_all(self::COUNT, $name) > 1 || preg_match_all('/\d{1,3}\s*[\/,&]\s*\d{1,3}\s*-?\s*ch/i', $name) > 0) {
            return null;
        }

        return new self($name, $count);
    }

    /** The head of a column in a table that names modes by their columns. */
    public static function ofColumn(string $text): self
    {
        $name = trim($text, " \t:*");
        $bare = 1 === preg_match('/^\d{1,3}$/', $name) ? (int) $name : null;

        return new self($name, self::countIn($name) ?? $bare);
    }

    public static function countIn(string $text): ?int
    {
        if (1 !== preg_match(self::COUNT, $text, $parts)) {
            return 1 === preg_match('/\b(?:ch|channels?)\s*[:=]\s*(\d{1,3})\s*[)\]]?$/i', $text, $parts) ? (int) $parts[1] : null;
        }

        return (int) $parts[1] >= 1 && (int) $parts[1] <= 512 ? (int) $parts[1] : null;
    }

    public function isSameAs(self $other): bool
    {
        return mb_strtolower($this->name) === mb_strtolower($other->name);
    }
}
