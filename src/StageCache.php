<?php

declare(strict_types=1);

namespace Rigger\App;

use Symfony\Component\Cache\Adapter\ApcuAdapter;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Contracts\Cache\CacheInterface;

/** What is worked out of charts and rigs: kept in shared memory by the web server's processes, and for its own time by any other. */
final class StageCache
{
    public static function ofThisProcess(string $project): CacheInterface
    {
        return ApcuAdapter::isSupported() ? new ApcuAdapter('stage.'.hash('xxh3', $project)) : new ArrayAdapter();
    }
}
