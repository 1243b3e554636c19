<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

/** Lines, radio, power and covering: examples worked by hand, and refusals. */
final class LineTopicsTest extends TopicTestCase
{
    /** @return iterable<string, array{string, string, float, float, list<string>}> items, terminated, load, metres, findings */
    public static function runs(): iterable
    {
        $one = static fn (string $id, float $metres, string $type = 'data', string $kind = 'fixture', string $more = ''): string => \sprintf(
            '{"id":"%s","kind":"%s"%s,"cable":{"metres":%s,"type":"%s"}}',
            $id,
            $kind,
            $more,
            $metres,
            $type,
        );
        $many = static fn (int $count, float $metres): string => implode(',', array_map(
            static fn (int $k): string => $one('f'.$k, $metres),
            range(1, $count),
        ));
        yield 'nothing on it' => ['', 'false', 0.0, 0.0, []];
        yield 'all is well' => [$many(32, 9.375), 'true', 32.0, 300.0, []];
        yield 'one too many, a metre too long, and open' => [
            $many(33, 10),
            'false',
            33.0,
            330.0,
            ['too_many error', 'long warning', 'no_terminator warning'],
        ];
        yield 'an eighth of a load each' => [
            implode(',', array_map(static fn (int $k): string => $one('f'.$k, 1, more: ',"load":0.125'), range(1, 40))),
            'true',
            5.0,
            40.0,
            [],
        ];
        yield 'a little microphone cable' => [$one('a', 15, 'microphone'), 'true', 1.0, 15.0, ['microphone_cable caution']];
        yield 'fifteen by tenths' => [
            implode(',', array_map(static fn (int $k): string => $one('f'.$k, 0.1, 'microphone'), range(1, 150))),
            'true',
            150.0,
            15.0,
            ['too_many error', 'microphone_cable caution'],
        ];
        yield 'more microphone cable' => [
            $one('a', 9, 'microphone').','.$one('b', 6.5, 'microphone'),
            'true',
            2.0,
            15.5,
            ['microphone_cable warning'],
        ];
        yield 'network cable is as good as data cable' => [$one('a', 40, 'network'), 'true', 1.0, 40.0, []];
        yield 'a splitter ends it' => [$one('a', 3).','.$one('s', 3, kind: 'splitter'), 'false', 2.0, 6.0, []];
        yield 'on after a splitter' => [
            $one('s', 3, kind: 'splitter').','.$one('a', 3),
            'false',
            2.0,
            6.0,
            ['no_terminator warning', 'after_splitter error'],
        ];
        $adapted = '{"id":"%s","kind":"dimmer","cable":{"metres":1,"type":"data","adapter":true}}';
        yield 'three adapters' => [
            \sprintf($adapted.','.$adapted.','.$adapted, 'a', 'b', 'c'),
            'true',
            3.0,
            3.0,
            ['adapters note'],
        ];
        yield 'two adapters' => [\sprintf($adapted.','.$adapted, 'a', 'b'), 'true', 2.0, 2.0, []];
    }

