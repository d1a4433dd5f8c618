<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\WebAddress;

/** Where they come from: a site by its host, a periodical by its name, a publisher by its own. */
final class BySite implements Measure
{
    public function id(): string
    {
        return 'site';
    }

    public function label(): string
    {
        return 'Where they come from';
    }

    public function sorts(): array
    {
        return [];
    }

    public function of(Source $source): string
    {
        foreach ($source->containers as $container) {
            $host = (string) parse_url((new WebAddress($container->url))->clean(), PHP_URL_HOST);
            if ($host !== '') {
                return (string) preg_replace('/^www\./', '', strtolower($host));
            }
        }
        $container = $source->container();

        return $container->title ?: $container->publisher ?: 'Not known';
    }
}
