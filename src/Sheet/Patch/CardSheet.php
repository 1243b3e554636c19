<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\SettingLineView;
use Rigger\App\Rig\View\SwitchesView;
use Rigger\App\Rig\View\UnitView;
use Rigger\App\Sheet\Draw\Align;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\Type;

/**
 * Cards to set units by, six on a page or fewer where the words are many: address as switches or display, mode and run state in the unit's
 * own words, and boxes to tick.
 */
final readonly class CardSheet
{
    private const COLUMNS = 2;
    private const ROWS = 3;
    /** Millimetres, and a size in points: what a card keeps free, its head, its foot with the boxes, and a line of words. */
    private const PAD = 4.0;
    private const HEAD = 19.0;
    private const FOOT = 11.0;
    private const LINE = 3.7;
    private const SIZE = 8;
    /** What only explains the unit comes behind what is to be done with it. */
    private const LEGENDS = ['Buttons', 'Address keys', 'Display ', 'Lamp '];

    public function __construct(private Type $type, private PaperSize $paper)
    {
    }

    /**
     * @param list<UnitView> $units
     *
     * @return non-empty-list<Page>
     */
    public function of(RigView $rig, array $units): array
    {
        $flow = new Flow($this->type, $this->paper, $rig->name, $rig->venue.' · setting cards');
        if ([] === $units) {
            $flow->paragraph('Nothing hangs yet.');

            return $flow->pages();
        }
        // Nobody climbs to one that is out of action.
        $out = array_values(array_filter($units, static fn (UnitView $unit): bool => $unit->isOut));
        if ([] !== $out) {
            $names = array_map(static fn (UnitView $unit): string => $unit->name, $out);
            $flow->paragraph('Out of action tonight: '.implode(', ', $names).'.');
            $flow->down(3);
        }
        $width = $flow->width / self::COLUMNS;
        $least = ($flow->left() - 0.01) / self::ROWS;
        $toFix = ToFix::of($rig);
        $cards = [];
        foreach ($units as $unit) {
            array_push($cards, ...$unit->isOut ? [] : $this->parts($unit, $toFix, $width - 2 * self::PAD, $flow->height()));
        }
        foreach (array_chunk($cards, self::COLUMNS) as $row) {
            $height = max($least, ...array_map(static fn (array $card): float => $card['height'], $row));
            $flow->room($height);
            foreach ($row as $column => ['unit' => $unit, 'lines' => $lines, 'isFirst' => $isFirst]) {
                $this->card($flow->page(), Flow::MARGIN + $column * $width, $flow->top(), $width, $height, $unit, $lines, $isFirst);
            }
            $flow->down($height);
        }

        return $flow->pages();
    }

    /**
     * A unit's card, and where its words are longer than a page a second one that goes on with them.
     *
     * @return non-empty-list<array{unit: UnitView, lines: list<string>, isFirst: bool, height: float}>
     */
    private function parts(UnitView $unit, ToFix $toFix, float $inner, float $page): array
    {
        $lines = [];
        foreach ($this->words($unit, $toFix) as $text) {
            array_push($lines, ...$this->type->wrap($text, self::SIZE, $inner));
        }
        $head = $this->head($unit, $inner);
        $rest = $page - self::FOOT;
        $chunks = [array_splice($lines, 0, max(1, (int) (($rest - $head) / self::LINE)))];
        while ([] !== $lines) {
            $chunks[] = array_splice($lines, 0, max(1, (int) (($rest - self::HEAD) / self::LINE)));
        }

        return array_map(static fn (array $chunk, int $nth): array => [
            'unit' => $unit,
            'lines' => $chunk,
            'isFirst' => 0 === $nth,
            'height' => (0 === $nth ? $head : self::HEAD) + \count($chunk) * self::LINE + self::FOOT,
        ], $chunks, array_keys($chunks));
    }

    /** What a card takes above its words: names, switches with their sum, or the display. */
    private function head(UnitView $unit, float $inner): float
    {
        return self::HEAD + match (true) {
            null !== $unit->switches?->pattern => 17 + self::LINE * \count($this->type->wrap($unit->switches->sum.'.', self::SIZE, $inner)),
            null !== $unit->display => 14,
            default => 0,
        };
    }

    /** @param list<string> $lines */
    private function card(Page $page, float $x, float $y, float $width, float $height, UnitView $unit, array $lines, bool $isFirst): void
    {
        $page->add(new Box($x, $y, $width, $height, null, 0.1));
        [$left, $inner] = [$x + self::PAD, $width - 2 * self::PAD];
        $address = $this->type->words($x + $width - self::PAD, $y + 9, $unit->place, 16, true, Align::Right);
        $name = $unit->name.($isFirst ? '' : ', continued');
        $page->add(
            $address,
            $this->type->fitted($left, $y + 9, $name, 16, $inner - $address->width - 3, true),
            $this->type->fitted(
                $left,
                $y + 14,
                $unit->maker.' '.$unit->model.', '.$unit->modeName.(null === $unit->position ? '' : ' · '.$unit->position),
                8.5,
                $inner,
            ),
            new Stroke($left, $y + 16, $left + $inner, $y + 16, 0.2),
        );
        $at = $y + self::HEAD;
        if ($isFirst && null !== $unit->switches && null !== $unit->switches->pattern) {
            $this->switches($page, $left, $at, $unit->switches, $unit->switches->pattern);
            $at = $this->lines($page, $left, $at + 17, $this->type->wrap($unit->switches->sum.'.', self::SIZE, $inner));
        } elseif ($isFirst && null !== $unit->display) {
            $wide = $this->type->width($unit->display, 20, true) + 8;
            $page->add(
                new Box($left, $at, $wide, 11, 20, 0),
                new Box($left + 0.8, $at + 0.8, $wide - 1.6, 9.4, 255, 0),
                $this->type->words($left + 4, $at + 8, $unit->display, 20, true),
            );
            $at += 14;
        }
        $this->lines($page, $left, $at, $lines);
        foreach (['set', 'kept it through off and on'] as $index => $words) {
            $box = $left + (0 === $index ? 0 : 18);
            $page->add(new Box($box, $y + $height - 7.5, 4, 4), $this->type->words($box + 5.5, $y + $height - 4.3, $words, 8.5));
        }
    }

    /** @return list<string> */
    private function words(UnitView $unit, ToFix $toFix): array
    {
        $wrong = $toFix->words($unit);

        return array_values(array_filter([
            null === $wrong ? null : '! '.$wrong.'.',
            $unit->setup,
            null === $unit->linkId ? null : 'Receiver on '.($unit->receiver ?? 'nothing yet').'.',
            match ($unit->runState) {
                'leader' => 'Tonight it leads the others.',
                'follower' => 'Tonight it follows its leader.',
                'alone' => 'Tonight it runs by itself.',
                default => null,
            },
            $unit->hearsRemote ? 'It hears the hand remote.' : null,
            'unit' === $unit->pan ? 'Turn pan round in its menu.' : null,
            'unit' === $unit->tilt ? 'Turn tilt round in its menu.' : null,
            ...self::setting($unit, false),
            null === $unit->note ? null : 'Note: '.$unit->note,
            ...self::setting($unit, true),
        ], static fn (?string $part): bool => null !== $part && '' !== $part));
    }

    /** @return list<string> */
    private static function setting(UnitView $unit, bool $isLegend): array
    {
        $lines = array_filter(
            $unit->setting,
            static fn (SettingLineView $line): bool => $isLegend === array_reduce(
                self::LEGENDS,
                static fn (bool $is, string $head): bool => $is || str_starts_with($line->about, $head),
                false,
            ),
        );

        return array_values(array_map(static fn (SettingLineView $line): string => $line->about.': '.$line->words, $lines));
    }

    /**
     * @param list<string> $lines
     *
     * @return float where the next thing begins
     */
    private function lines(Page $page, float $x, float $y, array $lines): float
    {
        foreach ($lines as $line) {
            $y += self::LINE;
            // What is to be fixed first is not read past.
            $page->add($this->type->words($x, $y, $line, self::SIZE, str_starts_with($line, '! ')));
        }

        return $y;
    }

    private function switches(Page $page, float $x, float $y, SwitchesView $switches, string $pattern): void
    {
        foreach (str_split($pattern) as $index => $state) {
            $left = $x + 7 * $index + (9 === $index ? 2 : 0);
            $page->add(
                new Box($left, $y, 5.4, 11),
                new Box($left + 0.7, '1' === $state ? $y + 0.7 : $y + 5.7, 4, 4.6, 9 === $index ? 160 : 0, 0),
                $this->type->words($left + 2.7, $y + 14.6, (string) ($index + 1), 8, true, Align::Middle),
            );
        }
        $page->add(
            $this->type->words($x + 7 * $switches->count + 3, $y + 4, 'up', 7),
            $this->type->words($x + 7 * $switches->count + 3, $y + 9.5, 'down', 7),
        );
    }
}
