<?php

declare(strict_types=1);

/* bin/rigger as a person runs it, from a copy that has neither packages nor database. */
$root = dirname(__DIR__);
$copy = sys_get_temp_dir().'/rigger-bare-'.getmypid();
mkdir($copy);
exec('cp -r '.escapeshellarg($root).'/core '.escapeshellarg($root).'/bin '.escapeshellarg($copy).' && mkdir '.escapeshellarg($copy).'/src && cp -r '.escapeshellarg($root).'/src/Cli '.escapeshellarg($copy).'/src/');

/** @return array{int, string, string} status, output, errors */
$run = static function (string $arguments, string $input = '') use ($copy): array {
    $process = proc_open(
        'bin/rigger '.$arguments,
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
        $copy,
        ['PATH' => getenv('PATH')],
    );
    if (!is_resource($process)) {
        throw new RuntimeException('bin/rigger did not start.');
    }
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    [$out, $errors] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

    return [proc_close($process), $out, $errors];
};
[$passed, $failed] = [0, 0];
$expect = static function (string $what, mixed $expected, mixed $given) use (&$passed, &$failed): void {
    $expected === $given ? ++$passed : ++$failed;
    if ($expected !== $given) {
        echo $what, ":\n  expected ", var_export($expected, true), "\n  given    ", var_export($given, true), "\n";
    }
};
$code = static fn (string $json): mixed => (json_decode($json, true) ?? [])['error']['code'] ?? null;

$expect('an answer', [0, "{\"on\":[1,3,6],\"pattern\":\"101001000\"}\n", ''], $run('calc dip', '{"address":37,"switches":9,"base":1}'));
[$status, $out, $errors] = $run('calc dip', '{"address":513,"switches":9,"base":1}');
$expect('bad input', [2, '', 'address_out_of_range', "\n"], [$status, $out, $code($errors), substr($errors, -1)]);
[$status, $out, $errors] = $run('calc dip', '');
$expect('no input', [2, '', 'bad_json'], [$status, $out, $code($errors)]);
[$status, $out, $errors] = $run('calc tea', '{}');
$expect('no such topic', [2, '', 'unknown_topic'], [$status, $out, $code($errors)]);
[$status, $out] = $run('calc --list');
$expect('the topics', [0, true], [$status, in_array('light.evaluate', explode("\n", $out), true)]);

$lines = [
    '{"topic":"dip","input":{"on":[1],"base":1}}',
    'nonsense',
    '{"topic":"dip"}',
    '{"input":{}}',
    '',
    '{"topic":"tea","input":{}}',
    '{"topic":"address.span","input":{"address":1,"footprint":1}}',
];
[$status, $out] = $run('calc --lines', implode("\n", $lines));
$answers = explode("\n", trim($out));
$expect(
    'a line each, past the bad ones',
    [0, 7, '{"output":{"address":1}}', 'bad_json', 'missing', 'missing', 'bad_json', 'unknown_topic', true],
    [
        $status,
        count($answers),
        $answers[0],
        $code($answers[1]),
        $code($answers[2]),
        $code($answers[3]),
        $code($answers[4]),
        $code($answers[5]),
        str_contains($answers[6], '"fits":true'),
    ],
);
$expect(
    'the missing members',
    ['input', 'topic'],
    array_map(static fn (string $one): mixed => json_decode($one, true)['error']['field'], [$answers[2], $answers[3]]),
);
[$status, $out] = $run('calc --lines', str_repeat('{"topic":"dip","input":{"address":300,"switches":9,"base":1}}'."\n", 2000));
$expect('2,000 lines', [0, 2000], [$status, substr_count($out, 'pattern')]);

[$status, $out] = $run('check '.escapeshellarg($root.'/demo/fixtures/marram-drum-6.json'));
$expect('findings as text', [0, true], [$status, str_contains($out, 'Programs (8) says nothing about 148–167. (range_gap)')]);
$broken = $copy.'/broken.json';
file_put_contents($broken, str_replace('"count": 9', '"count": 7', (string) file_get_contents($root.'/demo/fixtures/marram-drum-6.json')));
$expect('errors end with 1', 1, $run('check '.escapeshellarg($broken))[0]);
$expect('no such file ends with 2', 2, $run('check nowhere.json')[0]);
$expect('no such command ends with 2', 2, $run('tea')[0]);

exec('rm -rf '.escapeshellarg($copy));
echo "{$passed} passed\n", $failed > 0 ? "{$failed} failed\n" : '';
exit($failed > 0 ? 1 : 0);
