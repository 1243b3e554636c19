<?php

declare(strict_types=1);

namespace Rigger\App\Journal;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The newest migration that this code knows: bin/start has carried it out before anything is written. */
final class SchemaVersion
{
    private ?string $newest = null;

    public function __construct(#[Autowire('%kernel.project_dir%/migrations')] private readonly string $folder)
    {
    }

    /** @return string the number of the newest migration, "20261127000001" */
    public function newest(): string
    {
        return $this->newest ??= $this->known()[0];
    }

    /** @return non-empty-list<string> newest first */
    public function known(): array
    {
        $numbers = [];
        foreach (array_filter((array) glob($this->folder.'/Version*.php'), is_string(...)) as $file) {
            $numbers[] = substr(basename($file, '.php'), \strlen('Version'));
        }
        rsort($numbers);

        return [] === $numbers ? throw new \LogicException('There are no migrations.') : $numbers;
    }
}
