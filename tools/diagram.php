<?php

declare(strict_types=1);

/*
 * Makes the picture behind the colours of a unit: every colour of (u′, v′) from 0 to 0.64 and 0 to 0.6 as a screen shows it, and the
 * line of pure light (CIE 1931 2° observer, every 5 or 10 nm). Usage: php tools/diagram.php; writes into assets/stages/looks.
 */
require dirname(__DIR__).'/vendor/autoload.php';

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Colour\Uv;

const LINE = [
    [.1741, .0050], [.1714, .0051], [.1644, .0109], [.1566, .0177], [.1440, .0297], [.1241, .0578], [.1096, .0868], [.0913, .1327],
    [.0687, .2007], [.0454, .2950], [.0235, .4127], [.0082, .5384], [.0039, .6548], [.0139, .7502], [.0389, .8120], [.0743, .8338],
    [.1547, .8059], [.2296, .7543], [.3016, .6923], [.3731, .6245], [.4441, .5547], [.5125, .4866], [.5752, .4242], [.6270, .3725],
    [.6658, .3340], [.6915, .3083], [.7190, .2809], [.7347, .2653],
];
[$width, $height] = [320, 300];
$folder = dirname(__DIR__).'/assets/stages/looks';
$picture = imagecreatetruecolor($width, $height);
for ($x = 0; $x < $width; ++$x) {
    for ($y = 0; $y < $height; ++$y) {
        $hex = Srgb::hex((new Uv(0.64 * ($x + 0.5) / $width, 0.6 * (1 - ($y + 0.5) / $height)))->held());
        imagesetpixel($picture, $x, $y, (int) hexdec(substr($hex, 1)));
    }
}
imagejpeg($picture, $folder.'/colours.jpg', 82);
$points = array_map(static function (array $xy): string {
    $uv = Uv::of(Chromaticity::of(...$xy));

    return sprintf('%.0f,%.0f', 1000 * $uv->u, 600 - 1000 * $uv->v);
}, LINE);
file_put_contents($folder.'/pureLight.ts', "/** Made by tools/diagram.php: the line of pure light, in the drawing's units. */\nexport const PURE_LIGHT =\n  '".implode(' ', $points)."';\n");
echo filesize($folder.'/colours.jpg'), " bytes\n";
