<?php

declare(strict_types=1);

namespace Rigger\Core\Library;

use Rigger\Core\Input\Splitting;
use Rigger\Core\Page\EmitterWords;
use Rigger\Core\Page\Subject;
use Rigger\Core\Page\Vocabulary;
use Rigger\Core\Profile\RangeFunction;

/**
 * What somebody types to find a fixture: "RGBAW under 10 channels", "marram wash", "moving head with gobo 16 ch".
 *
 * Colours, channel counts and words are told apart; a word that may be a name or a function counts as either.
 */
final readonly class LibraryQuery
{
    private const MOST_LETTERS = 200;
    private const LETTERS = ['r' => 'red', 'g' => 'green', 'b' => 'blue', 'w' => 'white', 'a' => 'amber', 'c' => 'cyan', 'l' => 'lime'];
    private const CHANNELS = '\s*-?\s*(?:channels?|chan|ch)\b';
    private const FILLERS = [
        'with',
        'and',
        'a',
        'an',
        'the',
        'has',
        'that',
        'of',
        'in',
        'for',
        'mode',
        'modes',
        'fixture',
        'fixtures',
        'channels',
        'channel',
        'ch',
    ];

    /**
     * @param list<QueryWord> $words    each must fit
     * @param list<string>    $emitters all in one mode
     * @param int|null        $least    channels of that mode, both ends included
     */
    private function __construct(public array $words, public array $emitters, public ?int $least, public ?int $most)
    {
    }

    public static function of(string $text): self
    {
        $text = mb_strtolower(mb_substr(trim(mb_scrub($text)), 0, self::MOST_LETTERS));
        [$least, $most, $text] = self::channels($text);
        $words = $emitters = [];
        foreach (Splitting::of('/[\s,;]+/', $text) as $word) {
            $colours = self::colours($word);
            if ([] !== $colours) {
                array_push($emitters, ...$colours);
            } elseif ('' !== $word && !\in_array($word, self::FILLERS, true)) {
                $words[] = self::word($word);
            }
        }

        return new self($words, array_values(array_unique($emitters)), $least, $most);
    }

    public function asksOfModes(): bool
    {
        return [] !== $this->emitters || null !== $this->least || null !== $this->most;
    }

    /** @return array{int|null, int|null, string} least, most, and the text without them */
    private static function channels(string $text): array
    {
        $below = static fn (int $number): array => [null, $number - 1];
        $forms = [
            '/(?:under|below|less than|fewer than|<)\s*(\d{1,3})(?:'.self::CHANNELS.')?/' => $below,
            '/(?:at most|up to|max(?:imum)?|<=)\s*(\d{1,3})(?:'.self::CHANNELS.')?/' => static fn (int $number): array => [null, $number],
            '/(?:over|above|more than|>)\s*(\d{1,3})(?:'.self::CHANNELS.')?/' => static fn (int $number): array => [$number + 1, null],
            '/(?:at least|min(?:imum)?|>=)\s*(\d{1,3})(?:'.self::CHANNELS.')?/' => static fn (int $number): array => [$number, null],
            '/\b(\d{1,3})'.self::CHANNELS.'/' => static fn (int $number): array => [$number, $number],
        ];
        [$least, $most] = [null, null];
        if (1 === preg_match('/\b(\d{1,3})\s*(?:-|to|–)\s*(\d{1,3})'.self::CHANNELS.'/u', $text, $parts)) {
            return [min((int) $parts[1], (int) $parts[2]), max((int) $parts[1], (int) $parts[2]), str_replace($parts[0], ' ', $text)];
        }
        foreach ($forms as $form => $bounds) {
            if (1 === preg_match($form, $text, $parts)) {
                [$low, $high] = $bounds((int) $parts[1]);
                [$least, $most] = [$low ?? $least, $high ?? $most];
                $text = str_replace($parts[0], ' ', $text);
            }
        }

        return [$least, $most, $text];
    }

    /** @return list<string> emitters that letters such as "rgbaw" or "rgbw+uv" stand for */
    private static function colours(string $word): array
    {
        if (1 !== preg_match('/^(rgb[wacl]*)(?:\+?(uv))?([wacl]*)$/', $word, $parts)) {
            return [];
        }
        $keys = array_map(static fn (string $letter): string => self::LETTERS[$letter], str_split($parts[1].$parts[3]));

        return '' === $parts[2] ? $keys : [...$keys, 'uv'];
    }

    private static function word(string $word): QueryWord
    {
        $subject = mb_strlen($word) < 3 ? Subject::Unknown : Vocabulary::subjectOf($word);
        $isPlain = \in_array($subject, [Subject::Unknown, Subject::Unused, Subject::Foreign, Subject::Control], true);
        $function = $isPlain || Subject::Emitter === $subject ? RangeFunction::tryFrom($word) : $subject->usual();

        return new QueryWord($word, $function?->value, mb_strlen($word) < 2 ? null : EmitterWords::keyOf($word));
    }
}
