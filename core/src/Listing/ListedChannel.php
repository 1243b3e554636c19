<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

use Rigger\Core\Profile\RangeFunction;

/** A channel as it is gathered from the rows of a list. @internal */
final class ListedChannel
{
    /** @var list<array<string, mixed>> */
    private array $ranges = [];

    public function __construct(
        public readonly int|float $offset,
        public readonly string $label,
        private readonly int|float|null $cell,
        private readonly int|float|null $fineOf,
        private readonly int|float $default,
    ) {
    }

    public function take(ListRow $row): void
    {
        $from = $row->number('from');
        if (null === $from) {
            return;
        }
        $function = $row->text('function') ?? RangeFunction::None->value;
        $range = ['from' => $from, 'to' => $row->number('to') ?? $from, 'label' => $row->text('range') ?? '', 'function' => $function];
        $slot = $row->number('slot');
        foreach (RangeFunction::tryFrom($function)?->members() ?? [] as $member) {
            $isAmount = 'start' === $member || 'end' === $member;
            if ('slot' === $member ? null === $slot : $isAmount && null !== $slot) {
                continue;
            }
            $range[$member] = $isAmount || 'slot' === $member ? $row->number($member) : $row->text($member);
        }
        $this->ranges[] = $range;
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'offset' => $this->offset,
            'label' => $this->label,
            'cell' => $this->cell,
            'fineOf' => $this->fineOf,
            'default' => $this->default,
            'ranges' => $this->ranges,
        ];
    }
}
