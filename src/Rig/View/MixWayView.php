<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Finding\IntentWords;
use Rigger\Core\Light\Solve\Way;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** One way to a colour, at full. */
final readonly class MixWayView
{
    /**
     * @param string               $recipe     brightest, white-first, three
     * @param float                $brightness 0 to 1, of all its light
     * @param float|null           $deltaUv    Δu′v′ from the colour asked; null where it has none
     * @param list<MixChannelView> $channels
     * @param list<string>         $notes
     */
    public function __construct(
        public string $recipe,
        public float $brightness,
        public ?float $deltaUv,
        public ?ColourView $reached,
        public array $channels,
        public array $notes,
    ) {
    }

    public static function of(Way $way): self
    {
        return new self(
            $way->recipe->value,
            $way->light->brightness,
            $way->solved->deltaUv,
            null === $way->light->colour ? null : ColourView::of($way->recipe->value, $way->light->colour),
            array_map(static fn (array $one): MixChannelView => new MixChannelView(
                $one[0]->title(),
                $one[1],
                self::emitter($one[0]),
            ), $way->channels),
            array_map(IntentWords::sentence(...), $way->solved->notes),
        );
    }

    private static function emitter(Channel $channel): ?string
    {
        return $channel->first(RangeFunction::Emitter)?->emitter;
    }
}
