<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\CoreException;

/** Something that is asked for by its id and does not stand in the rig, or the library, any more. */
final class NotThere extends \RuntimeException implements CoreException
{
    /** @param string $what "This look" */
    private function __construct(public readonly string $what)
    {
        parent::__construct(\sprintf('%s is not there any more. It may have been deleted in another window.', $what));
    }

    public static function unit(): self
    {
        return new self('This unit');
    }

    public static function link(): self
    {
        return new self('This radio link');
    }

    public static function receiver(): self
    {
        return new self('This receiver');
    }

    public static function look(): self
    {
        return new self('This look');
    }

    public static function support(): self
    {
        return new self('This beam or stand');
    }

    public static function hold(): self
    {
        return new self('This range of held slots');
    }

    public static function run(): self
    {
        return new self('This run');
    }

    public static function circuit(): self
    {
        return new self('This circuit');
    }

    public static function kit(): self
    {
        return new self('This radio kit');
    }

    public static function runItem(): self
    {
        return new self('This place on a run');
    }

    public static function known(): self
    {
        return new self('What somebody said to know');
    }
}
