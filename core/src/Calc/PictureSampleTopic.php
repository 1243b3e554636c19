<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Look\Area;
use Rigger\Core\Look\Pick;
use Rigger\Core\Look\Picture;

/** `picture.sample` {"width","height","pixels","areas":[{"x","y","width","height"}],"pick"} → {"samples":[{"hex","level"}]}. */
final class PictureSampleTopic implements Topic
{
    private const MOST_PIXELS = 4000;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['width', 'height', 'pixels', 'areas', 'pick']);
        /** @var positive-int $width */
        $width = $in->whole('width', 1, self::MOST_PIXELS);
        /** @var positive-int $height */
        $height = $in->whole('height', 1, self::MOST_PIXELS);
        $text = $in->text('pixels');
        $areas = $in->each('areas', static function (mixed $item, string $path): Area {
            $area = Members::of($item, ['x', 'y', 'width', 'height'], $path);

            return new Area(
                $area->number('x', 0, 1),
                $area->number('y', 0, 1),
                $area->number('width', 0, 1),
                $area->number('height', 0, 1),
            );
        });
        $pick = Pick::from($in->choice('pick', Pick::words()));
        $picture = new Picture($width, $height, self::bytes($in, $text, 3 * $width * $height));

        return ['samples' => array_map(static fn (Area $area): array => $pick->sample($picture->mean($area)), $areas)];
    }

    private static function bytes(Members $in, string $text, int $expected): string
    {
        $bytes = base64_decode($text, true);
        if (false === $bytes) {
            throw InputError::because('bad_pixels', $in->path('pixels'), 'The pixels are not written in base64.');
        }
        if (\strlen($bytes) !== $expected) {
            throw InputError::because('values_count', $in->path('pixels'), \sprintf(
                'The pixels hold %d bytes; a picture of this size has %d: three for each pixel.',
                \strlen($bytes),
                $expected,
            ));
        }

        return $bytes;
    }
}
