<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\App\Entity\FixtureRevision;
use Rigger\Core\Profile\Mode;

/** A fixture type in the library. */
final readonly class TypeView
{
    /** @param list<ModeView> $modes of its newest revision */
    public function __construct(public string $id, public string $maker, public string $model, public string $kind, public int $revision, public array $modes)
    {
    }

    public static function of(FixtureRevision $revision): self
    {
        $profile = $revision->profile();

        return new self((string) $revision->type->id(), $profile->maker, $profile->model, $profile->kind, $revision->number, array_map(static fn (Mode $one): ModeView => new ModeView($one->key, $one->name, $one->footprint(), $one->display), $profile->modes));
    }
}
