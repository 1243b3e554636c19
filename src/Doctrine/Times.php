<?php

declare(strict_types=1);

namespace Rigger\App\Doctrine;

/** Doctrine compares times by identity: what is the same moment stays the same object. */
final class Times
{
    public static function same(?\DateTimeImmutable $there, ?\DateTimeImmutable $new): ?\DateTimeImmutable
    {
        return $there?->getTimestamp() === $new?->getTimestamp() ? $there : $new;
    }
}
