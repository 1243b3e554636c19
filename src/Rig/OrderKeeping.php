<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Psr\Clock\ClockInterface;
use Rigger\App\Problem\Problem;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\TapeColour;
use Rigger\Core\Stage\Reversal;

/** What is noted of a unit beside its address: number, groups, note, tape, lock, direction, and whether it is set. */
final readonly class OrderKeeping
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param string $text as typed; blank for none */
    public function number(Snapshot $snapshot, string $fixtureId, string $text): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $text = trim($text);
        if ('' !== $text && (1 !== preg_match('/^\d{1,6}$/D', $text) || (int) $text < 1 || (int) $text > Limits::NUMBER)) {
            throw Problem::at('number', 'out_of_range', \sprintf('%s is no unit number: type 1 to %d, or leave it blank.', InputError::quote($text), Limits::NUMBER));
        }
        $fixture->number('' === $text ? null : (int) $text);

        return '' === $text ? \sprintf('%s has no number', $fixture->name()) : \sprintf('%s is number %d', $fixture->name(), (int) $text);
    }

    /** @param string $text names with commas between */
    public function group(Snapshot $snapshot, string $fixtureId, string $text): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $names = array_values(array_filter(array_map(trim(...), explode(',', $text)), static fn (string $one): bool => '' !== $one));
        $fixture->group(Limits::groups($names, 'groups'));

        return [] === $fixture->groups() ? \sprintf('%s is in no group', $fixture->name()) : \sprintf('%s is in %s', $fixture->name(), implode(', ', $fixture->groups()));
    }

    public function note(Snapshot $snapshot, string $fixtureId, string $text): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->noteDown(Limits::note($text, 'note'));

        return \sprintf(null === $fixture->note() ? 'Took the note off %s' : 'Noted something of %s', $fixture->name());
    }

    public function tape(Snapshot $snapshot, string $fixtureId, string $colour): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $tape = TapeColour::tryFrom($colour) ?? throw Problem::at('tape', 'not_a_choice', \sprintf('There is tape in %s.', implode(', ', array_column(TapeColour::cases(), 'value'))));
        $fixture->tapeWith($tape);

        return \sprintf('%s has %s tape', $fixture->name(), $tape->value);
    }

    public function lock(Snapshot $snapshot, string $fixtureId, bool $isLocked): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->lock($isLocked);

        return \sprintf($isLocked ? 'Locked %s: no plan moves it' : 'Unlocked %s: a plan may move it', $fixture->name());
    }

    /** Ticks a unit on the walk-round, or takes the tick back. */
    public function tick(Snapshot $snapshot, string $fixtureId, bool $isSet): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->markSet($isSet ? $this->clock->now() : null);

        return \sprintf($isSet ? 'Set %s at %s' : 'Took back that %s is set at %s', $fixture->name(), \sprintf('%d.%03d', $fixture->universe(), $fixture->span()->first));
    }

    /** It was switched off and on, and had kept what was set. */
    public function prove(Snapshot $snapshot, string $fixtureId, bool $isProved): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->markProved($isProved ? $this->clock->now() : null);

        return \sprintf($isProved ? '%s kept its setting through off and on' : 'Took back that %s kept its setting', $fixture->name());
    }

    /**
     * @param string|null $pan unit, software or "" for nowhere; null leaves it
     */
    public function turnRound(Snapshot $snapshot, string $fixtureId, ?string $pan, ?string $tilt): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $field = null !== $pan ? 'pan' : 'tilt';
        $text = $pan ?? $tilt ?? '';
        $reversal = '' === $text ? null : Reversal::tryFrom($text) ?? throw Problem::at($field, 'not_a_choice', 'A direction is turned round in the unit or in software.');
        if (null !== $reversal && !$fixture->mode()->has(null !== $pan ? RangeFunction::Pan : RangeFunction::Tilt)) {
            throw Problem::at($field, 'not_a_choice', \sprintf('%s has no %s in mode %s.', $fixture->name(), $field, $fixture->mode()->name));
        }
        $fixture->turnRound(null !== $pan ? $reversal : $fixture->panReversed(), null !== $tilt ? $reversal : $fixture->tiltReversed());

        return match ($reversal) {
            null => \sprintf('%s goes the usual way in %s', $fixture->name(), $field),
            Reversal::InUnit => \sprintf('%s is reversed in %s, in the unit', $fixture->name(), $field),
            Reversal::InSoftware => \sprintf('%s is reversed in %s, in software', $fixture->name(), $field),
        };
    }
}
