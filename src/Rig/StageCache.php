<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Repository\Rigs;
use Rigger\Core\Input\InputError;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Stage\CompiledStage;
use Rigger\Core\Stage\StageUnit;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** The compiled stage of a rig, kept by the rig's version: an answer then costs one small read and the computation. */
final readonly class StageCache
{
    private const KEPT_SECONDS = 3600;

    public function __construct(private Rigs $rigs, private SnapshotLoader $loader, private CacheInterface $stageCache)
    {
    }

    /** @return array{int, CompiledStage} the rig's version and its stage */
    public function get(Uuid $rigId): array
    {
        $version = $this->rigs->version($rigId);
        /** @var CompiledStage $stage */
        $stage = $this->stageCache->get('stage.'.$rigId.'.'.$version, function (ItemInterface $item) use ($rigId): CompiledStage {
            $item->expiresAfter(self::KEPT_SECONDS);

            return self::compile($this->loader->load($this->rigs->get($rigId)));
        });

        return [$version, $stage];
    }

    public static function compile(Snapshot $snapshot): CompiledStage
    {
        $modes = [];
        $units = array_map(static function (PatchedFixture $fixture) use (&$modes): StageUnit {
            $modes[$fixture->modeIdentity()] ??= self::mode($fixture);

            return new StageUnit((string) $fixture->id(), $fixture->name(), $fixture->universe(), $fixture->span(), false === $modes[$fixture->modeIdentity()] ? null : $modes[$fixture->modeIdentity()], Snapshot::silence($fixture));
        }, $snapshot->fixtures);

        return new CompiledStage($units, $snapshot->universe());
    }

    private static function mode(PatchedFixture $fixture): CompiledMode|false
    {
        try {
            return CompiledMode::of($fixture->revision()->profile(), $fixture->modeKey());
        } catch (InputError) {
            return false; // The unit then says that its chart has errors.
        }
    }
}
