<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Rigs;
use Rigger\Core\Playback\CompiledRig;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Rigs made ready to answer what every lamp does, kept by their version: an answer then costs one small read and the computation. */
final readonly class PlayedRigs
{
    private const KEPT_SECONDS = 3600;

    public function __construct(private Rigs $rigs, private CoreRigs $loader, private CacheInterface $stageCache)
    {
    }

    /** @return array{int, CompiledRig} the rig's version, and what is played */
    public function get(Uuid $rigId): array
    {
        $version = $this->rigs->version($rigId);
        /** @var CompiledRig $played */
        $played = $this->stageCache->get('stage.'.$rigId.'.'.$version, function (ItemInterface $item) use ($rigId): CompiledRig {
            $item->expiresAfter(self::KEPT_SECONDS);

            return CompiledRig::of($this->loader->get($rigId));
        });

        return [$version, $played];
    }
}
