<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** A Kit to its open document; reading what is written gives the same kit. */
final class KitWriter
{
    /** @return array<string, mixed> */
    public static function write(Kit $kit): array
    {
        return [
            'format' => Kit::FORMAT,
            'version' => Kit::VERSION,
            'name' => $kit->name,
            'parts' => array_map(static fn (KitPart $part): array => ['label' => $part->label, 'values' => $part->values], $kit->parts),
            'joint' => $kit->joint,
            'sender' => self::device($kit->sender),
            'receiver' => self::device($kit->receiver),
            'pair' => self::act($kit->pair),
            'clear' => self::act($kit->clear),
            'handsOff' => $kit->handsOff,
            'outputs' => $kit->outputs,
            'assign' => $kit->assign,
            'curves' => array_map(
                static fn (KitCurve $curve): array => ['from' => $curve->from, 'to' => $curve->to, 'curve' => $curve->curve],
                $kit->curves,
            ),
            'alone' => $kit->alone,
            'air' => null === $kit->air ? null : self::air($kit->air),
            'note' => $kit->note,
        ];
    }

    /** @return array<string, mixed> */
    private static function device(KitDevice $device): array
    {
        return [
            'buttons' => array_map(
                static fn (KitButton $button): array => ['label' => $button->label, 'steps' => $button->steps],
                $device->buttons,
            ),
            'lamps' => array_map(static fn (LampSign $lamp): array => [
                'state' => $lamp->state->value, 'colour' => $lamp->colour, 'pattern' => $lamp->pattern,
            ], $device->lamps),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function act(?KitAct $act): ?array
    {
        return null === $act ? null : array_filter([
            'button' => $act->button, 'presses' => $act->presses, 'hold' => $act->hold, 'within' => $act->within,
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** @return array<string, mixed> */
    private static function air(KitAir $air): array
    {
        return [
            'powerDbm' => $air->powerDbm,
            'gains' => $air->gains,
            'sensitivityDbm' => $air->sensitivityDbm,
            'part' => $air->part,
            'mhz' => $air->mhz,
            'width' => $air->width,
        ];
    }
}
