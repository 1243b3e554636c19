<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Fixture;

use Rigger\App\Sheet\Draw\Area;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\Type;

/** Small sheets with ladders. Measures are millimetres. */
final readonly class CardPaper
{
    private const MARGIN = 8.0;
    private const SIZE = 7.5;
    private const LINE = 3.4;
    /** Height of a ladder, and what stands beside it. */
    private const LADDER = 4.4;
    private const TITLE = 36.0;
    private const RANGES = 6.6;
    private const VALUES = 256;

    private Type $type;
    private Flow $flow;

    public function __construct(PaperSize $size, string $title, string $subtitle)
    {
        $this->type = new Type();
        $this->flow = new Flow($this->type, $size, $title, $subtitle, margin: self::MARGIN);
    }

    public function heading(string $text): void
    {
        $this->flow->room(24); // Never alone at the foot of a page.
        $this->flow->down(5);
        $this->flow->page()->add(
            $this->type->fitted(self::MARGIN, $this->flow->top(), $text, 9.5, $this->flow->width, true),
            new Stroke(self::MARGIN, $this->flow->top() + 1.1, self::MARGIN + $this->flow->width, $this->flow->top() + 1.1),
        );
        $this->flow->down(1.8);
    }

    public function line(string $text): void
    {
        $this->flow->paragraph($text, self::SIZE);
    }

    /** @param list<array{string, string}> $pairs what it is about, and the words */
    public function pairs(array $pairs): void
    {
        foreach ($pairs as [$about, $words]) {
            $lines = $this->type->wrap($words, self::SIZE, $this->flow->width - 30);
            $this->flow->room(max(1, \count($lines)) * self::LINE);
            $this->flow->page()->add($this->type->fitted(self::MARGIN, $this->flow->top() + 2.8, $about, self::SIZE, 29, true));
            $this->flow->lines($lines, self::SIZE, self::LINE, 30);
        }
    }

    /** @param list<CardRung> $rungs */
    public function ladder(string $title, int $rest, array $rungs): void
    {
        $width = $this->flow->width - self::TITLE;
        $words = implode(' · ', array_map(static fn (CardRung $rung): string => $rung->span.' '.$rung->label, $rungs));
        $lines = $this->type->wrap($words, self::RANGES, $width);
        $names = $this->type->wrap($title, self::SIZE, self::TITLE - 1.5, true);
        $height = max(self::LADDER + 0.5 + \count($lines) * 3, \count($names) * self::LINE);
        $this->flow->room($height + 2.4);
        // Room for the notch that marks the resting value.
        $this->flow->down(1.3);
        foreach ($names as $nth => $name) {
            $this->flow->page()->add($this->type->words(
                self::MARGIN,
                $this->flow->top() + 3.2 + $nth * self::LINE,
                $name,
                self::SIZE,
                true,
            ));
        }
        $this->frame(self::MARGIN + self::TITLE, $this->flow->top(), $width, $rungs, $rest);
        $top = $this->flow->top();
        $this->flow->down(self::LADDER + 0.5);
        $this->flow->lines($lines, self::RANGES, 3, self::TITLE);
        $this->flow->down($top + $height + 0.6 - $this->flow->top());
    }

    /** @return non-empty-list<Page> */
    public function pages(): array
    {
        return $this->flow->pages();
    }

    /** @param list<CardRung> $rungs */
    private function frame(float $left, float $top, float $width, array $rungs, int $rest): void
    {
        $unit = $width / self::VALUES;
        foreach ($rungs as $rung) {
            $this->rung($left + $rung->from * $unit, $top, ($rung->to - $rung->from + 1) * $unit, $rung->pattern);
        }
        $at = $left + ($rest + 0.5) * $unit;
        $this->flow->page()->add(
            new Box($left, $top, $width, self::LADDER),
            // Where the channel rests: a small notch above the ladder.
            new Area([[$at - 0.8, $top - 0.9], [$at + 0.8, $top - 0.9], [$at, $top]]),
        );
    }

    private function rung(float $left, float $top, float $width, CardPattern $pattern): void
    {
        $bottom = $top + self::LADDER;
        $this->flow->page()->add(...match ($pattern) {
            CardPattern::Wedge => [new Area([[$left, $bottom], [$left + $width, $bottom], [$left + $width, $top]], 190)],
            CardPattern::Black => [new Box($left, $top, $width, self::LADDER, 0, 0)],
            CardPattern::Bars => self::bars($left, $width, 1.2, 0.0, $top, $bottom),
            CardPattern::Hatched => self::bars($left, $width, 1.6, 1.6, $top, $bottom),
            CardPattern::Plain => [],
        });
        $this->flow->page()->add(new Box($left, $top, $width, self::LADDER));
    }

    /** @return list<Stroke> */
    private static function bars(float $left, float $width, float $step, float $lean, float $top, float $bottom): array
    {
        $bars = [];
        for ($at = $left + $step / 2; $at + $lean < $left + $width; $at += $step) {
            $bars[] = new Stroke($at, $bottom, $at + $lean, $top, 0.25);
        }

        return $bars;
    }
}
