<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

use Rigger\Core\Text\Figure;

/** A page as SVG, true to size. */
final class SvgPage
{
    public static function of(Page $page): string
    {
        $marks = array_map(static fn (Stroke|Box|Area|Words $mark): string => match (true) {
            $mark instanceof Stroke => self::stroke($mark),
            $mark instanceof Box => self::box($mark),
            $mark instanceof Area => self::area($mark),
            $mark instanceof Words => self::words($mark),
        }, $page->marks());

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s" font-family="\'DejaVu '
                .'Sans Condensed\', \'DejaVu Sans\', \'Archivo Variable\', sans-serif" fill="#000">',
            self::mm($page->width),
            self::mm($page->height),
        )
            .\sprintf(
                '<rect width="%s" height="%s" fill="#fff"/>',
                self::mm($page->width),
                self::mm($page->height),
            ).implode('', $marks).'</svg>';
    }

    private static function stroke(Stroke $mark): string
    {
        return \sprintf(
            '<line x1="%s" y1="%s" x2="%s" y2="%s" stroke="#000" stroke-width="%s"%s/>',
            self::mm($mark->fromX),
            self::mm($mark->fromY),
            self::mm($mark->toX),
            self::mm($mark->toY),
            self::mm($mark->width),
            $mark->isDashed ? ' stroke-dasharray="1 1"' : '',
        );
    }

    private static function box(Box $mark): string
    {
        $grey = $mark->grey;

        return \sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" fill="%s"%s/>',
            self::mm($mark->x),
            self::mm($mark->y),
            self::mm($mark->width),
            self::mm($mark->height),
            null === $grey ? 'none' : \sprintf('rgb(%d,%1$d,%1$d)', $grey),
            $mark->edge > 0 ? ' stroke="#000" stroke-width="'.self::mm($mark->edge).'"' : '',
        );
    }

    private static function area(Area $mark): string
    {
        return \sprintf('<polygon points="%s" fill="rgb(%d,%2$d,%2$d)"/>', implode(' ', array_map(
            static fn (array $corner): string => self::mm($corner[0]).','.self::mm($corner[1]),
            $mark->corners,
        )), $mark->grey);
    }

    private static function words(Words $mark): string
    {
        if ('' === $mark->text) {
            return '';
        }

        // The width is the typeface's own: whatever letters a screen has, they take the same room.
        return \sprintf(
            '<text x="%s" y="%s" font-size="%s"%s text-anchor="%s" textLength="%s" lengthAdjust="spacingAndGlyphs">%s</text>',
            self::mm($mark->x),
            self::mm($mark->y),
            self::mm($mark->size * Type::POINT),
            $mark->isBold ? ' font-weight="700"' : '',
            $mark->align->value,
            self::mm($mark->width),
            htmlspecialchars($mark->text, \ENT_XML1 | \ENT_QUOTES),
        );
    }

    private static function mm(float $millimetres): string
    {
        return Figure::short($millimetres, 3);
    }
}
