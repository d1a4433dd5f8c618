<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Read\Charset;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Write\CslJson;

/** `bibrel read FILE.html --url URL`: a saved web page in, findings or CSL-JSON out. */
final class ReadPage
{
    /**
     * @param  list<string>  $words
     *
     * @throws UsageError
     */
    public static function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['url', 'as']);
        $reading = WebPage::read(Charset::toUtf8($arguments->input()), $arguments->required('url'));
        $json = match ($arguments->get('as', 'csl-json')) {
            'csl-json' => [CslJson::item($reading->source())],
            'findings' => [[
                'kind' => $reading->kind,
                'findings' => array_map(static fn ($finding): array => $finding->toArray(), array_values($reading->findings)),
                'issues' => array_map(static fn ($issue): array => $issue->toArray(), $reading->issues),
            ]],
            default => throw new UsageError('--as is csl-json or findings.'),
        };

        return json_encode($json, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
