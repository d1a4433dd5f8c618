<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Exchange\JsonObjects;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Text\Charset;

/** `bibrel read FILE.html --url URL`: a saved web page in, findings or CSL-JSON out. */
final class Read implements Command
{
    public static function usage(): string
    {
        return 'FILE.html [--url URL] [--as csl-json|findings]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['url', 'as']);
        $reading = WebPage::read((new Charset($arguments->input()))->toUtf8(), $arguments->required('url'));

        return JsonObjects::write([match ($arguments->get('as', 'csl-json')) {
            'csl-json' => (new CslJson)->item($reading->source()),
            'findings' => self::findings($reading),
            default => throw new UsageError('--as is csl-json or findings.'),
        }]);
    }

    /** @return array<string, mixed> */
    private static function findings(Reading $reading): array
    {
        return [
            'kind' => $reading->kind,
            'findings' => array_map(static fn (Finding $one): array => $one->toArray(), array_values($reading->findings)),
            'issues' => array_map(static fn (Issue $one): array => $one->toArray(), $reading->issues),
        ];
    }
}
