<?php

declare(strict_types=1);

// Reads one document from outside, for app/Lookup/ReadingProcess.php: the request as serialized plain values on standard
// input, the reading as JSON on standard output. Whoever starts it sets the limits of time and memory.

use Bibrel\Core\Draft\DraftDesk;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Image\ImageFile;
use Bibrel\Core\Read\Records;
use Bibrel\Core\Read\Web\LinkedDocuments;
use Bibrel\Core\Text\Charset;

require __DIR__.'/../../core/autoload.php';

/**
 * @var array{
 *     what: 'links'|'page'|'picture'|'citation'|'records'|'draft'|'append', body: string, type?: string, url?: string,
 *     linked?: array<string, string>, most?: int, style?: string, course?: array<string, mixed>,
 *     sources?: list<array<string, mixed>>, meant?: array<string, string>, replaces?: bool, onlyCited?: bool,
 *     mends?: list<string>
 * } $asked
 */
$asked = unserialize((string) stream_get_contents(STDIN), ['allowed_classes' => false]);
$html = static fn (): string => (new Charset($asked['body']))->toUtf8($asked['type'] ?? '');
$url = $asked['url'] ?? '';

try {
    $read = match ($asked['what']) {
        'links' => LinkedDocuments::of($html(), $url),
        'page' => LinkedDocuments::read($html(), $url, $asked['linked'] ?? [])->toArray(),
        'picture' => (new ImageFile($asked['body'], $url))->reading()->toArray(),
        'citation' => (new FinishedCitation($asked['body']))->reading()->toArray(),
        'draft' => DraftDesk::of($asked)->view($asked['body']),
        'append' => DraftDesk::of($asked)->withPage(
            $asked['body'],
            $asked['replaces'] ?? false,
            $asked['onlyCited'] ?? false,
            $asked['mends'] ?? [],
        ),
        'records' => (new Records($asked['body']))->read($asked['most'] ?? PHP_INT_MAX),
    };
    $answer = ['read' => $read];
} catch (Unreadable $problem) {
    $answer = ['unreadable' => $problem->getMessage()];
}
echo json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
