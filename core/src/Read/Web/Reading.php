<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;

/** What reading a page came to: a kind, one finding a field, remarks, and the visible text. */
final readonly class Reading
{
    /**
     * @param  array<string, Finding>  $findings  by field
     * @param  list<Remark>  $remarks
     * @param  list<array{tag: string, text: string}>  $copy
     */
    public function __construct(public string $kind, public string $url, public array $findings, public array $remarks, public array $copy)
    {
    }

    /** The source with every finding that is more than a guess filled in. */
    public function source(string $id = '', string $accessed = ''): Source
    {
        $container = ['url' => $this->url];
        foreach ($this->findings as $field => $finding) {
            if (str_starts_with($field, 'containers.0.') && is_string($finding->value) && $this->fills($finding)) {
                $container[substr($field, 13)] = $finding->value;
            }
        }

        return new Source(
            $id,
            Kinds::all()->get($this->kind),
            new Title($this->text('title.main')),
            $this->people(),
            [Container::fromArray($container)],
            accessed: $accessed,
            language: $this->text('language'),
            reached: 'web',
        );
    }

    /** A guess is shown beside the field, not in it. */
    public function fills(Finding $finding): bool
    {
        return $finding->confidence !== Confidence::Guess;
    }

    private function text(string $field): string
    {
        $finding = $this->findings[$field] ?? null;

        return $finding !== null && is_string($finding->value) && $this->fills($finding) ? $finding->value : '';
    }

    /** @return list<Contributor> */
    private function people(): array
    {
        $finding = $this->findings['contributors'] ?? null;

        return $finding !== null && is_array($finding->value) && $this->fills($finding) ? $finding->value : [];
    }
}
