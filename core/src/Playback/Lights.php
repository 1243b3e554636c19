<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Light\Cause;

/** What every lamp shows, brought forward from frame to frame: only whoever hears something new is reckoned anew. */
final class Lights
{
    /** @var array<int, LampLight> by place in the patch */
    private array $lights = [];
    /** @var array<int, string> what each unit hears */
    private array $heard = [];

    public function __construct(private readonly CompiledRig $rig)
    {
    }

    /** @return list<LampLight> as they were shown last, in the order of the patch */
    public function all(): array
    {
        return array_values($this->lights);
    }

    /**
     * @return array<int, LampLight> those that are others than in the frame before, by place in the patch; at first, all
     */
    public function show(Frame $frame): array
    {
        $changed = [];
        $twins = [];
        foreach ($this->rig->units as $place => $unit) {
            $bytes = $unit->hears($frame->universes[$unit->universe] ?? '');
            if (($this->heard[$place] ?? null) === $bytes) {
                continue;
            }
            $this->heard[$place] = $bytes;
            $light = $this->light($unit, $bytes, $twins);
            if (true !== ($this->lights[$place] ?? null)?->isLike($light)) {
                $changed[$place] = $this->lights[$place] = $light;
            }
        }

        return $changed;
    }

    /** @param array<string, LampLight> $twins those of this frame, by what makes them so */
    private function light(PlayedUnit $unit, string $bytes, array &$twins): LampLight
    {
        $silence = $this->rig->silence($unit);
        if (null === $unit->mode || null !== $silence) {
            return LampLight::without($unit, $silence ?? Cause::chartErrors());
        }
        $key = $unit->twinKey();
        $light = (null === $key ? null : $twins[$key] ?? null)
            ?? LampLight::of($unit, $unit->mode, $unit->mode->light($unit->reads($bytes)));
        if (null !== $key) {
            $twins[$key] = $light;
        }

        return $light;
    }
}
