<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Quantity;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/** A DMXChannel of a description to a channel and its fine bytes. */
final readonly class DeviceChannel
{
    public function __construct(private DeviceWheels $wheels, private DeviceNotes $notes, private string $mode)
    {
    }

    /**
     * @param int|null $cell the part of the fixture it belongs to
     *
     * @return list<Channel> the channel, then its fine byte
     */
    public function read(\DOMElement $node, int $shift, ?int $cell): array
    {
        $offsets = array_values(array_filter(
            array_map(intval(...), explode(',', $node->getAttribute('Offset'))),
            static fn (int $offset): bool => $offset >= 1 && $offset + $shift <= 512,
        ));
        if ([] === $offsets) {
            $this->notes->add(\sprintf('Mode %s: left out a channel without an address of its own.', $this->mode));

            return [];
        }
        if (!\in_array($node->getAttribute('DMXBreak'), ['', '1'], true) && 'Overwrite' !== $node->getAttribute('DMXBreak')) {
            $this->notes->add(\sprintf(
                'Mode %s: left out channels with a second address (break %s).',
                $this->mode,
                $node->getAttribute('DMXBreak'),
            ));

            return [];
        }
        $functions = [];
        foreach (XmlNodes::children($node, 'LogicalChannel') as $logical) {
            array_push($functions, ...XmlNodes::children($logical, 'ChannelFunction'));
        }
        $label = $this->label($functions, $node);
        $coarse = $offsets[0] + $shift;
        $channels = [new Channel($coarse, $label, $cell, null, $this->resting($functions, $node), $this->ranges($functions))];
        if (isset($offsets[1])) {
            $channels[] = new Channel($offsets[1] + $shift, trim($label.' fine'), $cell, $coarse);
        }
        foreach (\array_slice($offsets, 2) as $offset) {
            $this->notes->add(\sprintf(
                'Mode %s: channel %d is a third byte; it is kept as a channel of its own.',
                $this->mode,
                $offset + $shift,
            ));
            $channels[] = new Channel(
                $offset + $shift,
                trim($label.' finest'),
                $cell,
                null,
                0,
                [new Range(0, 255, 'Finest steps', RangeFunction::None)],
            );
        }

        return $channels;
    }

    /**
     * @param list<\DOMElement> $functions
     */
    private function label(array $functions, \DOMElement $node): string
    {
        foreach ($functions as $function) {
            if ('' !== trim($function->getAttribute('OriginalAttribute'))) {
                return XmlNodes::text($function, 'OriginalAttribute', '');
            }
        }
        $attribute = XmlNodes::child($node, 'LogicalChannel')?->getAttribute('Attribute') ?? '';
        $meaning = Attributes::meaning($attribute);

        return match (true) {
            null === $meaning => trim(preg_replace('/[_\d]+/', ' ', $attribute) ?? ''),
            str_starts_with($attribute, 'Shutter') => 'Shutter',
            RangeFunction::Intensity === $meaning[0] => 'Dimmer',
            RangeFunction::Wheel === $meaning[0] => 'Colour wheel',
            default => ucfirst(str_replace('-', ' ', $meaning[1] ?? $meaning[0]->value)),
        };
    }

    /** @param list<\DOMElement> $functions */
    private function resting(array $functions, \DOMElement $node): int
    {
        $initial = $node->getAttribute('InitialFunction');
        foreach ($functions as $function) {
            if ('' === $initial || str_ends_with($initial, '.'.$function->getAttribute('Name'))) {
                return self::value($function->getAttribute('Default')) ?? 0;
            }
        }

        return self::value(($functions[0] ?? null)?->getAttribute('Default') ?? '') ?? 0;
    }

    /**
     * @param list<\DOMElement> $functions
     *
     * @return list<Range>
     */
    private function ranges(array $functions): array
    {
        $starts = [];
        foreach ($functions as $function) {
            if (!\in_array($function->getAttribute('ModeMaster'), ['', 'None'], true)) {
                $this->notes->add(\sprintf(
                    'Mode %s: %s depends on another channel, which a chart cannot say.',
                    $this->mode,
                    XmlNodes::text($function, 'Name', $function->getAttribute('Attribute')),
                ));
            }
            $from = self::value($function->getAttribute('DMXFrom')) ?? 0;
            $sets = XmlNodes::children($function, 'ChannelSet');
            $first = [] === $sets ? null : self::value($sets[0]->getAttribute('DMXFrom')) ?? 0;
            if (null === $first || $first > $from) {
                $starts[$from] ??= [$function, null];
            }
            foreach ($sets as $set) {
                $starts[self::value($set->getAttribute('DMXFrom')) ?? 0] ??= [$function, $set];
            }
        }
        ksort($starts);
        $edges = array_keys($starts);
        $ranges = [];
        foreach ($edges as $place => $from) {
            $range = $this->range($from, ($edges[$place + 1] ?? 256) - 1, ...$starts[$from]);
            if (null !== $range) {
                $ranges[] = $range;
            }
        }

        return $ranges;
    }

    private function range(int $from, int $to, \DOMElement $function, ?\DOMElement $set): ?Range
    {
        $attribute = $function->getAttribute('Attribute');
        $label = trim(null === $set ? $function->getAttribute('Name') : XmlNodes::text($set, 'Name', $function->getAttribute('Name')));
        if ('NoFeature' === $attribute && '' === $label) {
            return null;
        }
        $meaning = Attributes::meaning($attribute);
        if (null === $meaning) {
            $this->notes->add(\sprintf(
                'Mode %s: a chart has no function for the attribute %s; "%s" is kept without one.',
                $this->mode,
                $attribute,
                $label,
            ));
            $meaning = [RangeFunction::None, null];
        }
        [$what, $emitter] = $meaning;
        $start = XmlNodes::number($set ?? $function, 'PhysicalFrom') ?? XmlNodes::number($function, 'PhysicalFrom');
        $end = XmlNodes::number($set ?? $function, 'PhysicalTo') ?? XmlNodes::number($function, 'PhysicalTo');
        $slot = null === $set ? null : XmlNodes::number($set, 'WheelSlotIndex');
        $label = mb_substr($label, 0, 200);
        if (RangeFunction::Open === $what) {
            $isClosed = 0.0 === $start && 0.0 === ($end ?? 0.0) || 1 === preg_match('/clos|shut(?!ter)|blackout/i', $label);

            return new Range(
                $from,
                $to,
                $label,
                $isClosed && 1 !== preg_match('/open/i', $label) ? RangeFunction::Closed : RangeFunction::Open,
            );
        }

        return $this->made(
            $from,
            $to,
            $label,
            $what,
            '' !== $function->getAttribute('Emitter') && 'None' !== $function->getAttribute('Emitter')
                ? $function->getAttribute('Emitter')
                : $emitter,
            [$start, $end],
            $function->getAttribute('Wheel'),
            null === $slot || $slot < 1 ? null : (int) $slot,
        );
    }

    /**
     * @param array{float|null, float|null} $physical
     * @param int|null                      $slot     from 1
     */
    private function made(
        int $from,
        int $to,
        string $label,
        RangeFunction $what,
        ?string $emitter,
        array $physical,
        string $wheel,
        ?int $slot,
    ): Range {
        $quantity = $what->quantity();
        $hex = null === $slot ? null : $this->wheels->hex($wheel, $slot);
        if (RangeFunction::ColourPreset === $what) {
            return new Range($from, $to, $label, $what, null, null, null, $hex ?? '#ffffff');
        }
        if (RangeFunction::Wheel === $what || (Quantity::SlotOrAmount === $quantity && null !== $slot)) {
            return new Range(
                $from,
                $to,
                $label,
                $what,
                null,
                null,
                null,
                RangeFunction::Wheel === $what ? $hex : null,
                max(0, ($slot ?? 1) - 1),
            );
        }
        if (Quantity::None === $quantity) {
            return new Range($from, $to, $label, $what);
        }
        [$least, $most] = $quantity->bounds();
        [$start, $end] = $physical;
        if (null === $start || null === $end || min($start, $end) < $least || max($start, $end) > $most) {
            [$start, $end] = $quantity->mayBeUnknown() ? [null, null] : [0.0, 1.0];
        }

        return new Range($from, $to, $label, $what, $start, $end, RangeFunction::Emitter === $what ? $emitter ?? 'white' : null);
    }

    /** "24/1", or "6168/2" of a channel with two bytes, to a value of the coarse one. */
    private static function value(string $text): ?int
    {
        if (1 !== preg_match('#^(\d{1,10})/([1-4])s?$#', trim($text), $parts)) {
            return null;
        }

        return min(255, intdiv((int) $parts[1], 256 ** ((int) $parts[2] - 1)));
    }
}
