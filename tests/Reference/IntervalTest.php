<?php

use Jacotaxis\Core\Grade\Interval;

it('gives the interval of Wilson (1927) that scipy.stats gives', function (): void {
    $cases = [[0, 5], [1, 3], [3, 4], [9, 10], [20, 20], [137, 200], [1, 1000]];
    $script = <<<'PY'
import json, sys
from scipy.stats import binomtest
print(json.dumps([list(binomtest(k, n).proportion_ci(method='wilson')) for k, n in json.loads(sys.argv[1])]))
PY;
    $file = tempnam(sys_get_temp_dir(), 'jx');
    file_put_contents($file, $script);
    $theirs = json_decode(
        (string) shell_exec('/usr/bin/python3 '.escapeshellarg($file).' '.escapeshellarg(json_encode($cases))),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    unlink($file);
    foreach ($cases as $i => [$k, $n]) {
        $ours = Interval::of($k, $n);
        expect([$ours->low, $ours->high])->toEqualWithDelta($theirs[$i], 1e-9);
    }
});
