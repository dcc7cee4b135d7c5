<?php

use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\Ternary;
use PhpParser\Node\Param;
use PhpParser\Node\Stmt\Class_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/* The core knows football and nothing else, and its folders depend on each other in one direction. */

const ORDER = [
    ['School'], ['Field'], ['Kinematics'], ['Offense', 'Defense'], ['Route', 'Blocking'], ['Concept'], ['Words'],
    ['Proof'], ['Truth'], ['Film'], ['Grade'], ['Plan'],
];

/** The floors of the proof; what stands in the folder itself proves calls of any kind. */
const FLOORS = [['Scene'], ['Play'], ['Throwing'], ['Keys', 'Run'], ['Pass'], [''], ['Sheet'], ['Telling']];

/** @return list<SplFileInfo> every PHP file of a folder of the project and of the folders in it */
function phpFilesIn(string $folder): array
{
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS),
    );

    return array_values(array_filter(
        iterator_to_array($files, false),
        fn (SplFileInfo $file): bool => $file->getExtension() === 'php',
    ));
}

arch('the core uses no framework')->expect('Jacotaxis\Core')->not->toUse(['Illuminate', 'Laravel', 'App', 'Symfony']);

arch('the core reads no clock, file, database or random source')
    ->expect('Jacotaxis\Core')
    ->not->toUse([
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'file_get_contents',
        'fopen',
        'file_put_contents',
        'getenv',
        'PDO',
    ]);

arch('values are final')
    ->expect('Jacotaxis\Core')
    ->classes()
    ->toBeFinal()
    ->ignoring('Jacotaxis\Core\Proof\Play\Behaviour\Mover');

arch('nothing is left for debugging')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

arch('strict types')->expect('Jacotaxis\Core')->toUseStrictTypes();

it('points its arrows inward', function (string $folder, array $allowed): void {
    $wrong = [];
    foreach (phpFilesIn("core/$folder") as $file) {
        preg_match_all('/Jacotaxis\\\\Core\\\\(\w+)/', file_get_contents($file->getPathname()), $found);
        foreach (array_diff(array_unique($found[1]), $allowed) as $other) {
            $wrong[] = "{$file->getFilename()} uses $other";
        }
    }
    expect($wrong)->toBe([]);
})->with(function (): Generator {
    $seen = [];
    foreach (ORDER as $level) {
        foreach ($level as $folder) {
            if (is_dir(dirname(__DIR__, 2)."/core/$folder")) {
                // Two folders of one level may share: the defense aligns on the offense's count.
                yield $folder => [$folder, [...$seen, ...$level]];
            }
        }
        $seen = [...$seen, ...$level];
    }
});

/** @return array<string, list<string>> floors a file of the proof uses, by its path in the folder */
function usedFloors(string $floor): array
{
    $proof = dirname(__DIR__, 2).'/core/Proof';
    $files =
        $floor === ''
            ? glob("$proof/*.php")
            : array_map(fn (SplFileInfo $file): string => $file->getPathname(), phpFilesIn("core/Proof/$floor"));
    $used = [];
    foreach ($files as $file) {
        preg_match_all(
            '/Jacotaxis\\\\Core\\\\Proof\\\\((?:\w+\\\\)*)\w+/',
            (string) preg_replace('/^namespace .*$/m', '', (string) file_get_contents($file)),
            $found,
        );
        $used[basename($file)] = array_values(
            array_unique(array_map(fn (string $in): string => explode('\\', $in)[0], $found[1])),
        );
    }

    return $used;
}

it('stands in floors: no floor of the proof uses one above it', function (string $floor, array $allowed): void {
    $used = usedFloors($floor);
    expect($used)->not->toBe([]);
    foreach ($used as $file => $floors) {
        expect(array_diff($floors, $allowed))->toBe([], "$floor/$file");
    }
})->with(function (): Generator {
    $seen = [];
    foreach (FLOORS as $level) {
        foreach ($level as $floor) {
            yield $floor === '' ? 'the folder itself' : $floor => [$floor, [...$seen, $floor]];
        }
        $seen = [...$seen, ...$level];
    }
});

it('knows every floor of the proof', function (): void {
    $folders = array_map(basename(...), array_filter(glob(dirname(__DIR__, 2).'/core/Proof/*'), is_dir(...)));
    expect($folders)->toEqualCanonicalizing(array_filter(array_merge(...FLOORS), fn (string $f): bool => $f !== ''));
});

