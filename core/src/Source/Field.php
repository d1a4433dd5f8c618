<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** One field of a kind's form: what it is called there, how much it matters, and help in four short sentences. */
final readonly class Field
{
    /**
     * @param  string  $what  what the field is
     * @param  string  $where  where on the source to look
     * @param  string  $example  an invented value
     * @param  string  $mistake  the common slip
     */
    public function __construct(
        public FieldPath $path,
        public string $label,
        public Need $need = Need::Optional,
        public string $what = '',
        public string $where = '',
        public string $example = '',
        public string $mistake = '',
    ) {
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return [
            'path' => $this->path->key,
            'label' => $this->label,
            'need' => $this->need->value,
            'what' => $this->what,
            'where' => $this->where,
            'example' => $this->example,
            'mistake' => $this->mistake,
        ];
    }
}
