<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/**
 * The members of a desk document that no address depends on.
 *
 * @internal
 */
final class DeskManualReader
{
    public const MEMBERS = ['pitch', 'buttonPitch', 'scenePitch', 'tapeHeight', 'master', 'keys', 'store', 'afterProgram', 'radio'];
    private const MOST_MM = 500;
    private const MOST_LINES = 20;
    private const LONGEST_LINE = 200;

    /** @throws InputError */
    public static function read(Members $in): DeskManual
    {
        return new DeskManual(
            self::millimetres($in, 'pitch'),
            self::millimetres($in, 'buttonPitch'),
            self::millimetres($in, 'scenePitch'),
            self::millimetres($in, 'tapeHeight'),
            $in->has('master') ? Master::from($in->choice('master', array_column(Master::cases(), 'value'))) : null,
            $in->has('keys') ? self::keys($in->raw('keys'), $in->path('keys')) : new DeskKeys(),
            $in->has('store') ? $in->each('store', self::line(...), self::MOST_LINES) : [],
            $in->has('afterProgram') ? AfterProgram::from($in->choice('afterProgram', array_column(AfterProgram::cases(), 'value'))) : null,
            $in->has('radio') ? $in->flag('radio') : null,
        );
    }

    private static function millimetres(Members $in, string $member): ?float
    {
        return $in->has($member) ? $in->number($member, 0, self::MOST_MM) : null;
    }

    private static function keys(mixed $document, string $path): DeskKeys
    {
        $in = Members::of([] === $document ? new \stdClass() : $document, [...array_keys(DeskKeys::USUAL), 'pages'], $path);
        $names = [];
        foreach (array_keys(DeskKeys::USUAL) as $key) {
            if ($in->has($key)) {
                $names[$key] = self::name($in->raw($key), $in->path($key));
            }
        }

        return new DeskKeys($names, $in->has('pages') ? $in->each('pages', self::name(...), 512) : []);
    }

    private static function name(mixed $value, string $path): string
    {
        return self::words($value, $path, DeskKeys::LONGEST, 'A key\'s name');
    }

    private static function line(mixed $value, string $path): string
    {
        return self::words($value, $path, self::LONGEST_LINE, 'A step');
    }

    private static function words(mixed $value, string $path, int $most, string $what): string
    {
        $text = trim(Scalars::text($value, $path));
        $length = mb_strlen($text);
        if ('' === $text || $length > $most || 1 === preg_match('/[\x00-\x1F\x7F]/', $text)) {
            throw InputError::because(
                'out_of_range',
                $path,
                \sprintf('%s has 1 to %d letters and no line breaks; this one has %d.', $what, $most, $length),
            );
        }

        return $text;
    }
}