it('names no concept in the simulator', function (): void {
    $families = array_keys(Jacotaxis\Core\Concept\Families\Families::all());
    foreach (glob(dirname(__DIR__, 2).'/core/Proof/{*.php,*/*.php,*/*/*.php}', GLOB_BRACE) as $file) {
        foreach ($families as $name) {
            // A family whose name is an ordinary word is looked for as a string of its own that is no key of an answer.
            $pattern = preg_match('/^[a-z]+$/', $name)
                ? "/['\"]{$name}['\"](?!\s*=>)/i"
                : '/'.preg_quote($name, '/').'/i';
            expect(preg_match($pattern, file_get_contents($file)))->toBe(0, basename($file)." names $name");
        }
    }
});

it('has no class and no public method in the core that only a test calls', function (): void {
    $root = dirname(__DIR__, 2);
    $files = [];
    foreach (['core', 'app', 'routes', 'database'] as $folder) {
        foreach (phpFilesIn($folder) as $file) {
            $files[$file->getPathname()] = (string) file_get_contents($file->getPathname());
        }
    }
    $all = implode("\n", $files);
    $dead = [];
    foreach ($files as $path => $text) {
        if (! str_starts_with($path, "$root/core/")) {
            continue;
        }
        $class = basename($path, '.php');
        if (preg_match_all("/\b$class\b/", $all) === preg_match_all("/\b$class\b/", $text)) {
            $dead[] = $class;
        }
        preg_match_all('/^    public (?:static )?function (?!__)(\w+)\(/m', $text, $found);
        foreach ($found[1] as $method) {
            if (preg_match("/(?:->|::)$method\b/", $all) !== 1) {
                $dead[] = "$class::$method";
            }
        }
    }
    expect($dead)->toBe([]);
});

it('keeps its lines under 120 columns; only a test\'s sentence may stand whole', function (): void {
    $long = [];
    foreach (['core', 'app', 'tests', 'database', 'routes'] as $folder) {
        foreach (phpFilesIn($folder) as $file) {
            foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) as $n => $line) {
                $bare = preg_replace('/\'(?:[^\'\\\\]|\\\\.){50,}\'|"(?:[^"\\\\]|\\\\.){50,}"/', "''", $line);
                $whole = $bare !== $line && mb_strlen($bare) <= 100;
                if (mb_strlen($line) > 120 && ! ($whole && $folder === 'tests')) {
                    $long[] = $file->getFilename().':'.($n + 1);
                }
            }
        }
    }
    expect($long)->toBe([]);
});

it('takes ten or more parameters only for a record, a final class whose fields they are', function (string $folder): void {
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    $finder = new NodeFinder;
    $wide = [];
    foreach (phpFilesIn($folder) as $file) {
        $statements = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
        foreach ($finder->findInstanceOf($statements, Class_::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $others = array_filter(
                    $method->params,
                    fn (Param $p): bool => ! $p->isPromoted() && $class->getProperty((string) $p->var->name) === null,
                );
                $isRecord = $class->isFinal() && $method->name->toString() === '__construct' && $others === [];
                if (count($method->params) >= 10 && ! $isRecord) {
                    $wide[] = "$class->name::$method->name";
                }
            }
        }
    }
    expect($wide)->toBe([]);
})->with(['core', 'app']);

it('names what it passes, where ten or more are passed', function (string $folder): void {
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    $finder = new NodeFinder;
    $bare = [];
    foreach (phpFilesIn($folder) as $file) {
        $statements = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
        foreach ($finder->findInstanceOf($statements, CallLike::class) as $call) {
            $unnamed = array_filter(
                $call->isFirstClassCallable() ? [] : $call->getArgs(),
                fn (Arg $a): bool => $a->name === null,
            );
            if (count($unnamed) >= 10) {
                $bare[] = "{$file->getFilename()}:{$call->getStartLine()}";
            }
        }
    }
    expect($bare)->toBe([]);
})->with(['core', 'app', 'database']);

it('nests no choice in a choice: what has more than two ways is a match', function (string $folder): void {
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    $finder = new NodeFinder;
    $nested = [];
    foreach (phpFilesIn($folder) as $file) {
        $statements = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
        foreach ($finder->findInstanceOf($statements, Ternary::class) as $choice) {
            foreach ([$choice->cond, $choice->if, $choice->else] as $part) {
                if ($part instanceof Ternary) {
                    $nested[] = "{$file->getFilename()}:{$choice->getStartLine()}";
                }
            }
        }
    }
    expect($nested)->toBe([]);
})->with(['core', 'app']);
