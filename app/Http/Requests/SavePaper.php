<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use Illuminate\Validation\Rule;

final class SavePaper extends SaveRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->saveRules(),
            'title' => ['present', 'nullable', 'string', 'max:300'],
            'style' => ['required', Rule::in(array_keys(Styles::all()))],
            'surname' => ['nullable', 'string', 'max:120'],
            'className' => ['nullable', 'string', 'max:120'],
            'dueOn' => ['nullable', 'date_format:Y-m-d'],
            'question' => ['nullable', 'string', 'max:600'],
            'asked' => [new Structure('list of what is asked', depth: 5, bytes: 8000)],
            'course' => [new Structure('set of course rules', depth: 4, bytes: 4000)],
            'aside' => [new Structure('set of settings', depth: 5, bytes: 8000)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'title.max' => 'The title of the paper is longer than 300 characters. Shorten it.',
            'surname.max' => 'The name for the running head is longer than 120 characters. Shorten it.',
            'className.max' => 'The name of the course is longer than 120 characters. Shorten it.',
            'dueOn.date_format' => 'The day it is due is no day. Choose one from the calendar.',
            'question.max' => 'The research question is longer than 600 characters. Shorten it.',
            'style.in' => 'There is no such style.',
        ];
    }

    /** @return array<string, mixed> the settings, whole */
    public function settings(): array
    {
        return self::whole($this->all());
    }

    /** @return ?array<string, mixed> settings that were typed and not chosen */
    public function aside(): ?array
    {
        return is_array($this->input('aside')) ? self::whole($this->input('aside') + $this->settings()) : null;
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private static function whole(array $input): array
    {
        $text = static fn (string $key): string => is_string($input[$key] ?? null) ? $input[$key] : '';
        $array = static fn (string $key): array => is_array($input[$key] ?? null) ? $input[$key] : [];

        return [
            'title' => mb_substr($text('title'), 0, 300),
            'class_name' => mb_substr($text('className'), 0, 120),
            'due_on' => $text('dueOn') ?: null,
            'question' => mb_substr($text('question'), 0, 600),
            'style' => $text('style'),
            'surname' => mb_substr($text('surname'), 0, 120),
            'course' => CourseRules::fromArray($array('course'))->toArray(),
            'asked' => Asked::fromArray(['style' => ''] + $array('asked'))->toArray(),
        ];
    }
}
