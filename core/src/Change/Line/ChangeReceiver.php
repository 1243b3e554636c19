<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Rig;

/** A shared receiver gets another name, another sender, or is set otherwise; what is left out stays. */
final readonly class ChangeReceiver implements Change
{
    /**
     * @param string|null $link    another sender
     * @param string|null $setting name that it is set to
     * @param bool        $isNew   nobody knows what it is set to
     */
    public function __construct(
        public string $receiver,
        public ?string $label = null,
        public ?string $link = null,
        public ?string $setting = null,
        public bool $isNew = false,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $receiver = $rig->receiver($this->receiver);
        $said = [];
        if (null !== $this->label) {
            $label = Limits::name($this->label, 'label');
            $said[] = \sprintf('Renamed receiver %s to %s', $receiver->label, $label);
            $receiver = $receiver->relabelled($label);
        }
        $link = $rig->link($this->link ?? $receiver->linkId);
        if ($link->id !== $receiver->linkId) {
            Outputs::requireRoom($rig, $link, $receiver);
            $said[] = \sprintf('Put receiver %s behind sender %s', $receiver->label, $link->label);
            $receiver = $receiver->listeningTo($link->id, $link->kit->kit->has($receiver->setting ?? '') ? $receiver->setting : null);
        }
        if (null !== $this->setting || $this->isNew) {
            $setting = null === $this->setting || $this->isNew ? null : KitName::of($link->kit->kit, $this->setting, 'setting');
            $said[] = \sprintf('Set receiver %s to %s', $receiver->label, $setting ?? 'nothing');
            $receiver = self::set($receiver, $setting);
        }

        return new Applied($rig->withReceiver($receiver), [] === $said ? 'Left '.$receiver->label.' as it is' : implode('; ', $said));
    }

    private static function set(Receiver $receiver, ?string $setting): Receiver
    {
        return $receiver->setting === $setting ? $receiver : $receiver->listeningTo($receiver->linkId, $setting);
    }
}
