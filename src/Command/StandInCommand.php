<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use React\EventLoop\Loop;
use Rigger\App\Playback\Clock;
use Rigger\App\Simulate\StandIn;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('rigger:stand-in', 'Runs the stand-in for the real desk, until it is stopped')]
final class StandInCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('socket', InputArgument::REQUIRED, 'file of the socket on which it listens');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('socket');
        \assert(\is_string($file));
        $loop = Loop::get();
        $standIn = new StandIn($loop, new Clock());
        OnSocket::run($file, $loop, $standIn->connected(...));

        return self::SUCCESS;
    }
}
