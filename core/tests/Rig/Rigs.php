<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigReader;
use Rigger\Core\Document\RunEntry;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Power\Battery;
use Rigger\Core\Power\Chemistry;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Splitter;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Power\TapeWiring;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\Unit;

/** Rigs for tests: the demo, and rigs by chance with the faults that people make. */
final class Rigs
{
    public static function demo(): Rig
    {
        return self::of(RigReader::read(self::json('rigs/the-tidekeeper')));
    }

    /** A rig by a seed: units of the demo's types all over two universes, twins, clashes, overruns, locks, some out of action, held slots, a desk or none. */
    public static function byChance(int $seed, int $units = 14): Rig
    {
        $chance = new Randomizer(new Mt19937($seed));
        $demo = self::demo();
        $revisions = array_values(array_reduce(
            $demo->units,
            static fn (array $all, Unit $unit): array => [$unit->revision()->id => $unit->revision()] + $all,
            [],
        ));
        $desks = [
            null,
            ...array_map(
                static fn (string $one): DeskInUse => new DeskInUse($one, DeskReader::read(self::json('desks/'.$one))),
                ['tenfold-10', 'capstan-4', 'rowlock-12', 'skiff-24'],
            ),
        ];
        $hung = [];
        for ($nth = 1; $nth <= $units; ++$nth) {
            $revision = $revisions[$chance->getInt(0, \count($revisions) - 1)];
            $modes = $revision->usableModes();
            $before = [] === $hung ? null : $hung[$chance->getInt(0, \count($hung) - 1)];
            // One in four is a twin of somebody.
            $unit = null !== $before && 1 === $chance->getInt(1, 4)
                ? new Unit('unit-'.$nth, 'Unit '.$nth, $before->revision(), $before->mode()->key, $before->place)
                : new Unit(
                    'unit-'.$nth,
                    'Unit '.$nth,
                    $revision,
                    $modes[$chance->getInt(0, \count($modes) - 1)]->key,
                    new Place($chance->getInt(1, 8) > 1 ? 1 : 2, $chance->getInt(1, $chance->getInt(1, 6) > 1 ? 140 : 512)),
                );
            $states = [RunState::Leader, RunState::Follower, RunState::Alone];
            $unit = 1 === $chance->getInt(1, 9) ? $unit->running($states[$chance->getInt(0, 2)]) : $unit;
            $unit = 1 === $chance->getInt(1, 9) ? $unit->hearingRemote(true) : $unit;
            $hung[] = $unit->locked(1 === $chance->getInt(1, 7));
        }

        $rig = new Rig('rig', 'By chance', 'The Boathouse Studio', 1, $desks[$chance->getInt(0, \count($desks) - 1)], $hung);
        $first = $chance->getInt(1, 120);
        $held = new HeldSlots('held', 'House lights', 1, Span::at($first, $chance->getInt(1, 12)));
        $out = $hung[$chance->getInt(0, \count($hung) - 1)];

        $rig = match ($chance->getInt(1, 4)) {
            1 => $rig->withHold($held),
            2 => $rig->withUnits($out->outOfAction(true)),
            default => $rig,
        };

        $rig = 1 === $chance->getInt(1, 2) ? self::cabled($rig, $chance) : $rig;

        $rig = 1 === $chance->getInt(1, 3) ? self::onRadio($rig, $chance) : $rig;

        return 1 === $chance->getInt(1, 3) ? self::powered($rig, $chance) : $rig;
    }

    public static function of(RigDocument $document): Rig
    {
        $revisions = [];
        foreach ($document->types as $index => $profile) {
            $revisions[] = new Revision('revision-'.$index, 'type-'.$index, 1, $profile->maker, $profile->model, $profile);
        }
        $links = [];
        foreach ($document->links as $index => $link) {
            $kit = new KitInUse('kit-'.$link->kit, $document->kits[$link->kit]);
            $links[] = new Link('link-'.$index, $kit, $link->label, $link->name, $link->spot, $link->place, $link->obstacles);
        }
        $units = [];
        foreach ($document->units as $index => $fixture) {
            $units[] = $fixture->unit(
                'unit-'.$index,
                $revisions[$fixture->type],
                null === $fixture->link ? null : $links[$fixture->link]->id,
            );
        }
        $looks = [];
        foreach ($document->looks as $index => $look) {
            $values = [];
            foreach ($look->values as $unit => $list) {
                $values['unit-'.$unit] = $list;
            }
            $looks[] = new Look('look-'.$index, $look->name, $look->bank, $look->number, $values);
        }
        $supports = [];
        foreach ($document->supports as $index => $support) {
            $supports[] = new Support('support-'.$index, $support);
        }

        return new Rig(
            'rig',
            $document->name,
            $document->venue,
            1,
            null === $document->desk ? null : new DeskInUse('desk', $document->desk),
            $units,
            $links,
            $looks,
            $supports,
            runs: self::runs($document),
            van: $document->van,
            house: $document->house,
        );
    }

