<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\Connection;
use Rigger\App\Problem\Problem;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Document\PowerEntry;
use Rigger\Core\Document\SupplyEntry;
use Rigger\Core\Document\VanEntry;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Look\MadeLook;
use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\KnownFinding;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\PowerTerms;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\TapeColour;
use Rigger\Core\Rig\TypeCurves;
use Rigger\Core\Rig\Unit;
use Symfony\Component\Uid\Uuid;

/** Rigs of the core from plain rows: a handful of queries, however much hangs, and no entity. */
final readonly class CoreRigs
{
    public function __construct(private Connection $database, private CoreRevisions $revisions, private CoreRuns $runs)
    {
    }

    /** @throws Problem not_found, thrown_away */
    public function get(Uuid $id): Rig
    {
        $row = $this->row(
            'SELECT r.name, v.name AS venue, r.version, r.van, r.house_channels, r.power, r.desk_id, d.document AS desk, '
                .'d.on_shelf, r.thrown_at FROM rig r JOIN venue v ON v.id = r.venue_id LEFT JOIN desk d ON d.id = r.desk_id WHERE r.id = ?',
            (string) $id,
        )
            ?? throw Problem::notFound('This rig');
        if (null !== $row->textOrNull('thrown_at')) {
            throw Problem::thrownAway('This rig');
        }
        $desk = $row->textOrNull('desk_id');

        return new Rig(
            (string) $id,
            $row->text('name'),
            $row->text('venue'),
            $row->whole('version'),
            null === $desk ? null : new DeskInUse($desk, DeskReader::read(Json::decode($row->text('desk'))), $row->flag('on_shelf')),
            $this->units((string) $id),
            array_map(
                self::link(...),
                $this->rows(
                    'SELECT l.id, l.label, l.name, l.x, l.y, l.height, l.surroundings, l.obstacles, k.id AS kit_id, k.document '
                        .'FROM radio_link l JOIN LATERAL (SELECT id, document FROM radio_kit WHERE id = l.kit_id '
                        .'OR (l.kit_id IS NULL AND name = l.kit) ORDER BY id LIMIT 1) k ON true '
                        .'WHERE l.rig_id = ? ORDER BY l.place',
                    (string) $id,
                ),
            ),
            $this->looks((string) $id),
            array_map(
                self::support(...),
                $this->rows(
                    'SELECT id, kind, name, height, from_x, from_y, to_x, to_y FROM support WHERE rig_id = ? ORDER BY place',
                    (string) $id,
                ),
            ),
            array_map(
                static fn (Row $row): TypeCurves => new TypeCurves(
                    $row->text('type_id'),
                    $row->text('mode'),
                    self::curves($row->text('curves')),
                ),
                $this->rows('SELECT type_id, mode, curves FROM type_curves WHERE rig_id = ? ORDER BY id', (string) $id),
            ),
            array_map(
                static fn (Row $row): HeldSlots => new HeldSlots(
                    $row->text('id'),
                    $row->text('name'),
                    $row->whole('universe'),
                    Span::at($row->whole('first'), $row->whole('last') - $row->whole('first') + 1),
                ),
                $this->rows('SELECT id, name, universe, first, last FROM held_slots WHERE rig_id = ? ORDER BY place', (string) $id),
            ),
            array_map(
                static fn (Row $row): KnownFinding => new KnownFinding(
                    $row->text('id'),
                    $row->text('stage'),
                    $row->text('code'),
                    array_values(array_filter((array) Json::decode($row->text('units')), is_string(...))),
                    $row->textOrNull('link_id'),
                    $row->textOrNull('look_id'),
                    $row->textOrNull('note'),
                ),
                $this->rows(
                    'SELECT id, stage, code, units, link_id, look_id, note FROM known_finding WHERE rig_id = ? ORDER BY id',
                    (string) $id,
                ),
            ),
            $this->runs->of((string) $id),
            '[]' === $row->text('van') ? new Van() : VanEntry::read(Json::decode($row->text('van')), 'van'),
            array_values(array_filter((array) Json::decode($row->text('house_channels')), is_int(...))),
            array_map(
                self::receiver(...),
                $this->rows(
                    'SELECT id, link_id, label, setting, paired_at FROM radio_receiver WHERE rig_id = ? ORDER BY place',
                    (string) $id,
                ),
            ),
            array_map(
                static fn (Row $row): Circuit => new Circuit(
                    $row->text('id'),
                    $row->text('name'),
                    $row->number('amps'),
                    $row->textOrNull('fed_by_id'),
                ),
                $this->rows('SELECT id, name, amps, fed_by_id FROM circuit WHERE rig_id = ? ORDER BY place', (string) $id),
            ),
            \in_array($row->text('power'), ['{}', '[]'], true)
                ? new PowerTerms()
                : PowerEntry::read(Json::decode($row->text('power')), 'power'),
        );
    }

    /**
     * Stands for everything that a rig shows: its version, the charts that it follows with their words, and which are the newest.
     *
     * @throws Problem not_found, thrown_away
     */
    public function stamp(Uuid $id): string
    {
        $row = $this->row(<<<'SQL'
            SELECT r.version, r.thrown_at, d.on_shelf, (
                SELECT string_agg(v.id::text || v.xmin::text || t.xmin::text ||
                    (SELECT MAX(x.number) FROM fixture_revision x WHERE x.type_id = t.id), ',' ORDER BY v.id)
                FROM (SELECT DISTINCT revision_id FROM patched_fixture WHERE rig_id = r.id) f
                JOIN fixture_revision v ON v.id = f.revision_id
                JOIN fixture_type t ON t.id = v.type_id
            ) AS charts
            FROM rig r LEFT JOIN desk d ON d.id = r.desk_id WHERE r.id = ?
            SQL, (string) $id) ?? throw Problem::notFound('This rig');
        if (null !== $row->textOrNull('thrown_at')) {
            throw Problem::thrownAway('This rig');
        }

        $shelf = null !== $row->flagOrNull('on_shelf') && $row->flag('on_shelf') ? 'on' : 'off';

        return $row->whole('version').' '.$row->textOrNull('charts').' '.$shelf;
    }

    /** @return list<Unit> */
    private function units(string $rigId): array
    {
        // In the order of the list below: of thousands of rows, to look up columns by name is half of what reading costs.
        /**
         * @var list<array{string, string, string, string, int, int, string|null, string|null, string|null, string|float|null,
         *     string|float|null, string|float|null, int|null, string, string|null, string|null, bool, string|null, string|null, int|null,
         *     string, string|null, string|null, bool, string, string, bool, string|null, string|null, string|null,
         *     string|null, string}> $rows
         */
        $rows = $this->database->fetchAllNumeric(
            'SELECT f.id, f.name, f.revision_id, f.mode, f.universe, f.address, COALESCE(f.link_id, r.link_id), '
                .'COALESCE(f.receiver, r.setting), f.position, f.x, f.y, f.height, f.number, f.groups, f.note, f.tape, f.locked, '
                .'f.pan_reversed, f.tilt_reversed, f.takes_buttons, f.curves, f.set_at, f.proved_at, f.out_of_action, f.cell_names, '
                .'f.run_state, f.hears_remote, f.shared_receiver_id, f.outputs, COALESCE(f.paired_at, r.paired_at), '
                .'f.circuit_id, f.supply FROM patched_fixture f '
                .'LEFT JOIN radio_receiver r ON r.id = f.shared_receiver_id WHERE f.rig_id = ? ORDER BY f.place',
            [$rigId],
        );
        $revisions = $this->revisions->all(array_column($rows, 2));
        $units = [];
        $nothing = new Supply();
        foreach ($rows as [
            $id,
            $name,
            $revision,
            $mode,
            $universe,
            $address,
            $link,
            $receiver,
            $position,
            $x,
            $y,
            $height,
            $number,
            $groups,
            $note,
            $tape,
            $isLocked,
            $pan,
            $tilt,
            $buttons,
            $curves,
            $setAt,
            $provedAt,
            $isOut,
            $cellNames,
            $runState,
            $hearsRemote,
            $shared,
            $outputs,
            $pairedAt,
            $circuit,
            $supply,
        ]) {
            $units[] = new Unit(
                $id,
                $name,
                $revisions[$revision],
                $mode,
                new Place($universe, $address),
                $link,
                $receiver,
                $position,
                null === $x || null === $y ? null : new Spot((float) $x, (float) $y, null === $height ? null : (float) $height),
                $number,
                '[]' === $groups ? [] : array_values(array_filter((array) Json::decode($groups), is_string(...))),
                $note,
                null === $tape ? TapeColour::Cream : TapeColour::from($tape),
                $isLocked,
                null === $pan ? null : Reversal::from($pan),
                null === $tilt ? null : Reversal::from($tilt),
                $buttons,
                '[]' === $curves ? [] : self::curves($curves),
                null === $setAt ? null : new \DateTimeImmutable($setAt),
                null === $provedAt ? null : new \DateTimeImmutable($provedAt),
                $isOut,
                '{}' === $cellNames || '[]' === $cellNames ? [] : self::cellNames($cellNames),
                'desk' === $runState ? RunState::Desk : RunState::from($runState),
                $hearsRemote,
                $shared,
                null === $outputs ? null : array_values(array_filter((array) Json::decode($outputs), is_int(...))),
                null === $pairedAt ? null : new \DateTimeImmutable($pairedAt),
                $circuit,
                '{}' === $supply || '[]' === $supply ? $nothing : SupplyEntry::read(Json::decode($supply), 'supply'),
            );
        }

        return $units;
    }

    private static function receiver(Row $row): Receiver
    {
        $pairedAt = $row->textOrNull('paired_at');

        return new Receiver(
            $row->text('id'),
            $row->text('link_id'),
            $row->text('label'),
            $row->textOrNull('setting'),
            null === $pairedAt ? null : new \DateTimeImmutable($pairedAt),
        );
    }

    private static function link(Row $row): Link
    {
        $kit = new KitInUse($row->text('kit_id'), KitReader::read(Json::decode($row->text('document'))));

        [$x, $y] = [$row->numberOrNull('x'), $row->numberOrNull('y')];

        return new Link(
            $row->text('id'),
            $kit,
            $row->text('label'),
            $row->text('name'),
            null === $x || null === $y ? null : new Spot($x, $y, $row->numberOrNull('height')),
            Surroundings::from($row->text('surroundings')),
            array_map(floatval(...), array_values(array_filter((array) Json::decode($row->text('obstacles')), is_numeric(...)))),
        );
    }

    /** @return list<Look> */
    private function looks(string $rigId): array
    {
        $values = $intents = [];
        foreach ($this->rows(
            'SELECT c.look_id, c.fixture_id, c.channel_values, c.intent FROM look_cell c JOIN look l ON l.id = c.look_id JOIN '
                .'patched_fixture f ON f.id = c.fixture_id WHERE l.rig_id = ? ORDER BY f.place',
            $rigId,
        ) as $row) {
            $values[$row->text('look_id')][$row->text('fixture_id')] = array_values(array_filter(
                (array) Json::decode($row->text('channel_values')),
                is_int(...),
            ));
            if (null !== $intent = $row->textOrNull('intent')) {
                $intents[$row->text('look_id')][$row->text('fixture_id')] = UnitIntent::read(Json::decode($intent), 'intent');
            }
        }

        return array_map(
            static fn (Row $row): Look => new Look(
                $row->text('id'),
                $row->text('name'),
                $row->whole('bank'),
                $row->whole('number'),
                $values[$row->text('id')] ?? [],
                $intents[$row->text('id')] ?? [],
                null === ($made = $row->textOrNull('made')) ? null : MadeLook::from($made),
            ),
            $this->rows('SELECT id, name, bank, number, made FROM look WHERE rig_id = ? ORDER BY bank, number', $rigId),
        );
    }

    private static function support(Row $row): Support
    {
        return new Support(
            $row->text('id'),
            new Held(
                SupportKind::from($row->text('kind')),
                $row->text('name'),
                $row->number('height'),
                $row->number('from_x'),
                $row->number('from_y'),
                $row->number('to_x'),
                $row->number('to_y'),
            ),
        );
    }

    /** @return array<int, string> by number of the cell */
    private static function cellNames(string $json): array
    {
        $names = [];
        foreach (array_filter((array) Json::decode($json), is_string(...)) as $cell => $name) {
            $names[(int) $cell] = $name;
        }
        ksort($names);

        return $names;
    }

    /** @return list<ChannelCurve> */
    private static function curves(string $json): array
    {
        return '[]' === $json
            ? []
            : array_map(
                static fn (mixed $one): ChannelCurve => ChannelCurve::read($one, 'curves'),
                array_values((array) Json::decode($json)),
            );
    }

    private function row(string $sql, string $id): ?Row
    {
        return $this->rows($sql, $id)[0] ?? null;
    }

    /** @return list<Row> */
    private function rows(string $sql, string $id): array
    {
        return array_map(static fn (array $row): Row => new Row($row), $this->database->fetchAllAssociative($sql, [$id]));
    }
}
