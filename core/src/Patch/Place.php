<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

use Rigger\Core\Input\InputError;

/** A universe and an address in it. */
final readonly class Place
{
    public function __construct(public int $universe, public int $address)
    {
    }

    /**
     * As people type it: "37", "037", "u2 37", "1/37", "1.037" or "u1-37".
     *
     * A point needs three digits behind it, so that 1.5 is a slip and not universe 1, address 5.
     *
     * @param int $universe the one that is meant when none is typed
     *
     * @throws InputError wrong_type, out_of_range, address_out_of_range; field "address"
     */
    public static function typed(string $text, int $universe): self
    {
        $text = trim($text);
        if (1 === preg_match('/^(\d{1,6})$/D', $text, $parts)) {
            $address = (int) $parts[1];
        } elseif (1 === preg_match('#^(?:u\s*(\d{1,5})\s+|(?:u\s*)?(\d{1,5})\s*(?:/|-|\.(?=\d{3}$))\s*)(\d{1,6})$#iD', $text, $parts)) {
            [$universe, $address] = [(int) ($parts[1].$parts[2]), (int) $parts[3]];
        } else {
            throw InputError::because(
                'wrong_type',
                'address',
                \sprintf('%s is no address: type 1 to 512, or universe and address as u2 37 or 2/37.', InputError::quote($text)),
            );
        }
        if ($universe < 1 || $universe > 63999) {
            throw InputError::outOfRange('universe', $universe, '1 to 63999');
        }
        if ($address < 1 || $address > Span::LAST_SLOT) {
            throw InputError::addressOutOfRange('address', $address);
        }

        return new self($universe, $address);
    }

    public function equals(?self $other): bool
    {
        return null !== $other && $this->universe === $other->universe && $this->address === $other->address;
    }

    /** "037", and in another universe than the first "u2 037": the one way in which it is written. */
    public function words(): string
    {
        return 1 === $this->universe ? \sprintf('%03d', $this->address) : $this->tagged();
    }

    /** "u1 037": where several universes are spoken of. */
    public function tagged(): string
    {
        return \sprintf('u%d %03d', $this->universe, $this->address);
    }
}
