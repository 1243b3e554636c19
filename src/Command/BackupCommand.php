<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Rigger\App\Backup\Backups;
use Rigger\App\Backup\Why;
use Rigger\App\Problem\Problem;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Style\SymfonyStyle;

/** `bin/backup [FILE]` */
#[AsCommand('rigger:backup', 'Back everything up into one file, and look it over')]
final readonly class BackupCommand
{
    public function __construct(private Backups $backups)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument('where to; left out, it goes into the data folder')] ?string $file = null): int
    {
        if (null !== $file && file_exists($file)) {
            $io->getErrorStyle()->writeln($file.' is there already, and nothing is written over. Name another file.');

            return 2;
        }
        try {
            $made = $this->backups->make(Why::Hand, $file);
        } catch (Problem $problem) {
            $io->getErrorStyle()->writeln($problem->getMessage());

            return 1;
        }
        $holds = $made->manifest->holds;
        $io->writeln(\sprintf(
            '%s: %d rigs, %d charts, %d desks, %d changes, %d kB, read back and whole',
            $made->path,
            \count($holds->rigs),
            $holds->charts,
            $holds->desks,
            $holds->changes,
            (int) ceil($made->size() / 1000),
        ));

        return 0;
    }
}