    /** @param list<string> $findings */
    #[DataProvider('runs')]
    public function testRuns(string $items, string $terminated, float $load, float $metres, array $findings): void
    {
        $answer = self::compute('line.check', '{"runs":[{"id":"r","terminated":'.$terminated.',"items":['.$items.']}]}');
        self::assertIsArray($answer);
        [$run] = $answer['runs'];
        self::assertSame(['r', '' === $items ? 0 : substr_count($items, '"kind"')], [$run['id'], $run['devices']]);
        self::assertEqualsWithDelta([$load, $metres], [$run['load'], $run['metres']], 1e-9);
        self::assertSame(
            $findings,
            array_map(static fn (array $one): string => $one['code'].' '.$one['severity'], $run['findings']),
        );
        foreach ($run['findings'] as $finding) {
            self::assertStringStartsWith('r ', $finding['message']);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function answers(): iterable
    {
        $radio = '{"powerDbm":%s,"gains":[%s],"sensitivityDbm":-85,"metres":%s,"place":"%s","obstacles":[%s]}';
        yield 'a metre, and less, in the open' => [
            'radio.margin',
            \sprintf($radio, '10', '2,2', '0.5', 'open', ''),
            '{"lossDb":40.05,"receivedDbm":-26.05,"marginDb":58.95,"verdict":"strong"}',
        ];
        yield 'ten metres over seats' => [
            'radio.margin',
            \sprintf($radio, '0', '0,0', '10', 'seated', ''),
            '{"lossDb":67.05,"receivedDbm":-67.05,"marginDb":17.95,"verdict":"fair"}',
        ];
        yield 'a hundred through walls' => [
            'radio.margin',
            \sprintf($radio, '0', '0,0', '100', 'walls', '3,2.5'),
            '{"lossDb":111.55,"receivedDbm":-111.55,"marginDb":-26.55,"verdict":"none"}',
        ];
        yield 'exactly nothing left is weak' => [
            'radio.margin',
            '{"powerDbm":0,"gains":[0,0],"sensitivityDbm":-60.05,"metres":1,"place":"open","obstacles":[20]}',
            '{"lossDb":60.05,"receivedDbm":-60.05,"marginDb":0,"verdict":"weak"}',
        ];
        yield 'two packs of four lamps on sixteen amperes' => [
            'power.load',
            '{"volts":230,"circuits":[{"id":"a","breakerAmps":16,"watts":[650,650,650,650]},{"id":"b","breakerAmps":16,"watts":[]}]}',
            '{"circuits":[{"id":"a","watts":2600,"amps":11.304347826086957,"limitAmps":12.8,"share":0.8831521739130436,"verdict":"ok"},'
                .'{"id":"b","watts":0,"amps":0,"limitAmps":12.8,"share":0,"verdict":"ok"}]}',
        ];
        yield 'exactly the limit is near' => [
            'power.load',
            '{"volts":100,"circuits":[{"id":"a","breakerAmps":10,"watts":[800]}]}',
            '{"circuits":[{"id":"a","watts":800,"amps":8,"limitAmps":8,"share":1,"verdict":"near"}]}',
        ];
        yield 'over it, with a power factor and all of the breaker' => [
            'power.load',
            '{"volts":100,"powerFactor":0.5,"circuits":[{"id":"a","breakerAmps":10,"watts":[501]}],"continuous":1}',
            '{"circuits":[{"id":"a","watts":501,"amps":10.02,"limitAmps":10,"share":1.002,"verdict":"over"}]}',
        ];
        yield 'at the rate of its plate a battery gives what stands on it' => [
            'battery.runtime',
            '{"chemistry":"lead","ampHours":20,"volts":12,"watts":12,"usable":0.5}',
            '{"amps":1,"hours":10}',
        ];
        yield 'ten times as fast' => [
            'battery.runtime',
            '{"chemistry":"lead","ampHours":20,"volts":12,"watts":120,"usable":1}',
            '{"amps":10,"hours":1.26191468896038651}',
        ];
        yield 'lithium keeps more' => [
            'battery.runtime',
            '{"chemistry":"lithium","ampHours":20,"hourRate":5,"volts":10,"watts":80,"usable":1}',
            '{"amps":8,"hours":2.414840822312}',
        ];
        yield 'five metres to a tape' => [
            'wire.drop',
            '{"amps":3,"metres":5,"mm2":1.5,"volts":12}',
            '{"dropVolts":0.3448,"percent":2.8733333333,"verdict":"ok"}',
        ];
        yield 'thinner' => [
            'wire.drop',
            '{"amps":3,"metres":5,"mm2":0.75,"volts":12}',
            '{"dropVolts":0.6896,"percent":5.7466666667,"verdict":"too_high"}',
        ];
        yield 'warmer' => [
            'wire.drop',
            '{"amps":3,"metres":5,"mm2":1.5,"volts":12,"celsius":70}',
            '{"dropVolts":0.4125532,"percent":3.4379433333,"verdict":"high"}',
        ];
        yield 'a wall of six metres from 2.2 at 36 degrees' => [
            'beam.cover',
            '{"beamDegrees":36,"throw":2.2,"width":6,"overlap":0.3}',
            '{"diameter":1.429646663425,"count":6,"spacing":0.914070667315}',
        ];
        yield 'one is enough when tan 45 falls short' => [
            'beam.cover',
            '{"beamDegrees":90,"throw":3,"width":6,"overlap":0}',
            '{"diameter":6,"count":1,"spacing":null}',
        ];
        yield 'two side by side exactly' => [
            'beam.cover',
            '{"beamDegrees":90,"throw":1.5,"width":6,"overlap":0}',
            '{"diameter":3,"count":2,"spacing":3}',
        ];
    }

    #[DataProvider('answers')]
    public function testFigures(string $topic, string $input, string $expected): void
    {
        self::assertEqualsWithDelta(json_decode($expected, true), self::compute($topic, $input), 1e-9);
    }

    /** @return iterable<int, array{string, string, string, string}> */
    public static function refusals(): iterable
    {
        $run = '{"runs":[{"id":"r","terminated":true,"items":[%s]}%s]}';
        $a = '{"id":"a","kind":"fixture","cable":{"metres":1,"type":"data"}}';
        yield ['duplicate', 'runs[0].items[1].id', 'line.check', \sprintf($run, $a.','.$a, '')];
        yield ['duplicate', 'runs[1].items[0].id', 'line.check', \sprintf($run, $a, ',{"id":"s","terminated":true,"items":['.$a.']}')];
        yield ['duplicate', 'runs[1].id', 'line.check', \sprintf($run, '', ',{"id":"r","terminated":true,"items":[]}')];
        yield ['out_of_range', 'runs[0].items[0].cable.metres', 'line.check', \sprintf($run, str_replace(':1,', ':-1,', $a), '')];
        yield ['not_a_choice', 'runs[0].items[0].kind', 'line.check', \sprintf($run, str_replace('fixture', 'lamp', $a), '')];
        yield ['not_a_choice', 'runs[0].items[0].cable.type', 'line.check', \sprintf($run, str_replace('data', 'rope', $a), '')];
        yield ['missing', 'runs[0].terminated', 'line.check', '{"runs":[{"id":"r","items":[]}]}'];
        yield ['unknown_member', 'runs[0].items[0].cable.pins', 'line.check', \sprintf($run, str_replace('"type"', '"pins":3,"type"', $a), '')];
        $radio = '{"powerDbm":0,"gains":[%s],"sensitivityDbm":-85,"metres":%s,"place":"%s","obstacles":[]}';
        yield ['values_count', 'gains', 'radio.margin', \sprintf($radio, '1', 1, 'open')];
        yield ['out_of_range', 'metres', 'radio.margin', \sprintf($radio, '1,1', -1, 'open')];
        yield ['not_a_choice', 'place', 'radio.margin', \sprintf($radio, '1,1', 1, 'moon')];
        $power = '{"volts":%s,"powerFactor":%s,"circuits":[{"id":"a","breakerAmps":%s,"watts":[%s]}],"continuous":%s}';
        yield ['out_of_range', 'volts', 'power.load', \sprintf($power, 0, 1, 16, 1, 0.8)];
        yield ['out_of_range', 'powerFactor', 'power.load', \sprintf($power, 1, 1.1, 16, 1, 0.8)];
        yield ['out_of_range', 'circuits[0].breakerAmps', 'power.load', \sprintf($power, 1, 1, 0, 1, 0.8)];
        yield ['out_of_range', 'circuits[0].watts[0]', 'power.load', \sprintf($power, 1, 1, 16, -1, 0.8)];
        yield ['out_of_range', 'continuous', 'power.load', \sprintf($power, 1, 1, 16, 1, 0)];
        $battery = '{"chemistry":"%s","ampHours":7,"volts":12,"watts":%s,"usable":%s}';
        yield ['out_of_range', 'watts', 'battery.runtime', \sprintf($battery, 'lead', 0, 1)];
        yield ['out_of_range', 'usable', 'battery.runtime', \sprintf($battery, 'lead', 5, 1.2)];
        yield ['not_a_choice', 'chemistry', 'battery.runtime', \sprintf($battery, 'gel', 5, 1)];
        yield ['out_of_range', 'mm2', 'wire.drop', '{"amps":3,"metres":5,"mm2":0,"volts":12}'];
        $beam = '{"beamDegrees":%s,"throw":%s,"width":6,"overlap":%s}';
        yield ['out_of_range', 'beamDegrees', 'beam.cover', \sprintf($beam, 180, 2, 0)];
        yield ['out_of_range', 'throw', 'beam.cover', \sprintf($beam, 36, 0, 0)];
        yield ['out_of_range', 'overlap', 'beam.cover', \sprintf($beam, 36, 2, 1)];
        yield ['out_of_range', 'width', 'beam.cover', \sprintf($beam, 0.0000001, 2, 0)];
        $plan = '{"from":{"x":0,"y":0,"z":0},"units":[%s],"runs":%s,"slack":%s,"lengths":[%s]}';
        $unit = '{"id":"a","x":1,"y":0,"z":0}';
        yield ['duplicate', 'units[1].id', 'line.plan', \sprintf($plan, $unit.','.$unit, 1, 1.1, 5)];
        yield ['out_of_range', 'runs', 'line.plan', \sprintf($plan, $unit, 0, 1.1, 5)];
        yield ['out_of_range', 'slack', 'line.plan', \sprintf($plan, $unit, 1, 0, 5)];
        yield ['out_of_range', 'lengths[1]', 'line.plan', \sprintf($plan, $unit, 1, 1, '5,0')];
        yield ['missing', 'runs', 'line.plan', '{"from":{"x":0,"y":0,"z":0},"units":[],"lengths":[]}'];
    }

    #[DataProvider('refusals')]
    public function testRefusals(string $code, string $field, string $topic, string $input): void
    {
        self::assertRefused($code, $field, $topic, $input);
    }

    public function testCableIsLaidWithWhatTheVanHolds(): void
    {
        self::assertEqualsWithDelta(
            json_decode(
                '{"runs":[{"order":["b","a","c"],"cables":[{"to":"b","needed":3.2,"length":5},{"to":"a","needed":3.2,"length":5},'
                    .'{"to":"c","needed":23,"length":null}],"metres":33}],"metres":33,"unplaced":["d"]}',
                true,
            ),
            self::compute(
                'line.plan',
                '{"from":{"x":0,"y":0,"z":0},"perRun":3,"runs":1,"lengths":[10,5],"units":['
                    .'{"id":"a","x":2,"y":2,"z":0},{"id":"b","x":0,"y":2,"z":0},{"id":"c","x":2,"y":20,"z":2},{"id":"d","x":0,"y":0,"z":9}]}',
            ),
            1e-9,
        );
    }
}
