<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;

/** Every topic by its name. */
final class Topics
{
    private const CLASSES = [
        'address.check' => AddressCheckTopic::class,
        'address.plan' => AddressPlanTopic::class,
        'address.span' => AddressSpanTopic::class,
        'aim' => AimTopic::class,
        'battery.runtime' => BatteryRuntimeTopic::class,
        'beam.cover' => BeamCoverTopic::class,
        'beam.hit' => BeamHitTopic::class,
        'chart.learn' => ChartLearnTopic::class,
        'chart.read' => ChartReadTopic::class,
        'colour.mix' => ColourMixTopic::class,
        'colour.solve' => ColourSolveTopic::class,
        'colour.temperature' => ColourTemperatureTopic::class,
        'colour.white-pair' => ColourWhitePairTopic::class,
        'curve' => CurveTopic::class,
        'desk.fit' => DeskFitTopic::class,
        'desk.map' => DeskMapTopic::class,
        'desk.plan' => DeskPlanTopic::class,
        'desk.program' => DeskProgramTopic::class,
        'dip' => DipTopic::class,
        'fan' => FanTopic::class,
        'flash.check' => FlashCheckTopic::class,
        'light.evaluate' => LightEvaluateTopic::class,
        'light.solve' => LightSolveTopic::class,
        'line.check' => LineCheckTopic::class,
        'line.plan' => LinePlanTopic::class,
        'look.stack' => LookStackTopic::class,
        'picture.sample' => PictureSampleTopic::class,
        'power.load' => PowerLoadTopic::class,
        'profile.check' => ProfileCheckTopic::class,
        'radio.margin' => RadioMarginTopic::class,
        'value.convert' => ValueConvertTopic::class,
        'wire.drop' => WireDropTopic::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::CLASSES);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InputError unknown_topic, and whatever the topic refuses
     */
    public static function compute(string $name, mixed $input): array
    {
        $class = self::CLASSES[$name] ?? throw InputError::unknownTopic($name, self::names());

        return (new $class())($input);
    }
}
