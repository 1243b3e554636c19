<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

/** Children and attributes of elements, without paths that could run away. */
final class XmlNodes
{
    public static function child(?\DOMElement $parent, string $name): ?\DOMElement
    {
        foreach ($parent->childNodes ?? [] as $node) {
            if ($node instanceof \DOMElement && $node->nodeName === $name) {
                return $node;
            }
        }

        return null;
    }

    /** @return list<\DOMElement> children of a child list; "*" for any */
    public static function in(?\DOMElement $parent, string $list, string $name): array
    {
        return self::children(self::child($parent, $list), $name);
    }

    /** @return list<\DOMElement> */
    public static function children(?\DOMElement $parent, string $name): array
    {
        $found = [];
        foreach ($parent->childNodes ?? [] as $node) {
            if ($node instanceof \DOMElement && ('*' === $name || $node->nodeName === $name)) {
                $found[] = $node;
            }
        }

        return $found;
    }

    public static function text(\DOMElement $node, string $attribute, string $default): string
    {
        $text = trim($node->getAttribute($attribute));

        return '' === $text ? $default : mb_substr($text, 0, 80);
    }

    /**
     * @param array{float, float, float} $default
     *
     * @return array{float, float, float} from "x,y,Y"
     */
    public static function numbers(string $text, array $default): array
    {
        $parts = explode(',', $text);

        return 3 === \count($parts) && is_numeric($parts[0]) && is_numeric($parts[1]) && is_numeric($parts[2])
            ? [(float) $parts[0], (float) $parts[1], (float) $parts[2]]
            : $default;
    }

    public static function number(\DOMElement $node, string $attribute): ?float
    {
        $text = $node->getAttribute($attribute);

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }
}
