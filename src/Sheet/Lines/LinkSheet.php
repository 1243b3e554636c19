<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Lines;

use Rigger\App\Sheet\Draw\Flow;
use Rigger\Core\Judge\Lines\PairingCard;
use Rigger\Core\Judge\Lines\PairingStep;
use Rigger\Core\Line\Radio\LampSign;
use Rigger\Core\Rig\Line\Reach;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Radio links on paper: which sender is set to what, and how each receiver is paired. */
final class LinkSheet
{
    public static function links(Flow $flow, Rig $rig): void
    {
        if ([] === $rig->links) {
            $flow->paragraph('No radio link is planned.');

            return;
        }
        foreach ($rig->links as $link) {
            $flow->room(45);
            $flow->heading(\sprintf('%s: %s, set to %s', $link->label, $link->kit->kit->name, $link->name));
            $band = $link->kit->kit->band($link->name);
            $flow->paragraph(implode('. ', array_filter([
                null === $link->spot ? null : 'Aerial '.$link->spot->words(),
                null === $band ? null : 'It sends at '.$band->words(),
                'Between it and its receivers: '.$link->place->words(),
            ], is_string(...))).'.');
            $behind = array_values(array_filter($rig->units, static fn (Unit $unit): bool => $unit->linkId === $link->id));
            if ([] === $behind) {
                $flow->paragraph('No receiver is set to it.');
            } else {
                $flow->table([40, 30, 34, 40, 24], ['Receiver of', 'Address', 'Set to', 'Where', 'Margin'], array_map(
                    static fn (Unit $unit): array => self::row($rig, $link, $unit),
                    $behind,
                ));
            }
            $flow->down(1);
            $flow->paragraph('Lamps: '.self::lamps($link).'.', 8);
        }
        $flow->down(2);
        $flow->paragraph('Margins are planning figures. One sender for each name.');
    }

    public static function pairing(Flow $flow, Rig $rig): void
    {
        $linked = array_values(array_filter($rig->units, static fn (Unit $unit): bool => isset($rig->links[$unit->linkId ?? ''])));
        if ([] === $linked) {
            $flow->paragraph('No unit listens by radio.');
        }
        foreach ($rig->onePerReceiver($linked) as $unit) {
            $card = PairingCard::of($rig, $unit);
            $flow->recipe(
                \sprintf('%s with %s on %s (%s)', $card->name, $card->link->label, $card->link->name, $card->link->kit->kit->name),
                array_map(self::step(...), $card->steps),
                [
                    ...array_map(static fn (string $one): string => 'Proof: '.$one, $card->proof),
                    ...array_map(static fn (string $one): string => 'To unpair: '.$one, $card->undo),
                    ...(null === $card->link->kit->kit->note ? [] : [$card->link->kit->kit->note]),
                ],
            );
        }
    }

    private static function step(PairingStep $step): string
    {
        $time = null === $step->to ? '' : \sprintf(' [%s to %s s after switching on]', $step->from ?? 0, $step->to);

        return $step->words.$time;
    }

    /** @return list<string> */
    private static function row(Rig $rig, Link $link, Unit $unit): array
    {
        $reach = Reach::of($link, $rig->spotOfReceiver($unit));
        $shared = $rig->receivers[$unit->receiverId ?? ''] ?? null;

        return [
            null === $shared ? $unit->name : \sprintf(
                '%s, %s%s',
                $unit->name,
                $shared->label,
                null === $unit->outputs ? '' : ' '.implode(' ', $unit->outputs),
            ),
            $unit->place->words(),
            $unit->receiver ?? 'nothing yet',
            $unit->position ?? '',
            null === $reach ? '' : \sprintf('%.1f dB', $reach->margin->marginDb),
        ];
    }

    private static function lamps(Link $link): string
    {
        $words = static fn (string $of, LampSign $lamp): string => $of.' '.$lamp->words().' = '.$lamp->state->words();
        $kit = $link->kit->kit;

        return implode('; ', [
            ...array_map(static fn (LampSign $lamp): string => $words('sender', $lamp), $kit->sender->lamps),
            ...array_map(static fn (LampSign $lamp): string => $words('receiver', $lamp), $kit->receiver->lamps),
        ]);
    }
}
