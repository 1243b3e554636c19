<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureType;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Support;
use Rigger\App\Entity\TypeCurves;
use Rigger\App\Problem\Problem;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskFixture;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Line\RadioLink as LinkRule;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Stage\UnitTrim;

/** A rig with everything in it, as loaded, and what the core makes of it. */
final class Snapshot
{
    /** @var array<string, PatchedFixture>|null */
    private ?array $byId = null;
    private ?DeskMap $map = null;
    private ?AddressCheck $addresses = null;
    /** @var list<DeskFixture>|null */
    private ?array $deskFixtures = null;

    /**
     * @param list<PatchedFixture> $fixtures in the order of the patch list
     * @param list<RadioLink>      $links    in the order they were added
     * @param list<Look>           $looks    by bank and number
     * @param list<Support>        $supports beams and stands, in the order they were added
     * @param list<TypeCurves>     $curves   of types
     */
    public function __construct(
        public readonly Rig $rig,
        public readonly array $fixtures,
        public readonly array $links,
        public readonly array $looks,
        public readonly array $supports = [],
        public readonly array $curves = [],
    ) {
    }

    /** @return list<PatchedFixture> those that a change has touched */
    public function touched(): array
    {
        return array_values(array_filter($this->fixtures, static fn (PatchedFixture $one): bool => $one->isTouched()));
    }

    /** The same rig after its entities have changed: what the core made of it before is forgotten. */
    public function again(): self
    {
        return new self($this->rig, $this->fixtures, $this->links, $this->looks, $this->supports, $this->curves);
    }

    /** @return array<string, PatchedFixture> */
    private function byId(): array
    {
        return $this->byId ??= array_combine(array_map(static fn (PatchedFixture $one): string => (string) $one->id(), $this->fixtures), $this->fixtures);
    }

    /** @throws Problem not_found */
    public function fixture(string $id): PatchedFixture
    {
        return $this->byId()[$id] ?? throw Problem::notFound('This fixture');
    }

    /** @throws Problem not_found */
    public function link(string $id): RadioLink
    {
        foreach ($this->links as $link) {
            if ((string) $link->id() === $id) {
                return $link;
            }
        }
        throw Problem::notFound('This radio link');
    }

    /** @throws Problem not_found */
    public function support(string $id): Support
    {
        foreach ($this->supports as $support) {
            if ((string) $support->id() === $id) {
                return $support;
            }
        }
        throw Problem::notFound('This beam or stand');
    }

    public function typeCurves(FixtureType $type, string $mode): ?TypeCurves
    {
        foreach ($this->curves as $curves) {
            if ($curves->type === $type && $curves->mode === $mode) {
                return $curves;
            }
        }

        return null;
    }

    /** What stands between the faders and a unit: its own curves, and those of its type for the other channels. */
    public function trim(PatchedFixture $fixture): UnitTrim
    {
        $curves = [];
        foreach ([...$this->typeCurves($fixture->revision()->type, $fixture->modeKey())?->curves() ?? [], ...$fixture->curves()] as $one) {
            $curves[$one->channel] = $one;
        }
        ksort($curves);

        return new UnitTrim(array_values($curves), $fixture->panReversed(), $fixture->tiltReversed());
    }

    /** @throws Problem not_found */
    public function look(string $id): Look
    {
        foreach ($this->looks as $look) {
            if ((string) $look->id() === $id) {
                return $look;
            }
        }
        throw Problem::notFound('This look');
    }

    /** The core speaks of fixtures by id; people know them by name. */
    public function named(string $message): string
    {
        return preg_replace_callback('/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/', fn (array $id): string => ($this->byId()[$id[0]] ?? null)?->name() ?? $id[0], $message) ?? $message;
    }

    public function desk(): ?Desk
    {
        return $this->rig->desk()?->desk();
    }

    /** The universe that the desk sends; without a desk the first. */
    public function universe(): int
    {
        return $this->desk()->universe ?? 1;
    }

    public static function placed(PatchedFixture $fixture): Placed
    {
        return new Placed((string) $fixture->id(), $fixture->universe(), $fixture->span(), $fixture->modeIdentity());
    }

    public function addresses(): AddressCheck
    {
        return $this->addresses ??= AddressCheck::of(array_map(self::placed(...), $this->fixtures));
    }

    /** @return list<DeskFixture> */
    public function deskFixtures(): array
    {
        return $this->deskFixtures ??= array_map(static fn (PatchedFixture $one): DeskFixture => new DeskFixture(self::placed($one), $one->mode()->labels()), $this->fixtures);
    }

    public function map(): ?DeskMap
    {
        $desk = $this->desk();

        return null === $desk ? null : $this->map ??= DeskMap::of($desk, $this->deskFixtures());
    }

    /** Why a unit behind radio hears nothing; null when it does, or hangs on a cable. */
    public static function silence(PatchedFixture $fixture): ?string
    {
        $link = $fixture->link();

        return null === $link ? null : (new LinkRule($link->label(), $link->name(), $fixture->receiver()))->silence($fixture->name());
    }
}
