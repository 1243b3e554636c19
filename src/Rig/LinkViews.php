<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\KitPartView;
use Rigger\App\Rig\View\LinkView;
use Rigger\App\Rig\View\ReachView;
use Rigger\App\Rig\View\ReceiverView;
use Rigger\App\Rig\View\SpotView;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\KitPart;
use Rigger\Core\Rig\Line\Reach;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Rig;

/** Radio senders to what the interface shows of them. */
final class LinkViews
{
    public static function of(Rig $rig, Link $link): LinkView
    {
        $kit = $link->kit->kit;
        $spot = $link->spot;

        return new LinkView(
            $link->id,
            $link->kit->id,
            $kit->name,
            $link->label,
            $link->name,
            $kit->settings(),
            array_map(static fn (KitPart $part): KitPartView => new KitPartView($part->label, $part->values), $kit->parts),
            null === $spot ? null : new SpotView($spot->x, $spot->y, $spot->height, $spot->words()),
            $link->place->value,
            $link->obstacles,
            $kit->band($link->name)?->words(),
            self::reach($rig, $link),
            array_map(ReceiverView::of(...), array_values(array_filter(
                $rig->receivers,
                static fn (Receiver $one): bool => $one->linkId === $link->id,
            ))),
            $kit->outputs,
            null !== $kit->assign,
        );
    }

    /** Whether somebody behind a sender stands elsewhere, or another does. */
    public static function isReachOtherwise(Rig $before, Rig $after): bool
    {
        foreach ($after->links as $link) {
            if (null !== $link->spot && Json::encode(self::reach($before, $link)) !== Json::encode(self::reach($after, $link))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ReachView> */
    private static function reach(Rig $rig, Link $link): array
    {
        $views = [];
        foreach ($rig->onePerReceiver(array_values($rig->units)) as $unit) {
            $reach = $unit->linkId === $link->id ? Reach::of($link, $rig->spotOfReceiver($unit)) : null;
            if (null !== $reach) {
                $margin = $reach->margin;
                $views[] = new ReachView($unit->id, round($reach->metres, 1), round($margin->marginDb, 1), $margin->verdict());
            }
        }

        return $views;
    }
}
