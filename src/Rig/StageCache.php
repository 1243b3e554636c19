<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Repository\Rigs;
use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Stage\CompiledStage;
use Rigger\Core\Stage\Reversal;
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

    /** @return array<int, true> addresses in the desk's universe at which a dimmer listens, its low byte too */
    private static function dimmers(Snapshot $snapshot): array
    {
        $dimmers = [];
        foreach ($snapshot->fixtures as $fixture) {
            foreach ($fixture->universe() === $snapshot->universe() ? $fixture->mode()->channels : [] as $channel) {
                $coarse = $channel->isFine() ? $fixture->mode()->channel((int) $channel->fineOf) : $channel;
                if (true === $coarse?->has(RangeFunction::Intensity)) {
                    $dimmers[$fixture->span()->first + $channel->offset - 1] = true;
                }
            }
        }

        return $dimmers;
    }

    public static function compile(Snapshot $snapshot): CompiledStage
    {
        $modes = new CompiledModes();
        $units = array_map(static fn (PatchedFixture $one): StageUnit => new StageUnit(
            (string) $one->id(),
            $one->name(),
            $one->universe(),
            $one->span(),
            $modes->of($one),
            Snapshot::silence($one),
            $snapshot->trim($one)->tables($one->mode()),
            Reversal::InUnit === $one->panReversed(),
            Reversal::InUnit === $one->tiltReversed(),
        ), $snapshot->fixtures);

        $desk = $snapshot->desk();

        return new CompiledStage($units, $snapshot->universe(), null === $desk ? null : DeskOutput::of($desk), self::dimmers($snapshot));
    }
}
