<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** A receiver that several units share. */
final readonly class AddReceiver implements Change
{
    /**
     * @param string|null  $setting name that it is set to; null while it is not set yet
     * @param list<string> $units   behind it, in the order of its outputs or of the cable
     */
    public function __construct(
        public string $link,
        public string $label,
        public ?string $setting = null,
        #[Ids(mayBeEmpty: true)] public array $units = [],
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $link = $rig->link($this->link);
        if (\count($rig->receivers) >= Receiver::MOST) {
            throw InputError::because('out_of_range', 'label', \sprintf('A rig holds at most %d receivers.', Receiver::MOST));
        }
        $receiver = new Receiver(
            $world->newId(),
            $link->id,
            Limits::name($this->label, 'label'),
            null === $this->setting ? null : KitName::of($link->kit->kit, $this->setting, 'setting'),
        );
        $names = array_map(static fn (string $id): string => $rig->unit($id)->name, $this->units);
        $rig = $rig->withReceiver($receiver);
        foreach ($this->units as $unit) {
            $rig = Outputs::put($rig, $rig->unit($unit), $receiver, null);
        }

        return new Applied(
            $rig,
            \sprintf('Added receiver %s of %s', $receiver->label, $link->label).([] === $names ? '' : ' with '.Names::few($names)),
            [$receiver->id],
        );
    }
}
