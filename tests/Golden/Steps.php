<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Edits as an operator makes them, chosen by a seed from what the rig shows just then. Units, looks and links are named by their place in the view. */
final class Steps
{
    private Randomizer $chance;
    private int $made = 0;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param array<string, mixed> $rig the view
     *
     * @return array<string, mixed> with "step"
     */
    public function next(array $rig): array
    {
        $kinds = ['move', 'move', 'move', 'together', 'rename', 'mode', 'swap', 'position', 'number', 'groups', 'note', 'tape', 'turn', 'lock', 'set', 'proved', 'add', 'twin', 'remove', 'add-link', 'connect', 'receiver', 'remove-link',
            'record', 'again', 'rename-look', 'store', 'steady', 'remove-look', 'curve', 'straight', 'put', 'place', 'line-up', 'support', 'fewest', 'fresh', 'repair', 'repair', 'repair', 'desk', 'undo', 'undo', 'redo', 'rename-rig'];
        // Each kind once, in a shuffled order, then by chance.
        static $order = [];
        if (0 === $this->made) {
            $order = $this->chance->shuffleArray($kinds);
        }
        $kind = $order[$this->made] ?? $kinds[$this->chance->getInt(0, \count($kinds) - 1)];
        ++$this->made;

        return ['step' => $kind] + $this->{'step'.str_replace('-', '', ucwords($kind, '-'))}($rig);
    }

    private function unit(array $rig): int
    {
        return $this->chance->getInt(0, \count($rig['fixtures']) - 1);
    }

