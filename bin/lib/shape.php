<?php

declare(strict_types=1);

// Called by bin/shape: how the code is built, in numbers. Reads files only.

$root = dirname(__DIR__, 2);

/** @return list<string> */
function filesOf(string $root, string $folder, string $ending): array
{
    $found = [];
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        if (str_ends_with((string) $file, $ending)) {
            $found[] = (string) $file;
        }
    }
    sort($found);

    return $found;
}

/** @param  list<int>  $numbers */
function middle(array $numbers): int
{
    sort($numbers);

    return $numbers[intdiv(count($numbers), 2)] ?? 0;
}

/**
 * Every function of a file: name, lines, parameters, whether it returns an array, whether it is a constructor.
 *
 * @return list<array{name: string, lines: int, parameters: int, array: bool, constructor: bool, record: bool}>
 */
function functionsOf(string $file): array
{
    $tokens = PhpToken::tokenize((string) file_get_contents($file));
    $count = count($tokens);
    $found = [];
    for ($i = 0; $i < $count; $i++) {
        if (! $tokens[$i]->is(T_FUNCTION)) {
            continue;
        }
        for ($n = $i + 1; $n < $count && $tokens[$n]->is([T_WHITESPACE, T_COMMENT, '&']); $n++);
        if (! $tokens[$n]->is(T_STRING)) {
            continue;
        }
        $name = $tokens[$n]->text;
        $depth = $parameters = $promoted = 0;
        for ($n++; $n < $count; $n++) {
            $depth += match ($tokens[$n]->text) {
                '(', '[', '{' => 1, ')', ']', '}' => -1, default => 0
            };
            $parameters += $depth === 1 && $tokens[$n]->is(T_VARIABLE) ? 1 : 0;
            $promoted += $depth === 1 && $tokens[$n]->is(T_PUBLIC) ? 1 : 0;
            if ($depth === 0 && $tokens[$n]->text === ')') {
                break;
            }
        }
        for ($type = '', $n++; $n < $count && ! in_array($tokens[$n]->text, ['{', ';'], true); $n++) {
            $type .= $tokens[$n]->text;
        }
        $end = $tokens[$n]->line ?? $tokens[$i]->line;
        $body = '';
        for ($depth = 0; $n < $count && $tokens[$n]->text !== ';' || $depth > 0; $n++) {
            $depth += match (true) {
                in_array($tokens[$n]->text, ['{', '${'], true), $tokens[$n]->is(T_CURLY_OPEN) => 1,
                $tokens[$n]->text === '}' => -1, default => 0
            };
            $end = $tokens[$n]->line;
            if ($depth === 0 && $tokens[$n]->text === '}') {
                break;
            }
            $body .= $depth === 1 && $tokens[$n]->text === '{' ? '' : trim($tokens[$n]->text);
        }
        $found[] = [
            'name' => basename($file, '.php').'::'.$name, 'lines' => $end - $tokens[$i]->line + 1,
            'parameters' => $parameters, 'array' => preg_match('/:\s*\??array\b/', $type) === 1,
            'constructor' => $name === '__construct',
            // A plain record: every parameter is a public property, and nothing is done with them.
            'record' => $promoted === $parameters && $body === '',
        ];
    }

    return $found;
}

foreach (['core/src', 'app'] as $folder) {
    $files = filesOf($root, $folder, '.php');
    $lines = array_map(static fn (string $f): int => count(file($f) ?: []), $files);
    $long = 0;
    foreach ($files as $file) {
        $long += count(
            array_filter(file($file, FILE_IGNORE_NEW_LINES) ?: [], static fn (string $l): bool => mb_strlen($l) > 120),
        );
    }
    $functions = array_merge(...array_map(functionsOf(...), $files));
    $methods = array_values(array_filter($functions, static fn (array $f): bool => ! $f['constructor']));
    $constructors = array_values(array_filter($functions, static fn (array $f): bool => $f['constructor']));
    usort($methods, static fn (array $a, array $b): int => $b['lines'] <=> $a['lines']);
    usort($constructors, static fn (array $a, array $b): int => $b['parameters'] <=> $a['parameters']);
    $say = static fn (array $some, string $what): string => implode(
        ', ', array_map(static fn (array $f): string => $f['name'].' '.$f[$what], array_slice($some, 0, 5)),
    );
    $arrays = count(array_filter($methods, static fn (array $m): bool => $m['array']));
    printf("%s\n", $folder);
    printf(
        "  %-34s %d files, %d lines, median %d, longest %d\n", 'size', count($files), array_sum($lines), middle($lines),
        max($lines),
    );
    printf("  %-34s %d (%.1f %%)\n", 'lines over 120', $long, 100 * $long / array_sum($lines));
    printf(
        "  %-34s %d of %d over 40 lines; %s\n",
        'methods',
        count(array_filter($methods, static fn (array $m): bool => $m['lines'] > 40)),
        count($methods),
        $say($methods, 'lines'),
    );
    printf(
        "  %-34s %d over 6 parameters, and %d plain records; %s\n",
        'constructors',
        count(array_filter($constructors, static fn (array $c): bool => $c['parameters'] > 6 && ! $c['record'])),
        count(array_filter($constructors, static fn (array $c): bool => $c['parameters'] > 6 && $c['record'])),
        $say($constructors, 'parameters'),
    );
    printf("  %-34s %d (%.1f %%)\n", 'methods that return arrays', $arrays, 100 * $arrays / max(1, count($methods)));
}

/** The rooms of the core, lowest first, as the architecture test has them. */
preg_match(
    "/const ROOMS = \[(.*?)\];/s", (string) file_get_contents("$root/tests/Architecture/DirectionTest.php"), $found,
);
preg_match_all("/'(\w+)'/", $found[1] ?? '', $rooms);
$back = 0;
echo "rooms of core/src\n";
foreach ($rooms[1] as $rank => $room) {
    $uses = [];
    foreach (filesOf($root, "core/src/$room", '.php') as $file) {
        preg_match_all('/^use BuoyantStep\\\\Core\\\\(\w+)\\\\/m', (string) file_get_contents($file), $used);
        foreach ($used[1] as $other) {
            if ($other !== $room) {
                $uses[$other] = ($uses[$other] ?? 0) + 1;
                $back += array_search($other, $rooms[1], true) > $rank ? 1 : 0;
            }
        }
    }
    arsort($uses);
    printf(
        "  %-34s %s\n",
        $room,
        implode(', ', array_map(static fn (string $r, int $n): string => "$r $n", array_keys($uses), $uses)),
    );
}
printf("  %-34s %d\n", 'imports that run back', $back);
