<?php

declare(strict_types=1);

namespace Rigger\App;

use Symfony\Component\HttpKernel\KernelInterface;

/** Which state of the code this is: each start prepares it anew, and an answer kept by a browser is of one state. */
final readonly class Build
{
    public function __construct(private KernelInterface $kernel)
    {
    }

    public function id(): string
    {
        $file = (new \ReflectionObject($this->kernel->getContainer()))->getFileName();

        return false === $file ? '' : sha1($file.filemtime($file));
    }
}
