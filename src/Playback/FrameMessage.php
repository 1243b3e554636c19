<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use Rigger\Core\Input\Json;
use Rigger\Core\Playback\LampLight;
use Rigger\Core\Playback\PlayedUnit;
use Rigger\Core\Playback\Seat;
use Rigger\Core\Playback\StateReader;

/**
 * One moment at a seat, as it goes out to the windows: what differs from the one before, figures and no sentences.
 *
 * {"seat", "n": which moment, "version": of the rig, "standing": members that differ, those of faders by address,
 *  "sent": value by address where it differs, "lamps": [[place, state, [[cell, hex, brightness, flash]…], pan, tilt, program]…],
 *  "taken": {window: number of its commands that are in it}}; the first one has "whole": true, and "units": ids by place.
 */
final class FrameMessage
{
    /** @var array<string, mixed> */
    private array $standing = [];
    /** @var array<int, int> */
    private array $sent = [];

    /**
     * What differs from the message before.
     *
     * @param array<string, int> $taken
     */
    public function next(string $id, int $n, Seat $seat, array $taken): string
    {
        $standing = StateReader::members($seat->state(), $seat->rig());
        $sent = $seat->frame()->slots($seat->rig()->universe);
        $changed = array_filter(
            $standing,
            fn (mixed $value, string $member): bool => $value !== ($this->standing[$member] ?? null),
            \ARRAY_FILTER_USE_BOTH,
        );
        // Of faders, those that moved alone.
        foreach (['slots', 'secondRow'] as $row) {
            if (isset($changed[$row])) {
                $changed[$row] = self::different((array) ($this->standing[$row] ?? []), $standing[$row]);
            }
        }
        $message = ['seat' => $id, 'n' => $n, 'lamps' => self::lamps($seat->takeChanged())];
        if ([] !== $changed) {
            $message['standing'] = StateReader::json($changed);
        }
        if ($sent !== $this->sent) {
            $message['sent'] = (object) self::different($this->sent, $sent);
        }
        if ([] !== $taken) {
            $message['taken'] = $taken;
        }
        $this->standing = $standing;
        $this->sent = $sent;

        return Json::encode($message);
    }

    /**
     * The whole moment, for a window that has none of it.
     *
     * @param array<string, int> $taken
     */
    public static function whole(string $id, int $n, Seat $seat, array $taken): string
    {
        return Json::encode([
            'seat' => $id,
            'n' => $n,
            'version' => $seat->rig()->version,
            'whole' => true,
            'units' => array_map(static fn (PlayedUnit $unit): string => $unit->id, $seat->rig()->units),
            'lamps' => self::lamps($seat->lights()),
            'standing' => StateReader::write($seat->state(), $seat->rig()),
            'sent' => (object) $seat->frame()->slots($seat->rig()->universe),
            'taken' => (object) $taken,
        ]);
    }

    /**
     * @param array<int|string, mixed> $before
     * @param array<int|string, mixed> $after
     *
     * @return array<int|string, mixed> what stands otherwise, 0 for what is gone
     */
    private static function different(array $before, array $after): array
    {
        $different = [];
        foreach ($after as $address => $value) {
            if (($before[$address] ?? 0) !== $value) {
                $different[$address] = $value;
            }
        }

        return $different + array_fill_keys(array_keys(array_diff_key($before, $after)), 0);
    }

    /**
     * @param array<int, LampLight> $lights by place
     *
     * @return list<array{int, string, list<array{int, string|null, float, float}>, float|null, float|null, string|null}>
     */
    private static function lamps(array $lights): array
    {
        $rows = [];
        foreach ($lights as $place => $light) {
            $cells = [];
            foreach ($light->cells as $cell) {
                $cells[] = [$cell['cell'], $cell['hex'], round($cell['brightness'], 4), round($cell['flash'], 3)];
            }
            $rows[] = [
                $place,
                $light->state->value,
                $cells,
                null === $light->pan ? null : round($light->pan, 2),
                null === $light->tilt ? null : round($light->tilt, 2),
                $light->selfRunning,
            ];
        }

        return $rows;
    }
}
