<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Psr\Log\LoggerInterface;
use React\EventLoop\Loop;
use React\Socket\ConnectionInterface;
use Rigger\App\Playback\Clock;
use Rigger\App\Playback\Requests;
use Rigger\App\Playback\RigsAtHand;
use Rigger\App\Playback\RigWatch;
use Rigger\App\Playback\Seats;
use Rigger\App\Playback\StandInOutput;
use Rigger\App\Playback\Streams;
use Rigger\App\Playback\Web\Connection;
use Rigger\App\Problem\ProblemListener;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('rigger:play', 'Runs the playback process: the seats at which rigs are played, until it is stopped')]
final class PlayCommand extends Command
{
    public function __construct(
        private readonly RigsAtHand $rigs,
        private readonly RigWatch $watch,
        private readonly ProblemListener $problems,
        private readonly LoggerInterface $logger,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('socket', InputArgument::REQUIRED, 'file of the socket on which it listens');
        $this->addArgument('stand-in', InputArgument::REQUIRED, 'file of the socket of the stand-in for the real desk');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('socket');
        $standIn = $input->getArgument('stand-in');
        \assert(\is_string($file) && \is_string($standIn));
        $loop = Loop::get();
        $seats = new Seats($this->rigs, new Clock(), $this->logger, $loop, new StandInOutput($standIn, $loop));
        $requests = new Requests($seats, new Streams($loop), $this->problems);
        $this->watch->begin($loop, $seats->changed(...), $seats->changedAll(...));
        OnSocket::run($file, $loop, static function (ConnectionInterface $socket) use ($requests): void {
            new Connection($socket, $requests->answer(...));
        });

        return self::SUCCESS;
    }
}
