<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/**
 * A chart to description.xml of DIN SPEC 15800: modes, channels with coarse and fine, functions with a set each, wheels, emitters.
 *
 * Ranges must be in order and apart from each other; a gap becomes a function without a name.
 */
final class DescriptionWriter
{
    private \DOMDocument $xml;
    private \DOMElement $wheels;

    private function __construct(private readonly FixtureProfile $profile)
    {
        $this->xml = new \DOMDocument('1.0', 'UTF-8');
        $this->xml->formatOutput = true;
        $this->wheels = $this->element('Wheels');
    }

    public static function write(FixtureProfile $profile): string
    {
        return (new self($profile))->document();
    }

    private function document(): string
    {
        $root = $this->element('GDTF', ['DataVersion' => '1.2']);
        $this->xml->appendChild($root);
        $type = $this->element('FixtureType', [
            'Name' => $this->profile->model, 'ShortName' => $this->profile->model,
            'LongName' => $this->profile->maker.' '.$this->profile->model,
            'Manufacturer' => $this->profile->maker, 'Description' => $this->profile->kind, 'FixtureTypeID' => $this->id(),
        ]);
        $root->appendChild($type);
        $type->appendChild($this->attributes());
        $modes = $this->element('DMXModes');
        foreach ($this->profile->modes as $mode) {
            $modes->appendChild($this->mode($mode));
        }
        $type->appendChild($this->wheels);
        $type->appendChild($this->physical());
        $type->appendChild($this->geometries());
        $type->appendChild($modes);

        return (string) $this->xml->saveXML();
    }

    private function attributes(): \DOMElement
    {
        $names = [];
        foreach ($this->profile->modes as $mode) {
            foreach ($mode->channels as $channel) {
                foreach ($channel->ranges as $range) {
                    $names[Attributes::of($range->function, $range->emitter)] = true;
                }
            }
        }
        $names['NoFeature'] = true;
        $groups = [];
        foreach (array_keys($names) as $name) {
            [$group, $feature] = Attributes::features($name);
            $groups[$group][$feature] = true;
        }
        $definitions = $this->element('AttributeDefinitions');
        $definitions->appendChild($this->element('ActivationGroups'));
        $features = $this->element('FeatureGroups');
        foreach ($groups as $group => $members) {
            $node = $this->element('FeatureGroup', ['Name' => $group, 'Pretty' => $group]);
            foreach (array_keys($members) as $feature) {
                $node->appendChild($this->element('Feature', ['Name' => $feature]));
            }
            $features->appendChild($node);
        }
        $definitions->appendChild($features);
        $attributes = $this->element('Attributes');
        foreach (array_keys($names) as $name) {
            $attributes->appendChild($this->element(
                'Attribute',
                ['Name' => $name, 'Pretty' => $name, 'Feature' => implode('.', Attributes::features($name))],
            ));
        }
        $definitions->appendChild($attributes);

        return $definitions;
    }

    private function physical(): \DOMElement
    {
        $physical = $this->element('PhysicalDescriptions');
        $emitters = $this->element('Emitters');
        foreach ($this->profile->emitters as $emitter) {
            $emitters->appendChild($this->element('Emitter', [
                'Name' => $emitter->key, 'Color' => self::numbers(
                    $emitter->chromaticity->x,
                    $emitter->chromaticity->y,
                    100 * $emitter->flux,
                ),
            ] + ($emitter->typical ? ['DiodePart' => 'typical figures'] : [])));
        }
        $physical->appendChild($emitters);
        if (null !== $this->profile->watts) {
            $properties = $this->element('Properties');
            $properties->appendChild($this->element(
                'PowerConsumption',
                ['Value' => self::numbers($this->profile->watts), 'Connector' => ''],
            ));
            $physical->appendChild($properties);
        }

        return $physical;
    }

    private function geometries(): \DOMElement
    {
        $geometries = $this->element('Geometries');
        $most = max([0, ...array_map(static fn (Mode $mode): int => max([1, ...$mode->cells()]), $this->profile->modes)]);
        $body = $this->element('Geometry', ['Name' => 'Body']);
        for ($cell = 1; $cell <= $most; ++$cell) {
            $body->appendChild($this->element('Geometry', ['Name' => 'Cell '.$cell]));
        }
        $geometries->appendChild($body);

        return $geometries;
    }

    private function mode(Mode $mode): \DOMElement
    {
        $node = $this->element(
            'DMXMode',
            ['Name' => $mode->name, 'Geometry' => 'Body'] + (null === $mode->setup ? [] : ['Description' => $mode->setup]),
        );
        $channels = $this->element('DMXChannels');
        foreach ($mode->byOffset() as $channel) {
            if (!$channel->isFine()) {
                $channels->appendChild($this->channel($mode, $channel));
            }
        }
        $node->appendChild($channels);

        return $node;
    }

