<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

final class SaveSource extends SaveRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->saveRules(),
            'source' => [new Structure('source', required: true), new SourceLimits],
            'aside' => [new Structure('source'), new SourceLimits],
            'dismissed' => [new Structure('list of issues', depth: 3), 'max:'.config('bibrel.limits.source.dismissed')],
            'dismissed.*' => ['string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'dismissed.max' => 'More open points are answered than one source can have. Reload the page.',
            'dismissed.*.max' => 'The name of an open point is too long. Reload the page.',
        ];
    }

    /** @return array<string, mixed> the source's JSON shape, without its id */
    public function sourceData(): array
    {
        return self::shaped((array) $this->input('source'));
    }

    /** @return ?array<string, mixed> what was typed and not chosen */
    public function aside(): ?array
    {
        return is_array($this->input('aside')) ? self::shaped($this->input('aside')) : null;
    }

    /** @return ?list<string> */
    public function dismissed(): ?array
    {
        return is_array($this->input('dismissed')) ? array_values($this->input('dismissed')) : null;
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private static function shaped(array $input): array
    {
        $data = Source::fromArray($input, Kinds::all())->toArray();
        unset($data['id']);

        return $data;
    }
}
