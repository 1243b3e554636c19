<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

/** Which parts of a fixture a channel acts on: cells are geometries that number themselves, or references to one geometry. */
final class DeviceGeometries
{
    /** @var array<string, list<array{int, int}>> by name of the geometry referred to: offset of each reference, and its cell */
    private array $references = [];

    public function __construct(\DOMElement $type)
    {
        $this->walk(XmlNodes::child($type, 'Geometries'), 0);
    }

    /** @return list<array{int, int|null}> how far the channel's offsets are shifted, and the cell: once for each part */
    public function places(string $geometry): array
    {
        if (isset($this->references[$geometry])) {
            return $this->references[$geometry];
        }

        return [[0, 1 === preg_match('/^Cell (\d{1,3})$/', $geometry, $parts) ? (int) $parts[1] : null]];
    }

    private function walk(?\DOMElement $parent, int $depth): void
    {
        if (null === $parent || $depth > 20) {
            return;
        }
        foreach (XmlNodes::children($parent, '*') as $node) {
            if ('GeometryReference' !== $node->nodeName) {
                $this->walk($node, $depth + 1);
                continue;
            }
            $name = $node->getAttribute('Geometry');
            foreach (XmlNodes::children($node, 'Break') as $break) {
                $offset = XmlNodes::number($break, 'DMXOffset');
                if (null !== $offset && $offset >= 1 && $offset <= 512) {
                    $this->references[$name][] = [(int) $offset - 1, \count($this->references[$name] ?? []) + 1];
                    break;
                }
            }
        }
    }
}
