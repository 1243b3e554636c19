<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Library;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Device\DescriptionReader;
use Rigger\Core\Device\DescriptionWriter;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeLine;
use Rigger\Core\Tests\Profile\Charts;

final class DeviceDescriptionTest extends TestCase
{
    /** @return iterable<string, array{FixtureProfile}> */
    public static function charts(): iterable
    {
        foreach (array_filter((array) glob(__DIR__.'/../../../demo/fixtures/*.json'), is_string(...)) as $file) {
            yield basename($file, '.json') => [Charts::demo(basename($file, '.json'))];
        }
    }

    #[DataProvider('charts')]
    public function testEveryChannelAndRangeReadsBack(FixtureProfile $profile): void
    {
        $read = DescriptionReader::read(DescriptionWriter::write($profile))->profile;

        self::assertSame(
            [$profile->maker, $profile->model, $profile->kind, $profile->watts],
            [$read->maker, $read->model, $read->kind, $read->watts],
        );
        self::assertEquals($profile->emitters, $read->emitters);
        self::assertSame(array_map(self::lines(...), $profile->modes), array_map(self::lines(...), $read->modes));
    }

    #[DataProvider('charts')]
    public function testWhatWasReadIsWrittenTheSame(FixtureProfile $profile): void
    {
        $once = DescriptionWriter::write(DescriptionReader::read(DescriptionWriter::write($profile))->profile);

        self::assertSame($once, DescriptionWriter::write(DescriptionReader::read($once)->profile));
    }

    public function testADescriptionOfAnotherHandIsRead(): void
    {
        $reading = DescriptionReader::read((string) file_get_contents(__DIR__.'/another-hand.xml'));

        self::assertSame(['Skerry', 'Spin 60'], [$reading->profile->maker, $reading->profile->model]);
        self::assertSame([
            'Extended', 9,
            '1 Pan' => ['0-255 pan -270-270 Pan'], '2 Pan fine' => 'fine of 1',
            '3 Dimmer' => ['0-255 intensity 0-100 Dimmer'],
            '4 Colour wheel' => [
                '0-9 wheel 0 #ffffff Open',
                '10-19 wheel 1 #ff0000 Red',
                '20-127 wheel 0 Filters',
                '128-255 wheel-spin 1-20 Spin',
            ],
            '5 Shutter' => ['0-9 closed Closed', '10-19 open Open', '20-255 strobe 1-18 Strobe'],
            '6 Red, cell 1' => ['0-255 emitter red 0-100 Red'], '7 Red, cell 2' => ['0-255 emitter red 0-100 Red'],
            '8 Wiggle' => ['0-255 none Wiggle'], '9 Fog' => ['0-255 output 0-100 Fog'],
        ], self::shown($reading->profile->modes[0]));
        self::assertCount(4, $reading->notes);
        self::assertStringContainsString('attribute Wiggle', implode(' ', $reading->notes));
    }

    /** @return iterable<string, array{string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => [''];
        yield 'no XML' => ['<GDTF'];
        yield 'another root' => ['<html/>'];
        yield 'no fixture' => ['<GDTF DataVersion="1.1"/>'];
        yield 'an external entity' => ['<!DOCTYPE GDTF [<!ENTITY x SYSTEM "file:///etc/passwd">]><GDTF><FixtureType Name="&x;"/></GDTF>'];
        $utf16 = static fn (string $xml, string $order): string => ('LE' === $order ? "\xFF\xFE" : "\xFE\xFF").mb_convert_encoding($xml, 'UTF-16'.$order, 'UTF-8');
        foreach (['LE', 'BE'] as $order) {
            yield 'a document type in UTF-16'.$order => [$utf16(
                '<?xml version="1.0" encoding="UTF-16"?><!DOCTYPE GDTF [<!ENTITY x "y">]><GDTF><FixtureType Name="&x;"/></GDTF>',
                $order,
            )];
        }
        yield 'entities that grow' => ['<?xml version="1.0"?><!DOCTYPE a [<!ENTITY a "aaaa"><!ENTITY b '
            .'"&a;&a;&a;">]><GDTF><FixtureType Name="&b;"/></GDTF>'];
    }

    #[DataProvider('bad')]
    public function testABadDescriptionIsRefused(string $xml): void
    {
        $this->expectException(InputError::class);

        DescriptionReader::read($xml);
    }

    /** @return array<int|string, mixed> */
    private static function shown(Mode $mode): array
    {
        $shown = [$mode->name, $mode->count];
        foreach ($mode->channels as $channel) {
            $shown[$channel->offset.' '.$channel->label.(null === $channel->cell ? '' : ', cell '.$channel->cell)] = $channel->isFine()
                ? 'fine of '.$channel->fineOf
                : array_map(RangeLine::write(...), $channel->ranges);
        }

        return $shown;
    }

    /** @return array<int, mixed> */
    private static function lines(Mode $mode): array
    {
        return [
            $mode->name,
            ...array_map(
                static fn (Channel $channel): array => [
                    $channel->offset,
                    $channel->isFine() ? '' : $channel->label,
                    $channel->cell,
                    $channel->fineOf,
                    $channel->isFine() ? 0 : $channel->default,
                    array_map(RangeLine::write(...), $channel->isFine() ? [] : $channel->ranges),
                ],
                $mode->byOffset(),
            ),
        ];
    }
}
