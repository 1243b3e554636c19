<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Rig\Receiver;

/** A receiver that several units share; which they are, they say themselves. */
final readonly class ReceiverView
{
    /**
     * @param string|null $setting  name that it is set to
     * @param string|null $pairedAt ISO 8601
     */
    public function __construct(public string $id, public string $label, public ?string $setting, public ?string $pairedAt)
    {
    }

    public static function of(Receiver $receiver): self
    {
        return new self($receiver->id, $receiver->label, $receiver->setting, $receiver->pairedAt?->format(\DATE_ATOM));
    }
}
