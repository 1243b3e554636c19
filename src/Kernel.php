<?php

declare(strict_types=1);

namespace Rigger\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** Below the data folder while Rigger runs: the account that runs it need not be able to write into the checkout. */
    public function getCacheDir(): string
    {
        $folder = $_SERVER['RIGGER_CACHE_DIR'] ?? null;

        return (\is_string($folder) && '' !== $folder ? $folder : $this->getProjectDir().'/var/cache').'/'.$this->environment;
    }
}
