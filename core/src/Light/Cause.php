<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** One thing that keeps a lamp dark, silent or busy with itself: a code and its figures. `Finding\LightWords` makes the sentence. */
final readonly class Cause
{
    /**
     * @param string                                      $code    dimmer_down, closed, no_colour, other_universe,
     *                                                             not_linked, chart_errors, out_of_action or runs_itself
     * @param array<string, int|string|list<string>|null> $figures what the sentence needs beside the unit's name, by the code's own names
     * @param int|null                                    $channel offset; null when no single channel is to blame
     * @param int|null                                    $value   where that channel stands
     */
    private function __construct(public string $code, public array $figures = [], public ?int $channel = null, public ?int $value = null)
    {
    }

    public static function dimmerDown(Channel $channel, int $value): self
    {
        return new self('dimmer_down', ['channel' => $channel->title(), ...self::wayOut($channel)], $channel->offset, $value);
    }

    /**
     * Dimmers of several cells that stand at one value and have one way out.
     *
     * @param non-empty-list<self> $causes dimmer_down, one a cell
     */
    public static function together(array $causes): self
    {
        $channels = array_map(static fn (self $cause): string => \is_string($cause->figures['channel'] ?? null)
            ? $cause->figures['channel']
            : '', $causes);

        return 1 === \count($causes)
            ? $causes[0]
            : new self('dimmer_down', ['channel' => $channels] + $causes[0]->figures, null, $causes[0]->value);
    }

    /** @param list<string> $labels what the operator calls the channels, by place */
    public function inWordsOf(array $labels): self
    {
        $name = null === $this->channel || !isset($this->figures['channel']) ? null : $labels[$this->channel - 1] ?? null;

        return null === $name
            ? $this
            : new self($this->code, ['channel' => $name.' ('.$this->channel.')'] + $this->figures, $this->channel, $this->value);
    }

    public static function closed(Channel $channel, int $value): self
    {
        $range = $channel->rangeAt($value);

        return new self('closed', [
            'channel' => $channel->title(),
            'range' => $range?->title() ?? '',
            'span' => $range?->span() ?? '',
            ...self::wayOut($channel),
        ], $channel->offset, $value);
    }

    /** @param list<string> $emitters names of the faders that would bring a colour up */
    public static function noColour(array $emitters): self
    {
        return new self('no_colour', ['emitters' => $emitters]);
    }

    /** It is out of action tonight. */
    public static function outOfAction(): self
    {
        return new self('out_of_action');
    }

    /** @param int $sent the universe that the desk sends */
    public static function otherUniverse(int $universe, int $sent): self
    {
        return new self('other_universe', ['universe' => $universe, 'sent' => $sent]);
    }

    /** @param string|null $receiver the name its receiver is set to; null when none is set */
    /** @param string|null $wrong the part in which the two differ, where the others are right: "sub-number" */
    public static function notLinked(string $sender, string $sends, ?string $receiver, ?string $wrong = null): self
    {
        return new self('not_linked', ['sender' => $sender, 'sends' => $sends, 'receiver' => $receiver] + (null === $wrong
            ? []
            : ['wrong' => $wrong]));
    }

    /** @param string $state leader, follower or alone */
    public static function notFromDesk(string $state): self
    {
        return new self('not_from_desk', ['state' => $state]);
    }

    /** Its chart cannot be used. */
    public static function chartErrors(): self
    {
        return new self('chart_errors');
    }

    public static function runsItself(string $program): self
    {
        return new self('runs_itself', ['program' => $program]);
    }

    /**
     * Where the channel lets light pass: the dimmer's own top, else the open range.
     *
     * @return array{full?: int, openFrom?: int, openSpan?: string}
     */
    private static function wayOut(Channel $channel): array
    {
        $dimmer = $channel->first(RangeFunction::Intensity);
        if (null !== $dimmer) {
            return ['full' => $dimmer->full()];
        }
        $open = $channel->first(RangeFunction::Open);

        return match (true) {
            null === $open => [],
            $open->to >= 255 => ['openFrom' => $open->from],
            default => ['openSpan' => $open->span()],
        };
    }
}
