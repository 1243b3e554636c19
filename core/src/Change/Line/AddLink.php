<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;

/** A radio sender. */
final readonly class AddLink implements Change
{
    /**
     * @param string      $kit  id of a radio kit of the library
     * @param string|null $name that the sender is set to; null for the kit's first that no sender uses yet
     */
    public function __construct(public string $kit, public string $label, public ?string $name = null)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $kit = $world->kit($this->kit);
        if (\count($rig->links) >= Limits::LINKS) {
            throw InputError::because('out_of_range', 'label', \sprintf('A rig holds at most %d radio links.', Limits::LINKS));
        }
        $link = new Link(
            $world->newId(),
            $kit,
            Limits::name($this->label, 'label'),
            KitName::of($kit->kit, $this->name ?? self::unused($rig, $kit), 'name'),
        );

        return new Applied($rig->withLink($link), \sprintf('Added sender %s on %s', $link->label, $link->name), [$link->id]);
    }

    private static function unused(Rig $rig, KitInUse $kit): string
    {
        $used = array_map(static fn (Link $link): string => $link->kit->kit->name === $kit->kit->name ? $link->name : '', $rig->links);

        return array_values(array_diff($kit->kit->settings(), $used))[0] ?? $kit->kit->settings()[0];
    }
}