    /** @return list<Run> with items "item-0-2" */
    private static function runs(RigDocument $document): array
    {
        $ids = array_map(
            static fn (RunEntry $run, int $index): array => array_map(
                static fn (int $place): string => 'item-'.$index.'-'.$place,
                array_keys($run->items),
            ),
            $document->runs,
            array_keys($document->runs),
        );
        $units = array_map(static fn (int $index): string => 'unit-'.$index, array_keys($document->units));

        return array_map(
            static fn (RunEntry $run, int $index): Run => $run->run(
                'run-'.$index,
                $ids[$index],
                $units,
                array_map(static fn (array $items): ?string => [] === $items ? null : $items[\count($items) - 1], $ids),
            ),
            $document->runs,
            array_keys($document->runs),
        );
    }

    /** Most of a rig's units on three breakers and an outlet by chance, some too much for them; one on thin wire, one on a battery. */
    private static function powered(Rig $rig, Randomizer $chance): Rig
    {
        foreach ([new Circuit('c1', 'C1', 16.0), new Circuit('c2', 'C2', 6.0), new Circuit('c3', 'C3', 2.0), new Circuit('bar', 'Bar', 3.0, 'c1')] as $one) {
            $rig = $rig->withCircuit($one);
        }
        foreach ($rig->units as $unit) {
            $rig = $rig->withUnits($unit->pluggedInto([null, 'c1', 'c2', 'c3', 'bar'][$chance->getInt(0, 4)]));
        }
        $ids = array_keys($rig->units);
        $unit = $rig->unit($ids[$chance->getInt(0, \count($ids) - 1)]);
        $rig = $rig->withUnits($unit->supplied(new Supply(
            battery: new Battery(Chemistry::Lead, (float) $chance->getInt(1, 40), 12.0, 0.5),
            tape: new TapeWiring(12.0, 14.4, 5.0, (float) $chance->getInt(1, 20), [0.5, 1.5][$chance->getInt(0, 1)]),
        )));

        return $rig;
    }

    /** Some of a rig's units behind two senders by chance, through receivers of their own and one that they share. */
    private static function onRadio(Rig $rig, Randomizer $chance): Rig
    {
        $world = new SmallWorld();
        $kits = ['reed-link', 'loon-pair', 'osier-air'];
        $receivers = [];
        foreach (['one', 'two'] as $id) {
            $kit = $world->kit($kits[$chance->getInt(0, 2)]);
            $settings = $kit->kit->settings();
            $rig = $rig->withLink(new Link($id, $kit, 'Sender '.$id, $settings[$chance->getInt(0, 2)]));
            $receivers[] = new Receiver('box-'.$id, $id, 'Box '.$id, 1 === $chance->getInt(1, 3) ? null : $settings[$chance->getInt(0, 2)]);
        }
        foreach ($receivers as $receiver) {
            $rig = $rig->withReceiver($receiver);
        }
        foreach ($rig->units as $unit) {
            $receiver = $receivers[$chance->getInt(0, 1)];
            $settings = $rig->link($receiver->linkId)->kit->kit->settings();
            $first = $chance->getInt(1, 3);
            $rig = match ($chance->getInt(1, 5)) {
                1 => $rig->withUnits($unit->listeningTo($receiver->linkId, $settings[$chance->getInt(0, 2)])),
                2 => $rig->withUnits($unit->behind(
                    $receiver,
                    0 === $rig->link($receiver->linkId)->kit->kit->outputs ? null : range($first, $first + $unit->footprint() - 1),
                )),
                default => $rig,
            };
        }

        return $rig;
    }

    /** Some of a rig's units on runs by chance, with the faults that people make. */
    private static function cabled(Rig $rig, Randomizer $chance): Rig
    {
        $ends = Ends::cases();
        $types = CableType::cases();
        $units = array_values(array_filter($rig->units, static fn (Unit $unit): bool => 1 !== $chance->getInt(1, 5)));
        $runs = [];
        foreach (array_chunk($units, $chance->getInt(3, 40)) as $nth => $chunk) {
            $items = array_map(static fn (Unit $unit): RunItem => RunItem::unit(
                'item-'.$unit->id,
                $unit->id,
                new Piece(
                    1 === $chance->getInt(1, 3) ? null : $chance->getInt(0, 60) / 2,
                    $types[$chance->getInt(0, 2)],
                    $ends[$chance->getInt(0, 3)],
                ),
                $ends[$chance->getInt(0, 3)],
            ), $chunk);
            $hasSplitter = 1 === $chance->getInt(1, 3);
            $before = [] === $runs ? null : $runs[$chance->getInt(0, \count($runs) - 1)]->splitter();
            $runs[] = new Run(
                'run-'.$nth,
                'Run '.($nth + 1),
                match (true) {
                    null !== $before => Outlet::ofSplitter($before->id, $chance->getInt(1, 2)),
                    1 === $chance->getInt(1, 6) => null,
                    default => Outlet::ofDesk($chance->getInt(1, 3), $chance->getInt(1, 6) > 1 ? 1 : 2),
                },
                $hasSplitter ? [...$items, RunItem::splitter('splitter-'.$nth, new Splitter('Splitter '.$nth, 2))] : $items,
                1 === $chance->getInt(1, 2),
            );
        }

        return $rig->withRuns(...$runs);
    }

    public static function named(Rig $rig, string $name): Unit
    {
        foreach ($rig->units as $unit) {
            if ($unit->name === $name) {
                return $unit;
            }
        }
        throw new \LogicException('Nobody is called '.$name);
    }

    public static function json(string $file): mixed
    {
        return Json::decode((string) file_get_contents(\dirname(__DIR__, 3).'/demo/'.$file.'.json'));
    }
}
