<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Rigger\App\Backup\BackupFile;
use Rigger\App\Backup\Backups;
use Rigger\App\Backup\Restoring;
use Rigger\App\Problem\Problem;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Style\SymfonyStyle;

/** `bin/restore FILE`: shows what the file holds, and with --yes brings it back. */
#[AsCommand('rigger:restore', 'Bring a backup back; the present is set aside first')]
final readonly class RestoreCommand
{
    public function __construct(private Restoring $restoring, private Backups $backups)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('the backup: a file, or a name in the data folder')] string $file,
        #[Option('do it, having seen what it holds')] bool $yes = false,
    ): int {
        try {
            $backup = is_file($file) ? BackupFile::open($file) : $this->backups->get(basename($file, '.'.BackupFile::ENDING));
            $holds = $backup->manifest->holds;
            $io->writeln(\sprintf(
                'Made %s: %d charts, %d desks, %d changes, and these rigs:',
                $backup->manifest->at->format('Y-m-d H:i T'),
                $holds->charts,
                $holds->desks,
                $holds->changes,
            ));
            foreach ($holds->rigs as $rig) {
                $io->writeln(\sprintf('  %s (%s), %d units, %d looks', $rig['name'], $rig['venue'], $rig['units'], $rig['looks']));
            }
            if (!$yes) {
                $io->writeln('Nothing is changed yet. Say --yes to bring it back; what is there now is set aside, not deleted.');

                return 0;
            }
            $io->writeln('Brought back. What was there before is set aside as the database '.$this->restoring->restore($backup).'.');

            return 0;
        } catch (Problem $problem) {
            $io->getErrorStyle()->writeln($problem->getMessage());

            return 1;
        }
    }
}
