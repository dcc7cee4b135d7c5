<?php

/*
 * Do the tests notice when a rule is changed? Takes a sample of small changes (a comparison, a sign, an "and" for an
 * "or", a negation, a truth value) in some folders of the core, one at a time, in a copy of the project, and runs the
 * tests that should fail. What survives is told with file and line.
 *
 * php scripts/mutants.php core/Grade/Deciding tests/Core/Grade [how many, 40] [seed, 1]
 */

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** What an operator is changed to. */
const OPERATORS = [
    '>=' => '>', '>' => '>=', '<=' => '<', '<' => '<=', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&',
    '+' => '-', '-' => '+', '*' => '/',
];

[, $folder, $tests] = $argv + [1 => 'core/Grade/Deciding', 2 => 'tests/Core/Grade'];
$wanted = (int) ($argv[3] ?? 40);
mt_srand((int) ($argv[4] ?? 1));

/** @return list<array{file: string, line: int, at: int, length: int, to: string, was: string}> */
function mutantsOf(string $file): array
{
    $code = (string) file_get_contents($file);
    $found = [];
    $add = function (Node $node, int $at, int $length, string $to) use (&$found, $file, $code): void {
        $found[] = ['file' => $file, 'line' => $node->getStartLine(), 'at' => $at, 'length' => $length, 'to' => $to,
            'was' => substr($code, $at, $length)];
    };
    $tree = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
    foreach ((new NodeFinder)->find($tree, fn (Node $n): bool => $n instanceof Node\Expr) as $node) {
        if ($node instanceof Node\Expr\BinaryOp && isset(OPERATORS[$node->getOperatorSigil()])) {
            $sigil = $node->getOperatorSigil();
            $from = $node->left->getEndFilePos() + 1;
            $at = strpos($code, $sigil, $from);
            if ($at !== false && $at < $node->right->getStartFilePos()) {
                $add($node, $at, strlen($sigil), OPERATORS[$sigil]);
            }
        } elseif ($node instanceof Node\Expr\BooleanNot) {
            $add($node, $node->getStartFilePos(), 1, '');
        } elseif (
            $node instanceof Node\Expr\ConstFetch &&
            in_array($node->name->toLowerString(), ['true', 'false'], true)
        ) {
            $to = $node->name->toLowerString() === 'true' ? 'false' : 'true';
            $add($node, $node->getStartFilePos(), strlen($node->name->toString()), $to);
        }
    }

    return $found;
}

$copy = sys_get_temp_dir().'/jx-mutants-'.getmypid();
$root = dirname(__DIR__);
$leaveOut = '--exclude=./node_modules --exclude=./.git --exclude=./storage/app';
passthru("mkdir -p $copy && cd $root && tar cf - $leaveOut . | tar xf - -C $copy");
chdir($copy);

/** Whether the tests pass as the code stands. */
function passes(string $tests): bool
{
    exec("timeout 300 php -d memory_limit=1G vendor/bin/pest --bail $tests > /dev/null 2>&1", $said, $exit);

    return $exit === 0;
}

if (! passes($tests)) {
    exec('rm -rf '.escapeshellarg($copy));
    exit("The tests do not pass as the code stands: $tests\n");
}
$all = [];
$files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
foreach ($files as $file) {
    array_push($all, ...mutantsOf($file->getPathname()));
}
usort($all, fn (array $a, array $b): int => [$a['file'], $a['at']] <=> [$b['file'], $b['at']]);
$some = [];
while (count($some) < min($wanted, count($all))) {
    $n = mt_rand(0, count($all) - 1);
    $some[$n] = $all[$n];
}
$killed = 0;
foreach ($some as $mutant) {
    $code = (string) file_get_contents($mutant['file']);
    file_put_contents($mutant['file'], substr_replace($code, $mutant['to'], $mutant['at'], $mutant['length']));
    $lives = passes($tests);
    file_put_contents($mutant['file'], $code);
    $killed += $lives ? 0 : 1;
    if ($lives) {
        echo "lives: {$mutant['file']}:{$mutant['line']} \"{$mutant['was']}\" became \"{$mutant['to']}\"\n";
    }
}
printf("%s: %d of %d mutants die (%d in all)\n", $folder, $killed, count($some), count($all));
exec('rm -rf '.escapeshellarg($copy));
