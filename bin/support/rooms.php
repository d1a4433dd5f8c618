<?php

declare(strict_types=1);

// Checks what the core names: its own rooms in the order below, PHP's classes, and the libraries that core/composer.json
// lists under extra.libraries; nothing that opens a connection. Prints what does not keep to it, one line each.
//   php bin/support/rooms.php [folder of the tree]

/** Which rooms a room may name besides itself: data flows one way (docs/architecture.md). */
const MAY_NAME = [
    'Text' => ['Source'],
    'Source' => ['Text'],
    'Style' => ['Text', 'Source'],
    'Page' => ['Text', 'Source', 'Style'],
    'Format' => ['Text', 'Source', 'Style', 'Page'],
    'Read' => ['Text', 'Source', 'Format'],
    'Check' => ['Text', 'Source', 'Style', 'Read'],
    'Draft' => ['Text', 'Source', 'Style', 'Page', 'Format', 'Read'],
    'Mix' => ['Text', 'Source', 'Style', 'Read'],
    'Note' => ['Text', 'Source', 'Style'],
    'Cli' => ['Text', 'Source', 'Style', 'Page', 'Format', 'Read', 'Check', 'Draft', 'Mix', 'Note'],
];

const CONNECTS = '/\b(?:curl_\w+|fsockopen|p?fsockopen|stream_socket_client|mysqli\w*|PDO)\b/';

/** @return list<string> the classes and functions a file takes in, or names in full */
function named(string $code): array
{
    $names = [];
    $last = null;
    foreach (PhpToken::tokenize($code) as $token) {
        if ($token->isIgnorable() || $token->is(['function', 'const']) && $last === 'use') {
            continue;
        }
        if ($token->is(T_NAME_FULLY_QUALIFIED) || $last === 'use' && $token->is([T_NAME_QUALIFIED, T_STRING])) {
            $names[] = ltrim($token->text, '\\');
        }
        $last = $token->text;
    }

    return $names;
}

$tree = $argv[1] ?? '.';
$libraries = json_decode((string) file_get_contents("{$tree}/core/composer.json"), true)['extra']['libraries'] ?? [];
$wrong = [];
foreach (['core/src', 'core/kinds', 'core/data'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$tree}/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() !== 'php') {
            continue;
        }
        $name = substr((string) $file, strlen($tree) + 1);
        $room = preg_match('~^core/src/(\w+)/~', $name, $m) === 1 ? $m[1] : 'Cli';
        $code = (string) file_get_contents((string) $file);
        if (! isset(MAY_NAME[$room])) {
            $wrong[] = "{$name} stands in a room bin/support/rooms.php does not know.";
        }
        if (preg_match(CONNECTS, $code, $m) === 1) {
            $wrong[] = "{$name} names {$m[0]}, and the core opens no connection.";
        }
        foreach (named($code) as $class) {
            $own = preg_match('/^Bibrel\\\\Core\\\\(\w+)/', $class, $m) === 1 ? $m[1] : null;
            $isLibrary = array_filter($libraries, static fn (string $space): bool => str_starts_with($class, $space)) !== [];
            if ($own !== null ? $own !== $room && ! in_array($own, MAY_NAME[$room] ?? [], true) : str_contains($class, '\\') && ! $isLibrary) {
                $wrong[] = "{$name} names {$class}, which its room may not.";
            }
        }
    }
}
echo implode("\n", $wrong), $wrong === [] ? '' : "\n";
exit($wrong === [] ? 0 : 1);
