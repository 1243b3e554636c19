<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Doctrine\DBAL\Connection;
use Rigger\App\Library\Importer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Loads the demo through the importer, as anybody's documents would be. */
#[AsCommand('rigger:demo', 'Load the demo rig, its fixtures, the shipped desks and radio kits')]
final readonly class DemoCommand
{
    public function __construct(
        private Importer $importer,
        private Connection $database,
        #[Autowire('%kernel.project_dir%/demo')] private string $folder,
    ) {
    }

    public function __invoke(SymfonyStyle $io, #[Option('only into a database without any rig or chart')] bool $once = false): int
    {
        if ($once && false !== $this->database->fetchOne('SELECT 1 FROM desk LIMIT 1')) {
            return 0;
        }
        foreach (['desks', 'kits', 'fixtures', 'rigs'] as $kind) {
            foreach (array_filter((array) glob($this->folder.'/'.$kind.'/*.json'), is_string(...)) as $file) {
                $io->writeln($this->importer->import((string) file_get_contents($file))->name);
            }
        }

        return 0;
    }
}
