<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Edit\ListEmitters;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/**
 * description.xml of DIN SPEC 15800 to a chart. Reads what a chart holds and lists what it does not.
 *
 * A document type is refused as a whole: with it come entities, and none is ever resolved.
 */
final class DescriptionReader
{
    private const MOST_MODES = 100;
    private DeviceNotes $notes;

    private function __construct()
    {
        $this->notes = new DeviceNotes();
    }

    /** @throws InputError bad_xml, or what the description lacks; field "description.xml" */
    public static function read(string $xml): DeviceReading
    {
        return (new self())->document(self::parse($xml));
    }

    private static function parse(string $xml): \DOMElement
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        try {
            if (self::hasDocumentType($xml)) {
                throw self::refuse('The description holds a document type or entities. Rigger resolves none and does not read it.');
            }
            $isRead = '' !== $xml && $document->loadXML($xml, \LIBXML_NONET | \LIBXML_COMPACT);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $root = $isRead ? $document->documentElement : null;
        if (null === $root || 'GDTF' !== $root->nodeName) {
            throw self::refuse(null === $root ? 'The description is no well-formed XML.' : 'The description is none of DIN SPEC 15800.');
        }
        foreach ($root->childNodes as $child) {
            if ($child instanceof \DOMElement && 'FixtureType' === $child->nodeName) {
                return $child;
            }
        }

        throw self::refuse('The description holds no fixture type.');
    }

    /**
     * It stands before the first element. The parser itself looks, for it knows every encoding; the letters are looked for too,
     * because it does not get that far where an entity is wrong.
     */
    private static function hasDocumentType(string $xml): bool
    {
        if (1 === preg_match('/<!DOCTYPE|<!ENTITY/i', str_replace("\0", '', $xml))) {
            return true;
        }
        $reader = '' === $xml ? false : \XMLReader::XML($xml, null, \LIBXML_NONET);
        while ($reader instanceof \XMLReader && $reader->read() && \XMLReader::ELEMENT !== $reader->nodeType) {
            if (\XMLReader::DOC_TYPE === $reader->nodeType) {
                return true;
            }
        }

        return false;
    }

    private function document(\DOMElement $type): DeviceReading
    {
        $wheels = new DeviceWheels($type);
        $geometries = new DeviceGeometries($type);
        $emitters = $this->emitters($type);
        $modes = [];
        foreach (XmlNodes::in($type, 'DMXModes', 'DMXMode') as $node) {
            if (self::MOST_MODES === \count($modes)) {
                throw self::refuse(\sprintf('The description has more than %d modes.', self::MOST_MODES));
            }
            $modes[] = $this->mode($node, $wheels, $geometries, $modes);
        }
        foreach (['FTPresets' => 'presets', 'Protocols' => 'protocols', 'Models' => 'models of its shape'] as $name => $words) {
            if ([] !== XmlNodes::in($type, $name, '*')) {
                $this->notes->add(\sprintf('Not taken over: its %s.', $words));
            }
        }
        $profile = new FixtureProfile(
            XmlNodes::text($type, 'Manufacturer', 'Unknown maker'),
            XmlNodes::text($type, 'Name', XmlNodes::text($type, 'LongName', 'Unknown model')),
            XmlNodes::text($type, 'Description', 'fixture'),
            $this->watts($type),
            $emitters,
            $this->movement($modes),
            $modes,
        );

        return new DeviceReading((new ListEmitters())->on($profile), $this->notes->all());
    }

    /** @param list<Mode> $before */
    private function mode(\DOMElement $node, DeviceWheels $wheels, DeviceGeometries $geometries, array $before): Mode
    {
        $name = XmlNodes::text($node, 'Name', 'Mode '.(\count($before) + 1));
        $channels = [];
        $reader = new DeviceChannel($wheels, $this->notes, $name);
        foreach (XmlNodes::in($node, 'DMXChannels', 'DMXChannel') as $channel) {
            foreach ($geometries->places($channel->getAttribute('Geometry')) as [$shift, $cell]) {
                array_push($channels, ...$reader->read($channel, $shift, $cell));
            }
        }
        foreach (['Relations' => 'relations between channels', 'FTMacros' => 'macros'] as $list => $words) {
            if ([] !== XmlNodes::in($node, $list, '*')) {
                $this->notes->add(\sprintf('Not taken over: the %s of mode %s.', $words, $name));
            }
        }
        usort($channels, static fn (Channel $one, Channel $other): int => $one->offset <=> $other->offset);

        return new Mode(
            self::key($name, $before),
            $name,
            \count($channels),
            $channels,
            null,
            '' === $node->getAttribute('Description') ? null : $node->getAttribute('Description'),
        );
    }

    /** @return list<Emitter> */
    private function emitters(\DOMElement $type): array
    {
        $emitters = [];
        foreach (XmlNodes::in(XmlNodes::child($type, 'PhysicalDescriptions'), 'Emitters', 'Emitter') as $node) {
            $key = XmlNodes::text($node, 'Name', 'emitter');
            [$x, $y, $luminance] = XmlNodes::numbers($node->getAttribute('Color'), [0.3127, 0.329, 100.0]);
            if ($y > 0 && $x >= 0 && $x + $y <= 1 && !isset($emitters[$key])) {
                $emitters[$key] = new Emitter(
                    $key,
                    Chromaticity::of($x, $y),
                    round($luminance / 100, 9),
                    'typical figures' === $node->getAttribute('DiodePart'),
                );
            }
        }

        return array_values($emitters);
    }

    private function watts(\DOMElement $type): ?float
    {
        foreach (XmlNodes::in(XmlNodes::child($type, 'PhysicalDescriptions'), 'Properties', 'PowerConsumption') as $node) {
            if (is_numeric($node->getAttribute('Value'))) {
                return max(0.0, (float) $node->getAttribute('Value'));
            }
        }

        return null;
    }

    /**
     * @param list<Mode> $modes
     *
     * @return array{pan: float|null, tilt: float|null}|null
     */
    private function movement(array $modes): ?array
    {
        $travel = ['pan' => null, 'tilt' => null];
        foreach ($modes as $mode) {
            foreach ($mode->channels as $channel) {
                foreach ($channel->ranges as $range) {
                    if (isset($range->start, $range->end) && \array_key_exists($range->function->value, $travel)) {
                        $travel[$range->function->value] ??= abs($range->end - $range->start);
                    }
                }
            }
        }

        return null === $travel['pan'] && null === $travel['tilt'] ? null : $travel;
    }

    /** @param list<Mode> $before */
    private static function key(string $name, array $before): string
    {
        $base = trim(preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)) ?? '', '-');
        $base = '' === $base ? 'mode' : $base;
        $taken = array_map(static fn (Mode $mode): string => $mode->key, $before);
        $key = $base;
        for ($nth = 2; \in_array($key, $taken, true); ++$nth) {
            $key = $base.'-'.$nth;
        }

        return $key;
    }

    private static function refuse(string $message): InputError
    {
        return InputError::because('bad_xml', 'description.xml', $message);
    }
}
