<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/** A colour as somebody has said it: a screen colour, a chromaticity, or a white with its tint. */
final readonly class SaidColour
{
    public const FARTHEST_DUV = 0.05;

    /** @param array<string, string|float> $said {"x","y"} | {"hex"} | {"kelvin","duv"?} */
    private function __construct(private array $said, public Chromaticity $chromaticity)
    {
    }

    /** @throws InputError unknown_member, missing, wrong_type, out_of_range, no_colour */
    public static function read(mixed $input, string $path): self
    {
        $in = Members::open($input, $path);
        $isXy = $in->has('x') || $in->has('y');
        $in->allow(match (true) {
            $isXy => ['x', 'y'],
            $in->has('hex') => ['hex'],
            $in->has('kelvin') => ['kelvin', 'duv'],
            default => ['x', 'y', 'hex', 'kelvin', 'duv'],
        });
        if (!$isXy && $in->has('hex')) {
            $hex = $in->text('hex');

            return new self(['hex' => '#'.strtolower(ltrim($hex, '#'))], Srgb::chromaticity($hex, $in->path('hex')));
        }
        if (!$isXy && $in->has('kelvin')) {
            $kelvin = $in->number('kelvin', Planckian::COLDEST, Planckian::HOTTEST);
            $duv = $in->has('duv') ? $in->number('duv', -self::FARTHEST_DUV, self::FARTHEST_DUV) : 0.0;

            return new self(['kelvin' => $kelvin] + (0.0 === $duv ? [] : ['duv' => $duv]), Planckian::chromaticity($kelvin, $duv));
        }
        $colour = self::xy($in);

        return new self(['x' => $colour->x, 'y' => $colour->y], $colour);
    }

    public static function of(Chromaticity $colour): self
    {
        return new self(['x' => $colour->x, 'y' => $colour->y], $colour);
    }

    /** {"x","y"} of an object that may have more members. */
    public static function xy(Members $in): Chromaticity
    {
        $x = $in->number('x', 0, 1);
        $y = $in->number('y', 0, 1);
        try {
            return Chromaticity::of($x, $y);
        } catch (InputError $error) {
            throw $error->in($in->path(''));
        }
    }

    /** @return array<string, string|float> as it was said */
    public function toArray(): array
    {
        return $this->said;
    }

    /** "#ff8600", "3200 K", "x 0.31, y 0.33" */
    public function words(): string
    {
        return match (true) {
            isset($this->said['hex']) => (string) $this->said['hex'],
            isset($this->said['kelvin']) => \sprintf('%d K', $this->said['kelvin']),
            default => \sprintf('x %.3f, y %.3f', $this->chromaticity->x, $this->chromaticity->y),
        };
    }
}
