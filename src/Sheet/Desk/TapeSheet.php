<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Desk;

use Rigger\App\Sheet\Draw\Align;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\Type;
use Rigger\App\Sheet\Draw\Words;
use Rigger\Core\Desk\DeskManual;
use Rigger\Core\Rig\Rig;

/** Tape at true size: strips with crop marks and a mark at the middle of each fader, and a ruler that checks the printer. */
final readonly class TapeSheet
{
    private const LARGEST = 13.0;
    /** 9 points have capitals of 2.3 mm, 13 minutes of arc at 60 cm: legible, if not large. */
    public const LEAST = 9.0;
    private const NOTE = 7.0;
    private const CROP = 3.0;
    private const TITLE = 5.0;
    private const GAP = 7.0;
    private const RULER = 100;
    private const RULER_HEIGHT = 13.0;

    private Type $type;

    public function __construct(private PaperSize $paper)
    {
        $this->type = new Type();
    }

    /** @return non-empty-list<Page> */
    public function of(Rig $rig): array
    {
        $strips = TapeStrips::of($rig);
        $desk = $rig->desk();
        $height = $desk->manual->tapeHeight ?? DeskManual::TAPE_HEIGHT;
        $upright = $this->paper->width() - 2 * Flow::MARGIN;
        $isWide = [] !== array_filter($strips, static fn (TapeStrip $strip): bool => $strip->length() > $upright);
        $flow = new Flow($this->type, $this->paper, 'Tape for '.($desk->name ?? ''), $rig->name.' · '.$rig->venue, $isWide);
        $this->ruler($flow);
        foreach ($strips as $strip) {
            foreach ($strip->pieces($flow->width) as $piece) {
                if ($flow->room(self::TITLE + $height + self::GAP)) {
                    $this->ruler($flow);
                }
                $this->strip($flow, $piece, $height);
            }
        }

        return $flow->pages();
    }

    private function ruler(Flow $flow): void
    {
        $flow->down(3);
        $page = $flow->page();
        $y = $flow->top() + 4;
        $page->add(new Stroke(Flow::MARGIN, $y, Flow::MARGIN + self::RULER, $y, 0.2));
        for ($at = 0; $at <= self::RULER; ++$at) {
            $length = match (true) {
                0 === $at % 10 => 4.0,
                0 === $at % 5 => 2.6,
                default => 1.6,
            };
            $page->add(new Stroke(Flow::MARGIN + $at, $y - $length, Flow::MARGIN + $at, $y, 0.1));
        }
        $page->add($this->type->words(
            Flow::MARGIN,
            $y + 3.4,
            'This ruler is 100 mm long. Lay a real one on it: if they differ, print at actual size (100 %), not fitted to the page.',
            7.5,
        ));
        $flow->down(self::RULER_HEIGHT);
    }

    private function strip(Flow $flow, TapeStrip $strip, float $height): void
    {
        $page = $flow->page();
        $page->add($this->type->fitted(Flow::MARGIN, $flow->top() + 2.6, $strip->title, 8, $flow->width));
        $top = $flow->top() + self::TITLE;
        [$left, $right, $foot] = [Flow::MARGIN, Flow::MARGIN + $strip->length(), $top + $height];
        foreach ($strip->cells as $index => $cell) {
            $from = $left + $index * $strip->pitch;
            $page->add(...$this->cell($cell, $from, $top, $strip->pitch, $height));
            $middle = $from + $strip->pitch / 2;
            // The mark lies outside the cut and on the fader's own slot.
            $page->add(new Stroke($middle, $foot + 0.8, $middle, $foot + 2.2, 0.15));
            if ($index > 0) {
                $page->add(new Stroke($from, $top, $from, $foot, 0.1, true));
            }
        }
        $page->add(new Box($left, $top, $right - $left, $height, null, 0.12));
        foreach ([$left, $right] as $x) {
            $outward = $x === $left ? -1 : 1;
            foreach ([$top, $foot] as $y) {
                $page->add(new Stroke($x + $outward * 0.6, $y, $x + $outward * (0.6 + self::CROP), $y, 0.15));
            }
        }
        $flow->down(self::TITLE + $height + self::GAP);
    }

    /**
     * @param array{label: string, note: string|null} $cell
     *
     * @return list<Words>
     */
    private function cell(array $cell, float $from, float $top, float $pitch, float $height): array
    {
        if ('' === trim($cell['label'])) {
            return [];
        }
        $room = $pitch - 1.4;
        $middle = $from + $pitch / 2;
        $words = [];
        $foot = $height;
        if (null !== $cell['note']) {
            $words[] = $this->type->fitted(
                $middle,
                $top + $height - 1.2,
                $cell['note'],
                self::NOTE,
                $room,
                false,
                Align::Middle,
                self::NOTE,
            );
            $foot = $height - 3.4;
        }
        $lines = $this->lines($cell['label'], $room, $foot);
        $size = min(self::LARGEST, ($foot - 1.6) / \count($lines) / Type::POINT / 1.02);
        $step = $size * Type::POINT * 1.04;
        $first = $top + ($foot - $step * (\count($lines) - 1)) / 2 + $size * Type::POINT * 0.365;
        foreach ($lines as $index => $line) {
            $words[] = $this->type->fitted(
                $middle,
                $first + $index * $step,
                $line,
                $size,
                $room,
                true,
                Align::Middle,
                min($size, self::LEAST),
            );
        }

        return $words;
    }

    /**
     * One line where it stays legible, else two.
     *
     * @return non-empty-list<string>
     */
    private function lines(string $label, float $room, float $height): array
    {
        $narrowest = $this->type->width($label, self::LEAST + 1, true, 65);
        $parts = explode(' ', $label);
        if ($narrowest <= $room || \count($parts) < 2 || ($height - 1.6) / 2 / Type::POINT < self::LEAST) {
            return [$label];
        }
        $best = [$label];
        $least = \INF;
        for ($cut = 1; $cut < \count($parts); ++$cut) {
            $lines = [implode(' ', \array_slice($parts, 0, $cut)), implode(' ', \array_slice($parts, $cut))];
            $longest = max(array_map(fn (string $line): float => $this->type->width($line, self::LEAST, true), $lines));
            if ($longest < $least) {
                [$best, $least] = [$lines, $longest];
            }
        }

        return $best;
    }
}
