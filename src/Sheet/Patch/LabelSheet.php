<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\UnitView;
use Rigger\App\Sheet\Draw\Align;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\Type;

/** A label for each unit, at true size: name and address to be read from the floor, mode and place below. */
final readonly class LabelSheet
{
    private const RULER = 100.0;

    public function __construct(private Type $type, private LabelStock $stock, private PaperSize $wanted)
    {
    }

    /**
     * @param list<UnitView> $units
     *
     * @return non-empty-list<Page>
     */
    public function of(array $units): array
    {
        $paper = $this->stock->paper($this->wanted);
        $each = $this->stock->columns() * $this->stock->rows();
        $pages = [];
        foreach ([] === $units ? [[]] : array_chunk($units, $each) as $chunk) {
            $page = new Page($paper->width(), $paper->height());
            foreach ($chunk as $index => $unit) {
                $x = $this->stock->left($paper) + ($index % $this->stock->columns()) * $this->stock->pitch();
                $y = $this->stock->top($paper) + intdiv($index, $this->stock->columns()) * $this->stock->height();
                $this->label($page, $x, $y, $unit);
            }
            if (LabelStock::Strips === $this->stock) {
                $this->ruler($page);
            }
            $pages[] = $page;
        }

        return $pages;
    }

    private function label(Page $page, float $x, float $y, UnitView $unit): void
    {
        $width = $this->stock->width();
        $height = $this->stock->height();
        if (LabelStock::Strips === $this->stock) {
            $page->add(new Box($x, $y, $width, $height, null, 0.1));
        }
        $inner = $width - 8;
        $address = $this->type->words(
            $x + $width - 4,
            $y + $height * 0.42,
            $unit->place,
            $height * 0.62,
            true,
            Align::Right,
        );
        $page->add(
            $address,
            $this->type->fitted($x + 4, $y + $height * 0.42, $unit->name, $height * 0.62, $inner - $address->width - 3, true),
            new Stroke($x + 4, $y + $height * 0.51, $x + $width - 4, $y + $height * 0.51, 0.2),
            $this->type->fitted(
                $x + 4,
                $y + $height * 0.70,
                \sprintf('%s, %s%s', $unit->model, $unit->modeName, null === $unit->number ? '' : ' · no. '.$unit->number),
                8,
                $inner,
            ),
            $this->type->fitted(
                $x + 4,
                $y + $height * 0.88,
                implode(
                    ' · ',
                    array_filter(
                        [$unit->position, \sprintf('%03d–%03d', $unit->address, $unit->last)],
                        static fn (?string $part): bool => null !== $part,
                    ),
                ),
                8,
                $inner,
            ),
        );
    }

    /** To see whether the printer kept the size. */
    private function ruler(Page $page): void
    {
        $x = 15.0;
        $y = $page->height - 9;
        $page->add(
            new Stroke($x, $y, $x + self::RULER, $y, 0.3),
            $this->type->words($x + self::RULER + 4, $y + 1, 'This line is 100 mm long: print at actual size.', 8),
        );
        for ($at = 0; $at <= 10; ++$at) {
            $page->add(new Stroke($x + 10 * $at, $y, $x + 10 * $at, $y - (0 === $at % 5 ? 4 : 2), 0.2));
        }
    }
}
