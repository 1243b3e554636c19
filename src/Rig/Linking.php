<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Problem\Problem;
use Rigger\Core\Line\RadioKit;
use Rigger\Core\Rig\Limits;

/** Radio senders, and the receivers of units behind them. */
final readonly class Linking
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function add(Snapshot $snapshot, RadioKit $kit, string $label, ?string $name): string
    {
        if (\count($snapshot->links) >= Limits::LINKS) {
            throw Problem::at('label', 'out_of_range', \sprintf('A rig holds at most %d radio links.', Limits::LINKS));
        }
        $place = [] === $snapshot->links ? 1 : $snapshot->links[\count($snapshot->links) - 1]->place + 1;
        $link = RadioLink::set($snapshot->rig, $kit, Limits::name($label, 'label'), self::nameOf($kit, $name ?? self::unused($snapshot, $kit), 'name'), $place);
        $this->manager->persist($link);

        return \sprintf('Added sender %s on %s', $link->label(), $link->name());
    }

    public function rename(Snapshot $snapshot, string $linkId, string $label): string
    {
        $link = $snapshot->link($linkId);
        $old = $link->label();
        $link->relabel(Limits::name($label, 'label'));

        return \sprintf('Renamed sender %s to %s', $old, $link->label());
    }

    public function sendOn(Snapshot $snapshot, string $linkId, string $name): string
    {
        $link = $snapshot->link($linkId);
        $old = $link->name();
        $link->sendOn(self::nameOf($link->kit, $name, 'name'));

        return \sprintf('Set sender %s from %s to %s', $link->label(), $old, $link->name());
    }

    public function remove(Snapshot $snapshot, string $linkId): string
    {
        $link = $snapshot->link($linkId);
        foreach ($snapshot->fixtures as $fixture) {
            if ($fixture->link() === $link) {
                $fixture->listenTo(null, null);
            }
        }
        $this->manager->remove($link);

        return \sprintf('Removed sender %s', $link->label());
    }

    /**
     * Puts a unit behind a sender, or back on a cable.
     *
     * @param string|null $receiver the name that the unit's receiver is set to; null when it is not set yet
     */
    public function connect(Snapshot $snapshot, string $fixtureId, ?string $linkId, ?string $receiver): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        if (null === $linkId) {
            $fixture->listenTo(null, null);

            return \sprintf('Put %s on a cable', $fixture->name());
        }
        $link = $snapshot->link($linkId);
        $isSame = $fixture->link() === $link;
        $fixture->listenTo($link, null === $receiver ? null : self::nameOf($link->kit, $receiver, 'receiver'));

        return $isSame
            ? \sprintf('Set the receiver of %s to %s', $fixture->name(), $receiver ?? 'nothing')
            : \sprintf('Put %s behind sender %s%s', $fixture->name(), $link->label(), null === $receiver ? '' : ', receiver on '.$receiver);
    }

    private static function nameOf(RadioKit $kit, string $name, string $field): string
    {
        return $kit->has($name) ? $name : throw Problem::at($field, 'not_a_choice', \sprintf('Units of %s are set to one of %s.', $kit->value, implode(', ', $kit->names())));
    }

    /** The kit's first name that no sender uses yet. */
    private static function unused(Snapshot $snapshot, RadioKit $kit): string
    {
        $used = array_map(static fn (RadioLink $one): string => $one->kit === $kit ? $one->name() : '', $snapshot->links);

        return array_values(array_diff($kit->names(), $used))[0] ?? $kit->names()[0];
    }
}
