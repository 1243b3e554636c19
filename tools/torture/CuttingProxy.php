<?php

declare(strict_types=1);

use React\EventLoop\Loop;
use React\Socket\Connector;
use React\Socket\SocketServer;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/*
 * Passes requests on and cuts half of the answers off: before the first byte, or in the middle. Usage: CuttingProxy.php FROM-PORT TO-PORT
 */
[, $from, $to] = $argv;
$server = new SocketServer('127.0.0.1:'.$from);
$connector = new Connector();
$server->on('connection', static function ($client) use ($connector, $to): void {
    $fate = random_int(1, 4);
    $client->pause();
    $connector->connect('127.0.0.1:'.$to)->then(static function ($behind) use ($client, $fate): void {
        $client->on('data', static fn (string $data) => $behind->write($data));
        $client->on('close', static fn () => $behind->end());
        $behind->on('data', static function (string $data) use ($client, $behind, $fate): void {
            if (1 === $fate) {
                $client->close();
                $behind->close();
            } elseif (2 === $fate) {
                $client->write(substr($data, 0, intdiv(strlen($data), 2)));
                $client->end();
                $behind->close();
            } else {
                $client->write($data);
            }
        });
        $behind->on('close', static fn () => $client->end());
        $client->resume();
    }, static fn () => $client->close());
});
Loop::addTimer(600, static fn () => Loop::stop());
Loop::run();
