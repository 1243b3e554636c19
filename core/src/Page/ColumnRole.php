<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;

/** What a column of a chart holds, by the word at its head. */
enum ColumnRole
{
    case Channel;
    /** Numbers of the channels in one mode of several. */
    case Mode;
    /** Names the mode that its row and those below it belong to. */
    case ModeName;
    case Label;
    case Values;
    case Hex;
    case Percent;
    case From;
    case To;
    case Text;
    /** Resting values, notes of the printer and the like: not read. */
    case Ignored;
    case Other;

    private const WORDS = [
        'channel' => '(?:dmx\s*)?(?:ch|chan|chnl|channel|channels|slot|offset|kanal)(?:\s*(?:no|nr|number|#))?|no|nr|number|#|dmx\s*#',
        'mode' => '(?:dmx\s*)?(?:mode|personality)(?:\s*name)?',
        'label' => '(?:channel\s*)?(?:functions?|feature|attribute|parameter|name|capability|property|control|type)',
        'values' => '(?:dmx|channel|data|control)?[\s-]*(?:values?|range|ranges|value\s*range|bounds|data|levels?)|dmx'
            .'|(?:dmx\s*)?(?:decimal|dec)(?:\s*values?)?',
        'hex' => '(?:dmx\s*)?(?:hex|hexadecimal)(?:\s*values?)?',
        'percent' => '%|per\s*cent|percent(?:age)?|(?:dmx|value)s?\s*%',
        'from' => '(?:value\s*)?(?:from|min|minimum|start|begin|low|lower|first)(?:\s*value)?',
        'to' => '(?:value\s*)?(?:to|max|maximum|end|high|upper|last|until)(?:\s*value)?',
        'text' => '(?:range\s*)?(?:descriptions?|details?|effects?|meaning|contents?|action|what(?:\s*it\s*does)?|result|explanation'
            .'|text|label)',
        'ignored' => 'default|defaults|home|rest|resting(?:\s*value)?|default\s*value|remarks?|notes?|comments?|snap|fade',
    ];

    public static function ofHeading(string $text): self
    {
        $word = trim(mb_strtolower($text), " .:()[]*\t");
        foreach (self::WORDS as $role => $pattern) {
            if (1 === preg_match('/^(?:'.$pattern.')$/', $word)) {
                return match ($role) {
                    'channel' => self::Channel,
                    'mode' => self::ModeName,
                    'label' => self::Label,
                    'values' => self::Values,
                    'hex' => self::Hex,
                    'percent' => self::Percent,
                    'from' => self::From,
                    'to' => self::To,
                    'text' => self::Text,
                    default => self::Ignored,
                };
            }
        }

        return self::Other;
    }

    public function isText(): bool
    {
        return \in_array($this, [self::Label, self::Text, self::Other], true);
    }
}
