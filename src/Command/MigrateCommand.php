<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Doctrine\DBAL\Connection;
use Rigger\App\Backup\Backups;
use Rigger\App\Backup\Why;
use Rigger\App\Journal\SchemaVersion;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Brings the database up to date. What stands in it is backed up first. */
#[AsCommand('rigger:migrate', 'Back the database up if it is an older one, and bring it up to date')]
final class MigrateCommand extends Command
{
    public function __construct(
        private readonly Connection $database,
        private readonly SchemaVersion $schema,
        private readonly Backups $backups,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $at = $this->at();
        if ($at === $this->schema->newest()) {
            return self::SUCCESS;
        }
        if (null !== $at && !\in_array($at, $this->schema->known(), true)) {
            $output->writeln(\sprintf(
                'The database was written by a newer Rigger (its schema is %s; this one knows %s). Start the newer one. Nothing '
                    .'was touched.',
                $at,
                $this->schema->newest(),
            ));

            return self::FAILURE;
        }
        if (null !== $at) {
            $output->writeln('Backed up before the change: '.$this->backups->make(Why::Migration)->name());
        }
        $application = $this->getApplication();
        \assert($application instanceof Application);
        $migrate = new ArrayInput(['command' => 'doctrine:migrations:migrate', '--allow-no-migration' => true]);
        $migrate->setInteractive(false);

        return $application->doRun($migrate, $output);
    }

    /** @return string|null the newest migration that was carried out; null in an empty database */
    private function at(): ?string
    {
        if (false === $this->database->fetchOne("SELECT 1 FROM pg_class WHERE oid = to_regclass('doctrine_migration_versions')")) {
            return null;
        }
        $version = $this->database->fetchOne('SELECT MAX(version) FROM doctrine_migration_versions');

        return \is_string($version) && 1 === preg_match('/(\d+)$/', $version, $number) ? $number[1] : null;
    }
}
