<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\Members;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Receiver;

/** A receiver that several units share, in a rig document. */
final readonly class ReceiverEntry
{
    /**
     * @param int         $link    index among the document's links
     * @param string|null $setting name that it is set to
     */
    public function __construct(public int $link, public string $label, public ?string $setting)
    {
    }

    public static function of(Receiver $receiver, int $link): self
    {
        return new self($link, $receiver->label, $receiver->setting);
    }

    public static function read(mixed $item, string $path): self
    {
        $in = Members::of($item, ['link', 'label', 'setting'], $path);

        return new self(
            $in->whole('link', 0),
            Limits::name($in->text('label'), $in->path('label')),
            $in->has('setting') && !$in->isNull('setting') ? $in->text('setting') : null,
        );
    }

    public function receiver(string $id, string $linkId): Receiver
    {
        return new Receiver($id, $linkId, $this->label, $this->setting);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['link' => $this->link, 'label' => $this->label, 'setting' => $this->setting];
    }
}
