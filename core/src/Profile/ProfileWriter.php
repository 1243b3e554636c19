<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** A FixtureProfile to its open document; reading what is written gives the same profile. */
final class ProfileWriter
{
    /** @return array<string, mixed> */
    public static function write(FixtureProfile $profile): array
    {
        $document = ['format' => FixtureProfile::FORMAT, 'version' => FixtureProfile::VERSION,
            'maker' => $profile->maker, 'model' => $profile->model, 'kind' => $profile->kind];
        if (null !== $profile->watts) {
            $document['watts'] = $profile->watts;
        }
        if ([] !== $profile->emitters) {
            $document['emitters'] = array_map(self::emitter(...), $profile->emitters);
        }
        if (null !== $profile->movement) {
            $movement = array_filter($profile->movement, static fn (?float $travel): bool => null !== $travel);
            $document['movement'] = [] === $movement ? new \stdClass() : $movement;
        }

        if (null !== $profile->switches) {
            $document['switches'] = ['count' => $profile->switches->count, 'base' => $profile->switches->base];
        }
        if (null !== $profile->unit) {
            $document['unit'] = $profile->unit->toArray();
        }
        if (null !== $profile->record && !$profile->record->isEmpty()) {
            $document['record'] = $profile->record->toArray();
        }

        return $document + ['modes' => array_map(self::mode(...), $profile->modes)];
    }

    /** @return array<string, mixed> */
    public static function emitter(Emitter $emitter): array
    {
        return ['key' => $emitter->key, 'x' => $emitter->chromaticity->x, 'y' => $emitter->chromaticity->y, 'flux' => $emitter->flux]
            + ($emitter->typical ? ['typical' => true] : []);
    }

    /** @return array<string, mixed> */
    public static function range(Range $range): array
    {
        $document = ['from' => $range->from, 'to' => $range->to, 'label' => $range->label, 'function' => $range->function->value];
        foreach ($range->function->members() as $member) {
            if (\in_array($member, ['start', 'end'], true) && null !== $range->slot) {
                continue;
            }
            $value = match ($member) {
                'emitter' => $range->emitter,
                'hex' => $range->hex,
                'slot' => $range->slot,
                'start' => $range->start,
                default => $range->end,
            };
            if (null !== $value || ('slot' !== $member && 'hex' !== $member)) {
                $document[$member] = $value;
            }
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function mode(Mode $mode): array
    {
        return ['key' => $mode->key, 'name' => $mode->name, 'count' => $mode->count]
            + (null === $mode->display ? [] : ['display' => $mode->display])
            + (null === $mode->setup ? [] : ['setup' => $mode->setup])
            + ['channels' => array_map(self::channel(...), $mode->channels)];
    }

    /** @return array<string, mixed> */
    public static function channel(Channel $channel): array
    {
        return ['offset' => $channel->offset, 'label' => $channel->label, 'cell' => $channel->cell, 'fineOf' => $channel->fineOf,
            'default' => $channel->default, 'ranges' => array_map(self::range(...), $channel->ranges)];
    }
}
