<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Where a fader is, in the words of its desk. */
final class FaderWords
{
    /** "button 10, page inner, fader 1"; "fader 7" where there is but one page and no button. */
    public static function place(Desk $desk, Fader $fader): string
    {
        $keys = $desk->manual->keys;
        $place = [];
        if (null !== $fader->button) {
            $place[] = $keys->of('button').' '.$fader->button;
        }
        if ($desk->pages > 1) {
            $place[] = mb_strtolower($keys->of('page')).' '.$keys->page($fader->page);
        }

        return implode(', ', [...$place, 'fader '.$fader->number]);
    }
}
