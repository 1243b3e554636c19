<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** Something that would be told of a rig and that somebody knows: it is as it is meant. */
final readonly class KnownFinding
{
    public const STAGES = ['patch', 'lines', 'desk', 'looks'];

    /** @var list<string> sorted */
    public array $units;

    /**
     * @param string       $stage patch, lines, desk or looks
     * @param string       $code  of the finding
     * @param list<string> $units whom it is about: with one more or one less it is told again
     * @param string|null  $note  why it is meant so
     */
    public function __construct(
        public string $id,
        public string $stage,
        public string $code,
        array $units,
        public ?string $linkId = null,
        public ?string $lookId = null,
        public ?string $note = null,
    ) {
        sort($units);
        $this->units = array_values(array_unique($units));
    }

    /** Equal for findings that are the same to who knows them. */
    public function subject(): string
    {
        return self::subjectOf($this->stage, $this->code, $this->units, $this->linkId, $this->lookId);
    }

    /** Whether a word has the form of a finding's code. */
    public static function isCode(string $word): bool
    {
        return 1 === preg_match('/^[a-z_]{1,40}$/D', $word);
    }

    /** @param list<string> $units in any order */
    public static function subjectOf(string $stage, string $code, array $units, ?string $linkId, ?string $lookId): string
    {
        sort($units);

        return implode('/', [$stage, $code, implode('+', array_unique($units)), $linkId, $lookId]);
    }
}