    private function stepMove(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'to' => $this->chance->getInt(1, 3) > 1 ? (string) $this->chance->getInt(1, 512) : '2/'.$this->chance->getInt(1, 512)];
    }

    private function stepTogether(array $rig): array
    {
        return ['units' => array_values(array_unique([$this->unit($rig), $this->unit($rig)])), 'to' => '1.'.sprintf('%03d', $this->chance->getInt(1, 480))];
    }

    private function stepRename(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'name' => 'Unit of '.$this->made];
    }

    private function stepMode(array $rig): array
    {
        $unit = $this->chance->getInt(0, \count($rig['fixtures']) - 1);
        $modes = ['Drum 6' => ['five', 'nine', 'two'], 'Spin 40' => ['eleven', 'sixteen'], 'Batten 8' => ['four', 'eight', 'cells']][$rig['fixtures'][$unit]['model']] ?? ['nine', 'four'];

        return ['unit' => $unit, 'mode' => $modes[$this->chance->getInt(0, \count($modes) - 1)]];
    }

    private function stepSwap(array $rig): array
    {
        $type = $rig['types'][$this->chance->getInt(0, \count($rig['types']) - 1)];
        $mode = ['Drum 6' => 'five', 'Spin 40' => 'eleven', 'Batten 8' => 'cells', 'Tape Driver' => 'three', 'Quad Pack' => 'four', 'Pail 7' => 'nine'][$type['model']] ?? 'two';

        return ['unit' => $this->unit($rig), 'type' => $type['id'], 'mode' => $mode, 'room' => 1 === $this->made % 2];
    }

    private function stepPosition(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'text' => ['front beam, right', 'floor', ''][$this->made % 3]];
    }

    private function stepNumber(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'text' => ['12', '5', '', 'x'][$this->made % 4]];
    }

    private function stepGroups(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'text' => 'Storm, Movers'];
    }

    private function stepNote(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'text' => 'Lens is loose'];
    }

    private function stepTape(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'text' => 'sage'];
    }

    private function stepTurn(array $rig): array
    {
        foreach ($rig['fixtures'] as $index => $one) {
            if ([] !== $one['turns']) {
                return ['unit' => $index, 'text' => ['unit', 'software', ''][$this->made % 3]];
            }
        }

        return ['unit' => 0, 'text' => 'unit'];
    }

    private function stepLock(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'is' => true];
    }

    private function stepSet(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'is' => true];
    }

    private function stepProved(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'is' => true];
    }

    private function stepAdd(array $rig): array
    {
        $one = $rig['fixtures'][$this->unit($rig)];

        return ['type' => $one['typeId'], 'mode' => $one['mode'], 'count' => 1 + $this->made % 3, 'name' => 'Drum', 'spacing' => ['packed', 'round', 'buttons', 'stride'][$this->made % 4], 'together' => 1 + $this->made % 2];
    }

    private function stepTwin(array $rig): array
    {
        $unit = $this->unit($rig);

        return ['twinOf' => $unit, 'type' => $rig['fixtures'][$unit]['typeId'], 'mode' => $rig['fixtures'][$unit]['mode'], 'count' => 1, 'name' => $rig['fixtures'][$unit]['name']];
    }

    private function stepRemove(array $rig): array
    {
        return ['unit' => $this->unit($rig)];
    }

    private function stepAddLink(array $rig): array
    {
        return ['kit' => 'Reed Link', 'label' => 'Sender '.$this->made];
    }

    private function stepConnect(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'link' => 0, 'receiver' => null];
    }

    private function stepReceiver(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'link' => 0, 'receiver' => 'Elder'];
    }

    private function stepRemoveLink(array $rig): array
    {
        return ['link' => 0];
    }

    private function stepRecord(array $rig): array
    {
        return ['name' => 'Look '.$this->made, 'bank' => 1 + $this->made % 3, 'number' => 1 + $this->made % 9, 'slots' => $this->slots()];
    }

    private function stepAgain(array $rig): array
    {
        return ['look' => 0, 'slots' => $this->slots()];
    }

    /** @return array<int, int> */
    private function slots(): array
    {
        $slots = [];
        for ($at = 1; $at <= 512; $at += $this->chance->getInt(1, 9)) {
            $slots[$at] = $this->chance->getInt(0, 255);
        }

        return $slots;
    }

    private function stepRenameLook(array $rig): array
    {
        return ['look' => 0, 'name' => 'Named '.$this->made];
    }

    private function stepStore(array $rig): array
    {
        return ['look' => 0, 'bank' => 4, 'number' => $this->made];
    }

    private function stepSteady(array $rig): array
    {
        return ['look' => 0];
    }

    private function stepRemoveLook(array $rig): array
    {
        return ['look' => 0];
    }

    private function stepCurve(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'channel' => 1, 'type' => 0 === $this->made % 2, 'curve' => ['channel' => 1, 'shape' => 'square', 'min' => 20, 'max' => 255, 'bound' => 'clamp']];
    }

    private function stepStraight(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'channel' => 1, 'type' => 0 === $this->made % 2, 'curve' => null];
    }

    private function stepPut(array $rig): array
    {
        return ['units' => array_values(array_unique([$this->unit($rig), $this->unit($rig)])), 'x' => $this->chance->getInt(-40, 40) / 10, 'y' => $this->chance->getInt(0, 60) / 10];
    }

    private function stepPlace(array $rig): array
    {
        return ['unit' => $this->unit($rig), 'x' => 1.5, 'y' => 2.25, 'height' => 3.5];
    }

    private function stepLineUp(array $rig): array
    {
        return ['units' => range(0, 5), 'how' => ['row', 'column', 'spread'][$this->made % 3]];
    }

    private function stepSupport(array $rig): array
    {
        return ['kind' => 'beam', 'name' => 'Beam '.$this->made, 'height' => 4.0, 'fromX' => -4.0, 'fromY' => 1.0, 'toX' => 4.0, 'toY' => 1.0];
    }

    private function stepFewest(array $rig): array
    {
        return ['spacing' => 'packed', 'universes' => 10];
    }

    private function stepFresh(array $rig): array
    {
        return ['spacing' => 'stride', 'universes' => 20];
    }

    /** Every button of every finding, one at a time. */
    private function stepRepair(array $rig): array
    {
        $buttons = [];
        foreach ($rig['findings'] as $index => $finding) {
            foreach ([$finding['repair'], ...$finding['others']] as $nth => $repair) {
                if (null !== $repair) {
                    $buttons[] = [$index, $nth];
                }
            }
        }

        return [] === $buttons ? ['finding' => null] : ['finding' => $buttons[$pick = $this->chance->getInt(0, \count($buttons) - 1)][0], 'button' => $buttons[$pick][1]];
    }

    private function stepDesk(array $rig): array
    {
        return ['name' => ['Rowlock 12', 'Capstan 4', 'Skiff 24'][$this->made % 3]];
    }

    private function stepUndo(array $rig): array
    {
        return [];
    }

    private function stepRedo(array $rig): array
    {
        return [];
    }

    private function stepRenameRig(array $rig): array
    {
        return ['name' => 'Rig '.$this->made];
    }
}
