<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** What a cable, or the sockets of a device, end in. Data goes out of female sockets and into male ones (ANSI E1.11). */
enum Ends: string
{
    case Three = '3-pin';
    case Five = '5-pin';
    case Network = 'rj45';
    /** Bare wires on terminals. */
    case Bare = 'bare';

    public function words(): string
    {
        return match ($this) {
            self::Network => 'RJ45',
            self::Bare => 'bare ends',
            default => $this->value,
        };
    }

    /** What plugs into an output of these ends. */
    public function intoOutput(): string
    {
        return self::Network === $this ? 'RJ45 plug' : $this->words().' male';
    }

    /** What plugs onto an input of these ends. */
    public function ontoInput(): string
    {
        return self::Network === $this ? 'RJ45 plug' : $this->words().' female';
    }

    /** What takes the beginning of a cable, which is a male plug. */
    public function takesBeginning(): string
    {
        return self::Network === $this ? 'RJ45 socket' : $this->words().' female';
    }

    /** What takes the end of a cable, which is a female plug. */
    public function takesEnd(): string
    {
        return self::Network === $this ? 'RJ45 socket' : $this->words().' male';
    }

    /** Whether it is a plug at all: bare wires are put on terminals by the pin table, without an adapter. */
    public function isPlug(): bool
    {
        return self::Bare !== $this;
    }
}
