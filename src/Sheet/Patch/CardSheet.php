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

/** Cards to set units by, six on a page: address as switches or display, mode and run state in the unit's own words, and boxes to tick. */
final readonly class CardSheet
{
    private const COLUMNS = 2;
    private const ROWS = 3;
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
        $width = $flow->width / self::COLUMNS;
        $height = $flow->left() / self::ROWS;
        foreach ($units as $index => $unit) {
            $place = $index % (self::COLUMNS * self::ROWS);
            if ($index > 0 && 0 === $place) {
                $flow->turn();
            }
            $this->card(
                $flow->page(),
                Flow::MARGIN + ($place % self::COLUMNS) * $width,
                $flow->top() + intdiv($place, self::COLUMNS) * $height,
                $width,
                $height,
                $unit,
            );
        }

        return $flow->pages();
    }

    private function card(Page $page, float $x, float $y, float $width, float $height, UnitView $unit): void
    {
        $page->add(new Box($x, $y, $width, $height, null, 0.1));
        [$left, $inner] = [$x + 4, $width - 8];
        $address = $this->type->words(
            $x + $width - 4,
            $y + 9,
            $unit->place,
            16,
            true,
            Align::Right,
        );
        $page->add(
            $address,
            $this->type->fitted($left, $y + 9, $unit->name, 16, $inner - $address->width - 3, true),
            $this->type->fitted(
                $left,
                $y + 14,
                $unit->maker.' '.$unit->model.', '.$unit->modeName.(null === $unit->position ? '' : ' · '.$unit->position),
                8.5,
                $inner,
            ),
            new Stroke($left, $y + 16, $left + $inner, $y + 16, 0.2),
        );
        $at = $y + 19;
        if (null !== $unit->switches && null !== $unit->switches->pattern) {
            $this->switches($page, $left, $at, $unit->switches, $unit->switches->pattern);
            $at += 17;
            $at = $this->lines($page, $left, $at, $inner, [$unit->switches->sum.'.'], $y + $height - 12);
        } elseif (null !== $unit->display) {
            $wide = $this->type->width($unit->display, 20, true) + 8;
            $page->add(
                new Box($left, $at, $wide, 11, 20, 0),
                new Box($left + 0.8, $at + 0.8, $wide - 1.6, 9.4, 255, 0),
                $this->type->words($left + 4, $at + 8, $unit->display, 20, true),
            );
            $at += 14;
        }
        $this->lines($page, $left, $at, $inner, $this->words($unit), $y + $height - 12);
        foreach (['set', 'kept it through off and on'] as $index => $words) {
            $box = $left + (0 === $index ? 0 : 18);
            $page->add(new Box($box, $y + $height - 7.5, 4, 4), $this->type->words($box + 5.5, $y + $height - 4.3, $words, 8.5));
        }
    }

    /** @return list<string> */
    private function words(UnitView $unit): array
    {
        return array_values(array_filter([
            $unit->setup,
            null === $unit->linkId ? null : 'Receiver on '.($unit->receiver ?? 'nothing yet').'.',
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
     * @param list<string> $texts
     *
     * @return float where the next thing begins
     */
    private function lines(Page $page, float $x, float $y, float $width, array $texts, float $foot): float
    {
        foreach ($texts as $text) {
            foreach ($this->type->wrap($text, 8, $width) as $line) {
                $y += 3.6;
                if ($y > $foot) {
                    // What a card cannot hold is told, not dropped in silence.
                    $page->add($this->type->words($x + $width, $foot + 1, '… see the manual', 7, false, Align::Right));

                    return $y;
                }
                $page->add($this->type->words($x, $y, $line, 8));
            }
            $y += 0.6;
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