    private function channel(Mode $mode, Channel $channel): \DOMElement
    {
        $fine = $mode->fineFor($channel->offset);
        $geometry = null === $channel->cell ? 'Body' : 'Cell '.$channel->cell;
        $node = $this->element(
            'DMXChannel',
            [
                'DMXBreak' => '1',
                'Offset' => $channel->offset.(null === $fine ? '' : ','.$fine->offset),
                'Highlight' => 'None',
                'Geometry' => $geometry,
            ],
        );
        $logical = $this->element(
            'LogicalChannel',
            [
                'Attribute' => Attributes::of(
                    ($channel->ranges[0] ?? null)->function ?? RangeFunction::None,
                    $channel->ranges[0]->emitter ?? null,
                ),
                'Snap' => 'No',
                'Master' => 'None',
            ],
        );
        $next = 0;
        foreach (self::ordered($channel) as $index => $range) {
            if ($range->from > $next) {
                $logical->appendChild($this->gap($channel, $next));
            }
            $logical->appendChild($this->function($mode, $channel, $range, $index));
            $next = $range->to + 1;
        }
        if ($next <= 255) {
            $logical->appendChild($this->gap($channel, $next));
        }
        $node->appendChild($logical);

        return $node;
    }

    /** @return list<Range> */
    private static function ordered(Channel $channel): array
    {
        $ranges = array_values(array_filter($channel->ranges, static fn (Range $range): bool => $range->isReachable()));
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);
        $kept = [];
        foreach ($ranges as $range) {
            $last = end($kept);
            if (false === $last || $range->from > $last->to) {
                $kept[] = $range;
            }
        }

        return $kept;
    }

    private function gap(Channel $channel, int $from): \DOMElement
    {
        return $this->element(
            'ChannelFunction',
            [
                'Name' => '',
                'Attribute' => 'NoFeature',
                'OriginalAttribute' => $channel->label,
                'DMXFrom' => $from.'/1',
                'Default' => $channel->default.'/1',
            ],
        );
    }

    private function function(Mode $mode, Channel $channel, Range $range, int $index): \DOMElement
    {
        $wheel = \in_array($range->function, [RangeFunction::Wheel, RangeFunction::ColourPreset], true) || null !== $range->slot
            ? $this->wheel($mode, $channel)
            : null;
        $physical = match (true) {
            RangeFunction::Open === $range->function => [1.0, 1.0],
            RangeFunction::Closed === $range->function => [0.0, 0.0],
            null === $range->start || null === $range->end => null,
            default => [$range->start, $range->end],
        };
        $node = $this->element('ChannelFunction', [
            'Name' => $range->label, 'Attribute' => Attributes::of(
                $range->function,
                $range->emitter,
            ), 'OriginalAttribute' => $channel->label,
            'DMXFrom' => $range->from.'/1', 'Default' => $channel->default.'/1',
        ] + (null === $physical ? [] : ['PhysicalFrom' => self::numbers($physical[0]), 'PhysicalTo' => self::numbers($physical[1])])
          + (null === $wheel ? [] : ['Wheel' => $wheel->getAttribute('Name')])
          + (null === $range->emitter ? [] : ['Emitter' => $range->emitter]));
        if (null !== $wheel) {
            $node->appendChild($this->element(
                'ChannelSet',
                ['Name' => $range->label, 'DMXFrom' => $range->from.'/1', 'WheelSlotIndex' => (string) $this->slot($wheel, $range)],
            ));
        }

        return $node;
    }

    private function wheel(Mode $mode, Channel $channel): \DOMElement
    {
        $name = \sprintf('%s %d', $mode->name, $channel->offset);
        foreach ($this->wheels->childNodes as $wheel) {
            if ($wheel instanceof \DOMElement && $wheel->getAttribute('Name') === $name) {
                return $wheel;
            }
        }
        $wheel = $this->element('Wheel', ['Name' => $name]);
        $this->wheels->appendChild($wheel);

        return $wheel;
    }

    /** Index of the range's slot, from 1; slots before it that nobody names are made, so that numbers stay those of the chart. */
    private function slot(\DOMElement $wheel, Range $range): int
    {
        $index = null === $range->slot ? $wheel->childNodes->length + 1 : $range->slot + 1;
        while ($wheel->childNodes->length < $index) {
            $wheel->appendChild($this->element('Slot', ['Name' => '']));
        }
        $slot = $wheel->childNodes->item($index - 1);
        if ($slot instanceof \DOMElement && '' === $slot->getAttribute('Name')) {
            $slot->setAttribute('Name', $range->label);
            if (null !== $range->hex) {
                $slot->setAttribute('Color', self::numbers(...Srgb::xyY($range->hex)));
            }
        }

        return $index;
    }

    /** An identifier made from maker and model, so that the same chart always bears the same one. */
    private function id(): string
    {
        $hash = strtoupper(md5($this->profile->maker."\n".$this->profile->model));

        return \sprintf(
            '%s-%s-3%s-8%s-%s',
            substr($hash, 0, 8),
            substr($hash, 8, 4),
            substr($hash, 13, 3),
            substr($hash, 17, 3),
            substr($hash, 20, 12),
        );
    }

    private static function numbers(float ...$values): string
    {
        return implode(',', array_map(static fn (float $value): string => (string) json_encode(round($value, 9)), $values));
    }

    /** @param array<string, string> $attributes */
    private function element(string $name, array $attributes = []): \DOMElement
    {
        $element = $this->xml->createElement($name);
        foreach ($attributes as $attribute => $value) {
            $element->setAttribute($attribute, $value);
        }

        return $element;
    }
}
