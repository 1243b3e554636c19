<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\TypeCurves;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\TravelView;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Curve\Glow;
use Rigger\Core\Curve\Travel;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;

/** Curves and limits between the faders and the channels of one unit, or of every unit of its type in its mode. */
final readonly class Trimming
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** What a curve would do on a channel, before it stands there. */
    public static function preview(Snapshot $snapshot, string $fixtureId, ChannelCurve $wish): TravelView
    {
        $fixture = $snapshot->fixture($fixtureId);
        $channel = self::channel($fixture, $wish->channel);
        $travel = Travel::of($wish->curve);
        $glow = Glow::of($channel, $wish->curve);

        return new TravelView($travel->values, $travel->words(), null === $glow ? null : self::glowing($fixture->name(), $channel, $glow));
    }

    /**
     * @param bool $isForType for every unit of the type in this mode; the unit's own curve for the channel then goes
     *
     * @return string what was done
     */
    public function bend(Snapshot $snapshot, string $fixtureId, ChannelCurve $wish, bool $isForType): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $channel = self::channel($fixture, $wish->channel);
        $wishes = $wish->curve->isPlain() && $isForType ? [] : [$wish];
        if (!$isForType) {
            $fixture->bend([...self::without($fixture->curves(), $wish->channel), ...$wishes]);

            return \sprintf('%s of %s: %s', $channel->title(), $fixture->name(), self::words($wish->curve));
        }
        $fixture->bend(self::without($fixture->curves(), $wish->channel));
        $this->keepForType($snapshot, $fixture, [...self::without($snapshot->typeCurves($fixture->revision()->type, $fixture->modeKey())?->curves() ?? [], $wish->channel), ...$wishes]);

        return \sprintf('%s of every %s in %s: %s', $channel->title(), $fixture->revision()->type->model(), $fixture->mode()->name, self::words($wish->curve));
    }

    /** Takes the unit's own curve, or its type's, off a channel. */
    public function straighten(Snapshot $snapshot, string $fixtureId, int $offset, bool $isForType): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $channel = self::channel($fixture, $offset);
        if ($isForType) {
            $this->keepForType($snapshot, $fixture, self::without($snapshot->typeCurves($fixture->revision()->type, $fixture->modeKey())?->curves() ?? [], $offset));

            return \sprintf('%s of every %s in %s gets what its fader sends', $channel->title(), $fixture->revision()->type->model(), $fixture->mode()->name);
        }
        $fixture->bend(self::without($fixture->curves(), $offset));

        return \sprintf('%s of %s has no curve of its own', $channel->title(), $fixture->name());
    }

    /**
     * What a unit's own curves become in another mode: each goes with the channel of its name.
     *
     * @return list<ChannelCurve>
     */
    public static function carried(PatchedFixture $fixture, Mode $old, Mode $new): array
    {
        $carried = [];
        foreach ($fixture->curves() as $one) {
            $name = $old->channel($one->channel)?->label;
            foreach ($new->byOffset() as $channel) {
                if ($channel->label === $name && !isset($carried[$channel->offset])) {
                    $carried[$channel->offset] = new ChannelCurve($channel->offset, $one->curve);
                    break;
                }
            }
        }

        return array_values($carried);
    }

    public static function glowing(string $unit, Channel $channel, Glow $glow): string
    {
        return \sprintf('%s still glows in a blackout: with its fader at 0, %s gets %d, which is %s of its light.', $unit, $channel->title(), $glow->value, $glow->level < 0.01 ? 'under 1 %' : \sprintf('%d %%', round(100 * $glow->level)));
    }

    /** @param list<ChannelCurve> $curves */
    private function keepForType(Snapshot $snapshot, PatchedFixture $fixture, array $curves): void
    {
        $there = $snapshot->typeCurves($fixture->revision()->type, $fixture->modeKey());
        if ([] === $curves) {
            if (null !== $there) {
                $this->manager->remove($there);
            }
        } elseif (null === $there) {
            $this->manager->persist(TypeCurves::in($snapshot->rig, $fixture->revision()->type, $fixture->modeKey(), $curves));
        } else {
            $there->change($curves);
        }
    }

    /**
     * @param list<ChannelCurve> $curves
     *
     * @return list<ChannelCurve>
     */
    private static function without(array $curves, int $channel): array
    {
        return array_values(array_filter($curves, static fn (ChannelCurve $one): bool => $one->channel !== $channel));
    }

    private static function channel(PatchedFixture $fixture, int $offset): Channel
    {
        $channel = $fixture->mode()->channel($offset) ?? throw Problem::at('channel', 'out_of_range', \sprintf('%s has %d channels in mode %s, so there is no channel %d.', $fixture->name(), $fixture->mode()->footprint(), $fixture->mode()->name, $offset));
        if ($channel->isFine()) {
            throw Problem::at('channel', 'not_a_choice', \sprintf('%s is the fine byte of channel %d: a curve on it alone would make it jump.', $channel->title(), (int) $channel->fineOf));
        }

        return $channel;
    }

    private static function words(Curve $curve): string
    {
        return $curve->isPlain() ? 'straight, 0 to 255' : \sprintf('%s, %d to %d, %s', $curve->shape->value, $curve->min, $curve->max, 'scale' === $curve->bound->value ? 'scaled' : 'clamped');
    }
}
