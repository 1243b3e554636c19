<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Calc\Topics;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;

/** Asks a topic as every caller does: JSON in, JSON out. */
abstract class TopicTestCase extends TestCase
{
    protected static function compute(string $topic, string $json): mixed
    {
        return json_decode(Json::encode(Topics::compute($topic, Json::decode($json))), true);
    }

    protected static function assertAnswer(string $expected, string $topic, string $json): void
    {
        self::assertSame(json_decode($expected, true, flags: \JSON_THROW_ON_ERROR), self::compute($topic, $json));
    }

    protected static function assertRefused(string $code, string $field, string $topic, string $json): void
    {
        try {
            Topics::compute($topic, Json::decode($json));
            self::fail($topic.' took '.$json);
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field], $error->getMessage());
            self::assertNotSame('', $error->getMessage());
        }
    }
}
