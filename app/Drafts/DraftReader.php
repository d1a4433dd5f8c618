<?php

declare(strict_types=1);

namespace Bibrel\App\Drafts;

use Bibrel\App\Lookup\LimitedProcess;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Models\DraftRecord;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;

/** Reads a draft, and gives it back with the page, in a process of its own. */
final readonly class DraftReader
{
    private const TOO_MUCH = 'The draft could not be read within half a minute. Take out large pictures and tables, or paste its '
        .'text instead.';

    public function __construct(private LimitedProcess $process)
    {
    }

    /**
     * @return array<string, mixed> as Bibrel\Core\Draft\DraftView tells it
     *
     * @throws LookupFailed
     */
    public function view(DraftRecord $draft, Paper $paper): array
    {
        return $this->process->ask('draft', [
            ...$this->asked($draft->bytes, $paper), 'meant' => $draft->meant,
        ], self::TOO_MUCH);
    }

    /**
     * @param  bool  $replaces  whether the page takes the place of the list that stands there
     * @param  bool  $onlyCited  whether sources that are never cited are left out of it
     * @param  list<string>  $mends  ids of issues that are put right in the copy
     * @return array{bytes: string, mediaType: string, extension: string}
     *
     * @throws LookupFailed
     */
    public function withPage(DraftRecord $draft, Paper $paper, bool $replaces, bool $onlyCited, array $mends): array
    {
        $answer = $this->process->ask('append', [
            ...$this->asked($draft->bytes, $paper), 'meant' => $draft->meant,
            'replaces' => $replaces, 'onlyCited' => $onlyCited, 'mends' => $mends,
        ], self::TOO_MUCH);

        return [
            'bytes' => (string) base64_decode((string) $answer['bytes'], true),
            'mediaType' => (string) $answer['mediaType'],
            'extension' => (string) $answer['extension'],
        ];
    }

    /** @return array<string, mixed> */
    private function asked(string $bytes, Paper $paper): array
    {
        return [
            'body' => $bytes,
            'style' => $paper->style,
            'course' => $paper->courseRules()->toArray(),
            'sources' => array_values($paper->sources
                ->map(static fn (SourceRecord $one): array => $one->source()->toArray())->all()),
        ];
    }
}
