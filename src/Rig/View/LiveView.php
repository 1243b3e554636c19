<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use OpenApi\Attributes as OA;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\StateReader;

/** One moment at a seat: where everything stands, what is sent, and what every lamp does then. */
final readonly class LiveView
{
    /**
     * @param list<LampView>       $lamps    in the order of the patch
     * @param \stdClass            $sent     what is sent in the desk's universe: value above 0 by address
     * @param array<string, mixed> $standing as StateReader writes it
     */
    public function __construct(
        public int $version,
        public array $lamps,
        public \stdClass $sent,
        #[OA\Property(ref: '#/components/schemas/Standing')] public array $standing,
    ) {
    }

    public static function of(int $version, CompiledRig $rig, State $state): self
    {
        $frame = $rig->frame($state);

        return new self(
            $version,
            array_map(LampView::of(...), $rig->lamps($frame)),
            (object) $frame->slots($rig->universe),
            StateReader::write($state, $rig),
        );
    }
}
