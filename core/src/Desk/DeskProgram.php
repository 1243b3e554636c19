<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Input\InputError;

/** What to do at the desk so that a scene stands on its faders: the ones above 0, by button, page and fader. */
final readonly class DeskProgram
{
    /**
     * @param list<array{button: int|null, page: int, fader: int, value: int, label: string}> $steps
     * @param list<array{fixture: string, channel: int, value: int}>                          $unreachable above 0 without a fader
     */
    private function __construct(public array $steps, public array $unreachable)
    {
    }

    /**
     * @param list<DeskUnit>                  $units
     * @param array<string, list<int>>        $values 0 to 255, by unit id; units that are not named are left alone
     * @param (\Closure(string): string)|null $name   what a unit is called in a message; null for its id
     *
     * @throws InputError twins_disagree, field `scene.values.id` of the later of the two
     */
    public static function of(Desk $desk, array $units, array $values, ?\Closure $name = null): self
    {
        $name ??= static fn (string $id): string => $id;
        $named = array_values(array_filter($units, static fn (DeskUnit $unit): bool => isset($values[$unit->placed->id])));
        $faders = [];
        foreach ($desk->faders() as $fader) {
            $faders[$fader->address] = $fader;
        }
        self::refuseDisagreement($desk, $faders, $named, $values, $name);
        $steps = [];
        $unreachable = [];
        foreach ($named as $unit) {
            foreach ($unit->channels() as $channel) {
                $value = $values[$unit->placed->id][$channel - 1];
                $fader = $unit->placed->universe === $desk->universe ? $faders[$unit->addressOf($channel)] ?? null : null;
                if (0 === $value) {
                    continue;
                }
                if (null === $fader) {
                    $unreachable[] = ['fixture' => $unit->placed->id, 'channel' => $channel, 'value' => $value];
                } else {
                    $steps[$fader->address] ??= ['button' => $fader->button, 'page' => $fader->page, 'fader' => $fader->number,
                        'value' => $value, 'label' => $unit->labels[$channel - 1]];
                }
            }
        }
        ksort($steps);

        return new self(array_values($steps), $unreachable);
    }

    /**
     * @param array<int, Fader>        $faders by address
     * @param list<DeskUnit>           $named
     * @param array<string, list<int>> $values
     * @param \Closure(string): string $name
     */
    private static function refuseDisagreement(Desk $desk, array $faders, array $named, array $values, \Closure $name): void
    {
        $wanted = [];
        foreach ($named as $index => $unit) {
            foreach ($unit->channels() as $channel) {
                $address = $unit->addressOf($channel);
                $value = $values[$unit->placed->id][$channel - 1];
                $slot = $unit->placed->universe.'.'.$address;
                $isOneFader = $unit->placed->universe === $desk->universe && isset($faders[$address]);
                [$other, $otherValue] = $wanted[$slot] ??= [$index, $value];
                if ($otherValue !== $value && ($isOneFader || $unit->placed->isTwinOf($named[$other]->placed))) {
                    throw InputError::because(
                        'twins_disagree',
                        'scene.values.'.$unit->placed->id,
                        \sprintf(
                            '%s wants %d and %s wants %d on address %d, which is one fader.',
                            $name($named[$other]->placed->id),
                            $otherValue,
                            $name($unit->placed->id),
                            $value,
                            $address,
                        ),
                    );
                }
            }
        }
    }
}
