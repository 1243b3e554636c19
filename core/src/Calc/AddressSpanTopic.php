<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Patch\Span;

/** `address.span` {"address","footprint"} → {"first","last","next","fits"}. */
final class AddressSpanTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['address', 'footprint']);
        $span = Span::at($in->address('address'), $in->whole('footprint', 1, Span::LAST_SLOT));

        return ['first' => $span->first, 'last' => $span->last(), 'next' => $span->next(), 'fits' => $span->fits()];
    }
}
