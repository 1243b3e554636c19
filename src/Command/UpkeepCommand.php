<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Rigger\App\Backup\Backups;
use Rigger\App\Backup\Why;
use Rigger\App\DataFolder;
use Rigger\App\Once\AnsweredRequests;
use Rigger\App\Problem\Problem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Process\Process;

/** Runs beside the web server: a backup on each day on which something was done, rotated logs, old answers forgotten. */
#[AsCommand('rigger:upkeep', 'Keeps backups and logs in order, until it is stopped')]
final class UpkeepCommand extends Command
{
    private const EVERY_SECONDS = 30;
    private const ANSWERS_KEPT = '-3 days';

    private bool $isWanted = true;

    public function __construct(
        private readonly DataFolder $folder,
        private readonly Connection $database,
        private readonly Backups $backups,
        private readonly AnsweredRequests $answers,
        private readonly ClockInterface $clock,
        private readonly LoggerInterface $logger,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        pcntl_async_signals(true);
        foreach ([\SIGTERM, \SIGINT] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->isWanted = false;
            });
        }
        while ($this->isStillWanted()) {
            try {
                $this->once();
            } catch (DatabaseException|Problem|\RuntimeException $problem) {
                // The database may be away, or the disk full: told in the interface, tried again in a while.
                $this->logger->warning('Upkeep: {message}', ['message' => $problem->getMessage()]);
            }
            $this->database->close();
            // A signal breaks a sleep off, but one that came during the work does not: so it sleeps a second at a time.
            for ($waited = 0; $this->isStillWanted() && $waited < self::EVERY_SECONDS; ++$waited) {
                sleep(1);
            }
        }

        return self::SUCCESS;
    }

    /** A signal may have come since it was asked last. */
    private function isStillWanted(): bool
    {
        return $this->isWanted;
    }

    private function once(): void
    {
        $this->rotateLogs();
        if ($this->backups->isDue()) {
            $this->backups->make(Why::Day);
        }
        $this->answers->forgetBefore($this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->modify(self::ANSWERS_KEPT));
    }

    /** Copied and cut, so that nobody who writes has to open its log anew, and nobody waits for a full disk. */
    private function rotateLogs(): void
    {
        $config = $this->folder->path.'/run/logrotate.conf';
        file_put_contents(
            $config,
            $this->folder->path."/log/*.log {\n  size 1M\n  rotate 5\n  copytruncate\n  missingok\n  notifempty\n  compress\n}\n",
        );
        chmod($config, 0600);
        (new Process(['logrotate', '-s', $this->folder->path.'/run/logrotate.state', $config]))->run();
    }
}
