<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** The PDF library without its own line at the foot of the last page: sheets bear the operator's words only. */
final class Pdf extends \TCPDF
{
    /** @var mixed as the library has it */
    protected $tcpdflink = false;
}
