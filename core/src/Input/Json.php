<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/** JSON text to plain data and back: objects stay \stdClass, numbers keep every digit that is needed to read them back. */
final class Json
{
    /** @throws InputError bad_json */
    public static function decode(string $text): mixed
    {
        try {
            return json_decode($text, false, 128, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $problem) {
            throw InputError::badJson($problem);
        }
    }

    public static function encode(mixed $data, int $flags = 0): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | $flags);
    }

    public static function pretty(mixed $data): string
    {
        return self::encode($data, \JSON_PRETTY_PRINT)."\n";
    }
}
